import { keyed, nth } from '../../base/lookup';
import { oneOf } from '../../base/checks';
import { refuse } from '../../base/errors';
import { checked, scoreOf, type Criterion, type Option } from './options';

export type Normalise = 'minmax' | 'best-ratio';

interface Weighing {
  readonly options: readonly Option[];
  readonly criteria: readonly Criterion[];
  readonly normalise?: Normalise;
}

/**
 * One score from several columns (formula dec.weighted): each column brought to 0 … 1, then the weighted mean.
 * @param input.options scores in the unit of each criterion; input.criteria with weights; input.normalise between the worst and the best (default), or as a ratio to the best
 * @returns score by option, the higher the better, and the order, ties by id
 * @throws {CoreError} E_EMPTY, E_KEY, E_NOT_A_NUMBER for a missing score, E_SIGN for weights below 0 or all 0, or ratios of figures not above 0
 * @example
 * weighted({ options: [{ id: 'gravity-die', scores: { cost: 14.2, weeks: 9, scrap: 0.05 } }, { id: 'green-sand', scores: { cost: 19.5, weeks: 4, scrap: 0.08 } }, { id: 'pressure-die', scores: { cost: 11.9, weeks: 18, scrap: 0.03 } }], criteria: [{ key: 'cost', weight: 5, better: 'low' }, { key: 'weeks', weight: 3, better: 'low' }, { key: 'scrap', weight: 2, better: 'low' }], normalise: 'minmax' }).scores
 * // { 'gravity-die': 0.6615413533834588, 'green-sand': 0.3, 'pressure-die': 0.7 }
 */
export function weighted(input: Weighing): { scores: Record<string, number>; order: string[] } {
  const { options, criteria } = checked(input.options, input.criteria);
  const normalise = oneOf('normalise', input.normalise ?? 'minmax', ['minmax', 'best-ratio']);
  const whole = criteria.reduce((s, c) => s + (c.weight ?? 0), 0);
  if (!(whole > 0)) refuse('E_SIGN', 'criteria.weight', whole, 'at least one weight above 0');
  const scores: Record<string, number> = Object.fromEntries(options.map((o) => [o.id, 0]));
  for (const c of criteria) {
    const column = columnOf(options, c, normalise);
    options.forEach((o, i) => (scores[o.id] = keyed(scores, o.id) + ((c.weight ?? 0) / whole) * nth(column, i)));
  }
  const order = options
    .map((o) => o.id)
    .sort((a, b) =>
      same(keyed(scores, a), keyed(scores, b)) ? (a < b ? -1 : 1) : keyed(scores, b) - keyed(scores, a),
    );
  return { scores, order };
}

/** Scores closer than this are a tie: both hold the noise of the same sums. */
const same = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-12;

/**
 * One column brought to 0 … 1, 1 the best.
 *
 * @example
 * columnOf([{ id: 'a', scores: { cost: 10 } }, { id: 'b', scores: { cost: 20 } }], { key: 'cost', weight: 1, better: 'low' }, 'minmax') // [1, 0]
 */
export function columnOf(options: readonly Option[], c: Criterion, normalise: Normalise): number[] {
  const values = options.map((o) => scoreOf(o, c));
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const [best, worst] = c.better === 'low' ? [least, most] : [most, least];
  if (normalise === 'minmax') return values.map((x) => (best === worst ? 1 : (x - worst) / (best - worst)));
  if (least <= 0) refuse('E_SIGN', `options.scores.${c.key}`, least, 'figures above 0 for a ratio');
  return values.map((x) => (c.better === 'low' ? best / x : x / best));
}

/**
 * Whether an option that nobody would choose decides which wins (formula dec.rank-reversal): each loser is dropped in
 * turn and the rest weighed again. A winner that ties for first still wins.
 * @returns the winner, and for each loser whose absence changes it, the winner then
 * @throws {CoreError} as weighted
 * @example
 * rankReversal({ options: [{ id: 'p', scores: { cost: 10, weeks: 12 } }, { id: 'q', scores: { cost: 14, weeks: 6 } }, { id: 'r', scores: { cost: 30, weeks: 11 } }], criteria: [{ key: 'cost', weight: 3, better: 'low' }, { key: 'weeks', weight: 2, better: 'low' }], normalise: 'minmax' }).winner
 * // 'q'
 */
export function rankReversal(input: Weighing): {
  winner: string;
  reversals: { dropped: string; newWinner: string }[];
} {
  const winner = weighted(input).order[0] ?? '';
  const reversals = input.options
    .filter((o) => o.id !== winner)
    .flatMap((o) => {
      const { scores, order } = weighted({ ...input, options: input.options.filter((x) => x !== o) });
      const first = order[0] ?? winner;
      return same(keyed(scores, winner), keyed(scores, first)) ? [] : [{ dropped: o.id, newWinner: first }];
    });
  return { winner, reversals };
}
