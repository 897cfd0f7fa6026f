import type { Board, Study } from '../board';
import {
  briefFlips,
  briefFlipWords,
  DRAWS,
  DrawStore,
  flipWords,
  laneFlips,
  nearness,
  samplingOf,
  type Band,
  type Share,
  type Spread,
} from '../doubt';
import { likely } from '../figures';
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
  const { inputs, flips } = step.value;
  const input = new Map(inputs.map((i) => [i.key, i]));
  const near = flips
    .flatMap((flip) => {
      const of = input.get(flip.key);
      return flip.within && of !== undefined ? [{ flip, of, far: nearness(flip, of) }] : [];
    })
    .sort((a, b) => a.far - b.far)
    .slice(0, FLIPS_TOLD)
    .map(({ flip, of }) => flipWords(flip, of, study.rates));
  const ofBrief = briefFlips(study, board.q).map((flip) => briefFlipWords(flip, laneId));
  return [...ofBrief, ...near];
}
