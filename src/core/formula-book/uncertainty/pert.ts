import { positive } from '../../base/checks';
import type { Triple } from '../../base/figures';
import { inverseBeta } from './inverse-beta';
import { risingRange, shares } from './range';

/** Weight of the likely figure against the limits. Source: Malcolm and others. */
export const LAMBDA = 4;

/**
 * The two powers of the beta distribution that a range stands for. The range must have some width.
 *
 * @example
 * pertPowers([0, 5, 10]) // { alpha: 3, beta: 3 }
 */
export function pertPowers([a, m, c]: Triple, lambda = LAMBDA): { readonly alpha: number; readonly beta: number } {
  return { alpha: 1 + (lambda * (m - a)) / (c - a), beta: 1 + (lambda * (c - m)) / (c - a) };
}

/**
 * Beta-PERT over low, likely and high (formula unc.pert).
 * @param input.range low, likely, high in any one unit; input.u shares of the draws, 0 to 1; input.lambda weight of the likely, above 0, default 4
 * @returns values in that unit, one for each u; mean and standard deviation
 * @throws {CoreError} E_ORDER for a range that does not rise, E_RANGE for u outside 0 to 1, E_SIGN for lambda
 * @example
 * pert({ range: [2, 5, 8], lambda: 4, u: [0.05, 0.5, 0.95] }).values
 * // [3.135532264626624, 5.000000000000002, 6.864467735373376]
 */
export function pert(input: { range: Triple; u: readonly number[]; lambda?: number }): {
  values: number[];
  mean: number;
  sd: number;
} {
  const range = risingRange('range', input.range);
  const us = shares('u', input.u);
  const lambda = positive('lambda', input.lambda ?? LAMBDA);
  const [a, m, c] = range;
  if (a === c) return { values: us.map(() => a), mean: a, sd: 0 };
  const { alpha, beta } = pertPowers(range, lambda);
  const sum = alpha + beta;
  return {
    values: us.map((u) => a + (c - a) * inverseBeta(u, alpha, beta)),
    mean: (a + lambda * m + c) / (lambda + 2),
    sd: (c - a) * Math.sqrt((alpha * beta) / (sum * sum * (sum + 1))),
  };
}
