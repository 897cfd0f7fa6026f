import type { Study } from '../../types';
import { lotSize } from '../../../brief';
import type { Baseline } from '../../../cost';
import { refuse } from '../../../base/errors';
import type { Working } from '../../../equations';
import type { BaselineContext, Builder } from './context';
import { ANY } from './any';
import { byDay } from './days';
import { FABRICATED } from './fabricated';
import { MACHINED } from './machined';
import { STAMPED } from './stamped';

/**
 * The working of one figure of a baseline at q pieces.
 * @throws {CoreError} E_KEY for an unknown figure, E_RANGE for a day of more pieces than q
 * @example
 * baselineWorking(study, study.baselines[0], 500, 'tooling').unit // 'USD'
 */
export function baselineWorking(study: Study, b: Baseline, q: number, figure: string): Working {
  const { facts } = study;
  const [, N] = /^day\.(\d+)$/.exec(figure) ?? [];
  const build =
    N === undefined ? (BUILDERS[b.id]?.[figure] ?? ANY[figure]) : (c: BaselineContext) => byDay(c, Number(N));
  if (build === undefined || facts === null)
    return refuse('E_KEY', 'figure', figure, Object.keys({ ...ANY, ...BUILDERS[b.id] }).join(' | '));
  return { figure, ...build({ study, facts, b, q, lot: lotSize(facts.brief, q) }) };
}

const BUILDERS: Readonly<Partial<Record<Baseline['id'], Readonly<Record<string, Builder>>>>> = {
  machined: MACHINED,
  stamped: STAMPED,
  fabricated: FABRICATED,
};

/**
 * Whether a baseline's figures are shown down to their rates.
 *
 * @example
 * isWholeFigure('machined') // true
 */
export const isWholeFigure = (id: string): boolean => id in BUILDERS;
