import { runnersOf, winnerAt } from './leader';
import type { Study } from '../../study';

/** Largest quantity of the rail. */
export const RAIL_MAX = 1_000_000;

/** One sample of the ribbon: the cheapest surviving lane at a quantity. */
export interface RibbonCell {
  readonly q: number;
  readonly laneId: string | null;
}

/**
 * Whole quantities spread evenly on a log scale from 1 to RAIL_MAX, both included, repeats left out.
 *
 * @param count how many
 * @returns whole pieces from 1 to the end of the rail, evenly by ratio
 * @example
 * railQuantities(3) // [1, 1000, 1000000]
 */
export function railQuantities(count: number): number[] {
  const steps = Math.max(2, count) - 1;
  const raw = Array.from({ length: steps + 1 }, (_, i) => Math.round(RAIL_MAX ** (i / steps)));
  return [...new Set(raw)];
}

/**
 * The ribbon: which lane is cheapest at each of some `count` quantities of the rail.
 *
 * @example
 * ribbon(study, 4).length // 4
 */
export function ribbon(study: Study, count = 240): RibbonCell[] {
  const runners = runnersOf(study);
  return railQuantities(count).map((q) => ({ q, laneId: study.lanes[winnerAt(runners, q)]?.lane.id ?? null }));
}
