'use client';
import { Box, Input } from '@chakra-ui/react';
import { FormGrid } from '../kit';
import type { RateRef } from '@/core/rates';

/** What is typed over a set's name and currency and not saved; null where nothing was. */
export interface Names {
  readonly name: string | null;
  readonly currency: string | null;
}

/** Nothing typed. */
export const NO_NAMES: Names = { name: null, currency: null };

/** Whether something kept in the browser is such names. */
export const isNames = (x: unknown): x is Names =>
  typeof x === 'object' &&
  x !== null &&
  ['name', 'currency'].every((key) => {
    const value = (x as Record<string, unknown>)[key];
    return value === null || typeof value === 'string';
  });

/** The names as a change of the set, and what is wrong with them. */
export function readNames(
  { name, currency }: Names,
  now: Pick<RateRef, 'name' | 'currency'>,
): { readonly change: { readonly name?: string; readonly currency?: string }; readonly problems: readonly string[] } {
  const title = name?.trim() ?? now.name;
  const code = currency?.trim().toUpperCase() ?? now.currency;
  const problems = [
    ...(title === '' ? ['Name “”: at least one letter is wanted.'] : []),
    ...(/^[A-Z]{3}$/.test(code) ? [] : [`Currency “${currency ?? ''}”: three letters such as EUR are wanted.`]),
  ];
  return {
    change: {
      ...(title !== now.name && title !== '' ? { name: title } : {}),
      ...(code !== now.currency && /^[A-Z]{3}$/.test(code) ? { currency: code } : {}),
    },
    problems,
  };
}

/** Name and currency of a set. The figures stay in USD: the rate below turns every sum into the currency at its end. */
export function NameFields({
  names,
  now,
  readOnly,
  onChange,
}: {
  readonly names: Names;
  readonly now: Pick<RateRef, 'name' | 'currency'>;
  readonly readOnly: boolean;
  readonly onChange: (names: Names) => void;
}) {
  const { problems } = readNames(names, now);
  return (
    <FormGrid style={{ maxWidth: 640, paddingBottom: 10 }}>
      <div className="field">
        <label htmlFor="rates-name">Name of the set</label>
        <div className="inbox">
          <Input
            id="rates-name"
            maxLength={120}
            readOnly={readOnly}
            value={names.name ?? now.name}
            onChange={(e) => onChange({ ...names, name: e.target.value })}
          />
        </div>
      </div>
      <div className="field">
        <label htmlFor="rates-currency">Currency of the sums</label>
        <div className="inbox">
          <Input
            id="rates-currency"
            maxLength={3}
            readOnly={readOnly}
            value={names.currency ?? now.currency}
            onChange={(e) => onChange({ ...names, currency: e.target.value })}
          />
        </div>
        <div className="help">The figures stay in USD; the rate below turns each sum at its end.</div>
      </div>
      {problems.map((words) => (
        <Box key={words} color="alarm" textStyle="label" role="alert">
          {words}
        </Box>
      ))}
    </FormGrid>
  );
}
