import { finite, oneOf, positive, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';

/**
 * Learning curve (formula money.learning).
 *
 * @param input.first_h hours of the first piece
 * @param input.slope share left at each doubling, 0.5 to 1
 * @param input.n piece number, whole, at least 1
 * @param input.school unit (Crawford, default) or cumulative-average (Wright)
 * @returns hours of piece n, of all n, and their mean
 * @throws {CoreError} E_RANGE for a slope outside 0.5..1
 * @example
 * learningCurve({ first_h: 4, slope: 0.85, n: 8, school: 'unit' }).unit_h // 2.4565
 */
export function learningCurve(input: {
  first_h: number;
  slope: number;
  n: number;
  school?: 'unit' | 'cumulative-average';
}): { unit_h: number; total_h: number; average_h: number } {
  const first = positive('first_h', input.first_h);
  const slope = finite('slope', input.slope);
  const school = oneOf('school', input.school ?? 'unit', ['unit', 'cumulative-average']);
  if (!(slope >= 0.5 && slope <= 1)) refuse('E_RANGE', 'slope', slope, '0.5 to 1');
  const n = wholeNumber('n', input.n, 1);
  const b = Math.log2(slope);
  if (school === 'cumulative-average') {
    const total = (k: number): number => (k === 0 ? 0 : first * k ** (b + 1));
    return { unit_h: total(n) - total(n - 1), total_h: total(n), average_h: total(n) / n };
  }
  let total = 0;
  for (let k = n; k >= 1; k--) total += first * k ** b;
  return { unit_h: first * n ** b, total_h: total, average_h: total / n };
}
