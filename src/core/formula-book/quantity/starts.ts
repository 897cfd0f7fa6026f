import { finite, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { regularisedBeta } from './regularised-beta';

/**
 * Starts needed for N good pieces with a given certainty (formula qty.starts).
 * Smallest n with P(Bin(n, y) ≥ N) ≥ confidence, found by doubling and halving.
 *
 * @param input.need good pieces, whole, 1 to 1e6
 * @param input.yield share of starts that come out good, above 0 to 1
 * @param input.confidence wanted certainty, between 0 and 1
 * @returns starts and the certainty reached
 * @throws {CoreError} E_RANGE for yield 0, confidence 0 or 1, or a need beyond 1e6
 * @see binomial tail as the regularised incomplete beta function; pieces must fail independently
 * @example
 * startsFor({ need: 20, yield: 0.8, confidence: 0.99 }).starts // 32
 */
export function startsFor(input: { need: number; yield: number; confidence: number }): {
  starts: number;
  probability: number;
} {
  const need = wholeNumber('need', input.need, 1);
  if (need > 1e6) refuse('E_TOO_LARGE', 'need', need, 'up to 1 000 000');
  const y = finite('yield', input.yield);
  if (!(y > 0 && y <= 1)) refuse('E_RANGE', 'yield', y, 'above 0 up to 1');
  const confidence = finite('confidence', input.confidence);
  if (!(confidence > 0 && confidence < 1))
    refuse('E_RANGE', 'confidence', confidence, 'between 0 and 1, neither included');
  const chance = (n: number): number => (y === 1 ? 1 : regularisedBeta(y, need, n - need + 1));
  let high = need;
  while (chance(high) < confidence) high *= 2;
  let low = need - 1;
  while (high - low > 1) {
    const mid = Math.floor((low + high) / 2);
    if (mid >= need && chance(mid) >= confidence) high = mid;
    else low = mid;
  }
  return { starts: high, probability: chance(high) };
}
