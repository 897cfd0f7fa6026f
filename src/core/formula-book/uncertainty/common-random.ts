import { nth } from '../../base/lookup';
import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';
import type { Triple } from '../../base/figures';
import { risingRange, shares } from './range';
import { triangularAt } from './triangular';

/** Cost that is straight in one uncertain figure x: c0 + c1·x. */
interface Straight {
  readonly c0: number;
  readonly c1: number;
}

/**
 * Why routes share their draws: the spread of a difference with common and with separate draws (formula unc.common-random).
 * @param input.range triangle of the shared figure; input.u shares of the draws; input.a, input.b costs straight in it
 * @returns mean difference a − b, its standard deviation with common and with separate draws, share of draws in which a is the cheaper
 * @throws {CoreError} E_ORDER, E_RANGE, E_LENGTH for fewer than two draws
 * @example
 * commonRandom({ range: [4, 5, 8], u: [0.05, 0.2, 0.35, 0.5, 0.65, 0.8, 0.95], a: { c0: 2, c1: 1.6 }, b: { c0: 4.2, c1: 1.2 } }).meanDifference
 * // 0.07006416423
 */
export function commonRandom(input: { range: Triple; u: readonly number[]; a: Straight; b: Straight }): {
  meanDifference: number;
  sdCommon: number;
  sdIndependent: number;
  shareAcheaper: number;
} {
  const range = risingRange('range', input.range);
  const us = shares('u', input.u);
  if (us.length < 2) return refuse('E_LENGTH', 'u', us.length, 'at least two draws');
  const [a0, a1, b0, b1] = [input.a.c0, input.a.c1, input.b.c0, input.b.c1].map((x) => finite('a, b', x)) as [
    number,
    number,
    number,
    number,
  ];
  const xs = us.map((u) => triangularAt(range, u));
  const a = xs.map((x) => a0 + a1 * x);
  const b = xs.map((x) => b0 + b1 * x);
  const d = a.map((x, i) => x - nth(b, i));
  return {
    meanDifference: mean(d),
    sdCommon: Math.sqrt(variance(d)),
    sdIndependent: Math.sqrt(variance(a) + variance(b)),
    shareAcheaper: d.filter((x) => x < 0).length / d.length,
  };
}

const mean = (list: readonly number[]): number => list.reduce((s, x) => s + x, 0) / list.length;
const variance = (list: readonly number[]): number => {
  const m = mean(list);
  return list.reduce((s, x) => s + (x - m) ** 2, 0) / (list.length - 1);
};
