import { NO_PROGRESS, type Progress } from '../mesh-files';
import type { Bvh } from './bvh';
import { facetNormals, type Mesh, type Vec } from './mesh';
import { NearestFinder } from './nearest';
import { RayCaster } from './ray';
import { PLACES, placeOn, spreadOverArea, type FineMesh } from './sampling';

/** Hits nearer than this share of the diagonal are the place itself. Source: geo.wall-ray. */
const SELF = 1e-6;
/** Most places a wall is measured at; more facets than that share their neighbours' figure. */
const MOST_PLACES = 40_000;
/** Steps in which a sphere is shrunk, at most. */
const SHRINKS = 24;
/** A sphere is settled when no point of the surface is nearer than this share within it. */
const CLOSE = 1e-3;
/** Boxes looked into for a nearer point, at most: enough for any part, and a ball of a million facets ends too. */
const VISITS = 500;
/** A ray leaves through a face this much turned against the one it came in by, or it counts for no wall: cos 60°. */
const OPPOSED = -0.5;

/** Wall at the places of a fine mesh. */
export interface WallsFound {
  /** Facets of the fine mesh that were measured. */
  readonly facets: Uint32Array;
  /** Area each stands for, mm². */
  readonly weights: Float64Array;
  /** Wall by the inward ray, mm; NaN where the ray leaves through a face at an angle. */
  readonly ray: Float64Array;
  /** Wall by the largest inner sphere that touches there: its diameter, mm. */
  readonly sphere: Float64Array;
  /** Middle of that sphere, mm, three a place. */
  readonly centres: Float64Array;
}

/** Measures a body from inside: by rays and by spheres. */
export class WallProbe {
  private readonly caster: RayCaster;
  private readonly finder: NearestFinder;
  private readonly self: number;
  private readonly normals: Float64Array;
  /** Middle of the sphere last found, mm. */
  readonly centre = new Float64Array(3);

  constructor(
    readonly mesh: Mesh,
    bvh: Bvh,
  ) {
    this.caster = new RayCaster(bvh);
    this.finder = new NearestFinder(bvh);
    this.self = SELF * bvh.diagonal;
    this.normals = facetNormals(mesh).normals;
  }

  /** Distance to where an inward ray leaves the body, mm, and whether it leaves through a face that faces back. */
  ray(x: number, y: number, z: number, n: Vec): { readonly distance: number; readonly opposed: boolean } {
    const hit = this.caster.cast(x, y, z, -n[0], -n[1], -n[2], this.self);
    if (hit.facet < 0) return { distance: Infinity, opposed: false };
    const f = 3 * hit.facet;
    const cosine = this.normals[f]! * n[0] + this.normals[f + 1]! * n[1] + this.normals[f + 2]! * n[2];
    return { distance: hit.distance, opposed: cosine <= OPPOSED };
  }

  /**
   * Diameter of the largest sphere inside that touches the surface at a place, mm; its middle is left in `centre`.
   * Source: the formula book, geo.wall-sphere; Ma and others, shrinking ball.
   * @param bound a length no such sphere's diameter exceeds: the ray's, mm
   */
  sphere(x: number, y: number, z: number, n: Vec, bound: number): number {
    let r = bound / 2;
    for (let i = 0; i < SHRINKS; i++) {
      const cx = x - n[0] * r;
      const cy = y - n[1] * r;
      const cz = z - n[2] * r;
      const near = this.finder.find(cx, cy, cz, r * (1 - CLOSE), VISITS);
      if (near.facet < 0) break;
      const dx = x - near.x;
      const dy = y - near.y;
      const dz = z - near.z;
      const along = dx * n[0] + dy * n[1] + dz * n[2];
      const square = dx * dx + dy * dy + dz * dz;
      if (!(along > 0) || square <= this.self * this.self) break;
      const next = square / (2 * along);
      if (!(next < r)) break;
      const settled = r - next < CLOSE * r;
      r = next;
      if (settled) break;
    }
    this.centre[0] = x - n[0] * r;
    this.centre[1] = y - n[1] * r;
    this.centre[2] = z - n[2] * r;
    return 2 * r;
  }
}

/** Outward normal of a facet of a fine mesh. */
export const normalOf = (fine: FineMesh, f: number): Vec => [
  fine.normals[3 * f]!,
  fine.normals[3 * f + 1]!,
  fine.normals[3 * f + 2]!,
];

/** Walls of a body by ray and by sphere, at the middles of a fine mesh's facets. Means something for closed meshes only. */
export function walls(fine: FineMesh, mesh: Mesh, bvh: Bvh, progress: Progress = NO_PROGRESS): WallsFound {
  const probe = new WallProbe(mesh, bvh);
  const { facets, weights } = spreadOverArea(
    fine.areas,
    MOST_PLACES,
    fine.areas.length === bvh.facets.length ? bvh.facets : undefined,
  );
  const ray = new Float64Array(facets.length);
  const sphere = new Float64Array(facets.length);
  const centres = new Float64Array(3 * facets.length);
  const at = new Float64Array(3);
  facets.forEach((f, i) => {
    if ((i & 1023) === 0) progress(i / facets.length);
    const n = normalOf(fine, f);
    placeOn(fine.mesh, f, PLACES[0]!, at);
    const { distance, opposed } = probe.ray(at[0]!, at[1]!, at[2]!, n);
    ray[i] = opposed ? distance : NaN;
    sphere[i] = probe.sphere(at[0]!, at[1]!, at[2]!, n, Number.isFinite(distance) ? distance : bvh.diagonal);
    centres.set(probe.centre, 3 * i);
  });
  return { facets, weights, ray, sphere, centres };
}

/** Least and greatest distance to the first exit along inward rays from four places on each facet, mm. */
export function rayExtremes(
  fine: FineMesh,
  mesh: Mesh,
  bvh: Bvh,
): { readonly thinnest: number; readonly thickest: number } {
  const probe = new WallProbe(mesh, bvh);
  const at = new Float64Array(3);
  let thinnest = Infinity;
  let thickest = 0;
  for (let f = 0; f < fine.areas.length; f++) {
    if (fine.areas[f] === 0) continue;
    for (const weights of PLACES) {
      placeOn(fine.mesh, f, weights, at);
      const { distance } = probe.ray(at[0]!, at[1]!, at[2]!, normalOf(fine, f));
      if (!Number.isFinite(distance)) continue;
      if (distance < thinnest) thinnest = distance;
      if (distance > thickest) thickest = distance;
    }
  }
  return { thinnest, thickest };
}

/** A value such that a share of the whole weight lies at or below it; NaN where nothing has weight. */
export function quantile(values: Float64Array, weights: Float64Array, share: number): number {
  const order = Array.from(values.keys()).filter((i) => Number.isFinite(values[i]!));
  order.sort((a, b) => values[a]! - values[b]!);
  const whole = order.reduce((sum, i) => sum + weights[i]!, 0);
  let sum = 0;
  for (const i of order) {
    sum += weights[i]!;
    if (sum >= share * whole) return values[i]!;
  }
  return NaN;
}
