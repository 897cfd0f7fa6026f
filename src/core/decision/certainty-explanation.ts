import { PLAN, type StudyWorkings } from '../phased-plans';
import { dateWords } from '../base/day';
import {
  differenceDrawn,
  drawnWorking,
  drawsParts,
  FIGURE_DRAWN,
  rough,
  sentence,
  shareDrawn,
  type DrawnFigure,
  type Share,
} from '../simulation';
import { CoreError } from '../base/errors';
import { shortName } from '../catalogue/routes';
import { fixed, whole } from '../base/numbers';
import { computedFigure, explain, type Explanation, type ExplainedFigure } from '../explanation';
import type { Working } from '../equations';
import type { KeptSimulation } from './kept-simulation';

/** Of what choice it is shown. */
export interface SureOf {
  readonly laneId: string;
  readonly currency: string;
  /** ISO date of the first delivery asked, or null. */
  readonly due: string | null;
  /** Whether a plan in two steps was chosen: earlier builds drew its last lane alone, and that is said. */
  readonly planned: boolean;
  /** Workings of the study as it was, with the plan, for the likely figures; null where it cannot be worked out again. */
  readonly workings: StudyWorkings | null;
}

/**
 * How sure a choice is, in sentences whose figures open what was drawn.
 *
 * @example
 * certaintyExplanation(simulation, { laneId: board.leader, currency: 'USD', due: null, planned: false, workings }).length > 2 // true
 */
export function certaintyExplanation(simulation: KeptSimulation, of: SureOf): Explanation[] {
  const { laneId, planned } = of;
  const { inTime, allIn, firstArticle } = simulation;
  const id = simulation.plan === undefined ? laneId : PLAN;
  const open = opener(simulation, id, of.workings);
  const weeks = (days: number): string => fixed(days / 7, 1);
  const by =
    inTime === null || of.due === null
      ? ''
      : explain`; by ${dateWords(of.due)} ${inDraws(inTime, simulation.draws, (text) => open('first', text))}`;
  return [
    ...(planned && simulation.plan === undefined
      ? [explain`Simulated for ${shortName(laneId)} alone over the whole programme, not for the plan.`]
      : []),
    ...(simulation.plan === undefined ? laneExplanation(simulation, of, open) : planCertainty(simulation, of, open)),
    explain`Cost per part, 80 % range: ${open('allIn', `${rough(allIn.p10)}–${rough(allIn.p90)} ${of.currency}`)}, median ${open('allIn', `${rough(allIn.p50)} ${of.currency}`)}.`,
    explain`First article, 80 % range: ${open('first', `${weeks(firstArticle.p10)}–${weeks(firstArticle.p90)} weeks`)}${by}.`,
  ];
}

/** A figure that opens what the draws say of it, or plain words where the likely figure cannot be worked out. */
type Open = (of: DrawnFigure | Working, text: string) => string | ExplainedFigure;

function opener(simulation: KeptSimulation, id: string, workings: StudyWorkings | null): Open {
  return (of, text) => {
    if (typeof of === 'object') return computedFigure(text, id, of);
    const likely = workings === null ? null : likelyOf(workings, id, FIGURE_DRAWN[of]);
    return likely === null
      ? text
      : computedFigure(
          text,
          id,
          drawnWorking(of, { ...simulation, first: simulation.firstArticle }, likely.value, likely.unit, simulation),
        );
  };
}

/** The figure with every rate at likely; null where the lane has none any more, its brief having moved on. */
function likelyOf(workings: StudyWorkings, id: string, figure: string): Working | null {
  try {
    return workings.working(id, figure);
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}

/** In how many of the draws: the share opens. */
function inDraws(share: Share, draws: number, open: (text: string) => string | ExplainedFigure): Explanation {
  const [lead, text] = drawsParts(share, draws);
  return explain`${lead}${open(text)}`;
}

function laneExplanation(simulation: KeptSimulation, { laneId, currency }: SureOf, open: Open): Explanation[] {
  const { cheapest, against } = simulation;
  return [
    ...(cheapest === null
      ? []
      : [
          explain`${sentence(shortName(laneId))} is the cheapest of all routes ${inDraws(cheapest, simulation.draws, (text) => open('allIn', text))}.`,
        ]),
    ...(against === null
      ? []
      : [
          explain`It is cheaper than ${shortName(against.laneId)} ${inDraws(against.holds, simulation.draws, (text) => open(againstDrawn(simulation, laneId, against, currency), text))}.`,
        ]),
  ];
}

function planCertainty(simulation: KeptSimulation, { currency }: SureOf, open: Open): Explanation[] {
  const { cheapest, plan, against } = simulation;
  const alone = against === null ? '' : `${shortName(against.laneId)} alone`;
  const counted = (title: string, share: Share): Explanation =>
    inDraws(share, simulation.draws, (text) =>
      open(shareDrawn(title, share, 'simulations in which every delivery asked is met', simulation), text),
    );
  const delivers = plan?.delivers ?? null;
  const beside = plan?.aloneDelivers ?? null;
  return [
    ...(against === null
      ? []
      : [
          explain`The two-step plan costs less than ${alone} ${inDraws(against.holds, simulation.draws, (text) => open(againstDrawn(simulation, PLAN, against, currency), text))}.`,
        ]),
    ...(cheapest === null
      ? []
      : [
          explain`It costs less than every route alone, late or not, ${inDraws(cheapest, simulation.draws, (text) => open('allIn', text))}.`,
        ]),
    ...(delivers === null
      ? []
      : [
          explain`Every delivery asked is met ${counted('Deliveries of the plan in the simulations', delivers)}${beside === null ? '' : explain`; by ${alone} ${counted(`Deliveries of ${alone} in the simulations`, beside)}`}.`,
        ]),
  ];
}

/** The draws of a choice against the other: with their band where it was kept. */
function againstDrawn(
  simulation: KeptSimulation,
  id: string,
  { laneId, holds, band }: NonNullable<KeptSimulation['against']>,
  currency: string,
): Working {
  if (band !== undefined) return differenceDrawn({ first: id, second: laneId, band, holds }, currency, simulation);
  const [first, second] = [shortName(id), shortName(laneId)];
  return shareDrawn(
    `${second} against ${first}, in the simulations`,
    holds,
    `simulations in which ${first} is the cheaper`,
    simulation,
  );
}

/**
 * By which draws it was found: the same seed gives the same to the digit.
 *
 * @example
 * drawnWords({ draws: 10000, spread: 'pert', seed: 1, demand: false }).startsWith('10') // true
 */
export const drawnWords = ({ draws, spread, seed, demand }: KeptSimulation): string =>
  `${whole(draws)} simulations with every figure between its low and high, ${spread === 'pert' ? 'beta-PERT' : 'triangle'}, seed ${seed}${demand ? ', the quantity varied too' : ', the quantity fixed'}: the same seed gives the same to the digit.`;
