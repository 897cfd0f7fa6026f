import { fixed, significant } from '../base/numbers';

/**
 * A share of the draws as a whole per cent; the outer ones as "under 1" and "over 99".
 *
 * @param share 0 to 1
 * @returns whole per cent, without the sign
 * @example
 * percent(0.123) // '12'
 */
export function percent(share: number): string {
  const p = 100 * share;
  return p > 0 && p < 1 ? 'under 1' : p < 100 && p > 99 ? 'over 99' : fixed(p, 0);
}

/**
 * A figure with three digits that count.
 *
 * @example
 * rough(1234.5) // '1\u202f230'
 */
export const rough = (x: number): string => significant(Number(x.toPrecision(3)), 3);
