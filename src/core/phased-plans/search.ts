import type { Study } from '../study';
import { bestSingle, type SplitFound, type FoundSingle } from './best-split';
import { bestSwitch, SAME } from './best-switch';
import type { PlanDue } from './deliveries';
import { switchesInTime } from './in-time';
import { leastStep } from './least-step';
import { stepLanes, type LaneSteps } from './lane-steps';
import { settledDeliveries } from './settled-deliveries';

/** What a search found. */
export interface PlanSearch {
  /** Best plan of each pair of lanes, cheapest first, at most as many as asked. */
  readonly plans: readonly SplitFound[];
  /** Cheapest single lane that delivers all in time, or null. */
  readonly single: FoundSingle | null;
  /** Cheapest single lane whatever it delivers, or null where no lane survives. */
  readonly cheapest: FoundSingle | null;
  /** The days looked for: as asked, or put off where they cannot be met. */
  readonly deliveries: readonly PlanDue[];
}

/** Further plans are looked for up to so many times the money of the best. */
const WORTH_SHOWING = 1.5;

/**
 * Every ordered pair of surviving lanes with every switch quantity that leaves both steps worth making (`leastStep`):
 * the cheapest plans that meet every delivery as far as it can be met. Yields the share done. Source: formula
 * dec.two-stage, on the money and the dates of the lanes.
 * @param q pieces in all, whole
 * @param most plans wanted, at least 1
 * @example
 * drained(searchPlans(study, 500, [], 1)).plans.length // 1
 */
export function* searchPlans(
  study: Study,
  q: number,
  asked: readonly PlanDue[],
  most = 3,
): Generator<number, PlanSearch, void> {
  const deliveries = settledDeliveries(study, q, asked);
  const lanes = stepLanes(study, deliveries);
  const plans = yield* plansOf(lanes, q, deliveries, most, leastStep(study.brief, q, deliveries));
  return { plans, single: bestSingle(lanes, q, deliveries), cheapest: bestSingle(lanes, q, []), deliveries };
}

function* plansOf(
  lanes: readonly LaneSteps[],
  q: number,
  deliveries: readonly PlanDue[],
  most: number,
  least: number,
): Generator<number, SplitFound[], void> {
  // The likely best first: what follows is then dropped early.
  const pairs = lanes
    .flatMap((a) => lanes.filter((b) => b !== a).map((b) => ({ a, b, at: guess(a, b, q, deliveries, least) })))
    .filter(({ at }) => Number.isFinite(at))
    .sort((x, y) => x.at - y.at);
  const plans: SplitFound[] = [];
  for (const [i, { a, b }] of pairs.entries()) {
    const near = (plans[0]?.total ?? Infinity) * WORTH_SHOWING;
    const under = plans.length < most ? near : (plans[most - 1] as SplitFound).total;
    const search = bestSwitch(a, b, q, deliveries, under, least);
    let step = search.next();
    for (; !step.done; step = search.next()) yield i / pairs.length;
    const found = step.value;
    if (found !== null) take(plans, found, most);
    yield (i + 1) / pairs.length;
  }
  return plans.filter((p) => p.total <= (plans[0] as SplitFound).total * WORTH_SHOWING);
}

/** Adds a plan among the cheapest; of two that are one another turned round, the cheaper stays. */
function take(plans: SplitFound[], found: SplitFound, most: number): void {
  const told = soonerFirst(found);
  const pair = plans.findIndex(
    (p) => (p.first === told.first && p.then === told.then) || (p.first === told.then && p.then === told.first),
  );
  const other = plans[pair];
  if (other !== undefined) {
    if (other.total <= told.total * (1 + SAME)) return;
    plans.splice(pair, 1);
  }
  plans.push(told);
  plans.sort((x, y) => x.total - y.total);
  plans.length = Math.min(plans.length, most);
}

/** A plan shown with the lane first whose parts come first, where nothing of a tool hangs on the order. */
function soonerFirst(found: SplitFound): SplitFound {
  const [a, b] = found.layouts;
  if (b.reused > 0 || a.time.firstArticle_d <= b.time.firstArticle_d) return found;
  const pieces = found.q - found.pieces;
  return { ...found, first: found.then, then: found.first, pieces, layouts: [b, a] };
}

/** Money of the least that must be on the first lane: a guess at a pair's worth. */
function guess(a: LaneSteps, b: LaneSteps, q: number, deliveries: readonly PlanDue[], least: number): number {
  const [first] = switchesInTime(a, b, q, deliveries, least);
  return first === undefined ? Infinity : a.leastTotal(first[0]) + b.leastTotal(q - first[0]);
}
