import { survives, type Study } from '../board';
import { isApproved } from './delivered';
import type { PlanDue } from './dues';
import { InTime, switchesInTime, WaysInTime } from './in-time';
import { mostBy, stepLanes, type LaneSteps, type StepLayout } from './lane-steps';

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

/** The cheapest layouts of two steps that deliver in time, or null. */
export function bestSplit(
  a: LaneSteps,
  b: LaneSteps,
  pieces: number,
  q: number,
  dues: readonly PlanDue[],
): Found | null {
  const second = b.following(a);
  const inTime = new InTime(dues, q);
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
  const layouts: Found['layouts'] = [a.layout(best.mine, pieces), second.layout(best.theirs, q - pieces)];
  return { first: a.id, then: b.id, pieces, q, layouts, total: best.total };
}

/** The cheapest lane alone that delivers in time, or null. */
export function bestSingle(lanes: readonly LaneSteps[], q: number, dues: readonly PlanDue[]): FoundSingle | null {
  let best: FoundSingle | null = null;
  for (const lane of lanes)
    for (const { way, total } of lane.byMoney(q)) {
      if (best !== null && total >= best.total) break;
      const made = lane.made(way, isApproved(q));
      if (!dues.every((due, i) => Math.min(q, made[i] as number) >= due.pieces)) continue;
      best = { laneId: lane.id, layout: lane.layout(way, q), total };
    }
  return best;
}

/** Some switch quantities, of one layout of each lane that deliver in time there, or of any layouts. */
interface Stretch {
  /** Layouts of the first lane and of the second; null where any may be meant. */
  readonly ways: readonly [mine: number, theirs: number] | null;
  readonly from: number;
  readonly to: number;
  /** Money that no switch of it can be under. */
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

/** Stretches looked at before the search draws breath. */
const BREATH = 2000;

/** Shares of the programme down to which any layouts are looked at together. */
const APART_FROM = 64;

/**
 * The best switch quantity of one pair, exactly, or null where none delivers in time for less than `under`. Money of a
 * layout never falls with its pieces, so that a stretch of switches costs no less than the first step at its low end
 * with the second at its high end: stretches that cannot be better are dropped whole, the likeliest is halved first.
 * Short ones are told apart by the layouts of both lanes, of which each two deliver in time over one stretch for each
 * kind of approval. Yields now and then.
 */
export function* bestSwitch(
  a: LaneSteps,
  b: LaneSteps,
  q: number,
  dues: readonly PlanDue[],
  under: number,
): Generator<void, Found | null, void> {
  const second = b.following(a);
  const heap = new Heap();
  let best: Found | null = null;
  let ceiling = under;
  const put = (ways: Stretch['ways'], from: number, to: number): void => {
    if (from > to) return;
    const bound =
      ways === null
        ? a.leastTotal(from) + second.leastTotal(q - to)
        : a.total(ways[0], from) + second.total(ways[1], q - to);
    if (bound < ceiling) heap.push({ ways, from, to, bound });
  };
  const inTime = new WaysInTime(a, second, q, dues);
  /** A stretch in which neither step changes its kind of approval, told apart by layouts. */
  const tellApart = (kind: number, from: number, to: number): void => {
    const others = second.ways
      .map((_, theirs) => ({ theirs, total: second.total(theirs, q - to) }))
      .sort((x, y) => x.total - y.total);
    a.ways.forEach((_, mine) => {
      const own = a.total(mine, from);
      for (const { theirs, total } of others) {
        if (own + total >= ceiling) break;
        const [low, high] = inTime.of(kind, mine, theirs);
        put([mine, theirs], Math.max(from, low), Math.min(to, high));
      }
    });
  };
  const take = (found: Found | null): void => {
    if (found === null || found.total >= ceiling - SAME * found.total) return;
    best = found;
    ceiling = found.total;
  };
  const stretches = switchesInTime(a, second, q, dues);
  // Something in time to begin with: most of what follows is then dropped unseen.
  for (const n of new Set(stretches.flat())) take(bestSplit(a, b, n, q, dues));
  for (const [from, to] of stretches) put(null, from, to);
  let looked = 0;
  for (let s = heap.pop(); s !== undefined && s.bound < ceiling; s = heap.pop()) {
    if (++looked % BREATH === 0) yield;
    const { ways, from, to } = s;
    if (ways === null) {
      const { kind, last } = inTime.kindOf(from);
      if (last < to) {
        put(null, from, last);
        put(null, last + 1, to);
      } else if ((to - from) * APART_FROM < q) tellApart(kind, from, to);
      else {
        const middle = Math.floor((from + to) / 2);
        put(null, from, middle);
        put(null, middle + 1, to);
      }
      continue;
    }
    const [mine, theirs] = ways;
    const total = a.total(mine, from) + second.total(theirs, q - from);
    if (total < ceiling - SAME * total)
      take({
        first: a.id,
        then: b.id,
        pieces: from,
        q,
        layouts: [a.layout(mine, from), second.layout(theirs, q - from)],
        total,
      });
    const after = Math.floor((from + 1 + to) / 2);
    put(ways, from + 1, Math.min(to, after));
    put(ways, after + 1, to);
  }
  return best;
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
 * the lanes): the cheapest plans that meet every delivery as far as it can be met. Yields the share done.
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
    const search = bestSwitch(a, b, q, dues, under);
    let step = search.next();
    for (; !step.done; step = search.next()) yield i / pairs.length;
    const found = step.value;
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
  const lanes = study.lanes.filter(survives);
  const most = (day: number): number => {
    const [first = 0, second = 0] = lanes.map((entry) => mostBy(study, entry, day)).sort((x, y) => y - x);
    return first + second;
  };
  return dues.map((due) => {
    const enough = (day: number): boolean => most(day) >= due.pieces;
    return enough(due.day_d) ? due : { ...due, day_d: leastDay(Math.max(0, Math.ceil(due.day_d)), enough) };
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
