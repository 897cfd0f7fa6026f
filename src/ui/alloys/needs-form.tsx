'use client';
import { useState } from 'react';
import type { AlloyNeeds } from '@/core/alloy-choice';
import type { Dimension } from '@/core/units';
import { readFigure, showFigure, unitOf } from '../fields/numbers';
import { useUnits } from '../preferences';

const PLACES = [
  ['indoor', 'indoors'],
  ['outdoor', 'outdoors'],
  ['marine', 'at sea'],
  ['hot', 'in heat'],
] as const;

type Figure = 'yieldMin_MPa' | 'elongationMin_pct' | 'densityMax_kg_m3' | 'priceMax_USD_kg';

const FIGURES: readonly (readonly [Figure, string, Dimension | null, string])[] = [
  ['yieldMin_MPa', 'Yield strength, at least', 'stress', 'MPa'],
  ['elongationMin_pct', 'Elongation, at least', null, '%'],
  ['densityMax_kg_m3', 'Density, at most', 'density', 'kg/m³'],
  ['priceMax_USD_kg', 'Metal price, at most', null, 'USD/kg'],
];

/** What the part needs of its metal; an empty figure asks for nothing, one that cannot be read is told. */
export function NeedsForm({
  needs,
  onChange,
}: {
  readonly needs: AlloyNeeds;
  readonly onChange: (needs: AlloyNeeds) => void;
}) {
  return (
    <div className="form-grid dense" role="group" aria-label="Needs of the metal">
      {FIGURES.map(([key, label, dimension, unit]) => (
        <NeedFigure
          key={key}
          label={label}
          dimension={dimension}
          unit={unit}
          value={needs[key]}
          onChange={(value) => onChange({ ...needs, [key]: value })}
        />
      ))}
      <div className="field">
        <label htmlFor="need-place">Lives</label>
        <div className="inbox">
          <select
            id="need-place"
            value={needs.environment ?? ''}
            onChange={(e) =>
              onChange({ ...needs, environment: PLACES.find(([id]) => id === e.target.value)?.[0] ?? null })
            }
          >
            <option value="">anywhere</option>
            {PLACES.map(([id, name]) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </div>
      </div>
      {(
        [
          ['leadFree', 'Free of lead'],
          ['pressureTight', 'Holds pressure'],
        ] as const
      ).map(([key, label]) => (
        <div className="field" key={key}>
          <label htmlFor={`need-${key}`}>{label}</label>
          <input
            id={`need-${key}`}
            type="checkbox"
            style={{ width: 18, height: 18, display: 'block' }}
            checked={needs[key]}
            onChange={(e) => onChange({ ...needs, [key]: e.target.checked })}
          />
        </div>
      ))}
    </div>
  );
}

function NeedFigure({
  label,
  dimension,
  unit,
  value,
  onChange,
}: {
  readonly label: string;
  readonly dimension: Dimension | null;
  readonly unit: string;
  readonly value: number | null;
  readonly onChange: (value: number | null) => void;
}) {
  const [units] = useUnits();
  const [text, setText] = useState<string | null>(null);
  const bad = text !== null && typeof readFigure(text, dimension, units) === 'string';
  const id = `need-${label.replace(/\W+/g, '-')}`;
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <div className={bad ? 'inbox is-bad' : 'inbox'}>
        <input
          id={id}
          className="num"
          inputMode="decimal"
          autoComplete="off"
          aria-invalid={bad}
          value={text ?? showFigure(value, dimension, units)}
          onChange={(e) => {
            setText(e.target.value);
            const read = readFigure(e.target.value, dimension, units);
            if (typeof read !== 'string') onChange(read);
          }}
          onBlur={() => !bad && setText(null)}
        />
        <span className="suffix">{dimension === null ? unit : unitOf(dimension, units)}</span>
      </div>
      {bad && (
        <div className="bad" role="alert">
          {label} “{text}”: a number is wanted.
        </div>
      )}
    </div>
  );
}
