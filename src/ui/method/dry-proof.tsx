'use client';
import { Field, Text, Textarea } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { CoreError } from '@/core/base/errors';
import { inUnitsOf } from '@/core/base/units';
import { dryProof } from '@/core/formula-book/mould-making';
import { readFigure } from '../fields/numbers';
import { significant } from '../format';
import { useUnits } from '../preferences';

const DIGITS = 3;

/** Proves a mould dry by weighing: hours and masses as they are read off, a pair a line. */
export function DryProof() {
  const [units] = useUnits();
  const [typed, setTyped] = useState('');
  const mass = inUnitsOf(1, 'kg', units) ?? { value: 1, unit: 'kg' };
  const said = useMemo(() => {
    const lines = typed.split('\n').filter((line) => line.trim() !== '');
    if (lines.length === 0) return null;
    const weighings = lines.map((line) => {
      const [hours, kg] = line.trim().split(/[\s;]+/);
      return { time_h: readFigure(hours ?? '', null, units), mass_kg: readFigure(kg ?? '', 'mass', units) };
    });
    const bad = weighings.findIndex((w) => typeof w.time_h !== 'number' || typeof w.mass_kg !== 'number');
    if (bad >= 0) return `Line ${bad + 1}, “${lines[bad] ?? ''}”: hours and a mass are wanted, such as “2 14.35”.`;
    try {
      return dryProof({ weighings: weighings.map((w) => ({ time_h: Number(w.time_h), mass_kg: Number(w.mass_kg) })) });
    } catch (error) {
      return error instanceof CoreError ? `${error.message}.` : String(error);
    }
  }, [typed, units]);
  return (
    <Field.Root maxW="30rem" my="3" data-testid="dry-proof">
      <Field.Label>Weighings of the mould: hours, {mass.unit}</Field.Label>
      <Textarea
        rows={4}
        placeholder={'0 15.20\n2 14.61\n4 14.32'}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      {said !== null && (
        <Text textStyle="label" color={typeof said === 'string' || !said.dry ? 'alarm' : 'fg'} role="status">
          {typeof said === 'string'
            ? said
            : said.dry
              ? `Dry by weighing: ${significant(100 * said.moisture, DIGITS)} % of moisture is left, 0.5 % is the limit. It never releases a mould alone.`
              : `Not dry: ${significant(100 * said.moisture, DIGITS)} % of moisture is left, some ${significant(said.left_h, 2)} h to go by its own curve. Formula book mould.dry-proof.`}
        </Text>
      )}
    </Field.Root>
  );
}
