import { contours } from 'd3-contour';
import type { SectionGrid, SolidificationFound } from './types';

/** What of a section is still to freeze from a moment on. */
export interface FreezingBand {
  /** From this moment on, s. */
  readonly after_s: number;
  /** Closed lines, even-odd, mm. */
  readonly rings: readonly (readonly (readonly [number, number])[])[];
}

/**
 * Bands of a run: what had not frozen yet at even steps of its time.
 *
 * @param grid and found of a run; count of bands, from the first that freezes to the last
 * @returns bands with lines in mm, earliest first
 * @example
 * bandsOf(grid, frozen, 4).length // 4
 */
export function bandsOf(grid: SectionGrid, found: SolidificationFound, count: number): FreezingBand[] {
  const { columns, rows, cell_mm, x_mm, y_mm } = grid;
  const { last_s } = found;
  if (!(last_s > 0)) return [];
  const values = Array.from(found.frozen_s, (t) => (Number.isFinite(t) ? t : last_s * 1.1));
  const times = Array.from({ length: count }, (_, i) => (last_s * i) / count);
  return contours()
    .size([columns, rows])
    .thresholds(times.map((t) => Math.max(t, last_s * 1e-6)))(values)
    .map((band, i) => ({
      after_s: times[i] ?? 0,
      rings: band.coordinates
        .flat()
        .map((ring) =>
          ring.slice(0, -1).map(([u, v]) => [x_mm + (u ?? 0) * cell_mm, y_mm + (v ?? 0) * cell_mm] as const),
        ),
    }))
    .filter((band) => band.rings.length > 0);
}
