'use client';
import { FormGrid } from '../kit';
import { Box, Button, Input, Text } from '@chakra-ui/react';
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
      if (error instanceof CoreError) return `Day “${date}”: ${error.issue.accepted} is wanted.`;
      throw error;
    }
  }, [family, date]);
  return (
    <div className="metal-fill">
      <FormGrid dense>
        <div className="field">
          <label htmlFor={`${id}-family`}>Series of</label>
          <div className="inbox">
            <select id={`${id}-family`} value={family} onChange={(e) => setFamily(e.target.value)}>
              {FAMILY_IDS.map((f) => (
                <option key={f} value={f}>
                  {familyName(f)}
                </option>
              ))}
            </select>
          </div>
        </div>
        <div className="field">
          <label htmlFor={`${id}-day`}>On the day</label>
          <div className={typeof at === 'string' ? 'inbox is-bad' : 'inbox'}>
            <Input
              id={`${id}-day`}
              type="date"
              min={SERIES_FROM}
              max={SERIES_TO}
              value={date}
              aria-invalid={typeof at === 'string'}
              onChange={(e) => setDate(e.target.value)}
            />
          </div>
          {typeof at === 'string' ? (
            <Box color="alarm" role="alert">
              {at}
            </Box>
          ) : (
            <div className="help">{fixed(at, 3)} of the price in the alloy table</div>
          )}
        </div>
      </FormGrid>
      <SeriesChart family={family} name={familyName(family)} date={typeof at === 'string' ? null : date} />
      <Text textStyle="label" color="fg.muted">
        Simulated prices, shipped with the application: they follow no market. Every alloy moves with the series of its
        family, its low, likely and high price alike.
      </Text>
      {!readOnly && (
        <Button
          size="xs"
          variant="outline"
          disabled={typeof at === 'string'}
          onClick={() =>
            onTake(
              metalPricesAt({ ...rates, metals: SHIPPED_RATES.metals ?? {} }, date),
              `simulated metal prices of ${plainDate(date)}`,
            )
          }
        >
          Fill all metal prices with that day’s
        </Button>
      )}
    </div>
  );
}
