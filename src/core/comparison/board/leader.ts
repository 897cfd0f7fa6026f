import type { ProgrammeCost } from '../../cost';
import { openCosts, survives, type Study } from '../../study';

/** A layout in the race for the lead, with the index of its lane in the study. */
export interface Runner {
  readonly lane: number;
  readonly cost: ProgrammeCost;
}

/**
 * Every layout of every surviving lane, in lane order.
 *
 * @example
 * runnersOf(study).length > 0 // true
 */
export function runnersOf(study: Study): Runner[] {
  return study.lanes.flatMap((entry, lane) =>
    survives(entry) ? openCosts(entry).map((cost) => ({ lane, cost })) : [],
  );
}

/**
 * Lane index of the least T(q) among the runners; the first in lane order where two are equal; −1 when none runs.
 *
 * @example
 * winnerAt([], 500) // -1
 */
export function winnerAt(runners: readonly Runner[], q: number): number {
  let best = Infinity;
  let lane = -1;
  for (const runner of runners) {
    const total = runner.cost.total(q);
    if (total < best) {
      best = total;
      lane = runner.lane;
    }
  }
  return lane;
}

/**
 * Id of the cheapest surviving lane at q pieces, or null when no lane survives.
 *
 * @param study made ready
 * @param q pieces in all
 * @param runners lanes that survive, where they are known
 * @returns the id of the cheapest surviving lane, or null
 * @example
 * leaderAt(study, 500) === board.leader // true
 */
export function leaderAt(study: Study, q: number, runners: readonly Runner[] = runnersOf(study)): string | null {
  return study.lanes[winnerAt(runners, q)]?.lane.id ?? null;
}
