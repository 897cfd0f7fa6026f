import { dayNumber, daysWithHolidays } from '../calendar';
import type { Triple } from '../figures';
import type { Board, Study } from '../board';
import { FlipFinder, type Flip } from './flips';
import { doubtModel, type DoubtInput } from './model';
import { DrawStore, Sampling } from './sampling';

/** The lanes that race: the best of each route that survives. */
export const raceOf = (board: Board): string[] =>
  Object.values(board.bestOfRoute).filter((id) => {
    const lane = board.lanes.find((l) => l.id === id);
    return lane !== undefined && lane.status !== 'blocked' && lane.money !== null && !lane.passedOver;
  });

/**
 * The draws of a study at its board's quantity: every lane that races, and what may be had without a casting.
 * @param orderDate ISO date of the order, for the share of draws in time
 * @param ask.demand whether the quantity is in doubt too
 * @param ask.against two lanes whose difference is looked at
 */
export function samplingOf(
  study: Study,
  board: Board,
  orderDate: string,
  store: DrawStore,
  ask: { readonly demand: boolean; readonly against: readonly [string, string] | null },
): Sampling {
  const race = raceOf(board);
  const besides = (ask.against ?? []).filter((id) => !race.includes(id));
  const ids = [...race, ...besides, ...board.baselines.filter((b) => b.barred === null).map((b) => b.id)];
  const model = doubtModel(study, ids, board.q, ask.demand ? demandOf(study, board.q) : null);
  const due_d = dueOf(study, orderDate);
  return new Sampling(model, store, { race: [...race, ...besides], due_d, q: board.q, against: ask.against });
}

/** Where a lane and each other of the race change places, figure by figure; yields after each figure. */
export function* laneFlips(
  study: Study,
  board: Board,
  laneId: string,
): Generator<void, { readonly inputs: readonly DoubtInput[]; readonly flips: readonly Flip[] }, void> {
  const others = raceOf(board).filter((id) => id !== laneId);
  const all = doubtModel(study, [laneId, ...others], board.q);
  const finder = new FlipFinder(all, laneId, others);
  const flips: Flip[] = [];
  for (const [k] of all.inputs.entries()) {
    flips.push(...finder.of(k));
    yield;
  }
  return { inputs: all.inputs, flips };
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
