import { openCosts, type Study, type StudyLane } from '../study';
import type { LaneTime } from '../schedule';
import type { ProgrammeCost } from '../cost';
import { outruns, paceOf, type Pace } from './delivered';

/** One layout of a lane, with its days and how it delivers. */
export interface Way {
  readonly cost: ProgrammeCost;
  readonly time: LaneTime;
  /** Its pace in a step that waits for no approval, and in one that does. */
  readonly paces: readonly [free: Pace, approved: Pace];
}

interface Ways {
  readonly all: readonly Way[];
  readonly swiftest: readonly [free: readonly Pace[], approved: readonly Pace[]];
}

/** Worked out once for a lane of a study: nothing of it hangs on the quantity or on what is asked. */
const known = new WeakMap<StudyLane, Ways>();

function of(study: Study, entry: StudyLane): Ways {
  const found = known.get(entry);
  if (found !== undefined) return found;
  const all = openCosts(entry).map((cost): Way => {
    const time = study.timeOf(cost.model, cost.plan);
    return { cost, time, paces: [paceOf(time, false), paceOf(time, true)] };
  });
  const made: Ways = { all, swiftest: [unbeaten(all.map((w) => w.paces[0])), unbeaten(all.map((w) => w.paces[1]))] };
  known.set(entry, made);
  return made;
}

/** Every layout of a lane that may be chosen, in the order of its costs. */
export const waysOf = (study: Study, entry: StudyLane): readonly Way[] => of(study, entry).all;

/** Paces of a lane that no other pace of it outruns on every day. */
export const swiftestPaces = (study: Study, entry: StudyLane, approved: boolean): readonly Pace[] =>
  of(study, entry).swiftest[approved ? 1 : 0];

/** Of paces that are alike, the first stays. */
const unbeaten = (paces: readonly Pace[]): Pace[] =>
  paces.filter(
    (one, i) => !paces.some((other, k) => k !== i && outruns(other, one) && (k < i || !outruns(one, other))),
  );
