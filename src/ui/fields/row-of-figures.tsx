'use client';
import { Input } from '@chakra-ui/react';
import { useState } from 'react';
import { useController } from 'react-hook-form';
import type { Dimension } from '@/core/base/units';
import { useBriefForm } from '../brief/form-context';
import { useUnits } from '../preferences';
import { Field } from './field';
import { WithUnit } from './with-unit';
import { readFigure, showFigure, unitOf } from './numbers';

/** Figures that belong together in one box, kept as a list; all of them emptied is "not known". */
export function RowOfFigures({
  path,
  label,
  help,
  names,
  dimension = null,
  unit,
}: {
  readonly path: string;
  readonly label: string;
  readonly help: string;
  /** What each figure is called, in their order. */
  readonly names: readonly string[];
  readonly dimension?: Dimension | null;
  /** Unit of figures without a dimension. */
  readonly unit?: string;
}) {
  const { control, confirm, issues } = useBriefForm();
  const { field } = useController({ name: path, control });
  const [units] = useUnits();
  const [typed, setTyped] = useState<{ i: number; text: string } | null>(null);
  const value = (Array.isArray(field.value) ? field.value : names.map(() => null)) as (number | string | null)[];
  const suffix = dimension === null ? unit : unitOf(dimension, units);
  return (
    <Field path={path} label={label} help={help} group>
      {() => (
        <WithUnit unit={suffix}>
          {names.map((name, i) => (
            <Input
              key={name}
              aria-label={dimension === null ? name : `${name}, ${suffix}`}
              aria-invalid={issues.has(`${path}.${i}`)}
              inputMode="decimal"
              textAlign="end"
              value={typed?.i === i ? typed.text : showFigure(value[i] ?? null, dimension, units)}
              onFocus={() => setTyped({ i, text: showFigure(value[i] ?? null, dimension, units) })}
              onBlur={() => setTyped(null)}
              onChange={(event) => {
                setTyped({ i, text: event.target.value });
                const next = names.map((_, at) => value[at] ?? null);
                next[i] = readFigure(event.target.value, dimension, units);
                field.onChange(next.every((x) => x === null) ? null : next);
                confirm(path);
              }}
            />
          ))}
        </WithUnit>
      )}
    </Field>
  );
}
