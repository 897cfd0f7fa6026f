'use client';
import { Grid, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { daysForOrder, metalToMelt, piecesAShift, type LaneRates, type Link } from '@/core/comparison/calculator';
import { shortName } from '@/core/catalogue/routes';
import { significant } from '../format';
import { ChainSheet, type Filling } from './chain-sheet';
import { StartsSheet } from './starts-sheet';

const PIECES_A_SHIFT: readonly Link[] = [
  { name: 'metal poured per caster', value: 9, unit: 'kg/h/caster', by: 'times' },
  { name: 'parts per kilogram', value: 10, unit: 'piece/kg', by: 'times' },
  { name: 'casters', value: 4, unit: 'caster', by: 'times' },
  { name: 'hours at the furnace', value: 6.5, unit: 'h/shift', by: 'times' },
];
const METAL: readonly Link[] = [
  { name: 'good parts', value: 500, unit: 'piece/lot', by: 'times' },
  { name: 'castings per good part', value: 1.08, unit: 'casting/piece', by: 'times' },
  { name: 'poured per casting', value: 0.4, unit: 'kg/casting', by: 'times' },
  { name: 'melted per kilogram poured', value: 1.04, unit: '1', by: 'times' },
];
const BY_HAND: readonly Link[] = [
  { name: 'good parts', value: 2400, unit: 'piece', by: 'times' },
  { name: 'good parts per day', value: 20, unit: 'piece/workday', by: 'over' },
  { name: 'calendar days per working day', value: 1.4, unit: 'day/workday', by: 'times' },
];
const BY_DIE: readonly Link[] = BY_HAND.map((l) => (l.unit === 'piece/workday' ? { ...l, value: 180 } : l));

/** What the calculator can be filled with: the lanes of an open study and its quantities. */
export interface CalculatorFill {
  /** Title of the study. */
  readonly title: string;
  /** Cheapest first. */
  readonly lanes: readonly LaneRates[];
  /** Good pieces of a lot, and of the whole order. */
  readonly lot: number;
  readonly pieces: number;
}

/** Small live sums in which every unit is carried, so that a slip of ten shows as a unit that does not cancel. */
export function CalculatorView({ fill }: { readonly fill: CalculatorFill | null }) {
  const [hand, setHand] = useState<number | null>(null);
  const [die, setDie] = useState<number | null>(null);
  const lanes = fill?.lanes ?? [];
  const fillings = (links: (r: LaneRates) => readonly Link[]): readonly Filling[] =>
    lanes.map((r) => ({ from: shortName(r.laneId), links: links(r) }));
  const lot = fill?.lot ?? 1;
  const pieces = fill?.pieces ?? 1;
  return (
    <>
      <Text maxW="45rem" my="2.5">
        Every rate keeps its unit, and the result shows the unit after each step. A missing or inverted rate leaves a
        unit that does not cancel, and no result is given.
        {fill !== null && ` A sheet can be filled from a route of ${fill.title}.`}
      </Text>
      <Grid templateColumns="repeat(auto-fit, minmax(min(100%, 520px), 1fr))" columnGap="10">
        <ChainSheet
          id="pieces-a-shift"
          title="Parts per shift"
          want="piece/shift"
          start={PIECES_A_SHIFT}
          fillings={fillings(piecesAShift)}
        />
        <ChainSheet
          id="metal"
          title="Metal to melt for a lot"
          want="kg/lot"
          start={METAL}
          fillings={fillings((r) => metalToMelt(r, lot))}
        />
        <ChainSheet
          id="by-hand"
          title="Days for an order, method A"
          want="day"
          start={BY_HAND}
          fillings={fillings((r) => daysForOrder(r, pieces))}
          onResult={setHand}
        />
        <ChainSheet
          id="by-die"
          title="Days for an order, method B"
          want="day"
          start={BY_DIE}
          fillings={fillings((r) => daysForOrder(r, pieces))}
          onResult={setDie}
        />
      </Grid>
      {hand !== null && die !== null && hand > 0 && die > 0 && (
        <Text mt="6" data-testid="two-ways">
          Method B takes {significant(Math.abs(hand - die), 4)} days {die < hand ? 'less' : 'more'} once it runs:{' '}
          {significant(Math.max(hand, die) / Math.min(hand, die), 3)} times {die < hand ? 'as fast' : 'as slow'}. Its
          tool must be made in that time to be worth waiting for.
        </Text>
      )}
      <StartsSheet fillings={lanes.map((r) => ({ from: shortName(r.laneId), need: lot, yield: r.yield }))} />
      <Text textStyle="label" color="fg.muted" mt="4">
        How much a crew may lift and how long it may work at the heat is decided by local codes and those responsible
        for the shop.
      </Text>
    </>
  );
}
