import { runnersOf, winnerAt, type Runner } from './leader';
import { RAIL_MAX } from './ribbon';
import type { Study } from '../../study';

/** A stretch of quantities with one cheapest lane. */
export interface WinnerRun {
  readonly from: number;
  readonly to: number;
  readonly laneId: string;
}

/** A change of place between two lanes, or a band of flicker that changes nothing. */
export interface Crossing {
  readonly kind: 'change' | 'flicker';
  readonly from: string;
  readonly to: string;
  /** First quantity at which `from` no longer leads. */
  readonly first: number;
  /** Quantity from which `to` leads without a break. */
  readonly last: number;
  /** Changes of the cheapest lane between first and last, both ends counted; 1 for a clean crossing. */
  readonly changes: number;
  /** Every lane that leads somewhere in the band. */
  readonly lanes: readonly string[];
  /** False where both lanes are variants of one route. */
  readonly routeChanges: boolean;
}

/** Below this span every quantity is looked at one by one. */
const LEAF = 8;
/** A run that stretches over less than this ratio of quantities is flicker, not a place of its own. */
const PLACE_RATIO = 1.2;

/** Totals worked out for the runs of a study, at most; of the nine demo parts eight take 2 000 to 30 000, one 93 000. */
const MOST_LOOKS = 600_000;
/** Beyond the budget stretches wider than this ratio are still looked at, once each. */
const COARSE_RATIO = 1.02;

/** The runs of a study, and up to which quantity they are exact. */
export interface RunsFound {
  readonly runs: readonly WinnerRun[];
  /** Last quantity up to which every whole one is shown exactly; null where all are. Beyond it every 2 % was looked at. */
  readonly exactTo: number | null;
}

/**
 * Every stretch of quantities with its cheapest surviving lane, exact for each whole quantity from 1 to `qMax`.
 *
 * T(q) never falls, so a layout whose T at the low end is above the least T at the high end cannot lead anywhere
 * between; stretches are halved until one lane is left or each quantity has been looked at. Rates a thousand times too
 * high can keep many layouts within a hair of each other over the whole rail: then the exact search ends at its budget,
 * and the rest is looked at every 2 %.
 *
 * @example
 * winnerRunsFound(study).exactTo // null
 */
export function winnerRunsFound(study: Study, qMax: number = RAIL_MAX, mostLooks = MOST_LOOKS): RunsFound {
  const runs: { from: number; to: number; lane: number }[] = [];
  let looks = 0;
  let exactTo: number | null = null;
  const push = (from: number, to: number, lane: number): void => {
    const last = runs.at(-1);
    if (last !== undefined && last.lane === lane) last.to = to;
    else runs.push({ from, to, lane });
  };
  const scan = (from: number, to: number, runners: readonly Runner[]): void => {
    if (looks > mostLooks) {
      exactTo ??= from - 1;
      if ((to + 1) / from <= COARSE_RATIO || to === from)
        return push(from, to, winnerAt(runners, Math.floor(Math.sqrt(from * to))));
    } else if (to - from < LEAF) {
      looks += (to - from + 1) * runners.length;
      for (let q = from; q <= to; q++) push(q, q, winnerAt(runners, q));
      return;
    }
    looks += 2 * runners.length;
    let ceiling = Infinity;
    for (const runner of runners) ceiling = Math.min(ceiling, runner.cost.total(to));
    const alive = runners.filter((runner) => runner.cost.total(from) <= ceiling);
    const lane = alive[0]?.lane ?? -1;
    if (alive.every((runner) => runner.lane === lane)) return push(from, to, lane);
    const mid = to > 4 * from ? Math.floor(Math.sqrt(from * to)) : Math.floor((from + to) / 2);
    scan(from, mid, alive);
    scan(mid + 1, to, alive);
  };
  const runners = runnersOf(study);
  if (runners.length === 0) return { runs: [], exactTo: null };
  scan(1, qMax, runners);
  return { runs: runs.map(({ from, to, lane }) => ({ from, to, laneId: study.lanes[lane]?.lane.id ?? '' })), exactTo };
}

/**
 * The runs of a study from 1 to `qMax` pieces, within the budget.
 *
 * @example
 * winnerRuns(study)[0].from // 1
 */
export const winnerRuns = (study: Study, qMax: number = RAIL_MAX): readonly WinnerRun[] =>
  winnerRunsFound(study, qMax).runs;

/**
 * Runs shown as changes of place: long runs are places, short ones between them a band of flicker
 * (whole pours and worn tools make the steps cross to and fro).
 *
 * @example
 * crossingsOf([{ from: 1, to: 1000000, laneId: 'plaster/resin' }]) // []
 */
export function crossingsOf(runs: readonly WinnerRun[]): Crossing[] {
  const out: Crossing[] = [];
  let place = runs[0];
  let band: WinnerRun[] = [];
  runs.slice(1).forEach((run, i) => {
    const isLast = i === runs.length - 2;
    if (place === undefined) return;
    if (!isLast && (run.to + 1) / run.from < PLACE_RATIO) return void band.push(run);
    const lanes = [...new Set([place.laneId, ...band.map((r) => r.laneId), run.laneId])];
    out.push({
      kind: place.laneId === run.laneId ? 'flicker' : 'change',
      from: place.laneId,
      to: run.laneId,
      first: place.to + 1,
      last: run.from,
      changes: band.length + 1,
      lanes,
      routeChanges: new Set(lanes.map((id) => id.split('/')[0])).size > 1,
    });
    place = run;
    band = [];
  });
  return out;
}

/**
 * Every change of place of the cheapest surviving lane from 1 to `qMax` pieces.
 *
 * @param study made ready
 * @param qMax pieces up to which is looked
 * @returns the changes of the lead, in the order of their quantity
 * @example
 * crossings(study)[0].to // 'bonded-sand/printed'
 */
export function crossings(study: Study, qMax: number = RAIL_MAX): Crossing[] {
  return crossingsOf(winnerRuns(study, qMax));
}
