import type { LaneModel, ProgrammeCost } from '../cost';
import type { LanePart } from '../part';
import type { RateSet } from '../rates';
import type { Lane } from '../catalogue/routes';
import type { Screening } from '../screening';

/** One lane of a study, readied for any quantity. */
export interface StudyLane {
  readonly lane: Lane;
  /** Rates of the lane: those of the study, or of the foundry that does it best where all are asked. */
  readonly rates: RateSet;
  readonly part: LanePart | null;
  readonly screening: Screening | null;
  readonly model: LaneModel | null;
  /** Why no money can be computed, or null. */
  readonly uncosted: string | null;
  /** One per layout, fewest positions first. */
  readonly costs: readonly ProgrammeCost[];
  /** The layout held by the brief against the cheapest; null where none is held or it does not fit. */
  readonly overriddenCost: ProgrammeCost | null;
  /** Another variant of the route is held by the brief: this one cannot lead. */
  readonly passedOver: boolean;
}

/**
 * True when no rule bars the lane, its money is known and no other variant is held: only such lanes can lead.
 *
 * @param entry a lane of a study
 * @returns whether it is neither blocked nor without money, and not passed over
 * @example
 * survives(entry) // true
 */
export function survives(entry: StudyLane): boolean {
  const { screening, costs, passedOver } = entry;
  return screening !== null && screening.status !== 'blocked' && costs.length > 0 && !passedOver;
}

/**
 * The layouts of a lane that may be used: the held one alone, or all.
 *
 * @example
 * openCosts(entry).length > 0 // true
 */
export const openCosts = (entry: StudyLane): readonly ProgrammeCost[] =>
  entry.overriddenCost === null ? entry.costs : [entry.overriddenCost];

/**
 * The layout of least T(q) on one lane (equation 4.3), or the one held; the fewest positions where two are equal.
 *
 * @param entry a lane of a study
 * @param q pieces in all
 * @returns money of the cheapest layout; null where the lane has none
 * @example
 * bestLayout(entry, 500)?.total === board.lanes.find((l) => l.id === entry.lane.id)?.money?.total // true
 */
export function bestLayout(entry: StudyLane, q: number): { cost: ProgrammeCost; total: number } | null {
  let best: { cost: ProgrammeCost; total: number } | null = null;
  for (const cost of openCosts(entry)) {
    const total = cost.total(q);
    if (best === null || total < best.total) best = { cost, total };
  }
  return best;
}
