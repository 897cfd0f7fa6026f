'use client';
import { Field, Input } from '@chakra-ui/react';
import { useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { PlanChoice } from '@/core/phased-plans';
import { WithUnit } from '../fields/with-unit';
import { whole } from '../format';

/** Pieces typed; NaN for what is no whole number. */
const read = (text: string): number => (/^\s*\d{1,7}\s*$/.test(text) ? Number(text) : NaN);

/** The switch of an adopted plan, moved by hand. What is typed wrongly stays, and is shown. */
export function SwitchField({
  plan,
  most,
  onChange,
}: {
  readonly plan: PlanChoice;
  readonly most: number;
  readonly onChange: (pieces: number) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? String(plan.pieces);
  const fits = (n: number): boolean => n >= 1 && n <= most;
  const wrong = !fits(read(text));
  return (
    <Field.Root invalid={wrong} maxW="21rem" mt="3">
      <Field.Label>Pieces on {shortName(plan.first)} before the switch</Field.Label>
      <WithUnit unit="pieces">
        <Input
          inputMode="numeric"
          value={text}
          onChange={(event) => {
            const next = event.target.value;
            setTyped(next);
            if (fits(read(next))) onChange(read(next));
          }}
          onBlur={() => {
            if (!wrong) setTyped(null);
          }}
        />
      </WithUnit>
      {wrong && (
        <Field.ErrorText role="alert">
          Pieces before the switch, “{text}”: a whole number from 1 to {whole(most)} is wanted.
        </Field.ErrorText>
      )}
    </Field.Root>
  );
}
