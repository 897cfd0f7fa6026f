import { ALLOYS } from '../catalogue/alloys';
import { dayNumber, isoDay, weekday } from '../base/day';
import { refuse } from '../base/errors';
import { METAL_WALKS } from './data/metal-walks.data';
import type { OwnFigure } from './changes';
import type { RateSet } from './types';

/** First and last day of the simulated series, ISO dates. */
export const SERIES_FROM = '2024-01-01';
export const SERIES_TO = '2027-06-30';
/** Day on which every series stands at 1: the prices of the alloy table. */
const SERIES_PAR = '2026-01-02';

/** One day of a series: price over the price of the table. */
export interface SeriesDay {
  readonly date: string;
  readonly index: number;
}

/** A small generator of even numbers from 0 to 1, the same for the same seed everywhere. */
function evenNumbers(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t = (t + Math.imul(t ^ (t >>> 7), t | 61)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const known = new Map<string, readonly SeriesDay[]>();

/**
 * The simulated daily price series of a metal family, Monday to Friday, as a share of its price in the alloy table.
 * It stands in for a market that this application does not look at; the same on every machine.
 * @throws {CoreError} E_KEY for a family without a series
 * @example
 * metalSeries('zinc').length > 100 // true
 */
export function metalSeries(family: string): readonly SeriesDay[] {
  const kept = known.get(family);
  if (kept !== undefined) return kept;
  const walk = METAL_WALKS[family];
  if (walk === undefined) return refuse('E_KEY', 'family', family, Object.keys(METAL_WALKS).join(' | '));
  const next = evenNumbers(walk.seed);
  const par = dayNumber('par', SERIES_PAR);
  const days: { day: number; log: number }[] = [];
  let log = 0;
  for (let day = dayNumber('from', SERIES_FROM); day <= dayNumber('to', SERIES_TO); day++) {
    if (weekday(day) > 4) continue;
    // The sum of four even numbers is near enough to a bell for a price that nobody trades on.
    const step = next() + next() + next() + next() - 2;
    log += walk.spread * Math.sqrt(3) * step - walk.pull * log;
    days.push({ day, log });
  }
  const zero = days.find((d) => d.day >= par)?.log ?? 0;
  const series = days.map((d) => ({ date: isoDay(d.day), index: Math.exp(d.log - zero) }));
  known.set(family, series);
  return series;
}

/**
 * Index of a family on a day: the last day of the series on or before it.
 * @throws {CoreError} E_DATE for an unreal date, E_RANGE for one outside the series
 * @example
 * metalIndex('aluminium', '2027-01-04') > 0 // true
 */
export function metalIndex(family: string, date: string): number {
  const day = dayNumber('date', date);
  if (day < dayNumber('from', SERIES_FROM) || day > dayNumber('to', SERIES_TO))
    refuse('E_RANGE', 'date', date, `a day from ${SERIES_FROM} to ${SERIES_TO}`);
  return metalSeries(family).findLast((d) => d.date <= date)?.index ?? 1;
}

/**
 * Prices of every alloy on a day of the simulated series, USD/kg, low, likely and high scaled alike and rounded to four
 * digits: figures by path, ready to be taken into a set.
 * @param base the set whose prices are scaled
 * @throws {CoreError} as metalIndex
 * @example
 * Object.keys(metalPricesAt(rates, '2027-01-04')).every((path) => path.startsWith('metals.')) // true
 */
export function metalPricesAt(base: RateSet, date: string): Record<string, OwnFigure> {
  const index = new Map([...new Set(ALLOYS.map((a) => a.family))].map((f) => [f, metalIndex(f, date)]));
  return Object.fromEntries(
    ALLOYS.flatMap((alloy): [string, OwnFigure][] => {
      const price = base.metals?.[alloy.id];
      if (price === undefined) return [];
      const at = (x: number): number => Number((x * (index.get(alloy.family) ?? 1)).toPrecision(4));
      return [
        [
          `metals.${alloy.id}`,
          typeof price.v === 'number' ? at(price.v) : [at(price.v[0]), at(price.v[1]), at(price.v[2])],
        ],
      ];
    }),
  );
}
