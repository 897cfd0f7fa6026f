'use client';
import { Field, Input, Text } from '@chakra-ui/react';
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
    <FormGrid maxW="40rem" pb="2.5">
      <Field.Root>
        <Field.Label>Name of the set</Field.Label>
        <Input
          maxLength={120}
          readOnly={readOnly}
          value={names.name ?? now.name}
          onChange={(e) => onChange({ ...names, name: e.target.value })}
        />
      </Field.Root>
      <Field.Root>
        <Field.Label>Currency of results</Field.Label>
        <Input
          maxLength={3}
          readOnly={readOnly}
          value={names.currency ?? now.currency}
          onChange={(e) => onChange({ ...names, currency: e.target.value })}
        />
        <Field.HelperText>The figures stay in USD; the exchange rate below converts every result.</Field.HelperText>
      </Field.Root>
      {problems.map((words) => (
        <Text key={words} color="alarm" textStyle="label" role="alert">
          ▲ {words}
        </Text>
      ))}
    </FormGrid>
  );
}
