import { RAIL_MAX, type CostCurves } from '@/core/comparison/board';
import { whole } from '../format';
import { placeOf } from './scale';

/** The field the rail is drawn in, and where the ribbon stands in it. */
export const WIDTH = 1000;
export const HEIGHT = 74;
export const RIBBON_TOP = 22;
export const RIBBON_HEIGHT = 18;

/** Quantities marked on the rail. */
export const TICKS = [1, 10, 100, 1000, 10_000, 100_000, RAIL_MAX] as const;

/** Least width a run is drawn with; one that is narrower is drawn with its neighbour. */
const LEAST_WIDTH = 0.6;

/** Where a quantity stands on the field. */
export const x = (q: number): number => placeOf(q) * WIDTH;

/** A range of quantities in words; one quantity stands alone. */
export const stretch = (from: number, to: number): string =>
  from === to ? whole(from) : `${whole(from)}–${whole(to)}`;

/** Runs too short to see are drawn with their neighbour; what they are is said by the crossing above them. */
export function merged(curves: CostCurves | null): { from: number; to: number; laneId: string }[] {
  const out: { from: number; to: number; laneId: string }[] = [];
  for (const run of curves?.runs ?? []) {
    const last = out.at(-1);
    if (last !== undefined && (last.laneId === run.laneId || x(run.to + 1) - x(run.from) < LEAST_WIDTH))
      last.to = run.to;
    else out.push({ ...run });
  }
  return out;
}
