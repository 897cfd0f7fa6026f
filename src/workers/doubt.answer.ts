import { boardAt, prepareStudy, type Board, type Study } from '@/core/board';
import { dayNumber, daysWithHolidays } from '@/core/calendar';
import { briefFlips, doubtModel, DRAWS, DrawStore, FlipFinder, moversOf, Sampling, type Flip } from '@/core/doubt';
import { CoreError } from '@/core/errors';
import { likely, type Triple } from '@/core/figures';
import { ratesOf } from '@/core/rates';
import type { DoubtAnswer, DoubtAsked, DoubtDepth, DoubtRequest } from './doubt.protocol';

/** Draws after which an answer is told, the first soon enough to be there at once. */
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
 * @param tell hears each answer
 * @param breathe lets newer requests in; true where this one is still wanted
 * @param stages draws after which an answer is told, rising; the last is the whole answer
 */
export async function answerDoubt(
  request: DoubtRequest,
  tell: (answer: DoubtAnswer) => void,
  breathe: () => Promise<boolean>,
  stages: readonly number[] = STAGES,
): Promise<void> {
  const { id } = request;
  try {
    const start = performance.now();
    const study = studyOf(request);
    const board = boardAt(study, request.q, request.orderDate);
    const { leader, second } = board;
    if (likely(study.rates.global.rDisc) > 0) return tell({ id, kind: 'nothing', why: 'discounted' });
    if (leader === null) return tell({ id, kind: 'nothing', why: 'no-lane' });
    const race = raceOf(board);
    const ids = [...race, ...board.baselines.filter((b) => b.barred === null).map((b) => b.id)];
    const model = doubtModel(study, ids, request.q, request.demand ? demandOf(study, request.q) : null);
    const sampling = new Sampling(model, storeOf(request), {
      race,
      due_d: dueOf(study, request.orderDate),
      q: request.q,
      against: second === null ? null : [leader, second],
    });
    let made = 0;
    for (const stage of stages) {
      while (made < stage) {
        made = Math.min(stage, made + SLICE);
        sampling.run(made);
        if (!(await breathe())) return;
      }
      tell({
        id,
        kind: 'sampled',
        summary: sampling.summary(),
        done: stage === stages.at(-1),
        ms: performance.now() - start,
      });
      if (!(await breathe())) return;
    }
    if (!request.deep) return;
    const depth = await depthOf(study, request.q, board, sampling, breathe);
    if (depth !== null) tell({ id, kind: 'depth', depth, ms: performance.now() - start });
  } catch (error) {
    const issue = error instanceof CoreError ? error.issue : null;
    tell({ id, kind: 'refused', issue, message: error instanceof Error ? error.message : String(error) });
  }
}

async function depthOf(
  study: Study,
  q: number,
  board: Board,
  sampling: Sampling,
  breathe: () => Promise<boolean>,
): Promise<DoubtDepth | null> {
  const { leader, second } = board;
  if (leader === null) return null;
  const race = raceOf(board);
  const pair = doubtModel(study, second === null ? [leader] : [leader, second], q);
  const movers = second === null ? [] : moversOf(pair, leader, second, sampling);
  if (!(await breathe())) return null;
  const all = doubtModel(study, race, q);
  const finder = new FlipFinder(
    all,
    leader,
    race.filter((id) => id !== leader),
  );
  const flips: Flip[] = [];
  // Figures are looked at one by one: it takes a while, and something newer may be asked meanwhile.
  for (const [k] of all.inputs.entries()) {
    flips.push(...finder.of(k));
    if (!(await breathe())) return null;
  }
  const of = briefFlips(study, q);
  return { leader, second, inputs: all.inputs, movers, flips, briefFlips: of };
}

/** The lanes that race: the best of each route that survives. */
const raceOf = (board: Board): string[] =>
  Object.values(board.bestOfRoute).filter((id) => {
    const lane = board.lanes.find((l) => l.id === id);
    return lane !== undefined && lane.status !== 'blocked' && lane.money !== null && !lane.passedOver;
  });

function studyOf({ brief, school, rates }: DoubtAsked): Study {
  const key = JSON.stringify([brief, school, rates]);
  if (readied?.key !== key) readied = { key, study: prepareStudy(brief, school, ratesOf(rates)) };
  return readied.study;
}

function storeOf({ seed, spread }: DoubtAsked): DrawStore {
  if (store?.seed !== seed || store.spread !== spread) store = new DrawStore(seed, spread);
  return store;
}

/** The quantity in doubt as the demand of the brief is, scaled to where the rail stands; null where none is known. */
function demandOf(study: Study, q: number): Triple | null {
  const { demand } = study.brief.quantity;
  if (demand === null || !(demand[1] > 0)) return null;
  const at = (x: number): number => Math.max(1, (q * x) / demand[1]);
  return [at(demand[0]), q, at(demand[2])];
}

/** Days from the order, without holidays, that the first article may take; null where no day is asked. */
function dueOf(study: Study, orderDate: string): number | null {
  const { firstDelivery } = study.brief.quantity;
  if (firstDelivery === null) return null;
  const due = dayNumber('firstDelivery', firstDelivery) - dayNumber('orderDate', orderDate);
  if (due <= 0) return 0;
  const ordered = study.brief.quantity.orderDate;
  const shut = (days: number): number => daysWithHolidays(ordered, days, study.rates.calendar);
  let [low, high] = [0, due];
  for (let i = 0; i < 40 && high - low > 1e-6; i++) {
    const middle = (low + high) / 2;
    if (shut(middle) <= due) low = middle;
    else high = middle;
  }
  return shut(due) <= due ? due : low;
}
