import type { Triple } from '../../base/figures';
import { risingRange, shares } from './range';

/**
 * Value of the triangle at share u of its draws, in the unit of the range. u from 0 to 1.
 *
 * @example
 * triangularAt([0, 5, 10], 0.5) // 5
 */
export function triangularAt([a, m, c]: Triple, u: number): number {
  if (a === c) return a;
  return u <= (m - a) / (c - a) ? a + Math.sqrt(u * (c - a) * (m - a)) : c - Math.sqrt((1 - u) * (c - a) * (c - m));
}

/**
 * Triangle over low, likely and high (formula unc.triangular).
 * @param input.range low, likely, high in any one unit; input.u shares of the draws, 0 to 1
 * @returns values in that unit, one for each u; mean and standard deviation
 * @throws {CoreError} E_ORDER for a range that does not rise, E_RANGE for u outside 0 to 1
 * @example
 * triangular({ range: [1, 1, 4], u: [0, 0.25, 1] }).values // [1, 1.401923788646684, 4]
 */
export function triangular(input: { range: Triple; u: readonly number[] }): {
  values: number[];
  mean: number;
  sd: number;
} {
  const range = risingRange('range', input.range);
  const [a, m, c] = range;
  return {
    values: shares('u', input.u).map((u) => triangularAt(range, u)),
    mean: (a + m + c) / 3,
    sd: Math.sqrt(Math.max(0, (a * a + m * m + c * c - a * m - a * c - m * c) / 18)),
  };
}
