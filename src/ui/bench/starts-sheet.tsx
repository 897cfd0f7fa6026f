'use client';
import { Input, Span } from '@chakra-ui/react';
import { FormGrid, Section, Unit } from '../kit';
import { useEffect, useMemo, useState } from 'react';
import { CoreError } from '@/core/base/errors';
import { startsFor } from '@/core/formula-book/quantity';
import { keepHere, keptHere } from '../browser-store';
import { fixed, whole } from '../format';
import { FillFrom } from './fill-from';
import { readTyped, typed } from './bench-store';

interface Typed {
  readonly need: string;
  readonly yield: string;
  readonly confidence: string;
}

const FIRST: Typed = { need: '100', yield: '92', confidence: '95' };
const isTyped = (x: unknown): x is Typed =>
  typeof x === 'object' &&
  x !== null &&
  ['need', 'yield', 'confidence'].every((k) => typeof (x as Record<string, unknown>)[k] === 'string');

const NAMES: Readonly<Record<keyof Typed, string>> = {
  need: 'Good pieces promised',
  yield: 'Come out good, %',
  confidence: 'How sure, %',
};

export interface StartsFilling {
  readonly from: string;
  readonly need: number;
  /** Share, 0 to 1. */
  readonly yield: number;
}

/** Starts for so many good pieces with a certainty, beside what the average alone would say. */
export function StartsSheet({ fillings }: { readonly fillings: readonly StartsFilling[] }) {
  const [values, setValues] = useState<Typed>(FIRST);
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere('bench-starts', isTyped);
        if (kept !== null) setValues(kept);
      }),
    [],
  );
  const change = (next: Typed): void => {
    setValues(next);
    keepHere('bench-starts', next);
  };
  const result = useMemo(() => {
    const need = readTyped(values.need);
    const good = readTyped(values.yield) / 100;
    try {
      const found = startsFor({ need, yield: good, confidence: readTyped(values.confidence) / 100 });
      return { ...found, average: Math.ceil(need / good - 1e-9) };
    } catch (error) {
      if (!(error instanceof CoreError)) throw error;
      const field = error.issue.field as keyof Typed;
      return `${NAMES[field]} “${values[field]}”: ${field === 'need' ? error.issue.accepted : field === 'yield' ? 'above 0 up to 100' : 'between 0 and 100'} is wanted.`;
    }
  }, [values]);
  return (
    <Section title="Starts for a promise" className="bench-sheet" aria-labelledby="starts-title">
      <FormGrid dense>
        {(Object.keys(NAMES) as (keyof Typed)[]).map((field) => (
          <div className="field" key={field}>
            <label htmlFor={`starts-${field}`}>{NAMES[field]}</label>
            <div className="inbox">
              <Input
                id={`starts-${field}`}
                textAlign="end"
                inputMode="decimal"
                value={values[field]}
                onChange={(e) => change({ ...values, [field]: e.target.value })}
              />
            </div>
          </div>
        ))}
      </FormGrid>
      <div className="bench-foot">
        <FillFrom
          title="Starts for a promise"
          names={fillings.map((f) => f.from)}
          onPick={(i) => {
            const f = fillings[i];
            if (f !== undefined) change({ ...values, need: String(f.need), yield: typed(100 * f.yield) });
          }}
        />
        <output className="bench-result is-left" aria-label="Starts for a promise, result">
          {typeof result === 'string' ? (
            <Span color="alarm">{result}</Span>
          ) : (
            <>
              <strong>{whole(result.starts)}</strong> <Unit>starts</Unit>
              <Span textStyle="label" color="fg.muted" style={{ display: 'block' }}>
                {fixed(100 * result.probability, 1)} % sure; the average alone says {whole(result.average)}, which is
                enough about every other time. Pieces must fail one by one, not by the lot.
              </Span>
            </>
          )}
        </output>
      </div>
    </Section>
  );
}
