'use client';
import { Field, Input, Span } from '@chakra-ui/react';
import { FormGrid, Section, Unit } from '../kit';
import { useEffect, useMemo, useState } from 'react';
import { CoreError } from '@/core/base/errors';
import { startsFor } from '@/core/formula-book/quantity';
import { keepHere, keptHere } from '../browser-store';
import { fixed, whole } from '../format';
import { FillFrom } from './fill-from';
import { ResultLine } from './result-line';
import { readTyped, typed } from './calculator-store';

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
  need: 'Good parts promised',
  yield: 'Yield, %',
  confidence: 'Confidence, %',
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
    <Section title="Castings to start for a promise" aria-label="Castings to start for a promise">
      <FormGrid dense>
        {(Object.keys(NAMES) as (keyof Typed)[]).map((field) => (
          <Field.Root key={field}>
            <Field.Label>{NAMES[field]}</Field.Label>
            <Input
              textAlign="end"
              inputMode="decimal"
              value={values[field]}
              onChange={(e) => change({ ...values, [field]: e.target.value })}
            />
          </Field.Root>
        ))}
      </FormGrid>
      <ResultLine
        title="Castings to start for a promise"
        actions={
          <FillFrom
            title="Castings to start for a promise"
            names={fillings.map((f) => f.from)}
            onPick={(i) => {
              const f = fillings[i];
              if (f !== undefined) change({ ...values, need: String(f.need), yield: typed(100 * f.yield) });
            }}
          />
        }
      >
        {typeof result === 'string' ? (
          <Span color="alarm">{result}</Span>
        ) : (
          <>
            <strong>{whole(result.starts)}</strong> <Unit>castings</Unit>
            <Span textStyle="label" color="fg.muted" display="block">
              {fixed(100 * result.probability, 1)} % confidence; the average alone gives {whole(result.average)}, enough
              only about half the time. Assumes that parts fail independently, not by the lot.
            </Span>
          </>
        )}
      </ResultLine>
    </Section>
  );
}
