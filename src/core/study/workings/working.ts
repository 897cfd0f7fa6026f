import type { Study } from '../types';
import { damageWorking, isDamageFigure } from '../../baselines';
import { isTimeFigure, TIME_FIGURES, timeWorking } from '../../schedule';
import { isMoneyFigure, MONEY_FIGURES, moneyWorking } from '../../cost';
import { refuse } from '../../base/errors';
import { isPartFigure, PART_FIGURES, partWorking, type PartCase } from '../../part';
import { baselineWorking } from './baselines';
import { contextOf, type Context } from './context';
import { differenceWorking } from './difference';
import { isDifference } from './difference-names';
import { isRuleFigure, ruleWorking } from './rules';
import { TOTALS } from './totals';
import type { Working } from '../../equations';

/** Figures that have a working on a casting lane. */
export const FIGURES: readonly string[] = [...MONEY_FIGURES, ...Object.keys(TOTALS), ...PART_FIGURES, ...TIME_FIGURES];

/**
 * Whether a casting lane has a working of a figure, by its name alone.
 *
 * @example
 * isFigure('allIn') // true
 */
export const isFigure = (figure: string): boolean =>
  figure in TOTALS ||
  isMoneyFigure(figure) ||
  isTimeFigure(figure) ||
  isPartFigure(figure) ||
  isRuleFigure(figure) ||
  isDamageFigure(figure);

const partCase = ({ model: { facts, part, rates, lane } }: Context): PartCase => ({
  facts,
  part,
  rates,
  capability: lane.capability,
});

/**
 * The working of a figure in a lane's context, made once for many figures of one lane.
 *
 * @example
 * workingIn(context, 'allIn').value === lane.money.allIn // true
 */
export function workingIn(c: Context, figure: string): Working {
  const build = TOTALS[figure];
  if (build !== undefined) return { figure, ...build(c) };
  if (isRuleFigure(figure)) return ruleWorking(c.study, c.entry, figure);
  if (isDamageFigure(figure)) return damageWorking(c.model.facts, c.model.rates, workingIn(c, 'allIn').value, figure);
  return (
    moneyWorking(c, figure) ??
    timeWorking(c, figure) ??
    partWorking(partCase(c), figure) ??
    refuse('E_KEY', 'figure', figure, FIGURES.join(' | '))
  );
}

/**
 * The working of one figure of one lane at one quantity. Nothing of it is made until it is asked for.
 *
 * @param laneId lane or baseline id
 * @param figure one of FIGURES, of the rules (pourMass, sectionRatio, clamp, width.N for feature N), or a difference (diff.FIGURE.LANE, underToday); day.N is the day by which N pieces exist; a baseline has allIn, unit, total, tooling, firstArticle, lastPart and day.N
 * @throws {CoreError} E_KEY for an unknown lane or figure, E_NO_VALUE for a lane without money
 * @example
 * workingOf(study, board.leader, 500, 'allIn').unit // 'USD/part'
 */
export function workingOf(study: Study, laneId: string, q: number, figure: string): Working {
  if (isDifference(figure))
    return { figure, ...differenceWorking(study, laneId, figure, (id, name) => workingOf(study, id, q, name)) };
  const baseline = study.baselines.find((b) => b.id === laneId);
  if (baseline !== undefined) return baselineWorking(study, baseline, q, figure);
  if (isRuleFigure(figure) || isPartFigure(figure)) {
    const entry = study.lanes.find((e) => e.lane.id === laneId);
    if (entry === undefined) return refuse('E_KEY', 'lane', laneId, 'the id of a lane');
    return ruleWorking(study, entry, figure);
  }
  if (!isFigure(figure)) return refuse('E_KEY', 'figure', figure, FIGURES.join(' | '));
  return workingIn(contextOf(study, laneId, q), figure);
}
