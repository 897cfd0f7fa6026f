import type { OwnFigure } from './changes';
import type { RateEntry } from './entries';

/** A figure so many times its shipped one, or as little a part of it, is most often a slip of the unit. */
export const FAR_OFF = 20;

const likelyOf = (v: OwnFigure): number => (typeof v === 'number' ? v : v[1]);

/** A figure far outside its usual band. */
export interface FarOff {
  readonly entry: RateEntry;
  readonly likely: number;
  readonly shipped: number;
  /** Likely over shipped. */
  readonly ratio: number;
}

/**
 * Figures of a change that lie far outside the band of the shipped set: more than twenty times the shipped likely figure,
 * or less than a twentieth of it. They are allowed; whoever gives them is asked first.
 * @param shipped coefficients of the shipped set, by path
 * @example
 * farOff({}, new Map()) // []
 */
export function farOff(
  figures: Readonly<Record<string, OwnFigure | null>>,
  shipped: ReadonlyMap<string, RateEntry>,
): FarOff[] {
  return Object.entries(figures).flatMap(([path, value]) => {
    const entry = shipped.get(path);
    if (entry === undefined || value === null) return [];
    const [likely, usual] = [likelyOf(value), likelyOf(entry.value)];
    if (!(usual > 0) || !(likely > 0)) return [];
    const ratio = likely / usual;
    return ratio > FAR_OFF || ratio < 1 / FAR_OFF ? [{ entry, likely, shipped: usual, ratio }] : [];
  });
}
