import type { ReadyBody } from './measure';
import type { WallsFound } from './walls';

/**
 * Corners of every facet of a fine mesh, mm, nine figures a facet: what a picture is drawn from.
 *
 * @example
 * facetCorners(body.fine).length === 3 * body.fine.mesh.triangles.length // true
 */
export function facetCorners({
  mesh: { positions: p, triangles: t },
}: {
  readonly mesh: { readonly positions: ArrayLike<number>; readonly triangles: ArrayLike<number> };
}): Float32Array {
  const out = new Float32Array(3 * t.length);
  for (let i = 0; i < t.length; i++) for (let k = 0; k < 3; k++) out[3 * i + k] = p[3 * t[i]! + k]!;
  return out;
}

/**
 * A wall for every facet of the fine mesh, mm: its own, or where not each was measured that of the one before it.
 *
 * @example
 * Math.round(wallOfFacets(body, measures.found, 'ray')[0]) // 10
 */
export function wallOfFacets({ fine }: ReadyBody, found: WallsFound, by: 'ray' | 'sphere'): Float32Array {
  const out = new Float32Array(fine.areas.length).fill(NaN);
  const values = found[by];
  found.facets.forEach((f, i) => (out[f] = values[i]!));
  if (found.facets.length === out.length) return out;
  const measured = new Uint8Array(out.length);
  for (const f of found.facets) measured[f] = 1;
  let last = values[0] ?? NaN;
  for (let i = 0; i < out.length; i++) {
    const f = fine.order === undefined ? i : fine.order[i]!;
    if (measured[f] === 1) last = out[f]!;
    else out[f] = last;
  }
  return out;
}

/**
 * Draft of every facet of the fine mesh against a unit direction, degrees.
 *
 * @example
 * draftOfFine(body, [0, 0, 1]).length === body.fine.mesh.triangles.length / 3 // true
 */
export function draftOfFine({ fine }: ReadyBody, d: readonly [number, number, number]): Float32Array {
  const out = new Float32Array(fine.areas.length);
  for (let f = 0; f < out.length; f++) {
    const along = fine.normals[3 * f]! * d[0] + fine.normals[3 * f + 1]! * d[1] + fine.normals[3 * f + 2]! * d[2];
    out[f] = (Math.asin(Math.min(1, Math.abs(along))) * 180) / Math.PI;
  }
  return out;
}
