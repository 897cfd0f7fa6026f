import type { Study } from '../board/study';
import { isTimeFigure, TIME_FIGURES, timeWorking } from '../calendar';
import { isMoneyFigure, MONEY_FIGURES, moneyWorking } from '../cost';
import { refuse } from '../errors';
import { baselineWorking } from './baselines';
import { contextOf, type Context } from './context';
import { differenceWorking, isDifference } from './difference';
import { isRuleFigure, ruleWorking } from './held';
import { ONE_OPERATION, OPERATIONS } from './operations';
import { PIECE } from './piece';
import { SHAPE_FACTS } from './shape-facts';
import { TOTALS } from './totals';
import type { Working } from '../equations';

const BUILDERS = { ...TOTALS, ...PIECE, ...OPERATIONS, ...SHAPE_FACTS };
/** Figures of which a lane has several: an operation, told by its number after a point. */
const ONE_OF: Readonly<Record<string, (c: Context, id: string) => Omit<Working, 'figure'>>> = ONE_OPERATION;
const ONE_OF_FIGURE = /^([a-z]+)\.(.+)$/;

/** Figures that have a working on a casting lane. */
export const FIGURES: readonly string[] = [...MONEY_FIGURES, ...Object.keys(BUILDERS), ...TIME_FIGURES];

/** Whether a casting lane has a working of a figure, by its name alone. */
export const isFigure = (figure: string): boolean =>
  figure in BUILDERS ||
  isMoneyFigure(figure) ||
  isTimeFigure(figure) ||
  (ONE_OF_FIGURE.exec(figure)?.[1] ?? '') in ONE_OF;

/** The working of a figure in a lane's context, made once for many figures of one lane. */
export function workingIn(c: Context, figure: string): Working {
  const build = BUILDERS[figure as keyof typeof BUILDERS];
  if (build !== undefined) return { figure, ...build(c) };
  const told = moneyWorking(c, figure) ?? timeWorking(c, figure);
  if (told !== null) return told;
  const [, kind = '', id = ''] = ONE_OF_FIGURE.exec(figure) ?? [];
  const one = ONE_OF[kind];
  return one === undefined ? refuse('E_KEY', 'figure', figure, FIGURES.join(' | ')) : { figure, ...one(c, id) };
}

/**
 * The working of one figure of one lane at one quantity. Nothing of it is made until it is asked for.
 *
 * @param laneId lane or baseline id
 * @param figure one of FIGURES, of the rules (mass, pourMass, sectionRatio, clamp, width.N for feature N), or a difference (diff.FIGURE.LANE, underToday); day.N is the day by which N pieces exist; a baseline has allIn, unit, total, tooling, firstArticle, lastPart and day.N
 * @throws {CoreError} E_KEY for an unknown lane or figure, E_NO_VALUE for a lane without money
 */
export function workingOf(study: Study, laneId: string, q: number, figure: string): Working {
  if (isDifference(figure))
    return { figure, ...differenceWorking(study, laneId, figure, (id, name) => workingOf(study, id, q, name)) };
  const baseline = study.baselines.find((b) => b.id === laneId);
  if (baseline !== undefined) return baselineWorking(study, baseline, q, figure);
  if (isRuleFigure(figure)) {
    const entry = study.lanes.find((e) => e.lane.id === laneId);
    if (entry === undefined) return refuse('E_KEY', 'lane', laneId, 'the id of a lane');
    return { figure, ...ruleWorking(study, entry, figure) };
  }
  if (!isFigure(figure)) return refuse('E_KEY', 'figure', figure, FIGURES.join(' | '));
  return workingIn(contextOf(study, laneId, q), figure);
}
