import type { Board, Study } from '../board';
import { ALONE, PLAN } from '../bridge';
import { dateWords } from '../calendar';
import {
  briefFlips,
  briefFlipWords,
  DRAWS,
  DrawStore,
  flipWords,
  inDraws,
  laneFlips,
  nearness,
  planBriefFlips,
  planFlips,
  rough,
  samplingOf,
  sentence,
  stanceOf,
  type Band,
  type BriefFlip,
  type DoubtSummary,
  type DrawnPlan,
  type FoundFlips,
  type Share,
  type Spread,
} from '../doubt';
import { shortName } from '../routes';
import { fixed, whole } from '../telling';
import { rivalOf } from './carrying';

/** How a choice was drawn: the same seed and spread give the same draws to the digit. */
export interface DrawnBy {
  readonly seed: number;
  readonly spread: Spread;
  /** Whether the quantity was in doubt too. */
  readonly demand: boolean;
}

/** How a decision is drawn on the screen: the seed is kept with it. */
export const DRAWN: DrawnBy = { seed: 1, spread: 'pert', demand: false };

/** How sure a choice was, as kept with it. Money in the study's currency, days from the order without holidays. */
export interface KeptDoubt extends DrawnBy {
  readonly draws: number;
  readonly cheapest: Share | null;
  readonly inTime: Share | null;
  readonly allIn: Band;
  readonly total: Band;
  readonly firstArticle: Band;
  /** The lane it was set against, and in how many draws it was the cheaper. */
  readonly against: { readonly laneId: string; readonly holds: Share } | null;
  /** Of a plan in two steps: how often it delivers all that is asked, and how often the route alone beside it does. */
  readonly plan?: { readonly delivers: Share | null; readonly aloneDelivers: Share | null };
  /** What would overturn it, nearest first, in words. */
  readonly flips: readonly string[];
}

/** Flip points told of figures in doubt, the nearest. */
const FLIPS_TOLD = 5;

/**
 * Draws a study for the choice of one lane. Null for a lane without money.
 * @param draws how many; the whole answer of the screen by default
 */
export function keptDoubt(
  study: Study,
  board: Board,
  orderDate: string,
  laneId: string,
  by: DrawnBy,
  draws: number = DRAWS,
): KeptDoubt | null {
  const lane = board.lanes.find((l) => l.id === laneId);
  if (lane?.money == null) return null;
  const rival = rivalOf(board, lane);
  const sampling = samplingOf(study, board, orderDate, new DrawStore(by.seed, by.spread, draws), {
    demand: by.demand,
    against: rival === undefined ? null : [laneId, rival.id],
  });
  sampling.run(draws);
  const flips =
    board.leader === laneId
      ? flipsTold(study, laneId, atOnce(laneFlips(study, board, laneId)), briefFlips(study, board.q))
      : [];
  return doubtOf(sampling.summary(), laneId, by, flips);
}

/** Draws a study for the choice of a plan in two steps. */
export function keptPlanDoubt(
  study: Study,
  board: Board,
  orderDate: string,
  plan: DrawnPlan,
  by: DrawnBy,
  draws: number = DRAWS,
): KeptDoubt | null {
  const store = new DrawStore(by.seed, by.spread, draws);
  const sampling = samplingOf(study, board, orderDate, store, { demand: by.demand, against: null, plan });
  sampling.run(draws);
  const ofBrief = planBriefFlips(study, board.q, orderDate, plan);
  return doubtOf(
    sampling.summary(),
    PLAN,
    by,
    flipsTold(study, PLAN, atOnce(planFlips(study, board, plan)), ofBrief),
    plan,
  );
}

function atOnce(search: Generator<void, FoundFlips, void>): FoundFlips {
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
}

/**
 * What draws say of one choice, as it is kept; null where it was not drawn.
 * @param id the lane, or the plan
 * @param flips what would overturn it, in words
 */
export function doubtOf(
  { draws, lanes, difference }: DoubtSummary,
  id: string,
  by: DrawnBy,
  flips: readonly string[],
  plan: DrawnPlan | null = null,
): KeptDoubt | null {
  const own = lanes.find((l) => l.id === id);
  if (own === undefined) return null;
  const alone = plan?.open.alone?.laneId;
  const second = difference?.first === id ? difference.second : null;
  return {
    ...by,
    draws,
    cheapest: own.cheapest,
    inTime: own.inTime,
    allIn: own.allIn,
    total: own.total,
    firstArticle: own.first,
    against:
      difference === null || second === null
        ? null
        : { laneId: second === ALONE && alone !== undefined ? alone : second, holds: difference.holds },
    ...(plan === null
      ? {}
      : {
          plan: {
            delivers: own.delivers,
            aloneDelivers: lanes.find((l) => l.id === ALONE)?.delivers ?? null,
          },
        }),
    flips,
  };
}

/** What would overturn the leader, in words: of the brief, and the nearest figures in doubt within their range. */
export function flipsTold(study: Study, laneId: string, found: FoundFlips, ofBrief: readonly BriefFlip[]): string[] {
  const stance = stanceOf(laneId, ofBrief);
  const input = new Map(found.inputs.map((i) => [i.key, i]));
  const near = found.flips
    .flatMap((flip) => {
      const of = input.get(flip.key);
      return flip.within && of !== undefined ? [{ flip, of, far: nearness(flip, of) }] : [];
    })
    .sort((a, b) => a.far - b.far)
    .slice(0, FLIPS_TOLD)
    .map(({ flip, of }) => flipWords(flip, of, study.rates, stance));
  return [...ofBrief.map((flip) => briefFlipWords(flip, laneId, stance)), ...near];
}

/**
 * How sure a choice is, in sentences.
 * @param due ISO date of the first delivery asked, or null
 * @param planned whether a plan in two steps was chosen: earlier builds drew its last lane alone, and that is said
 */
export function doubtSentences(
  doubt: KeptDoubt,
  laneId: string,
  currency: string,
  due: string | null,
  planned: boolean,
): string[] {
  const { inTime, allIn, firstArticle } = doubt;
  const weeks = (days: number): string => fixed(days / 7, 1);
  const by = inTime === null || due === null ? '' : `, by ${dateWords(due)} ${inDraws(inTime)}`;
  const ofLane = `Drawn for ${shortName(laneId)} alone over the whole programme, not for the plan.`;
  return [
    ...(planned && doubt.plan === undefined ? [ofLane] : []),
    ...(doubt.plan === undefined ? laneSentences(doubt, laneId) : planSentences(doubt)),
    `A part comes to ${rough(allIn.p10)} to ${rough(allIn.p90)} ${currency} in eight draws of ten, half of them under ${rough(allIn.p50)}.`,
    `The first article comes after ${weeks(firstArticle.p10)} to ${weeks(firstArticle.p90)} weeks${by}.`,
  ];
}

function laneSentences({ cheapest, against }: KeptDoubt, laneId: string): string[] {
  return [
    ...(cheapest === null
      ? []
      : [`${sentence(shortName(laneId))} is the cheapest of all routes ${inDraws(cheapest)}.`]),
    ...(against === null ? [] : [`It is cheaper than ${shortName(against.laneId)} ${inDraws(against.holds)}.`]),
  ];
}

function planSentences({ cheapest, against, plan }: KeptDoubt): string[] {
  const alone = against === null ? '' : `${shortName(against.laneId)} alone`;
  const delivers = plan?.delivers ?? null;
  const beside = plan?.aloneDelivers ?? null;
  return [
    ...(against === null ? [] : [`The plan in two steps costs less than ${alone} ${inDraws(against.holds)}.`]),
    ...(cheapest === null ? [] : [`It costs less than every route alone, late or not, ${inDraws(cheapest)}.`]),
    ...(delivers === null
      ? []
      : [
          `Every delivery asked is met ${inDraws(delivers)}${beside === null ? '' : `; by ${alone} ${inDraws(beside)}`}.`,
        ]),
  ];
}

/** By which draws it was found: the same seed gives the same to the digit. */
export const drawnWords = ({ draws, spread, seed, demand }: KeptDoubt): string =>
  `${whole(draws)} draws of every figure between its low and high, ${spread === 'pert' ? 'beta-PERT' : 'triangle'}, seed ${seed}${demand ? ', the quantity in doubt too' : ', the quantity as it is'}: the same seed gives the same to the digit.`;
