import type { Brief } from '../../brief';
import { LANES } from '../../catalogue/routes';
import type { TolerancePolicy } from '../../part';
import { ownRates, rateEntries, type OwnFigure, type RateEntry, type RateSet } from '../../rates';
import { prepareStudy } from '../../study';
import { boardAt } from '../board';

/** A part on one lane, at a quantity: what one price is held against. */
export interface Priced {
  readonly brief: Brief;
  readonly policy: TolerancePolicy;
  readonly laneId: string;
  readonly q: number;
}

/**
 * Rates in which some figures are so many times what they are; their bands with them.
 *
 * @param entries of the rates that move
 * @param factors one for each
 * @example
 * ratesTimes(rates, [], []).name === rates.name // true
 */
export function ratesTimes(rates: RateSet, entries: readonly RateEntry[], factors: readonly number[]): RateSet {
  const figures: Record<string, OwnFigure> = {};
  entries.forEach(({ path, value }, i) => {
    const factor = factors[i] ?? 1;
    figures[path] =
      typeof value === 'number' ? value * factor : [value[0] * factor, value[1] * factor, value[2] * factor];
  });
  return ownRates(rates, rates.id, rates.name, { figures, holidays: rates.calendar.holidays ?? [] });
}

/**
 * What the model has of a part on a lane: the price of a part without its tool, and the tooling.
 *
 * @returns null where the lane has no money
 * @example
 * priceAt({ brief, policy: 'published', laneId: 'no-such/lane', q: 500 }, rates) // null
 */
export function priceAt(
  { brief, policy, laneId, q }: Priced,
  rates: RateSet,
): { unit: number; tooling: number } | null {
  const lanes = (rates.lanes ?? LANES).filter((lane) => lane.id === laneId);
  const found = boardAt(prepareStudy(brief, policy, rates, { lanes }), q).lanes.find((l) => l.id === laneId);
  return found?.money == null ? null : { unit: found.money.unit, tooling: found.money.tooling };
}

/** Entries of a rate set by their paths; those that it has not are left out. */
export function entriesOf(rates: RateSet, paths: readonly string[]): RateEntry[] {
  const all = new Map(rateEntries(rates).map((e) => [e.path, e]));
  return paths.flatMap((path) => all.get(path) ?? []);
}

/** The likely value of an entry. */
export const likelyOf = ({ value }: RateEntry): number => (typeof value === 'number' ? value : value[1]);
