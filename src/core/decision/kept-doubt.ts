import type { Board, Study } from '../board';
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
  rough,
  samplingOf,
  sentence,
  type Band,
  type BriefFlip,
  type DoubtInput,
  type Flip,
  type Share,
  type Spread,
} from '../doubt';
import { likely } from '../figures';
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
  /** What would overturn it, nearest first, in words. */
  readonly flips: readonly string[];
}

/** Flip points told of figures in doubt, the nearest. */
const FLIPS_TOLD = 5;

/**
 * Draws a study for the choice of one lane. Null where lots are discounted by their year, which is not drawn.
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
  if (lane?.money == null || likely(study.rates.global.rDisc) > 0) return null;
  const rival = rivalOf(board, lane);
  const sampling = samplingOf(study, board, orderDate, new DrawStore(by.seed, by.spread, draws), {
    demand: by.demand,
    against: rival === undefined ? null : [laneId, rival.id],
  });
  sampling.run(draws);
  const { lanes, difference } = sampling.summary();
  const own = lanes.find((l) => l.id === laneId);
  if (own === undefined) return null;
  return {
    ...by,
    draws,
    cheapest: own.cheapest,
    inTime: own.inTime,
    allIn: own.allIn,
    total: own.total,
    firstArticle: own.first,
    against: difference === null ? null : { laneId: difference.second, holds: difference.holds },
    flips: board.leader === laneId ? flipSentences(study, board, laneId) : [],
  };
}

function flipSentences(study: Study, board: Board, laneId: string): string[] {
  const search = laneFlips(study, board, laneId);
  let step = search.next();
  while (!step.done) step = search.next();
  return flipsTold(study, laneId, step.value, briefFlips(study, board.q));
}

/** What would overturn the leader, in words: of the brief, and the nearest figures in doubt within their range. */
export function flipsTold(
  study: Study,
  laneId: string,
  found: { readonly inputs: readonly DoubtInput[]; readonly flips: readonly Flip[] },
  ofBrief: readonly BriefFlip[],
): string[] {
  const input = new Map(found.inputs.map((i) => [i.key, i]));
  const near = found.flips
    .flatMap((flip) => {
      const of = input.get(flip.key);
      return flip.within && of !== undefined ? [{ flip, of, far: nearness(flip, of) }] : [];
    })
    .sort((a, b) => a.far - b.far)
    .slice(0, FLIPS_TOLD)
    .map(({ flip, of }) => flipWords(flip, of, study.rates));
  return [...ofBrief.map((flip) => briefFlipWords(flip, laneId)), ...near];
}

/**
 * How sure a choice is, in sentences.
 * @param due ISO date of the first delivery asked, or null
 */
export function doubtSentences(doubt: KeptDoubt, laneId: string, currency: string, due: string | null): string[] {
  const { cheapest, inTime, allIn, firstArticle, against } = doubt;
  const weeks = (days: number): string => fixed(days / 7, 1);
  const by = inTime === null || due === null ? '' : `, by ${dateWords(due)} ${inDraws(inTime)}`;
  return [
    ...(cheapest === null
      ? []
      : [`${sentence(shortName(laneId))} is the cheapest of all routes ${inDraws(cheapest)}.`]),
    ...(against === null ? [] : [`It is cheaper than ${shortName(against.laneId)} ${inDraws(against.holds)}.`]),
    `A part comes to ${rough(allIn.p10)} to ${rough(allIn.p90)} ${currency} in eight draws of ten, half of them under ${rough(allIn.p50)}.`,
    `The first article comes after ${weeks(firstArticle.p10)} to ${weeks(firstArticle.p90)} weeks${by}.`,
  ];
}

/** By which draws it was found: the same seed gives the same to the digit. */
export const drawnWords = ({ draws, spread, seed, demand }: KeptDoubt): string =>
  `${whole(draws)} draws of every figure between its low and high, ${spread === 'pert' ? 'beta-PERT' : 'triangle'}, seed ${seed}${demand ? ', the quantity in doubt too' : ', the quantity as it is'}: the same seed gives the same to the digit.`;
