import { boardAt, type Board } from '@/core/comparison/board';
import { prepareStudy, type Study } from '@/core/study';
import { StudyWorkings } from '@/core/phased-plans';
import {
  briefFlips,
  simulationModel,
  DRAWS,
  DrawStore,
  laneFlips,
  moversOf,
  planBriefFlips,
  planFlips,
  planPair,
  samplingOf,
  type Sampling,
} from '@/core/simulation';
import { CoreError } from '@/core/base/errors';
import { ratesOf } from '@/core/rates';
import type { SimulationAnswer, SimulationAsked, SimulationDepth, SimulationRequest } from './simulation.protocol';

/** Draws after which an answer is shown, the first soon enough to be there at once. */
export const STAGES = [500, 2500, DRAWS] as const;
/** Draws made before the worker looks whether it is asked something newer. */
const SLICE = 512;

interface Readied {
  readonly key: string;
  readonly study: Study;
}
let readied: Readied | null = null;
let store: DrawStore | null = null;

/**
 * Draws a study and tells what it finds as it goes; never throws.
 * @param report hears each answer
 * @param breathe lets newer requests in; true where this one is still wanted
 * @param stages draws after which an answer is shown, rising; the last is the whole answer
 */
export async function answerSimulation(
  request: SimulationRequest,
  report: (answer: SimulationAnswer) => void,
  breathe: () => Promise<boolean>,
  stages: readonly number[] = STAGES,
): Promise<void> {
  const { id } = request;
  try {
    const start = performance.now();
    const study = studyOf(request);
    if (!(await breathe())) return;
    const board = boardAt(study, request.q, request.orderDate);
    const { leader, second } = board;
    if (leader === null) return report({ id, kind: 'nothing' });
    if (!(await breathe())) return;
    const sampling = samplingOf(study, board, request.orderDate, storeOf(request), {
      demand: request.demand,
      against: second === null ? null : [leader, second],
      plan: request.plan,
    });
    let made = 0;
    for (const stage of stages) {
      while (made < stage) {
        made = Math.min(stage, made + SLICE);
        sampling.run(made);
        if (!(await breathe())) return;
      }
      report({
        id,
        kind: 'sampled',
        summary: sampling.summary(),
        done: stage === stages.at(-1),
        ms: performance.now() - start,
      });
      if (!(await breathe())) return;
    }
    if (!request.deep) return;
    const depth = await depthOf(study, request, board, sampling, breathe);
    if (depth !== null) report({ id, kind: 'depth', depth, ms: performance.now() - start });
  } catch (error) {
    const issue = error instanceof CoreError ? error.issue : null;
    report({ id, kind: 'refused', issue, message: error instanceof Error ? error.message : String(error) });
  }
}

async function depthOf(
  study: Study,
  { q, orderDate, plan }: SimulationRequest,
  board: Board,
  sampling: Sampling,
  breathe: () => Promise<boolean>,
): Promise<SimulationDepth | null> {
  const [leader, second] = (plan === null ? null : planPair(board, plan)) ?? [board.leader, board.second];
  if (leader === null) return null;
  const workings = new StudyWorkings(study, q, plan?.open ?? null, plan?.deliveries);
  const pair = simulationModel(workings, second === null ? [leader] : [leader, second]);
  const movers = second === null ? [] : moversOf(pair, leader, second, sampling);
  // Figures are looked at one by one: it takes a while, and something newer may be asked meanwhile.
  const search = plan === null ? laneFlips(study, board, leader) : planFlips(study, board, plan);
  const found = await breathing(search, breathe);
  const besides = plan === null ? briefFlips(study, q) : planBriefFlips(study, q, orderDate, plan);
  const ofBrief = found === null ? null : await breathing(besides, breathe);
  if (found === null || ofBrief === null) return null;
  // The figures of the pair come first: those of the other routes only take part in the flips.
  const inputs = [...new Map([...found.inputs, ...pair.inputs].map((i) => [i.key, i])).values()];
  return { leader, second, inputs, movers, flips: found.flips, briefFlips: ofBrief };
}

/** Goes through a search, letting newer requests in; null where it is no longer wanted. */
async function breathing<T>(search: Generator<void, T, void>, breathe: () => Promise<boolean>): Promise<T | null> {
  let step = search.next();
  for (; !step.done; step = search.next()) if (!(await breathe())) return null;
  return step.value;
}

function studyOf({ brief, school, rates }: SimulationAsked): Study {
  const key = JSON.stringify([brief, school, rates]);
  if (readied?.key !== key) readied = { key, study: prepareStudy(brief, school, ratesOf(rates)) };
  return readied.study;
}

function storeOf({ seed, spread }: SimulationAsked): DrawStore {
  if (store?.seed !== seed || store.spread !== spread) store = new DrawStore(seed, spread);
  return store;
}
