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
import { madeFigure, tell, type Telling, type ToldFigure } from '../explanation';
import type { Working } from '../equations';
import type { KeptDoubt } from './kept-doubt';

/** Of what choice it is told. */
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

/** How sure a choice is, in sentences whose figures open what was drawn. */
export function sureTold(doubt: KeptDoubt, of: SureOf): Telling[] {
  const { laneId, planned } = of;
  const { inTime, allIn, firstArticle } = doubt;
  const id = doubt.plan === undefined ? laneId : PLAN;
  const open = opener(doubt, id, of.workings);
  const weeks = (days: number): string => fixed(days / 7, 1);
  const by =
    inTime === null || of.due === null
      ? ''
      : tell`, by ${dateWords(of.due)} ${inDraws(inTime, (text) => open('first', text))}`;
  return [
    ...(planned && doubt.plan === undefined
      ? [tell`Drawn for ${shortName(laneId)} alone over the whole programme, not for the plan.`]
      : []),
    ...(doubt.plan === undefined ? laneTold(doubt, of, open) : planTold(doubt, of, open)),
    tell`A part comes to ${open('allIn', `${rough(allIn.p10)} to ${rough(allIn.p90)} ${of.currency}`)} in eight draws of ten, half of them under ${open('allIn', `${rough(allIn.p50)} ${of.currency}`)}.`,
    tell`The first article comes after ${open('first', `${weeks(firstArticle.p10)} to ${weeks(firstArticle.p90)} weeks`)}${by}.`,
  ];
}

/** A figure that opens what the draws say of it, or plain words where the likely figure cannot be worked out. */
type Open = (of: DrawnFigure | Working, text: string) => string | ToldFigure;

function opener(doubt: KeptDoubt, id: string, workings: StudyWorkings | null): Open {
  return (of, text) => {
    if (typeof of === 'object') return madeFigure(text, id, of);
    const likely = workings === null ? null : likelyOf(workings, id, FIGURE_DRAWN[of]);
    return likely === null
      ? text
      : madeFigure(
          text,
          id,
          drawnWorking(of, { ...doubt, first: doubt.firstArticle }, likely.value, likely.unit, doubt),
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
function inDraws(share: Share, open: (text: string) => string | ToldFigure): Telling {
  const [lead, text, limits] = drawsParts(share);
  return tell`${lead}${open(text)}${limits}`;
}

function laneTold(doubt: KeptDoubt, { laneId, currency }: SureOf, open: Open): Telling[] {
  const { cheapest, against } = doubt;
  return [
    ...(cheapest === null
      ? []
      : [
          tell`${sentence(shortName(laneId))} is the cheapest of all routes ${inDraws(cheapest, (text) => open('allIn', text))}.`,
        ]),
    ...(against === null
      ? []
      : [
          tell`It is cheaper than ${shortName(against.laneId)} ${inDraws(against.holds, (text) => open(againstDrawn(doubt, laneId, against, currency), text))}.`,
        ]),
  ];
}

function planTold(doubt: KeptDoubt, { currency }: SureOf, open: Open): Telling[] {
  const { cheapest, plan, against } = doubt;
  const alone = against === null ? '' : `${shortName(against.laneId)} alone`;
  const counted = (title: string, share: Share): Telling =>
    inDraws(share, (text) => open(shareDrawn(title, share, 'draws in which every delivery asked is met', doubt), text));
  const delivers = plan?.delivers ?? null;
  const beside = plan?.aloneDelivers ?? null;
  return [
    ...(against === null
      ? []
      : [
          tell`The plan in two steps costs less than ${alone} ${inDraws(against.holds, (text) => open(againstDrawn(doubt, PLAN, against, currency), text))}.`,
        ]),
    ...(cheapest === null
      ? []
      : [
          tell`It costs less than every route alone, late or not, ${inDraws(cheapest, (text) => open('allIn', text))}.`,
        ]),
    ...(delivers === null
      ? []
      : [
          tell`Every delivery asked is met ${counted('Deliveries of the plan over the draws', delivers)}${beside === null ? '' : tell`; by ${alone} ${counted(`Deliveries of ${alone} over the draws`, beside)}`}.`,
        ]),
  ];
}

/** The draws of a choice against the other: with their band where it was kept. */
function againstDrawn(
  doubt: KeptDoubt,
  id: string,
  { laneId, holds, band }: NonNullable<KeptDoubt['against']>,
  currency: string,
): Working {
  if (band !== undefined) return differenceDrawn({ first: id, second: laneId, band, holds }, currency, doubt);
  const [first, second] = [shortName(id), shortName(laneId)];
  return shareDrawn(
    `${second} against ${first}, over the draws`,
    holds,
    `draws in which ${first} is the cheaper`,
    doubt,
  );
}

/** By which draws it was found: the same seed gives the same to the digit. */
export const drawnWords = ({ draws, spread, seed, demand }: KeptDoubt): string =>
  `${whole(draws)} draws of every figure between its low and high, ${spread === 'pert' ? 'beta-PERT' : 'triangle'}, seed ${seed}${demand ? ', the quantity in doubt too' : ', the quantity as it is'}: the same seed gives the same to the digit.`;
