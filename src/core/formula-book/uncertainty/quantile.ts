import { filled, finite, within } from '../../base/checks';

/**
 * Quantile of a list that is sorted already, type 7. @param p 0 to 1
 * @example
 * quantileOfSorted([1, 2, 3, 4], 0.5) // 2.5
 */
export function quantileOfSorted(sorted: ArrayLike<number>, p: number): number {
  const h = (sorted.length - 1) * p;
  const i = Math.floor(h);
  const low = sorted[i] ?? NaN;
  const high = sorted[Math.min(i + 1, sorted.length - 1)] ?? NaN;
  return low + (h - i) * (high - low);
}

/**
 * Quantile of a list, type 7 of Hyndman and Fan: linear between neighbours (formula unc.quantile).
 * @param input.values any order, any one unit; input.p 0 to 1
 * @returns value in that unit
 * @throws {CoreError} E_EMPTY, E_RANGE for p outside 0 to 1
 * @example
 * quantile({ values: [3, 1, 2], p: 0.25 }).value // 1.5
 */
export function quantile(input: { values: readonly number[]; p: number }): { value: number } {
  const values = filled('values', input.values).map((x, i) => finite(`values[${i}]`, x));
  const p = within('p', input.p, 0, 1);
  return { value: quantileOfSorted(Float64Array.from(values).sort(), p) };
}
