import { filled, finite, notNegative, positive, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { checkPlan, planTotal, type CheckedPlan, type Plan } from '../money/plan';

/** So many good parts are due by a day, counted from the order. */
export interface Delivery {
  readonly day_d: number;
  readonly parts: number;
}

/** Most splits tried one by one. */
const MOST_TRIED = 2_000_000;

/**
 * Pour the first n parts on A, the rest on B, at the least cost that meets every delivery (formula dec.two-stage).
 * The cost is straight between breakpoints, so that only they and the ends of what is feasible are tried: exact.
 * @param input.quantity parts in all, whole; input.a, input.b purchase plans; starts in days from the order, good parts a day
 * @returns n made on A (the smallest of equals), cost in the plans' currency, and the feasible n from … to
 * @throws {CoreError} E_NO_SOLUTION where no split delivers, E_RANGE for a due above the quantity
 * @example
 * twoStage({ quantity: 1200, a: { toolFirst: 300, perPart: 9 }, b: { toolFirst: 4000, perPart: 4 }, aStart_d: 5, aPerDay: 20, bStart_d: 50, bPerDay: 80, due: [{ day_d: 30, parts: 200 }] }).n
 * // 200
 */
export function twoStage(input: {
  quantity: number;
  a: Plan;
  b: Plan;
  aStart_d: number;
  aPerDay: number;
  bStart_d: number;
  bPerDay: number;
  due: readonly Delivery[];
}): { n: number; cost: number; feasibleFrom: number; feasibleTo: number } {
  const q = wholeNumber('quantity', input.quantity, 1);
  const a = checkPlan('a', input.a);
  const b = checkPlan('b', input.b);
  const start = { a: notNegative('aStart_d', input.aStart_d), b: notNegative('bStart_d', input.bStart_d) };
  const daily = { a: positive('aPerDay', input.aPerDay), b: positive('bPerDay', input.bPerDay) };
  let [from, to] = [0, q];
  for (const { day_d, parts } of filled('due', input.due)) {
    finite('due.day_d', day_d);
    const wanted = wholeNumber('due.parts', parts);
    if (wanted > q) refuse('E_RANGE', 'due.parts', wanted, `at most the quantity, ${q}`);
    const made = (side: 'a' | 'b'): number => Math.floor(daily[side] * Math.max(0, day_d - start[side]) + 1e-9);
    const [onA, onB] = [made('a'), made('b')];
    if (onA + onB < wanted) refuse('E_NO_SOLUTION', 'due.parts', wanted, `at most ${onA + onB} parts by day ${day_d}`);
    from = Math.max(from, wanted - onB);
    to = Math.min(to, q - Math.max(0, wanted - onA));
  }
  if (from > to) refuse('E_NO_SOLUTION', 'due', `${from} to ${to}`, 'deliveries that one split meets together');
  const cost = (n: number): number => planTotal(a, n) + planTotal(b, q - n);
  let best = { n: from, cost: Infinity };
  for (const n of turns(a, b, q, from, to)) {
    const money = cost(n);
    if (money < best.cost - 1e-9 * Math.abs(money)) best = { n, cost: money };
  }
  return { ...best, feasibleFrom: from, feasibleTo: to };
}

/** Every n at which the cost may turn or jump, rising. */
function turns(a: CheckedPlan, b: CheckedPlan, q: number, from: number, to: number): number[] {
  const found = new Set<number>([from, to, 0, 1, q - 1, q]);
  const step = (each: number, put: (k: number) => void): void => {
    if (!Number.isFinite(each)) return;
    for (let k = 1; k * each <= q + 1; k++) {
      put(Math.floor(k * each + 1e-9));
      if (found.size > MOST_TRIED) refuse('E_TOO_LARGE', 'quantity', q, 'fewer lots and tools');
    }
  };
  for (const each of [a.toolLife, a.lotSize])
    step(each, (n) => {
      found.add(n);
      found.add(n + 1);
    });
  for (const each of [b.toolLife, b.lotSize])
    step(each, (n) => {
      found.add(q - n);
      found.add(q - n - 1);
    });
  return [...found].filter((n) => n >= from && n <= to).sort((x, y) => x - y);
}
