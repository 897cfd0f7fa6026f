import type { Edges } from './edges';
import { facetNormal, type Mesh } from './mesh';

/** A corner that stands this share of the diagonal over its neighbour's plane stands there by more than rounding. */
const OVER = 3e-7;

/**
 * Whether a closed surface bends outward at every edge: then nothing of it hides anything else of it from any side, as
 * long as it is one shell. Edges that rounding turned in by less than it can are taken for flat.
 * @param diagonal of the box round the surface, mm
 * @example
 * bendsOutward(mesh, checked.edges, 17.3) // true
 */
export function bendsOutward(mesh: Mesh, { twins }: Edges, diagonal: number): boolean {
  const { positions: p, triangles: t } = mesh;
  const over = OVER * diagonal;
  for (let f = 0; f < t.length / 3; f++) {
    const n = facetNormal(mesh, f);
    const a = 3 * t[3 * f]!;
    for (let k = 0; k < 3; k++) {
      const twin = twins[3 * f + k]!;
      if (twin < 0) return false;
      const g = Math.floor(twin / 3);
      // The corner of the neighbour that is not on the edge.
      const c = 3 * t[3 * g + ((twin + 2) % 3)]!;
      const height = (p[c]! - p[a]!) * n[0] + (p[c + 1]! - p[a + 1]!) * n[1] + (p[c + 2]! - p[a + 2]!) * n[2];
      if (height > over) return false;
    }
  }
  return true;
}
