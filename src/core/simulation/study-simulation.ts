import { dayNumber } from '../base/day';
import { daysWithHolidays } from '../schedule';
import type { Triple } from '../base/figures';
import type { Board } from '../comparison/board';
import type { Study } from '../study';
import { ALONE, PLAN, StudyWorkings, type OpenPlan, type PlanChoice, type PlanDue } from '../phased-plans';
import { FlipFinder, type Flip } from './flips';
import { simulationModel, type SimulationInput } from './model';
import { DrawStore, Sampling } from './sampling';

/**
 * The lanes that race: the best of each route that survives.
 *
 * @example
 * raceOf(board).includes(board.leader) // true
 */
export const raceOf = (board: Board): string[] =>
  Object.values(board.bestOfRoute).filter((id) => {
    const lane = board.lanes.find((l) => l.id === id);
    return lane !== undefined && lane.status !== 'blocked' && lane.money !== null && !lane.passedOver;
  });

/** A plan in two steps to be drawn: what it is, and what is asked of it. */
export interface DrawnPlan {
  readonly choice: PlanChoice;
  readonly open: OpenPlan;
  readonly deliveries: readonly PlanDue[];
}

/** What is drawn of a study besides its race. */
export interface DrawAsk {
  /** Whether the quantity is uncertain too. */
  readonly demand: boolean;
  /** Two lanes whose difference is looked at; where a plan is drawn, it and the route alone that delivers as soon. */
  readonly against: readonly [string, string] | null;
  readonly plan?: DrawnPlan | null | undefined;
}

/**
 * The plan and what it is set against: the route alone that delivers as soon, else the cheapest whatever it delivers.
 *
 * @example
 * planPair(board, planned.drawn)[0] // 'plan'
 */
export const planPair = (board: Board, plan: DrawnPlan): readonly [string, string] | null =>
  plan.open.alone !== null ? [PLAN, ALONE] : board.leader === null ? null : [PLAN, board.leader];

/**
 * The draws of a study at its board's quantity: every lane that races, and what may be had without a casting.
 * @param orderDate ISO date of the order, for the share of draws in time
 * @example
 * samplingOf(study, board, '2027-01-04', store, { demand: false, against: null }).model.lanes.length > 2 // true
 */
export function samplingOf(study: Study, board: Board, orderDate: string, store: DrawStore, ask: DrawAsk): Sampling {
  const { plan = null } = ask;
  const race = raceOf(board);
  const against = plan === null ? ask.against : planPair(board, plan);
  const ofPlan = plan === null ? [] : [PLAN, ...(plan.open.alone === null ? [] : [ALONE])];
  const besides = (against ?? []).filter((id) => !race.includes(id) && !ofPlan.includes(id));
  const ids = [...race, ...besides, ...ofPlan, ...board.baselines.filter((b) => b.barred === null).map((b) => b.id)];
  const workings = new StudyWorkings(study, board.q, plan?.open ?? null, plan?.deliveries);
  return new Sampling(simulationModel(workings, ids, ask.demand ? demandOf(study, board.q) : null), store, {
    race: [...race, ...besides],
    challenger: plan === null ? undefined : PLAN,
    deliveries: plan?.deliveries,
    shut: (days) => daysWithHolidays(study.brief.quantity.orderDate, days, study.rates.calendar),
    due_d: dueOf(study, orderDate),
    q: board.q,
    against,
  });
}

/** Uncertain figures of some lanes, and where they change places. */
export interface FoundFlips {
  readonly inputs: readonly SimulationInput[];
  readonly flips: readonly Flip[];
}

/**
 * Where a lane and each other of the race change places, figure by figure; yields after each figure.
 *
 * @example
 * drained(laneFlips(study, board, board.leader)).inputs.length > 10 // true
 */
export function laneFlips(study: Study, board: Board, laneId: string): Generator<void, FoundFlips, void> {
  return flipsAmong(
    new StudyWorkings(study, board.q),
    laneId,
    raceOf(board).filter((id) => id !== laneId),
  );
}

/**
 * Where a plan and the route alone that delivers as soon change places; none where no route alone does.
 *
 * @example
 * drained(planFlips(study, board, planned.drawn)).inputs.length > 10 // true
 */
export function* planFlips(study: Study, board: Board, plan: DrawnPlan): Generator<void, FoundFlips, void> {
  const { alone } = plan.open;
  if (alone === null) return { inputs: [], flips: [] };
  const found = yield* flipsAmong(new StudyWorkings(study, board.q, plan.open, plan.deliveries), PLAN, [ALONE]);
  return { inputs: found.inputs, flips: found.flips.map((flip) => ({ ...flip, against: alone.laneId })) };
}

function* flipsAmong(
  workings: StudyWorkings,
  first: string,
  others: readonly string[],
): Generator<void, FoundFlips, void> {
  const all = simulationModel(workings, [first, ...others]);
  const finder = new FlipFinder(all, first, others);
  const flips: Flip[] = [];
  for (const [k] of all.inputs.entries()) {
    flips.push(...finder.of(k));
    yield;
  }
  return { inputs: all.inputs, flips };
}

/** The uncertain quantity as the demand of the brief is, scaled to where the rail stands; null where none is known. */
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
