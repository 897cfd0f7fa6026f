import { crossingsOf, winnerRunsFound, type Crossing, type WinnerRun } from './crossings';
import { railQuantities } from './ribbon';
import { bestLayout, survives, type Study } from '../../study';

/** A route's cost over the rail by its best surviving variant at each quantity, or a baseline's. */
export interface Curve {
  /** Route or baseline id. */
  readonly id: string;
  readonly q: readonly number[];
  readonly allIn: readonly number[];
  readonly total: readonly number[];
}

/** What a study shows over all quantities: worked out once for each brief, away from the main thread. */
export interface CostCurves {
  readonly runs: readonly WinnerRun[];
  /** Last quantity up to which runs and crossings are exact; null where all are. */
  readonly exactTo: number | null;
  readonly crossings: readonly Crossing[];
  /** Surviving routes and open baselines, in the order of the routes. */
  readonly curves: readonly Curve[];
}

/**
 * Surveys a study: winner runs, crossings, and cost curves at some `points` quantities.
 *
 * @example
 * costCurvesOf(study, 10).curves.length > 0 // true
 */
export function costCurvesOf(study: Study, points = 140): CostCurves {
  const { runs, exactTo } = winnerRunsFound(study);
  const q = railQuantities(points);
  const fx = study.rates.currency.perUnit;
  const curve = (id: string, total: (q: number) => number): Curve => {
    const totals = q.map(total);
    return { id, q, total: totals, allIn: totals.map((t, i) => t / (q[i] ?? 1)) };
  };
  const open = study.lanes.filter(survives);
  const routes = [...new Set(open.map((entry) => entry.lane.route.id))].map((id) => {
    const variants = open.filter((entry) => entry.lane.route.id === id);
    return curve(id, (x) => fx * Math.min(...variants.map((entry) => bestLayout(entry, x)?.total ?? Infinity)));
  });
  const baselines = study.baselines.filter((b) => b.barred === null).map((b) => curve(b.id, (x) => b.total(x)));
  return { runs, exactTo, crossings: crossingsOf(runs), curves: [...routes, ...baselines] };
}
