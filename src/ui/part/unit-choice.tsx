'use client';
import { Button, Fieldset, SimpleGrid, Text } from '@chakra-ui/react';
import type { Vec } from '@/core/part-file/geometry';
import { LENGTH_UNITS, MM_PER_UNIT, type LengthUnit } from '@/core/part-file/readers';
import { significant } from '../format';
import { Fold } from '../kit';
import { plausibleUnits } from './plausible-units';

const NAMES: Readonly<Record<LengthUnit, string>> = {
  um: 'micrometres',
  mm: 'millimetres',
  cm: 'centimetres',
  m: 'metres',
  in: 'inches',
  ft: 'feet',
};

/** A file whose unit is asked for. */
export interface AsksUnit {
  readonly size: Vec;
  readonly likely: LengthUnit;
}

/** The units a file may have been drawn in: those that give a plausible part, the rest behind a fold. */
export function UnitChoice({ asks, onUnit }: { readonly asks: AsksUnit; readonly onUnit: (unit: LengthUnit) => void }) {
  const plausible = plausibleUnits(asks.size, asks.likely);
  const others = LENGTH_UNITS.filter((unit) => !plausible.includes(unit));
  const card = (unit: LengthUnit) => <UnitCard key={unit} unit={unit} asks={asks} onUnit={onUnit} />;
  return (
    <Fieldset.Root data-testid="unit-choice" mt="3">
      <Fieldset.Legend>This kind of file names no unit. What was it drawn in?</Fieldset.Legend>
      <SimpleGrid minChildWidth="11.5rem" gap="2.5">
        {plausible.map(card)}
      </SimpleGrid>
      {others.length > 0 && (
        <Fold summary="More units">
          <SimpleGrid minChildWidth="11.5rem" gap="2.5">
            {others.map(card)}
          </SimpleGrid>
        </Fold>
      )}
    </Fieldset.Root>
  );
}

function UnitCard({
  unit,
  asks: { size, likely },
  onUnit,
}: {
  readonly unit: LengthUnit;
  readonly asks: AsksUnit;
  readonly onUnit: (unit: LengthUnit) => void;
}) {
  return (
    <Button
      height="auto"
      py="2"
      flexDirection="column"
      alignItems="flex-start"
      whiteSpace="normal"
      overflowWrap="anywhere"
      {...(unit === likely ? { borderColor: 'hot' } : {})}
      onClick={() => onUnit(unit)}
    >
      <b>{NAMES[unit]}</b>
      <Text textStyle="label">{sized(size, MM_PER_UNIT[unit])} mm</Text>
      <Text textStyle="label" color="fg.muted">
        {sized(size, MM_PER_UNIT[unit] / 25.4)} in
      </Text>
      {unit === likely && <Text textStyle="label">most likely, by its size</Text>}
    </Button>
  );
}

/** Three or four digits; beyond a million, or below a thousandth, by powers of ten. */
const shown = (x: number): string =>
  x >= 1e6 || x < 1e-3
    ? x.toExponential(1).replace('e+', ' × 10^').replace('e-', ' × 10^−')
    : significant(x, x < 1 ? 3 : 4);

const sized = (size: Vec, factor: number): string => size.map((x) => shown(x * factor)).join(' × ');
