import { nth } from '../../base/lookup';
import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Ranks from 1; equal values share the mean of theirs.
 *
 * @example
 * [...ranksOf([30, 10, 20])] // [3, 1, 2]
 */
export function ranksOf(values: ArrayLike<number>): Float64Array {
  const n = values.length;
  const order = Uint32Array.from({ length: n }, (_, i) => i).sort((a, b) => nth(values, a) - nth(values, b));
  const ranks = new Float64Array(n);
  for (let i = 0; i < n;) {
    let j = i + 1;
    while (j < n && values[nth(order, j)] === values[nth(order, i)]) j++;
    for (let k = i; k < j; k++) ranks[nth(order, k)] = (i + j + 1) / 2;
    i = j;
  }
  return ranks;
}

/**
 * Pearson's correlation of two lists of one length; 0 where one of them does not vary.
 *
 * @example
 * correlation([1, 2, 3], [2, 4, 6]) // 1
 */
export function correlation(x: ArrayLike<number>, y: ArrayLike<number>): number {
  const n = x.length;
  let [sx, sy] = [0, 0];
  for (let i = 0; i < n; i++) {
    sx += nth(x, i);
    sy += nth(y, i);
  }
  let [xx, yy, xy] = [0, 0, 0];
  for (let i = 0; i < n; i++) {
    const [dx, dy] = [nth(x, i) - sx / n, nth(y, i) - sy / n];
    xx += dx * dx;
    yy += dy * dy;
    xy += dx * dy;
  }
  return xx > 0 && yy > 0 ? xy / Math.sqrt(xx * yy) : 0;
}

/**
 * Rank correlation of each input with the result (formula unc.spearman).
 * @param input.inputs one list of draws by name; input.output the result, one for each draw
 * @returns rho by name, −1 to 1, 0 for an input that does not vary; contribution ρ²/Σρ², a ranking aid, not a split of the variance
 * @throws {CoreError} E_LENGTH for unequal lists or fewer than three draws
 * @example
 * spearman({ inputs: { a: [1, 2, 2, 3, 5], b: [5, 4, 3, 2, 1] }, output: [1, 2, 3, 3, 9] }).rho
 * // { a: 0.9210526315789473, b: -0.9746794344808964 }
 */
export function spearman(input: { inputs: Readonly<Record<string, readonly number[]>>; output: readonly number[] }): {
  rho: Record<string, number>;
  contribution: Record<string, number>;
} {
  const n = input.output.length;
  if (n < 3) return refuse('E_LENGTH', 'output', n, 'at least three draws');
  input.output.forEach((x, i) => finite(`output[${i}]`, x));
  const out = ranksOf(input.output);
  const rho: Record<string, number> = {};
  for (const [name, list] of Object.entries(input.inputs)) {
    if (list.length !== n) refuse('E_LENGTH', `inputs.${name}`, list.length, `${n} draws`);
    list.forEach((x, i) => finite(`inputs.${name}[${i}]`, x));
    rho[name] = correlation(ranksOf(list), out);
  }
  const all = Object.values(rho).reduce((s, r) => s + r * r, 0);
  const contribution = Object.fromEntries(Object.entries(rho).map(([k, r]) => [k, all > 0 ? (r * r) / all : 0]));
  return { rho, contribution };
}
