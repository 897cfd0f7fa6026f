import { bestSplit, type SplitFound } from './best-split';
import type { PlanDue } from './deliveries';
import { switchesInTime, WaysInTime } from './in-time';
import type { LaneSteps } from './lane-steps';
import { StretchHeap, type Stretch } from './stretch-heap';

/** Equal money, as far as it is worth telling apart. */
export const SAME = 1e-9;

/** Stretches looked at before the search draws breath. */
const BREATH = 2000;

/** Shares of the programme down to which any layouts are looked at together. */
const APART_FROM = 64;

/**
 * The best switch quantity of one pair, exactly, or null where none delivers in time for less than `under`. Money of a
 * layout never falls with its pieces, so that a stretch of switches costs no less than the first step at its low end
 * with the second at its high end: stretches that cannot be better are dropped whole, the likeliest is halved first.
 * Short ones are distinguished by the layouts of both lanes, of which each two deliver in time over one stretch for each
 * kind of approval. Yields now and then.
 * @param least pieces that each step makes
 */
export function* bestSwitch(
  a: LaneSteps,
  b: LaneSteps,
  q: number,
  deliveries: readonly PlanDue[],
  under: number,
  least: number,
): Generator<void, SplitFound | null, void> {
  const second = b.following(a);
  const heap = new StretchHeap();
  let best: SplitFound | null = null;
  let ceiling = under;
  const put = (ways: Stretch['ways'], from: number, to: number): void => {
    if (from > to) return;
    const bound =
      ways === null
        ? a.leastTotal(from) + second.leastTotal(q - to)
        : a.total(ways[0], from) + second.total(ways[1], q - to);
    if (bound < ceiling) heap.push({ ways, from, to, bound });
  };
  const inTime = new WaysInTime(a, second, q, deliveries);
  /** A stretch in which neither step changes its kind of approval, distinguished by layouts. */
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
  const take = (found: SplitFound | null): void => {
    if (found === null || found.total >= ceiling - SAME * found.total) return;
    best = found;
    ceiling = found.total;
  };
  const stretches = switchesInTime(a, second, q, deliveries, least);
  // Something in time to begin with: most of what follows is then dropped unseen.
  for (const n of new Set(stretches.flat())) take(bestSplit(a, b, n, q, deliveries));
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
