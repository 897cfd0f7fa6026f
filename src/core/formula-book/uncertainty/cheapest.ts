import { increase, nth } from '../../base/lookup';
import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';

/** Share of the normal distribution below z. Series of Abramowitz and Stegun 26.2.11; exact to a double for |z| below 7. */
function normalBelow(z: number): number {
  let term = z;
  let sum = z;
  for (let k = 3; Math.abs(term) > 1e-17 * Math.abs(sum) && k < 400; k += 2) {
    term *= (z * z) / k;
    sum += term;
  }
  return 0.5 + (sum * Math.exp((-z * z) / 2)) / Math.sqrt(2 * Math.PI);
}

/**
 * z that the middle `confidence` of the normal distribution lies within. @param confidence above 0, below 1
 * @example
 * Number(zOf(0.95).toFixed(3)) // 1.96
 */
export function zOf(confidence: number): number {
  let [low, high] = [0, 7];
  for (let i = 0; i < 100; i++) {
    const z = (low + high) / 2;
    if (2 * normalBelow(z) - 1 < confidence) low = z;
    else high = z;
  }
  return (low + high) / 2;
}

/**
 * Wilson's limits of a share p seen in n draws, clipped to 0 to 1.
 *
 * @example
 * wilson(0.5, 100, 1.96).map((x) => Number(x.toFixed(3))) // [0.404, 0.596]
 */
export function wilson(p: number, n: number, z: number): readonly [low: number, high: number] {
  const z2 = z * z;
  const middle = p + z2 / (2 * n);
  const half = z * Math.sqrt((p * (1 - p)) / n + z2 / (4 * n * n));
  const whole = 1 + z2 / n;
  return [Math.max(0, (middle - half) / whole), Math.min(1, (middle + half) / whole)];
}

/**
 * Share of the draws in which each route is cheapest, ties shared equally, with Wilson's limits of the sampling error
 * (formula unc.cheapest). The limits speak of the draws only, not of the figures they were drawn from.
 * @param input.totals money by route, one for each draw, all in one currency; input.confidence above 0, below 1, default 0.95
 * @returns share, low and high by route, 0 to 1
 * @throws {CoreError} E_EMPTY, E_LENGTH for unequal lists, E_RANGE for confidence
 * @example
 * cheapest({ totals: { a: [1, 2, 3, 4], b: [2, 2, 2, 2], c: [5, 5, 5, 5] }, confidence: 0.9 }).share
 * // { a: 0.375, b: 0.625, c: 0 }
 */
export function cheapest(input: { totals: Readonly<Record<string, readonly number[]>>; confidence?: number }): {
  share: Record<string, number>;
  low: Record<string, number>;
  high: Record<string, number>;
} {
  const routes = Object.entries(input.totals);
  const n = routes[0]?.[1].length ?? 0;
  if (routes.length === 0 || n === 0) return refuse('E_EMPTY', 'totals', '{}', 'at least one route with a draw');
  for (const [id, list] of routes) {
    if (list.length !== n) refuse('E_LENGTH', `totals.${id}`, list.length, `${n} draws`);
    list.forEach((x, i) => finite(`totals.${id}[${i}]`, x));
  }
  const confidence = finite('confidence', input.confidence ?? 0.95);
  if (!(confidence > 0 && confidence < 1)) refuse('E_RANGE', 'confidence', confidence, 'above 0 and below 1');
  const wins = winsOf(routes.map(([, list]) => list));
  const z = zOf(confidence);
  const out = { share: {}, low: {}, high: {} } as Record<'share' | 'low' | 'high', Record<string, number>>;
  routes.forEach(([id], r) => {
    const p = (wins[r] ?? 0) / n;
    const [low, high] = wilson(p, n, z);
    out.share[id] = p;
    out.low[id] = low;
    out.high[id] = high;
  });
  return out;
}

/**
 * Draws won by each list, ties shared equally. The lists are of one length.
 *
 * @example
 * [...winsOf([[1, 5], [2, 2]])] // [1, 1]
 */
export function winsOf(lists: readonly ArrayLike<number>[]): Float64Array {
  const wins = new Float64Array(lists.length);
  const draws = lists[0]?.length ?? 0;
  for (let i = 0; i < draws; i++) {
    let best = Infinity;
    let first = -1;
    let tied = 0;
    for (let r = 0; r < lists.length; r++) {
      const x = nth(nth(lists, r), i);
      if (x < best) {
        best = x;
        first = r;
        tied = 1;
      } else if (x === best) tied++;
    }
    if (tied === 1) increase(wins, first, 1);
    else if (tied > 1)
      for (let r = 0; r < lists.length; r++) if (nth(lists, r)[i] === best) increase(wins, r, 1 / tied);
  }
  return wins;
}
