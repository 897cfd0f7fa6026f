import { increase } from '../base/lookup';
import { FRESH_LOTS, FULL_LOTS, REST, SETTLED_LOTS, type Worth } from './equations/programme';
import type { LotSplit } from './types';

/**
 * How q pieces fall into lots; a lot that starts before the learning pieces are made carries new scrap.
 * @param learnPieces pieces until scrap settles @param lot pieces of a full lot @param q pieces of the programme
 * @example
 * splitLots(0, 100, 250) // { size: 100, freshFull: 0, settledFull: 2, rest: 50, restIsFresh: false }
 */
export function splitLots(learnPieces: number, lot: number, q: number): LotSplit {
  const full = FULL_LOTS.value({ q, lot });
  const kNew = FRESH_LOTS.value({ full, learnPieces, lot });
  return {
    size: lot,
    freshFull: kNew,
    settledFull: SETTLED_LOTS.value({ full, kNew }),
    rest: REST.value({ q, full, lot }),
    restIsFresh: isNewAfter(full, lot, { learnPieces }),
  };
}

/** Whether a lot begun after so many full ones still carries scrap as when new. */
export const isNewAfter = (full: number, lot: number, { learnPieces }: { readonly learnPieces: number }): boolean =>
  full * lot < learnPieces;

/**
 * Lots, from the first of them on.
 *
 * @example
 * lotsOf({ size: 100, freshFull: 1, settledFull: 2, rest: 50, restIsFresh: false })
 * // { dNew: [0, 1], dFull: [0, 3], dRest: [3, 4] }
 */
export const lotsOf = ({
  freshFull,
  settledFull,
}: LotSplit): Readonly<Record<keyof Worth, readonly [number, number]>> => {
  const full = freshFull + settledFull;
  return { dNew: [0, freshFull], dFull: [0, full], dRest: [full, full + 1] };
};

/**
 * Lots begun in each year, of those from one to before another.
 * @param lot pieces of a lot @param perYear pieces a year
 * @example
 * lotsByYear([0, 10], 100, 400) // [4, 4, 2]
 */
export function lotsByYear([from, to]: readonly [number, number], lot: number, perYear: number): number[] {
  const years: number[] = [];
  for (let k = from; k < to;) {
    const year = Math.floor((k * lot) / perYear);
    while (years.length <= year) years.push(0);
    // The first lot that is begun a year later, and not before by a rounding.
    let next = Math.min(to, Math.max(k + 1, Math.ceil(((year + 1) * perYear) / lot)));
    while (next > k + 1 && Math.floor(((next - 1) * lot) / perYear) > year) next--;
    while (next < to && Math.floor((next * lot) / perYear) === year) next++;
    increase(years, year, next - k);
    k = next;
  }
  return years;
}

/**
 * What lots by their year are worth today, as a mean share of their money; 1 for no lots (equation 8.3). @param r discount rate a year
 * @example
 * Number(worthOfYears([4, 4], 0.1).toFixed(4)) // 0.9545
 */
export function worthOfYears(years: readonly number[], r: number): number {
  const lots = years.reduce((a, b) => a + b, 0);
  return lots === 0 ? 1 : years.reduce((sum, n, y) => sum + n / (1 + r) ** y, 0) / lots;
}

/** What new, all full lots and the remainder of a programme are worth today. */
export function worthOf(split: LotSplit, perYear: number, r: number): Worth {
  const { dNew, dFull, dRest } = lotsOf(split);
  const share = (lots: readonly [number, number]): number => worthOfYears(lotsByYear(lots, split.size, perYear), r);
  return { dNew: share(dNew), dFull: share(dFull), dRest: share(dRest) };
}
