import { crossingsOf, winnerRuns, type Crossing, type WinnerRun } from './crossings';
import { railQuantities } from './ribbon';
import { bestLayout, survives, type Study } from './study';

/** One lane's cost over the rail: quantities, all-in money a part, total money. */
export interface Curve {
  readonly laneId: string;
  readonly q: readonly number[];
  readonly allIn: readonly number[];
  readonly total: readonly number[];
}

/** What a study shows over all quantities: worked out once for each brief, away from the main thread. */
export interface Survey {
  readonly runs: readonly WinnerRun[];
  readonly crossings: readonly Crossing[];
  /** Surviving lanes and open baselines, in lane order. */
  readonly curves: readonly Curve[];
}

/** Surveys a study: winner runs, crossings, and cost curves at some `points` quantities. */
export function surveyOf(study: Study, points = 140): Survey {
  const runs = winnerRuns(study);
  const q = railQuantities(points);
  const fx = study.rates.currency.perUnit;
  const curve = (laneId: string, total: (q: number) => number): Curve => {
    const totals = q.map(total);
    return { laneId, q, total: totals, allIn: totals.map((t, i) => t / (q[i] ?? 1)) };
  };
  const lanes = study.lanes
    .filter(survives)
    .map((entry) => curve(entry.lane.id, (x) => (bestLayout(entry, x)?.total ?? NaN) * fx));
  const baselines = study.baselines.filter((b) => b.barred === null).map((b) => curve(b.id, (x) => b.total(x)));
  return { runs, crossings: crossingsOf(runs), curves: [...lanes, ...baselines] };
}
