'use client';
import { DateInput } from '../fields/date-input';
import { Choice, FormGrid } from '../kit';
import { Box, Button, Field, Text } from '@chakra-ui/react';
import { useId, useMemo, useState } from 'react';
import { ALLOYS, ALLOY_FAMILIES } from '@/core/catalogue/alloys';
import { CoreError } from '@/core/base/errors';
import {
  metalIndex,
  metalPricesAt,
  SERIES_FROM,
  SERIES_TO,
  type OwnFigure,
  type RateSet,
  SHIPPED_RATES,
} from '@/core/rates';
import { fixed, plainDate } from '../format';
import { SeriesChart } from './series-chart';

const FAMILY_IDS = [...new Set(ALLOYS.map((a) => a.family))];
const familyName = (id: string): string => ALLOY_FAMILIES.find((f) => f.id === id)?.name ?? id.replaceAll('-', ' ');

/** Fills the metal prices of a set from the simulated series, at a day to be chosen. */
export function MetalPrices({
  rates,
  today,
  readOnly,
  onTake,
}: {
  readonly rates: RateSet;
  readonly today: string;
  readonly readOnly: boolean;
  readonly onTake: (figures: Readonly<Record<string, OwnFigure>>, why: string) => void;
}) {
  const id = useId();
  const [date, setDate] = useState(today < SERIES_FROM ? SERIES_FROM : today > SERIES_TO ? SERIES_TO : today);
  const [family, setFamily] = useState(FAMILY_IDS[0] ?? 'aluminium');
  const at = useMemo(() => {
    try {
      return metalIndex(family, date);
    } catch (error) {
      if (error instanceof CoreError) return `Date “${date}”: ${error.issue.accepted} is wanted.`;
      throw error;
    }
  }, [family, date]);
  return (
    <Box maxW="48rem" pb="3.5">
      <FormGrid>
        <Field.Root>
          <Field.Label>Price series</Field.Label>
          <Choice
            options={FAMILY_IDS.map((f) => [f, familyName(f)])}
            value={family}
            onChange={(e) => setFamily(e.target.value)}
          />
        </Field.Root>
        <Field.Root invalid={typeof at === 'string'} id={id}>
          <Field.Label>Date</Field.Label>
          <DateInput id={id} label="Date" bad={typeof at === 'string'} value={date} onTake={setDate} />
          {typeof at === 'string' ? (
            <Field.ErrorText role="alert">{at}</Field.ErrorText>
          ) : (
            <Field.HelperText>{fixed(at, 3)} of the price in the alloy table</Field.HelperText>
          )}
        </Field.Root>
      </FormGrid>
      <SeriesChart family={family} name={familyName(family)} date={typeof at === 'string' ? null : date} />
      <Text textStyle="label" color="fg.muted">
        Simulated prices, shipped with the application; they follow no market. Every alloy follows the series of its
        family: low, likely and high alike.
      </Text>
      {!readOnly && (
        <Button
          size="xs"
          disabled={typeof at === 'string'}
          onClick={() =>
            onTake(
              metalPricesAt({ ...rates, metals: SHIPPED_RATES.metals ?? {} }, date),
              `simulated metal prices of ${plainDate(date)}`,
            )
          }
        >
          Use the metal prices of this date
        </Button>
      )}
    </Box>
  );
}
