'use client';
import { Box, Input } from '@chakra-ui/react';
import { Unit } from '../kit';
import { useState } from 'react';
import type { PlanChoice } from '@/core/phased-plans';
import { shortName } from '@/core/catalogue/routes';
import { whole } from '../format';

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
  const pieces = /^\s*\d{1,7}\s*$/.test(text) ? Number(text) : NaN;
  const wrong = !(pieces >= 1 && pieces <= most);
  return (
    <div className="field switch-field">
      <label htmlFor="switch-at">Pieces on {shortName(plan.first)} before the switch</label>
      <div className={wrong ? 'inbox is-bad' : 'inbox'}>
        <Input
          id="switch-at"
          inputMode="numeric"
          value={text}
          aria-invalid={wrong}
          onChange={(event) => {
            const next = event.target.value;
            setTyped(next);
            const n = /^\s*\d{1,7}\s*$/.test(next) ? Number(next) : NaN;
            if (n >= 1 && n <= most) onChange(n);
          }}
          onBlur={() => {
            if (!wrong) setTyped(null);
          }}
        />
        <Unit>pieces</Unit>
      </div>
      {wrong && (
        <Box color="alarm" role="alert">
          Pieces before the switch, “{text}”: a whole number from 1 to {whole(most)} is wanted.
        </Box>
      )}
    </div>
  );
}
