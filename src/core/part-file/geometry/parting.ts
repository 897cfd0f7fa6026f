import type { Seen } from './seen';
import type { UndercutFound } from './undercut-types';

/**
 * The line along which the two halves of a mould part: edges between what only the +d half can release and the rest.
 * Walls that either half could release are given to the other half, so that the line runs along their upper rim; it
 * may be moved down along them.
 * @returns ends of its pieces, mm, six figures a piece
 * @example
 * partingLine(body.seen, drawn.undercut).length > 0 // true
 */
export function partingLine({ fine, edges }: Seen, found: UndercutFound): Float32Array {
  const { twins } = edges;
  const { positions: p, triangles: t } = fine.mesh;
  const out: number[] = [];
  for (let s = 0; s < twins.length; s++) {
    const twin = twins[s]!;
    if (twin <= s) continue;
    const a = found.half[Math.floor(s / 3)]!;
    const b = found.half[Math.floor(twin / 3)]!;
    if (a === TRAPPED_HALF || b === TRAPPED_HALF || (a === 1) === (b === 1)) continue;
    for (const corner of [t[s]!, t[s % 3 === 2 ? s - 2 : s + 1]!])
      for (let k = 0; k < 3; k++) out.push(p[3 * corner + k]!);
  }
  return Float32Array.from(out);
}

/** Mark of a facet that neither half releases. */
export const TRAPPED_HALF = 2;
