'use client';
import { Field, Input } from '@chakra-ui/react';
import { CheckBox, Choice, FormGrid } from '../kit';
import { useState } from 'react';
import type { AlloyNeeds } from '@/core/comparison/alloys';
import type { Dimension } from '@/core/base/units';
import { readFigure, showFigure, unitOf } from '../fields/numbers';
import { WithUnit } from '../fields/with-unit';
import { useUnits } from '../preferences';

const PLACES = [
  ['indoor', 'indoor'],
  ['outdoor', 'outdoor'],
  ['marine', 'marine'],
  ['hot', 'hot'],
] as const;

const WISHES = [
  ['leadFree', 'Lead-free'],
  ['pressureTight', 'Pressure-tight'],
] as const;

type Figure = 'yieldMin_MPa' | 'elongationMin_pct' | 'densityMax_kg_m3' | 'priceMax_USD_kg';

/** Each limit of the metal: its label, what it measures, its unit where no system has its own, and the most accepted. */
const FIGURES: readonly (readonly [Figure, string, Dimension | null, string, number])[] = [
  ['yieldMin_MPa', 'Yield strength, at least', 'stress', 'MPa', 5000],
  ['elongationMin_pct', 'Elongation, at least', null, '%', 100],
  ['densityMax_kg_m3', 'Density, at most', 'density', 'kg/m³', 25_000],
  ['priceMax_USD_kg', 'Metal price, at most', 'metalPrice', 'USD/kg', 1e6],
];

/** What the part needs of its metal; an empty figure asks for nothing, one that cannot be read is shown. */
export function NeedsForm({
  needs,
  onChange,
}: {
  readonly needs: AlloyNeeds;
  readonly onChange: (needs: AlloyNeeds) => void;
}) {
  return (
    <FormGrid dense role="group" aria-label="Needs of the metal">
      {FIGURES.map(([key, label, dimension, unit, most]) => (
        <NeedFigure
          key={key}
          label={label}
          dimension={dimension}
          unit={unit}
          most={most}
          value={needs[key]}
          onChange={(value) => onChange({ ...needs, [key]: value })}
        />
      ))}
      <Field.Root>
        <Field.Label>Environment</Field.Label>
        <Choice
          options={PLACES}
          empty="any"
          value={needs.environment ?? ''}
          onChange={(e) =>
            onChange({ ...needs, environment: PLACES.find(([id]) => id === e.target.value)?.[0] ?? null })
          }
        />
      </Field.Root>
      {WISHES.map(([key, label]) => (
        <CheckBox key={key} checked={needs[key]} onChange={(on) => onChange({ ...needs, [key]: on })}>
          {label}
        </CheckBox>
      ))}
    </FormGrid>
  );
}

function NeedFigure({
  label,
  dimension,
  unit,
  most,
  value,
  onChange,
}: {
  readonly label: string;
  readonly dimension: Dimension | null;
  readonly unit: string;
  /** The most accepted, in stored units. */
  readonly most: number;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
}) {
  const [units] = useUnits();
  const [text, setText] = useState<string | null>(null);
  const accepted = (typed: string): number | null | undefined => {
    const read = readFigure(typed, dimension, units);
    return read === null || (typeof read === 'number' && read > 0 && read <= most) ? read : undefined;
  };
  const bad = text !== null && accepted(text) === undefined;
  const shownUnit = dimension === null ? unit : unitOf(dimension, units);
  return (
    <Field.Root invalid={bad}>
      <Field.Label>{label}</Field.Label>
      <WithUnit unit={shownUnit}>
        <Input
          textAlign="end"
          inputMode="decimal"
          autoComplete="off"
          value={text ?? showFigure(value, dimension, units)}
          onChange={(e) => {
            setText(e.target.value);
            const read = accepted(e.target.value);
            if (read !== undefined) onChange(read);
          }}
          onBlur={() => !bad && setText(null)}
        />
      </WithUnit>
      {bad && (
        <Field.ErrorText role="alert">
          {label} “{text}”: a number above 0 is wanted, at most {showFigure(most, dimension, units)} {shownUnit}.
        </Field.ErrorText>
      )}
    </Field.Root>
  );
}
