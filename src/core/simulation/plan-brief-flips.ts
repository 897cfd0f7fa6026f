import { RAIL_MAX, railQuantities } from '../comparison/board';
import { type Study } from '../study';
import { deliveriesOf, MOST_WAIT_D, PLAN, planAt, singleAt, StudyWorkings, type PhasedPlan } from '../phased-plans';
import type { BriefFlip, FlipCost, FlipCosts } from './brief-flips';
import type { DrawnPlan } from './study-simulation';

/** Quantities, and sizes of the first step, that are looked at before a change is narrowed down. */
const LOOKS = 48;

/**
 * What else would change a plan: how long it stays ahead of the route alone that delivers as soon (quantity, price of
 * its tools), for which first steps it stays ahead and delivers no later, how long the second tool may be late.
 * Yields after each look.
 * @param orderDate ISO date of the order
 * @example
 * drained(planBriefFlips(planned.study, planned.q, '2027-01-04', planned.drawn)).length > 0 // true
 */
export function* planBriefFlips(
  study: Study,
  q: number,
  orderDate: string,
  plan: DrawnPlan,
): Generator<void, BriefFlip[], void> {
  const { choice, deliveries } = plan;
  const now = planAt(study, q, choice, deliveries);
  const alone = plan.open.alone === null ? null : singleAt(study, q, plan.open.alone.laneId, deliveries, true);
  const steps = yield* switchFlip(study, q, plan, now, alone?.total ?? null);
  const wait: BriefFlip[] =
    now.deliveries.length === 0 || now.waits_d >= MOST_WAIT_D
      ? []
      : [
          {
            kind: 'wait',
            key: 'plan.then',
            words: 'order of the second tool',
            unit: 'days',
            now: 0,
            against: null,
            at: [now.waits_d],
          },
        ];
  if (alone === null) return [...steps, ...wait];
  const against = alone.steps[0]?.laneId ?? null;
  const tools = new StudyWorkings(study, q, plan.open, deliveries).working(PLAN, 'tooling').value;
  return [
    {
      kind: 'quantity',
      key: 'quantity',
      words: 'pieces over the life',
      unit: 'pieces',
      now: q,
      against,
      ...(yield* quantities(study, orderDate, plan, against)),
    },
    {
      kind: 'tooling',
      key: 'tooling',
      words: 'the price of both tools',
      unit: study.rates.currency.code,
      now: tools,
      against,
      at: [tools + alone.total - now.total],
    },
    ...steps,
    ...wait,
  ];
}

/** Whole pieces at which the plan, its first step as it is, and the route alone change places. */
function* quantities(
  study: Study,
  orderDate: string,
  { choice }: DrawnPlan,
  laneId: string | null,
): Generator<void, Required<Pick<BriefFlip, 'at' | 'looks'>>, void> {
  if (laneId === null) return { at: [], looks: [] };
  const look = (q: number): FlipCost & { own: number; other: number } => {
    const deliveries = deliveriesOf(study, q, orderDate);
    return {
      x: q,
      own: planAt(study, q, choice, deliveries).total,
      other: singleAt(study, q, laneId, deliveries, true).total,
      words: null,
    };
  };
  const ahead = (q: number): boolean => {
    const { own, other } = look(q);
    return own <= other;
  };
  const rail = railQuantities(LOOKS).filter((q) => q > choice.pieces && q <= RAIL_MAX);
  const at: number[] = [];
  let last: { readonly q: number; readonly ahead: boolean } | null = null;
  for (const q of rail) {
    yield;
    const next = { q, ahead: ahead(q) };
    if (last !== null && last.ahead !== next.ahead) at.push(1 + lastOf(last.q, q, (x) => ahead(x) !== next.ahead));
    last = next;
  }
  return { at, looks: at.map((q): FlipCosts => [look(q - 1), look(q)]) };
}

/** The first steps, from the least to the most around the present one, with which the plan is ahead and no later. */
function* switchFlip(
  study: Study,
  q: number,
  { choice, deliveries, open }: DrawnPlan,
  now: PhasedPlan,
  most: number | null,
): Generator<void, BriefFlip[], void> {
  const lateOf = (plan: PhasedPlan): number => plan.deliveries.filter((d) => d.late_d > 0).length;
  const late = lateOf(now);
  const holds = (pieces: number): boolean => {
    const plan = planAt(study, q, { ...choice, pieces }, deliveries);
    return (most === null || plan.total <= most) && lateOf(plan) <= late;
  };
  if (!holds(choice.pieces)) return [];
  const sizes = [...new Set([1, ...railQuantities(LOOKS), q - 1])].filter((n) => n >= 1 && n < q).sort((a, b) => a - b);
  function* outward(list: readonly number[]): Generator<void, number, void> {
    let kept = choice.pieces;
    for (const n of list) {
      yield;
      if (!holds(n)) return n > kept ? lastOf(kept, n, holds) : -lastOf(-kept, -n, (m) => holds(-m));
      kept = n;
    }
    return kept;
  }
  const low = yield* outward(sizes.filter((n) => n < choice.pieces).reverse());
  const high = yield* outward(sizes.filter((n) => n > choice.pieces));
  const look = (pieces: number): FlipCost => {
    const plan = planAt(study, q, { ...choice, pieces }, deliveries);
    return { x: pieces, own: plan.total, other: most, words: lateWords(lateOf(plan), deliveries.length) };
  };
  return [
    {
      kind: 'switch',
      key: 'plan.pieces',
      words: 'pieces of the first step',
      unit: 'pieces',
      now: choice.pieces,
      against: open.alone?.laneId ?? null,
      at: [low, high],
      looks: [
        [look(low), low > 1 ? look(low - 1) : null],
        [look(high), high < q - 1 ? look(high + 1) : null],
      ],
    },
  ];
}

/** How many of the days asked are missed; null where none is asked. */
const lateWords = (late: number, asked: number): string | null =>
  asked === 0 ? null : `${late === 0 ? 'none' : late} of ${asked} days asked missed`;

/** The last whole number from one that holds up to one that does not. */
function lastOf(from: number, to: number, holds: (n: number) => boolean): number {
  let [kept, lost] = [from, to];
  while (lost - kept > 1) {
    const middle = Math.floor((kept + lost) / 2);
    if (holds(middle)) kept = middle;
    else lost = middle;
  }
  return kept;
}
