import type { Hole } from '../brief';

/** As many digits as a drawing gives: a size typed in inches has no tail of its conversion. */
const short = (mm: number): number => Number(mm.toPrecision(6));

/**
 * A group of like holes in words, as a drawing calls them.
 *
 * @param hole diameter and depth in mm; of a thread its nominal diameter
 * @param withDepth whether the depth is told
 * @returns how many, the diameter or the thread, and the depth, mm
 * @example
 * holeWords({ count: 4, thread: false, dia_mm: 9, depth_mm: 15 }, true) // '4 × Ø9 × 15 mm'
 */
export function holeWords(
  { count, thread, dia_mm: d, depth_mm: depth }: Pick<Hole, 'count' | 'thread' | 'dia_mm' | 'depth_mm'>,
  withDepth: boolean,
): string {
  if (thread) return `${count} × M${short(d)}${withDepth ? `, ${short(depth)} mm deep` : ''}`;
  return `${count} × Ø${short(d)}${withDepth ? ` × ${short(depth)}` : ''} mm`;
}
