import type { ReadyBody } from './measure';
import { buildBvh, type Bvh } from './bvh';
import { facetMiddle, type Mesh, type Vec } from './mesh';
import { RayCaster } from './ray';
import { normalOf, WallProbe } from './walls';

/** What is known of one place on the surface. */
export interface PlaceFound {
  readonly at_mm: Vec;
  /** Facet of the fine mesh. */
  readonly facet: number;
  /** Wall by an inward ray, mm; null where it leaves through nothing or the surface is open. */
  readonly ray_mm: number | null;
  /** Wall by the largest inner sphere that touches there, mm; null where the surface is open. */
  readonly sphere_mm: number | null;
  /** Draft against the draw, degrees. */
  readonly draft_deg: number;
}

/**
 * The first place of the surface on a line of sight, and what is measured there; null where it meets nothing.
 * @param closed whether walls mean anything on this surface
 * @example
 * placeSeen(body, [5, 4, 30], [0, 0, -1], [0, 0, 1], true).ray_mm // 10
 */
export function placeSeen(body: ReadyBody, from: Vec, sight: Vec, draw: Vec, closed: boolean): PlaceFound | null {
  const { fine } = body;
  const hit = { ...new RayCaster(treeOf(body)).cast(...from, ...sight) };
  if (hit.facet < 0) return null;
  const at: Vec = [
    from[0] + hit.distance * sight[0],
    from[1] + hit.distance * sight[1],
    from[2] + hit.distance * sight[2],
  ];
  const facet = nearestChild(body, hit.facet, at);
  const n = normalOf(fine, facet);
  const probe = new WallProbe(body);
  const { distance } = probe.ray(at[0], at[1], at[2], n);
  const walled = closed && Number.isFinite(distance);
  return {
    at_mm: at,
    facet,
    ray_mm: walled ? distance : null,
    sphere_mm: walled ? probe.sphere(at[0], at[1], at[2], hit.facet, distance, Infinity) : null,
    draft_deg: (Math.asin(Math.min(1, Math.abs(n[0] * draw[0] + n[1] * draw[1] + n[2] * draw[2]))) * 180) / Math.PI,
  };
}

/** Trees of bodies that are measured by fewer facets than their own: made when a place is first asked for. */
const trees = new WeakMap<Mesh, Bvh>();

function treeOf({ mesh, probe }: ReadyBody): Bvh {
  if (probe.mesh === mesh) return probe.bvh;
  const known = trees.get(mesh);
  if (known !== undefined) return known;
  const made = buildBvh(mesh);
  trees.set(mesh, made);
  return made;
}

/** The facet of the fine mesh, of those parted from one facet, whose middle is nearest a place. */
function nearestChild({ fine }: ReadyBody, parent: number, at: Vec): number {
  let best = -1;
  let least = Infinity;
  for (let f = 0; f < fine.parent.length; f++) {
    if (fine.parent[f] !== parent) continue;
    const m = facetMiddle(fine.mesh, f);
    const off = (m[0] - at[0]) ** 2 + (m[1] - at[1]) ** 2 + (m[2] - at[2]) ** 2;
    if (off < least) {
      least = off;
      best = f;
    }
  }
  return best;
}
