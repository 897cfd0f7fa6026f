import type { OwnFigure } from './changes';
import { rateEntries, type RateEntry } from './entries';
import type { RateSet } from './types';

/** One coefficient that differs between two sets. */
export interface RateDifference {
  readonly entry: RateEntry;
  readonly here: OwnFigure;
  readonly there: OwnFigure;
  /** Likely there over likely here; null where here is 0. */
  readonly ratio: number | null;
}

const likelyOf = (v: OwnFigure): number => (typeof v === 'number' ? v : v[1]);

/**
 * Coefficients of two sets that are not the same, in the order they are read.
 *
 * @param here, there two sets
 * @returns the figures that differ, with both values
 * @example
 * rateDifferences(rates, rates) // []
 */
export function rateDifferences(here: RateSet, there: RateSet): RateDifference[] {
  const other = new Map(rateEntries(there).map((e) => [e.path, e.value]));
  return rateEntries(here).flatMap((entry) => {
    const value = other.get(entry.path);
    if (value === undefined || JSON.stringify(value) === JSON.stringify(entry.value)) return [];
    const from = likelyOf(entry.value);
    return [{ entry, here: entry.value, there: value, ratio: from === 0 ? null : likelyOf(value) / from }];
  });
}
