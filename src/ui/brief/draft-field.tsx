'use client';
import { Input } from '@chakra-ui/react';
import { useState } from 'react';
import { useController } from 'react-hook-form';
import { Field } from '../fields/inputs';
import { readFigure, showFigure } from '../fields/numbers';
import { useBriefForm } from './form-context';

/** As the route wants, none, or so many degrees. */
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
    <Field path="geometry.draftAllowed" label="Draft allowed" help="Walls along the draw must lean, or they stick.">
      {(id, described, bad) => (
        <div className={bad ? 'inbox is-bad' : 'inbox'}>
          <select
            id={id}
            aria-describedby={described}
            value={mode}
            onChange={(e) => set({ any: true, none: false, degrees: 1, '': null }[e.target.value] ?? null)}
          >
            <option value="">not known</option>
            <option value="any">as the route wants</option>
            <option value="degrees">at most, in degrees</option>
            <option value="none">none</option>
          </select>
          {mode === 'degrees' && (
            <>
              <Input
                aria-label="Degrees of draft allowed"
                inputMode="decimal"
                style={{ maxWidth: 60, textAlign: 'right' }}
                value={typed ?? showFigure(value as number | string, null, 'si')}
                onBlur={() => setTyped(null)}
                onChange={(e) => {
                  setTyped(e.target.value);
                  set(readFigure(e.target.value, null, 'si') ?? '');
                }}
              />
              <span className="suffix">°</span>
            </>
          )}
        </div>
      )}
    </Field>
  );
}
