'use client';
import { Input } from '@chakra-ui/react';
import { useState } from 'react';
import { useController } from 'react-hook-form';
import type { Dimension } from '@/core/base/units';
import { useBriefForm } from '../brief/form-context';
import { useUnits } from '../preferences';
import { readFigure, showFigure, type Typed } from './numbers';

/** The input of a figure, without its frame. What cannot be read stays as typed. */
export function FigureInput({
  id,
  path,
  dimension,
  describedBy,
  bad,
  label,
}: {
  readonly id?: string;
  readonly path: string;
  readonly dimension: Dimension | null;
  readonly describedBy?: string | undefined;
  readonly bad: boolean;
  /** Its name in a table, where no label stands beside it. */
  readonly label?: string;
}) {
  const { control, confirm } = useBriefForm();
  const { field } = useController({ name: path, control });
  const { ref, onChange, onBlur } = field;
  const value = field.value as Typed | undefined;
  const [units] = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Input
      {...(id === undefined ? {} : { id })}
      {...(label === undefined ? {} : { variant: 'flushed' as const, textAlign: 'end' as const })}
      aria-label={label}
      inputMode="decimal"
      autoComplete="off"
      value={typed ?? showFigure(value, dimension, units)}
      aria-invalid={bad}
      aria-describedby={describedBy}
      ref={ref}
      onFocus={() => setTyped(showFigure(value, dimension, units))}
      onChange={(event) => {
        setTyped(event.target.value);
        onChange(readFigure(event.target.value, dimension, units));
        confirm(path);
      }}
      onBlur={() => {
        setTyped(null);
        onBlur();
      }}
    />
  );
}
