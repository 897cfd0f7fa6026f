'use client';
import { Flex, Input } from '@chakra-ui/react';
import { useState } from 'react';
import { useController } from 'react-hook-form';
import { Field } from '../fields/field';
import { readFigure, showFigure } from '../fields/numbers';
import { Choice, Unit } from '../kit';
import { useBriefForm } from './form-context';

const MODES = [
  ['any', 'as the route needs'],
  ['degrees', 'at most, in degrees'],
  ['none', 'none'],
] as const;

/** As the route needs, none, or so many degrees. */
export function DraftField() {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: 'geometry.draftAllowed', control });
  const value = field.value as boolean | number | string | null;
  const mode =
    value === true ? 'any' : value === false ? 'none' : value === null || value === undefined ? '' : 'degrees';
  const [typed, setTyped] = useState<string | null>(null);
  const set = (next: boolean | number | string | null): void => {
    field.onChange(next);
    confirm('geometry.draftAllowed');
  };
  return (
    <Field path="geometry.draftAllowed" label="Draft allowed" help="Walls along the draw need draft to release.">
      {({ id, describedBy }) => (
        <Flex align="baseline" gap="2">
          <Choice
            id={id}
            aria-describedby={describedBy}
            options={MODES}
            empty="not known"
            value={mode}
            onChange={(e) => set({ any: true, none: false, degrees: 1, '': null }[e.target.value] ?? null)}
          />
          {mode === 'degrees' && (
            <>
              <Input
                id={`${id}-degrees`}
                aria-label="Degrees of draft allowed"
                inputMode="decimal"
                maxW="15"
                textAlign="end"
                value={typed ?? showFigure(value as number | string, null, 'si')}
                onBlur={() => setTyped(null)}
                onChange={(e) => {
                  setTyped(e.target.value);
                  set(readFigure(e.target.value, null, 'si') ?? '');
                }}
              />
              <Unit>°</Unit>
            </>
          )}
        </Flex>
      )}
    </Field>
  );
}
