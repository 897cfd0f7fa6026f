import type { Study } from '../board';
import { NO_APPROVAL_UP_TO } from '../calendar';
import { isApproved } from './delivered';
import type { PlanDue } from './dues';
import { stepLanes, type LaneSteps, type StepLayout } from './lane-steps';

/** A plan found: the first pieces on one lane, the rest on another. Money in USD. */
export interface Found {
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

/** Equal money, as far as it is worth telling apart. */
const SAME = 1e-9;

const meets = (
  dues: readonly PlanDue[],
  a: { readonly made: readonly number[]; readonly pieces: number },
  b: { readonly made: readonly number[]; readonly pieces: number },
): boolean =>
  dues.every(
    (due, i) => Math.min(a.pieces, a.made[i] as number) + Math.min(b.pieces, b.made[i] as number) >= due.pieces,
  );

/** The cheapest layouts of two steps that deliver in time, or null. */
export function bestSplit(
  a: LaneSteps,
  b: LaneSteps,
  pieces: number,
  q: number,
  dues: readonly PlanDue[],
): Found | null {
  let best: Found | null = null;
  const second = b.following(a);
  for (const mine of a.layouts(pieces)) {
    for (const theirs of second.layouts(q - pieces)) {
      const total = mine.total + theirs.total;
      if (best !== null && total >= best.total) break;
      if (!meets(dues, { made: mine.made, pieces }, { made: theirs.made, pieces: q - pieces })) continue;
      best = { first: a.id, then: b.id, pieces, q, layouts: [mine, theirs], total };
    }
  }
  return best;
}

/** The cheapest lane alone that delivers in time, or null. */
export function bestSingle(lanes: readonly LaneSteps[], q: number, dues: readonly PlanDue[]): FoundSingle | null {
  let best: FoundSingle | null = null;
  for (const lane of lanes) {
    const layout = lane
      .layouts(q)
      .find((one) => meets(dues, { made: one.made, pieces: q }, { made: one.made, pieces: 0 }));
    if (layout !== undefined && (best === null || layout.total < best.total))
      best = { laneId: lane.id, layout, total: layout.total };
  }
  return best;
}

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly bound: number;
}

/** A heap of stretches, the least bound on top. */
class Heap {
  private readonly items: Stretch[] = [];
  push(s: Stretch): void {
    const { items } = this;
    let i = items.push(s) - 1;
    while (i > 0) {
      const up = (i - 1) >> 1;
      if ((items[up] as Stretch).bound <= s.bound) break;
      items[i] = items[up] as Stretch;
      i = up;
    }
    items[i] = s;
  }
  pop(): Stretch | undefined {
    const { items } = this;
    const top = items[0];
    const last = items.pop();
    if (top === undefined || last === undefined || items.length === 0) return top;
    let i = 0;
    for (;;) {
      let child = 2 * i + 1;
      if (child >= items.length) break;
      if (child + 1 < items.length && (items[child + 1] as Stretch).bound < (items[child] as Stretch).bound) child++;
      if ((items[child] as Stretch).bound >= last.bound) break;
      items[i] = items[child] as Stretch;
      i = child;
    }
    items[i] = last;
    return top;
  }
}

/**
 * The best switch quantity of one pair, exactly, or null where none delivers in time for less than `under`. Money of a
 * lane never falls with its pieces, so that a stretch of switch quantities costs no less than the first step at its low
 * end with the second at its high end: stretches that cannot be better are dropped whole.
 */
export function bestSwitch(
  a: LaneSteps,
  b: LaneSteps,
  q: number,
  dues: readonly PlanDue[],
  under: number,
): Found | null {
  const second = b.following(a);
  const heap = new Heap();
  const put = (from: number, to: number): void =>
    heap.push({ from, to, bound: a.leastTotal(from) + second.leastTotal(q - to) });
  let best: Found | null = null;
  const ceiling = (): number => (best === null ? under : best.total);
  const look = (n: number): void => {
    if (a.leastTotal(n) + second.leastTotal(q - n) >= ceiling()) return;
    const found = bestSplit(a, b, n, q, dues);
    if (found !== null && found.total < ceiling() - SAME * found.total) best = found;
  };
  for (const [from, to] of switchesInTime(a, b, q, dues)) put(from, to);
  for (let s = heap.pop(); s !== undefined && s.bound < ceiling(); s = heap.pop()) {
    look(s.from);
    if (s.from === s.to) continue;
    const middle = Math.floor((s.from + 1 + s.to) / 2);
    put(s.from + 1, middle);
    if (middle < s.to) put(middle + 1, s.to);
  }
  return best;
}

/**
 * The switch quantities of a pair that deliver in time on some layouts, as stretches from low to high, rising. Up to
 * twenty pieces wait for no approval, so that such steps are looked at apart.
 */
function switchesInTime(a: LaneSteps, b: LaneSteps, q: number, dues: readonly PlanDue[]): [number, number][] {
  const edges = [1, NO_APPROVAL_UP_TO + 1, q - NO_APPROVAL_UP_TO, q].filter((x) => x >= 1 && x <= q);
  const ends = [...new Set(edges)].sort((x, y) => x - y);
  const out: [number, number][] = [];
  for (let i = 1; i < ends.length; i++) {
    const [low, high] = [ends[i - 1] as number, (ends[i] as number) - 1];
    const stretches = a
      .swiftest(isApproved(low))
      .flatMap((mine) => b.swiftest(isApproved(q - low)).map((theirs) => between(mine, theirs, q, dues, low, high)))
      .filter(([from, to]) => from <= to)
      .sort((x, y) => x[0] - y[0]);
    for (const [from, to] of stretches) {
      const last = out.at(-1);
      if (last !== undefined && last[1] >= low && from <= last[1] + 1) last[1] = Math.max(last[1], to);
      else out.push([from, to]);
    }
  }
  return out;
}

/** Switch quantities between two at which every delivery is met, given what each step has by each day. */
function between(
  mine: readonly number[],
  theirs: readonly number[],
  q: number,
  dues: readonly PlanDue[],
  low: number,
  high: number,
): [number, number] {
  let [from, to] = [low, high];
  for (const [i, due] of dues.entries()) {
    const [onA, onB] = [mine[i] as number, theirs[i] as number];
    if (onA + onB < due.pieces) return [1, 0];
    from = Math.max(from, due.pieces - onB);
    to = Math.min(to, q - Math.max(0, due.pieces - onA));
  }
  return [from, to];
}

/** What a search found. */
export interface PlanSearch {
  /** Best plan of each pair of lanes, cheapest first, at most as many as asked. */
  readonly plans: readonly Found[];
  /** Cheapest single lane that delivers all in time, or null. */
  readonly single: FoundSingle | null;
  /** Cheapest single lane whatever it delivers, or null where no lane survives. */
  readonly cheapest: FoundSingle | null;
  /** The days looked for: as asked, or put off where they cannot be met. */
  readonly dues: readonly PlanDue[];
}

/** Further plans are looked for up to so many times the money of the best. */
const WORTH_TELLING = 1.5;

/** Days beyond which nothing is looked for. */
const FURTHEST_D = 20_000;

/**
 * Every ordered pair of surviving lanes with every switch quantity (formula dec.two-stage, on the money and the dates of
 * the lanes): the cheapest plans that meet every delivery as far as it can be met. Yields the share done between pairs.
 * @param q pieces in all, whole
 * @param most plans wanted, at least 1
 */
export function* searchPlans(
  study: Study,
  q: number,
  asked: readonly PlanDue[],
  most = 3,
): Generator<number, PlanSearch, void> {
  const dues = settledDues(study, q, asked);
  const lanes = stepLanes(study, dues);
  const plans = yield* plansOf(lanes, q, dues, most);
  return { plans, single: bestSingle(lanes, q, dues), cheapest: bestSingle(lanes, q, []), dues };
}

/**
 * Days asked as they can be met: one that no two lanes can meet is put off to the soonest they can; where no one pair
 * then meets all of them together, all are put off by the fewest days that let one.
 */
export function settledDues(study: Study, q: number, asked: readonly PlanDue[]): PlanDue[] {
  const near = reachable(study, asked);
  const able = (days: number): boolean => {
    const later = putOff(near, days);
    return onePlan(stepLanes(study, later), q, later);
  };
  if (q < 2 || stepLanes(study, near).length < 2 || able(0)) return near;
  return putOff(near, leastDay(0, able));
}

/** Whether any pair of lanes can meet all days. */
function onePlan(lanes: readonly LaneSteps[], q: number, dues: readonly PlanDue[]): boolean {
  return lanes.some((a) => lanes.some((b) => a !== b && switchesInTime(a, b, q, dues).length > 0));
}

function* plansOf(
  lanes: readonly LaneSteps[],
  q: number,
  dues: readonly PlanDue[],
  most: number,
): Generator<number, Found[], void> {
  // The likely best first: what follows is then dropped early.
  const pairs = lanes
    .flatMap((a) => lanes.filter((b) => b !== a).map((b) => ({ a, b, at: guess(a, b, q, dues) })))
    .filter(({ at }) => Number.isFinite(at))
    .sort((x, y) => x.at - y.at);
  const plans: Found[] = [];
  for (const [i, { a, b }] of pairs.entries()) {
    const near = (plans[0]?.total ?? Infinity) * WORTH_TELLING;
    const under = plans.length < most ? near : (plans[most - 1] as Found).total;
    const found = bestSwitch(a, b, q, dues, under);
    if (found !== null) take(plans, found, most);
    yield (i + 1) / pairs.length;
  }
  return plans.filter((p) => p.total <= (plans[0] as Found).total * WORTH_TELLING);
}

/** Adds a plan among the cheapest; of two that are one another turned round, the cheaper stays. */
function take(plans: Found[], found: Found, most: number): void {
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

/** A plan told with the lane first whose parts come first, where nothing of a tool hangs on the order. */
function soonerFirst(found: Found): Found {
  const [a, b] = found.layouts;
  if (b.reused > 0 || a.time.firstArticle_d <= b.time.firstArticle_d) return found;
  const pieces = found.q - found.pieces;
  return { ...found, first: found.then, then: found.first, pieces, layouts: [b, a] };
}

/** Money of the least that must be on the first lane: a guess at a pair's worth. */
function guess(a: LaneSteps, b: LaneSteps, q: number, dues: readonly PlanDue[]): number {
  const [first] = switchesInTime(a, b, q, dues);
  return first === undefined ? Infinity : a.leastTotal(first[0]) + b.leastTotal(q - first[0]);
}

/** Days asked that no two lanes together can meet, each put off to the soonest they could. */
function reachable(study: Study, dues: readonly PlanDue[]): PlanDue[] {
  return dues.map((due) => {
    const enough = (day_d: number): boolean => {
      const at = [{ ...due, day_d }];
      const made = stepLanes(study, at)
        .map((lane) => lane.mostFree()[0] as number)
        .sort((x, y) => y - x);
      return (made[0] ?? 0) + (made[1] ?? 0) >= due.pieces;
    };
    if (enough(due.day_d)) return due;
    return { ...due, day_d: leastDay(Math.max(0, Math.ceil(due.day_d)), enough) };
  });
}

/** The first whole day on which it holds, from one on which it does not; it goes on holding. */
function leastDay(from: number, holds: (day: number) => boolean): number {
  let step = 1;
  while (!holds(from + step)) {
    if (step > FURTHEST_D) return Infinity;
    step *= 2;
  }
  let [low, high] = [from + Math.floor(step / 2), from + step];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (holds(middle)) high = middle;
    else low = middle;
  }
  return high;
}

/** All days asked, put off by so many days. */
const putOff = (dues: readonly PlanDue[], days: number): PlanDue[] =>
  days === 0 ? [...dues] : dues.map((d) => ({ ...d, day_d: d.day_d + days }));
