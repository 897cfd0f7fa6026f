import type { Study } from '../study';
import type { Brief } from '../brief';
import { curveWithHolidays, daysWithHolidays, deliveryCurve, type Delivered } from '../schedule';
import { refuse } from '../base/errors';
import { deliveredBy } from './delivered';
import type { PlanDue } from './deliveries';
import { stepLanes, type LaneSteps, type StepLayout } from './lane-steps';
import { reuseOf } from './reuse';
import type { Reuse } from './reuse.data';
import { bestSingle, bestSplit, type SplitFound, type FoundSingle } from './best-split';

/** A plan as it is adopted: the first pieces on one lane, the rest on the other. */
export type PlanChoice = NonNullable<Brief['plan']>;

/** One step of a plan. Money in the study's currency; days from the order, holidays counted. */
export interface PlanStep {
  readonly laneId: string;
  readonly pieces: number;
  readonly layout: StepLayout;
  readonly total: number;
  readonly allIn: number;
  readonly firstArticle_d: number;
  readonly lastPart_d: number;
}

/** When the pieces asked by a day exist. Days from the order, holidays counted. */
export interface PlanDelivery {
  readonly due: PlanDue;
  readonly day_d: number;
  /** Days behind the day asked; 0 where it is met. */
  readonly late_d: number;
}

/** A plan worked out: two steps, or one lane alone. Money in the study's currency. */
export interface PhasedPlan {
  readonly q: number;
  readonly steps: readonly PlanStep[];
  readonly reuse: Reuse | null;
  /** Money saved by what the first tool leaves. */
  readonly reused: number;
  readonly total: number;
  readonly allIn: number;
  readonly curve: readonly Delivered[];
  readonly deliveries: readonly PlanDelivery[];
  readonly firstArticle_d: number;
  readonly lastPart_d: number;
  /** Days by which the last step's tool may be ordered later and no delivery that is met is missed for it. */
  readonly waits_d: number;
}

/** Most days that the order of the second tool is put off: where it can wait for so long, nothing asked needs it. */
export const MOST_WAIT_D = 3650;

/**
 * A plan at a quantity, laid out at least money of what delivers in time, else at least money.
 * @param q pieces in all, whole, more than the plan's first pieces
 * @throws {CoreError} E_RANGE where a lane of it does not survive, or its pieces are not from 1 to q − 1
 * @example
 * planAt(planned.study, planned.q, planned.drawn.choice, []).steps.length // 2
 */
export function planAt(study: Study, q: number, choice: PlanChoice, deliveries: readonly PlanDue[]): PhasedPlan {
  const { first, then, pieces } = choice;
  if (!(pieces >= 1 && pieces < q)) refuse('E_RANGE', 'plan.pieces', pieces, `from 1 to ${q - 1}`);
  const lanes = stepLanes(study, deliveries);
  const lane = (field: string, id: string): LaneSteps =>
    lanes.find((l) => l.id === id) ?? refuse('E_RANGE', field, id, 'a route that is left');
  const [a, b] = [lane('plan.first', first), lane('plan.then', then)];
  const found = bestSplit(a, b, pieces, q, deliveries) ?? bestSplit(a, b, pieces, q, []);
  return workedOut(study, q, found as SplitFound, deliveries);
}

/**
 * A plan that a search found, worked out.
 *
 * @example
 * workedOut(planned.study, planned.q, plans.plans[0], planned.deliveries).steps.length // 2
 */
export function workedOut(study: Study, q: number, found: SplitFound, deliveries: readonly PlanDue[]): PhasedPlan {
  const [a, b] = found.layouts;
  const steps = [
    { laneId: found.first, layout: a, pieces: found.pieces },
    { laneId: found.then, layout: b, pieces: q - found.pieces },
  ];
  return ofSteps(study, q, steps, reuseOf(found.first, found.then) ?? null, deliveries);
}

/**
 * One lane alone, seen as a plan of one step.
 *
 * @example
 * workedOutSingle(planned.study, planned.q, plans.single, planned.deliveries).steps.length // 1
 */
export function workedOutSingle(
  study: Study,
  q: number,
  found: FoundSingle,
  deliveries: readonly PlanDue[],
): PhasedPlan {
  return ofSteps(study, q, [{ laneId: found.laneId, layout: found.layout, pieces: q }], null, deliveries);
}

/**
 * One lane alone at a quantity.
 * @param inTime true lays it out for the deliveries where it can, false at least money whatever it delivers
 * @throws {CoreError} E_RANGE for a lane that does not survive
 * @example
 * singleAt(study, 500, board.leader, [], false).steps.length // 1
 */
export function singleAt(
  study: Study,
  q: number,
  laneId: string,
  deliveries: readonly PlanDue[],
  inTime: boolean,
): PhasedPlan {
  const lane = stepLanes(study, deliveries).filter((l) => l.id === laneId);
  const found = (inTime ? bestSingle(lane, q, deliveries) : null) ?? bestSingle(lane, q, []);
  return found === null
    ? refuse('E_RANGE', 'laneId', laneId, 'a route that is left')
    : workedOutSingle(study, q, found, deliveries);
}

function ofSteps(
  study: Study,
  q: number,
  taken: readonly { readonly laneId: string; readonly layout: StepLayout; readonly pieces: number }[],
  reuse: Reuse | null,
  required: readonly PlanDue[],
): PhasedPlan {
  const per = study.rates.currency.perUnit;
  const shut = (days: number): number => daysWithHolidays(study.brief.quantity.orderDate, days, study.rates.calendar);
  const curves = taken.map(({ layout, pieces }) => deliveryCurve(layout.time, pieces));
  const ends = curves.map((curve) => curve.at(-1)?.day ?? 0);
  const steps = taken.map(({ laneId, layout, pieces }, i): PlanStep => ({
    laneId,
    pieces,
    layout,
    total: layout.total * per,
    allIn: (layout.total * per) / pieces,
    firstArticle_d: shut(layout.time.firstArticle_d),
    lastPart_d: shut(ends[i] as number),
  }));
  const last = taken.length - 1;
  const made = (day_d: number, wait_d = 0): number =>
    taken.reduce(
      (sum, { layout, pieces }, i) =>
        sum + Math.min(pieces, deliveredBy(layout.pace, i === last ? day_d - wait_d : day_d)),
      0,
    );
  const end = Math.max(...ends);
  const deliveries = required.map((due): PlanDelivery => {
    const day = shut(soonestDay(due.pieces, end, made));
    return { due, day_d: day, late_d: Math.max(0, Math.ceil(day - due.asked_d - 0.01)) };
  });
  const total = taken.reduce((sum, { layout }) => sum + layout.total, 0) * per;
  return {
    q,
    steps,
    reuse,
    reused: taken.reduce((sum, { layout }) => sum + layout.reused, 0) * per,
    total,
    allIn: total / q,
    curve: curveWithHolidays(curves.reduce(together), study.brief.quantity.orderDate, study.rates.calendar),
    deliveries,
    firstArticle_d: Math.min(...steps.map((x) => x.firstArticle_d)),
    lastPart_d: Math.max(...steps.map((x) => x.lastPart_d)),
    waits_d: waits(required, made),
  };
}

/**
 * Day by which so many good pieces of a plan exist, holidays counted; null for more than it makes.
 * @param pieces whole, at least 1
 * @example
 * dayOfPlan(planned.study, plan, 1) < dayOfPlan(planned.study, plan, planned.q) // true
 */
export function dayOfPlan(study: Study, plan: PhasedPlan, pieces: number): number | null {
  if (pieces > plan.q) return null;
  const { steps } = plan;
  const made = (day: number): number =>
    steps.reduce((sum, step) => sum + Math.min(step.pieces, deliveredBy(step.layout.pace, day)), 0);
  const day = soonestDay(pieces, plan.lastPart_d, made);
  return daysWithHolidays(study.brief.quantity.orderDate, day, study.rates.calendar);
}

/** The first day on which so many exist, to a thousandth of a day. */
export function soonestDay(pieces: number, end: number, made: (day: number) => number): number {
  let [low, high] = [0, end + 1];
  while (high - low > 1e-3) {
    const middle = (low + high) / 2;
    if (made(middle) >= pieces) high = middle;
    else low = middle;
  }
  return high;
}

/** Whole days the second order may wait while every delivery that is met stays met. */
function waits(deliveries: readonly PlanDue[], made: (day: number, wait: number) => number): number {
  const met = deliveries.filter((due) => made(due.day_d, 0) >= due.pieces);
  if (met.length === 0) return 0;
  const holds = (wait: number): boolean => met.every((due) => made(due.day_d, wait) >= due.pieces);
  let [low, high] = [0, MOST_WAIT_D];
  if (holds(high)) return high;
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (holds(middle)) low = middle;
    else high = middle;
  }
  return low;
}

/** Two delivery curves as one: at every corner of either, what both have made, before and after a jump. */
export function together(a: readonly Delivered[], b: readonly Delivered[]): Delivered[] {
  const days = [...new Set([...a, ...b].map((c) => c.day))].sort((x, y) => x - y);
  return days.flatMap((day) => {
    const before = at(a, day, false) + at(b, day, false);
    const after = at(a, day, true) + at(b, day, true);
    return before === after
      ? [{ day, pieces: after }]
      : [
          { day, pieces: before },
          { day, pieces: after },
        ];
  });
}

/** Pieces of a curve on a day, on the upper or the lower side of a jump there. */
function at(curve: readonly Delivered[], day: number, upper: boolean): number {
  const same = curve.filter((c) => c.day === day);
  if (same.length > 0) return (upper ? same.at(-1) : same[0])?.pieces ?? 0;
  const later = curve.findIndex((c) => c.day > day);
  if (later < 0) return curve.at(-1)?.pieces ?? 0;
  const [p, n] = [curve[later - 1], curve[later] as Delivered];
  return p === undefined ? 0 : p.pieces + ((n.pieces - p.pieces) * (day - p.day)) / (n.day - p.day);
}
