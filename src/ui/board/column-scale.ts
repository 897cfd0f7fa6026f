import type { BoardBaseline, BoardLane } from '@/core/comparison/board';

/** What the bars of a column are drawn on: from nothing, or, where the lanes lie far apart, by ratio. */
export interface ColumnScale {
  readonly from: number;
  readonly to: number;
  readonly log: boolean;
}

/** Columns whose bars are drawn on a scale made of what stands in them. */
export type ScaledColumn = 'quantity' | 'tooling' | 'perPart' | 'leadTime';
export type ColumnScales = Readonly<Record<ScaledColumn, ColumnScale | null>>;

/** Most over least from which a column is drawn by ratio. */
const FAR_APART = 40;
/** Place of what runs off the end of a scale. */
export const BEYOND = 1001;
const STEPS = [1, 1.5, 2, 3, 4, 5, 6, 8, 10];

/** The next round figure above, so that a scale stays while the rail moves a little. */
function roundUp(x: number): number {
  const power = 10 ** Math.floor(Math.log10(x));
  return power * (STEPS.find((s) => s * power >= x * (1 - 1e-9)) ?? 10);
}

/**
 * The scale of some figures.
 * @param values figures above zero; others are left out
 * @returns null where there is none
 */
export function scaleOfColumn(values: readonly number[]): ColumnScale | null {
  const shown = values.filter((x) => Number.isFinite(x) && x > 0);
  if (shown.length === 0) return null;
  const [least, most] = [Math.min(...shown), Math.max(...shown)];
  if (most / least <= FAR_APART) return { from: 0, to: roundUp(most), log: false };
  return { from: 10 ** Math.floor(Math.log10(least)), to: roundUp(most), log: true };
}

/** Place of a figure on a scale, whole per mille from 0 to 1000; beyond the end 1001. */
export function along({ from, to, log }: ColumnScale, x: number): number {
  const place = log ? Math.log(x / from) / Math.log(to / from) : (x - from) / (to - from);
  return place > 1 + 1e-6 ? BEYOND : Math.round(1000 * Math.min(1, Math.max(0, place)));
}

/** Ways without a casting stretch a scale at most so far beyond the castings; what lies beyond runs off its end. */
const MOST_STRETCH = 1.6;
const DAYS_A_WEEK = 7;

/** The scales of a board: over the castings left, and the ways without a casting as far as they do not squeeze them. */
export function columnScales(lanes: readonly BoardLane[], baselines: readonly BoardBaseline[]): ColumnScales {
  const open = lanes.filter((l) => l.status !== 'blocked' && l.money !== null && l.dates !== null);
  const ways = baselines.filter((b) => b.barred === null);
  const of = (lane: (l: BoardLane) => number | null | undefined, way: (b: BoardBaseline) => number | null) => {
    const castings = open.map(lane).flatMap((x) => (x == null ? [] : [x]));
    const others = ways.map(way).flatMap((x) => (x === null ? [] : [x]));
    const end = castings.length === 0 ? Infinity : MOST_STRETCH * Math.max(...castings);
    return scaleOfColumn([...castings, ...others.map((x) => Math.min(x, end))]);
  };
  /** In whole weeks, as the column is read. */
  const weekly = (scale: ColumnScale | null): ColumnScale | null =>
    scale === null || scale.log ? scale : { ...scale, to: DAYS_A_WEEK * roundUp(Math.ceil(scale.to / DAYS_A_WEEK)) };
  return {
    quantity: of(
      (l) => l.dates?.yearWorkdays,
      () => null,
    ),
    tooling: of(
      (l) => l.money?.tooling,
      (b) => b.tooling,
    ),
    perPart: of(
      (l) => l.money?.allIn,
      (b) => b.allIn,
    ),
    leadTime: weekly(
      of(
        (l) => l.dates?.firstArticle_d,
        (b) => b.firstArticle_d,
      ),
    ),
  };
}
