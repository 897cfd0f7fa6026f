import type { Study } from '../types';
import type { Baseline } from '../../baselines';
import { refuse } from '../../base/errors';
import type { Working } from '../../equations';
import { holidayTerm } from './holiday-term';

const FIGURES_OF_ALL = 'tooling | unit | total | allIn | firstArticle | lastPart | day.N';

/**
 * The working of one figure of a baseline at q pieces, holidays counted in its dates.
 * @throws {CoreError} E_KEY for an unknown figure, E_RANGE for a day of more pieces than q
 * @example
 * baselineWorking(study, study.baselines[0], 500, 'tooling').unit // 'USD'
 */
export function baselineWorking(study: Study, b: Baseline, q: number, figure: string): Working {
  if (figure === 'firstArticle') return dated(study, b, q, 1, figure, 'first part');
  if (figure === 'lastPart') return dated(study, b, q, q, figure, 'last part');
  const [, N] = /^day\.(\d+)$/.exec(figure) ?? [];
  if (N !== undefined) return byDay(study, b, q, Number(N), figure);
  return b.working(figure, q, q) ?? refuse('E_KEY', 'figure', figure, FIGURES_OF_ALL);
}

/** The day by which N of the pieces exist. @throws {CoreError} E_RANGE for more than the programme */
function byDay(study: Study, b: Baseline, q: number, N: number, figure: string): Working {
  if (!(N >= 1 && N <= q)) return refuse('E_RANGE', 'pieces', N, `from 1 to ${q}`);
  return dated(study, b, q, N, figure, `day by which ${N} pieces exist`);
}

/** @param words what the day is called */
function dated(study: Study, b: Baseline, q: number, N: number, figure: string, words: string): Working {
  const day = b.working('day', q, N) ?? refuse('E_KEY', 'figure', figure, FIGURES_OF_ALL);
  const off = holidayTerm(study, day.value);
  return {
    ...day,
    figure,
    title: `${b.name}: ${words}`,
    expression: `${day.expression}${off.term}`,
    value: day.value + off.days,
    symbols: [...day.symbols, ...off.symbols],
  };
}

const WHOLE: ReadonlySet<string> = new Set<Baseline['id']>(['machined', 'stamped', 'fabricated']);

/**
 * Whether a baseline's figures are shown down to their rates: a split part's are those of parts of their own.
 *
 * @example
 * isWholeFigure('machined') // true
 */
export const isWholeFigure = (id: string): boolean => WHOLE.has(id);
