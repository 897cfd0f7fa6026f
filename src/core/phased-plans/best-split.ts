import { isApproved } from './delivered';
import type { PlanDue } from './deliveries';
import { InTime } from './in-time';
import type { LaneSteps, StepLayout } from './lane-steps';

/** A plan found: the first pieces on one lane, the rest on another. Money in USD. */
export interface SplitFound {
  readonly first: string;
  readonly then: string;
  readonly pieces: number;
  /** Pieces in all. */
  readonly q: number;
  readonly layouts: readonly [StepLayout, StepLayout];
  readonly total: number;
}

/** One lane for the whole programme. */
export interface FoundSingle {
  readonly laneId: string;
  readonly layout: StepLayout;
  readonly total: number;
}

/** The cheapest layouts of two steps that deliver in time, or null. */
export function bestSplit(
  a: LaneSteps,
  b: LaneSteps,
  pieces: number,
  q: number,
  deliveries: readonly PlanDue[],
): SplitFound | null {
  const second = b.following(a);
  const inTime = new InTime(deliveries, q);
  const [approved, then] = [isApproved(pieces), isApproved(q - pieces)];
  const others = second.byMoney(q - pieces);
  let best: { readonly mine: number; readonly theirs: number; readonly total: number } | null = null;
  for (const mine of a.byMoney(pieces)) {
    for (const theirs of others) {
      const total = mine.total + theirs.total;
      if (best !== null && total >= best.total) break;
      const made = a.made(mine.way, approved);
      if (!inTime.holds(pieces, made, second.made(theirs.way, then))) continue;
      best = { mine: mine.way, theirs: theirs.way, total };
    }
  }
  if (best === null) return null;
  const layouts: SplitFound['layouts'] = [a.layout(best.mine, pieces), second.layout(best.theirs, q - pieces)];
  return { first: a.id, then: b.id, pieces, q, layouts, total: best.total };
}

/** The cheapest lane alone that delivers in time, or null. */
export function bestSingle(lanes: readonly LaneSteps[], q: number, deliveries: readonly PlanDue[]): FoundSingle | null {
  let best: FoundSingle | null = null;
  for (const lane of lanes)
    for (const { way, total } of lane.byMoney(q)) {
      if (best !== null && total >= best.total) break;
      const made = lane.made(way, isApproved(q));
      if (!deliveries.every((due, i) => Math.min(q, made[i] as number) >= due.pieces)) continue;
      best = { laneId: lane.id, layout: lane.layout(way, q), total };
    }
  return best;
}
