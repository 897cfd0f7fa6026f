import { shortName } from '../../catalogue/routes';
import { computed, type Working, type WorkingSymbol } from '../../equations';
import { weightOf, WEIGHED, type LaneScores, type Rankings, type Weighed, type Weights } from './rankings';

const WORDS: Readonly<Record<Weighed, string>> = {
  cost: 'total of the programme',
  first: 'first article',
  operations: 'second operations on a piece',
  reserve: 'room of the tightest size, share',
  scrap: 'castings found bad, share',
  effort: 'effort of the work',
};
const LESS_IS_BETTER: Readonly<Record<Weighed, boolean>> = {
  cost: true,
  first: true,
  operations: true,
  reserve: false,
  scrap: true,
  effort: true,
};
const OPENS: Readonly<Partial<Record<Weighed, string>>> = { cost: 'total', first: 'firstArticle' };

/**
 * The weighted score of a lane: each column brought from its worst, 0, to its best, 1, then the weighted mean.
 * @param code of the study's currency
 * @example
 * scoreWorking(rankings, weights, board.leader, 'USD').symbols.length > 5 // true
 */
export function scoreWorking(rankings: Rankings, weights: Weights, id: string, code: string): Working {
  const units: Readonly<Record<Weighed, string>> = {
    cost: code,
    first: 'days from the order',
    operations: 'operations',
    reserve: 'share',
    scrap: 'share',
    effort: 'of 5',
  };
  const terms = WEIGHED.map((key, i) => {
    const of = (o: LaneScores | undefined): number => o?.[key] ?? NaN;
    const sorted = rankings.options.toSorted((a, b) => (LESS_IS_BETTER[key] ? a[key] - b[key] : b[key] - a[key]));
    const [own, best, worst] = [rankings.options.find((o) => o.id === id), sorted[0], sorted.at(-1)];
    const symbol = (letter: string, words: string, o: LaneScores | undefined): WorkingSymbol => ({
      ...computed(`${letter}${i + 1}`, `${WORDS[key]}, ${words}`, of(o), units[key], OPENS[key] ?? null),
      opensLane: o?.id ?? null,
    });
    const weight: WorkingSymbol = {
      ...computed(`w${i + 1}`, `weight of ${WORDS[key]}`, weightOf(weights, key), '–'),
      source: 'choice',
    };
    const alike = of(best) === of(worst);
    return {
      // Where all lanes are alike in a column, each has the best of it.
      term: alike ? `w${i + 1}` : `w${i + 1} * (x${i + 1} - z${i + 1}) / (b${i + 1} - z${i + 1})`,
      value: weightOf(weights, key) * (alike ? 1 : (of(own) - of(worst)) / (of(best) - of(worst))),
      weight,
      symbols: alike
        ? [weight]
        : [
            weight,
            symbol('x', 'its own', own),
            symbol('b', `the best, ${shortName(best?.id ?? '')}`, best),
            symbol('z', `the worst, ${shortName(worst?.id ?? '')}`, worst),
          ],
    };
  });
  const whole = terms.reduce((sum, t) => sum + t.weight.value, 0);
  return {
    figure: 'score',
    title: `Score by the weights, ${shortName(id)}`,
    equation: 'Weighted mean of columns brought from the worst, 0, to the best, 1 (formula dec.weighted)',
    expression: `(${terms.map((t) => t.term).join(' + ')}) / (${terms.map((t) => t.weight.symbol).join(' + ')})`,
    value: terms.reduce((sum, t) => sum + t.value, 0) / whole,
    unit: 'of 1',
    symbols: terms.flatMap((t) => t.symbols),
    note: 'A score means what it does only beside the worst of each column: dropping that route moves every score.',
  };
}
