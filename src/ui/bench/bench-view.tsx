'use client';
import { Text } from '@chakra-ui/react';
import { useState } from 'react';
import { daysForOrder, metalToMelt, piecesAShift, type LaneRates, type Link } from '@/core/comparison/bench';
import { shortName } from '@/core/catalogue/routes';
import { significant } from '../format';
import { ChainSheet, type Filling } from './chain-sheet';
import { StartsSheet } from './starts-sheet';

const PIECES_A_SHIFT: readonly Link[] = [
  { name: 'metal a caster pours', value: 9, unit: 'kg/h/caster', by: 'times' },
  { name: 'pieces a kilogram', value: 10, unit: 'piece/kg', by: 'times' },
  { name: 'casters', value: 4, unit: 'caster', by: 'times' },
  { name: 'hours at the pot', value: 6.5, unit: 'h/shift', by: 'times' },
];
const METAL: readonly Link[] = [
  { name: 'good pieces', value: 500, unit: 'piece/lot', by: 'times' },
  { name: 'castings a good piece', value: 1.08, unit: 'casting/piece', by: 'times' },
  { name: 'poured a casting', value: 0.4, unit: 'kg/casting', by: 'times' },
  { name: 'melted a kilogram poured', value: 1.04, unit: '1', by: 'times' },
];
const BY_HAND: readonly Link[] = [
  { name: 'good pieces', value: 2400, unit: 'piece', by: 'times' },
  { name: 'good pieces a day', value: 20, unit: 'piece/workday', by: 'over' },
  { name: 'days a working day', value: 1.4, unit: 'day/workday', by: 'times' },
];
const BY_DIE: readonly Link[] = BY_HAND.map((l) => (l.unit === 'piece/workday' ? { ...l, value: 180 } : l));

/** What the bench can be filled with: the lanes of an open study and its quantities. */
export interface BenchFill {
  /** Title of the study. */
  readonly title: string;
  /** Cheapest first. */
  readonly lanes: readonly LaneRates[];
  /** Good pieces of a lot, and of the whole order. */
  readonly lot: number;
  readonly pieces: number;
}

/** Small live sums in which every unit is carried, so that a slip of ten shows as a unit that does not cancel. */
export function BenchView({ fill }: { readonly fill: BenchFill | null }) {
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
        Every rate keeps its unit, and the sum shows the unit after each step. A rate left out, or one that stands the
        wrong way up, leaves a unit that does not cancel, and no figure is given.
        {fill !== null && ` A sheet can be filled from a lane of ${fill.title}.`}
      </Text>
      <div className="bench">
        <ChainSheet
          id="pieces-a-shift"
          title="Pieces a shift"
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
          title="Days for an order, one way"
          want="day"
          start={BY_HAND}
          fillings={fillings((r) => daysForOrder(r, pieces))}
          onResult={setHand}
        />
        <ChainSheet
          id="by-die"
          title="Days for an order, the other way"
          want="day"
          start={BY_DIE}
          fillings={fillings((r) => daysForOrder(r, pieces))}
          onResult={setDie}
        />
      </div>
      {hand !== null && die !== null && hand > 0 && die > 0 && (
        <p className="section" data-testid="two-ways">
          The other way takes {significant(Math.abs(hand - die), 4)} days {die < hand ? 'less' : 'more'} once it runs:{' '}
          {significant(Math.max(hand, die) / Math.min(hand, die), 3)} times {die < hand ? 'as quick' : 'as slow'}. Its
          tool must be made in that time to be worth waiting for.
        </p>
      )}
      <StartsSheet fillings={lanes.map((r) => ({ from: shortName(r.laneId), need: lot, yield: r.yield }))} />
      <Text textStyle="label" color="fg.muted" style={{ marginTop: 18 }}>
        What a crew may lift and how long it may stand at the heat is for local codes and those who answer for the floor
        to decide.
      </Text>
    </>
  );
}
