import type { Board } from '../comparison/board';
import type { Study } from '../study';
import { ALONE, PLAN, StudyWorkings } from '../phased-plans';
import {
  atOnce,
  briefFlips,
  briefFlipExplanation,
  DRAWS,
  DrawStore,
  flipExplanation,
  laneFlips,
  nearness,
  planBriefFlips,
  planFlips,
  samplingOf,
  stanceOf,
  type Band,
  type BriefFlip,
  type SimulationSummary,
  type DrawnPlan,
  type FoundFlips,
  type Sampling,
  type Share,
} from '../simulation';
import type { DrawnBy } from './drawn-by';
import { plain, type Explanation } from '../explanation';
import { rivalOf } from './carrying';

/** How sure a choice was, as kept with it. Money in the study's currency, days from the order without holidays. */
export interface KeptSimulation extends DrawnBy {
  readonly draws: number;
  readonly cheapest: Share | null;
  readonly inTime: Share | null;
  readonly allIn: Band;
  readonly total: Band;
  readonly firstArticle: Band;
  /** The lane it was set against, in how many draws it was the cheaper, and by how much (the other less it). */
  readonly against: { readonly laneId: string; readonly holds: Share; readonly band?: Band } | null;
  /** Of a plan in two steps: how often it delivers all that is asked, and how often the route alone beside it does. */
  readonly plan?: { readonly delivers: Share | null; readonly aloneDelivers: Share | null };
  /** What would overturn it, nearest first, in words. */
  readonly flips: readonly string[];
  /** The same with figures that open; missing in records of earlier builds. */
  readonly flipExplanations?: readonly Explanation[];
}

/** Flip points of uncertain figures, the nearest. */
const FLIPS_LISTED = 5;

/**
 * Draws a study for the choice of one lane. Null for a lane without money.
 * @param draws how many; the whole answer of the screen by default
 * @example
 * keptSimulation(study, board, '2027-01-04', board.leader, { seed: 1, spread: 'pert', demand: false }, 100).draws // 100
 */
export function keptSimulation(
  study: Study,
  board: Board,
  orderDate: string,
  laneId: string,
  by: DrawnBy,
  draws: number = DRAWS,
  report: (share: number) => void = () => undefined,
): KeptSimulation | null {
  const lane = board.lanes.find((l) => l.id === laneId);
  if (lane?.money == null) return null;
  const rival = rivalOf(board, lane);
  const sampling = samplingOf(study, board, orderDate, new DrawStore(by.seed, by.spread, draws), {
    demand: by.demand,
    against: rival === undefined ? null : [laneId, rival.id],
  });
  drawAll(sampling, draws, report);
  const flips =
    board.leader === laneId
      ? flipExplanationsOf(
          new StudyWorkings(study, board.q),
          laneId,
          atOnce(laneFlips(study, board, laneId)),
          atOnce(briefFlips(study, board.q)),
        )
      : [];
  return simulationOf(sampling.summary(), laneId, by, flips);
}

/** Share of the work that is drawing; the rest is the search for what would overturn the choice. */
const DRAWING = 0.5;
const BATCHES = 10;

/** Draws all there are, a part at a time, and tells how far it is. */
function drawAll(sampling: Sampling, draws: number, report: (share: number) => void): void {
  for (let k = 1; k <= BATCHES; k++) {
    sampling.run(Math.round((draws * k) / BATCHES));
    report((DRAWING * k) / BATCHES);
  }
}

/**
 * Draws a study for the choice of a plan in two steps.
 *
 * @example
 * keptPlanSimulation(study, board, '2027-01-04', planned.drawn, { seed: 1, spread: 'pert', demand: false }, 100).draws // 100
 */
export function keptPlanSimulation(
  study: Study,
  board: Board,
  orderDate: string,
  plan: DrawnPlan,
  by: DrawnBy,
  draws: number = DRAWS,
  report: (share: number) => void = () => undefined,
): KeptSimulation | null {
  const store = new DrawStore(by.seed, by.spread, draws);
  const sampling = samplingOf(study, board, orderDate, store, { demand: by.demand, against: null, plan });
  drawAll(sampling, draws, report);
  const ofBrief = atOnce(planBriefFlips(study, board.q, orderDate, plan));
  return simulationOf(
    sampling.summary(),
    PLAN,
    by,
    flipExplanationsOf(
      new StudyWorkings(study, board.q, plan.open, plan.deliveries),
      PLAN,
      atOnce(planFlips(study, board, plan)),
      ofBrief,
    ),
    plan,
  );
}

/**
 * What draws say of one choice, as it is kept; null where it was not drawn.
 * @param id the lane, or the plan
 * @param explanation what would overturn it
 * @example
 * simulationOf({ draws: 100, lanes: [], difference: null }, board.leader, { seed: 1, spread: 'pert', demand: false }, []) // null
 */
export function simulationOf(
  { draws, lanes, difference }: SimulationSummary,
  id: string,
  by: DrawnBy,
  explanation: readonly Explanation[],
  plan: DrawnPlan | null = null,
): KeptSimulation | null {
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
        : {
            laneId: second === ALONE && alone !== undefined ? alone : second,
            holds: difference.holds,
            band: difference.band,
          },
    ...(plan === null
      ? {}
      : {
          plan: {
            delivers: own.delivers,
            aloneDelivers: lanes.find((l) => l.id === ALONE)?.delivers ?? null,
          },
        }),
    flips: explanation.map(plain),
    flipExplanations: explanation,
  };
}

/**
 * What would overturn the leader: of the brief, and the nearest uncertain figures within their range. Its figures open.
 * @param of workings of the study at its quantity, with the plan where it is the plan's
 * @example
 * flipExplanationsOf(workings, board.leader, flips, []).length > 0 // true
 */
export function flipExplanationsOf(
  of: StudyWorkings,
  laneId: string,
  found: FoundFlips,
  ofBrief: readonly BriefFlip[],
): Explanation[] {
  const stance = stanceOf(laneId, ofBrief);
  const input = new Map(found.inputs.map((i) => [i.key, i]));
  const near = found.flips
    .flatMap((flip) => {
      const figure = input.get(flip.key);
      return flip.within && figure !== undefined ? [{ flip, figure, far: nearness(flip, figure) }] : [];
    })
    .sort((a, b) => a.far - b.far)
    .slice(0, FLIPS_LISTED)
    .map(({ flip, figure }) => flipExplanation(flip, figure, laneId, of.study.rates, stance));
  return [...ofBrief.map((flip) => briefFlipExplanation(flip, laneId, stance, of)), ...near];
}
