import { InnerBall } from './inner-ball';
import type { Vec } from './mesh';
import type { Walled } from './probe';
import { RayCaster } from './ray';
import { PLACES, placeOn, spreadOverArea, spreadOverParents, type FineMesh } from './sampling';
import { UNHURRIED, type Cut, type Work } from './work';

/** Hits nearer than this share of the diagonal are the place itself. Source: geo.wall-ray. */
const SELF = 1e-6;
/** Places a wall is measured at, spread over the area. */
const PLACES_OVER_AREA = 5000;
/** Facets of the file up to which each has a place of its own, so that no small feature is missed. */
const OWN_PLACE_UP_TO = 6000;
/** Places of a file of more facets. */
const PLACES_OF_MANY = 10_000;
/** Boxes looked into for one ball. */
const VISITS = 400;
/** A ray leaves through a face this much turned against the one it came in by, or it counts for no wall: cos 60°, and a hair for rounding. */
const OPPOSED = -0.4999;

/** Wall at the places of a fine mesh. */
export interface WallsFound {
  /** Facets of the fine mesh that were measured. */
  readonly facets: Uint32Array;
  /** Area each stands for, mm². */
  readonly weights: Float64Array;
  /** Wall by the inward ray, mm; NaN where the ray leaves through a face at an angle. */
  readonly ray: Float64Array;
  /** Cosine between the faces by which the ray came in and went out: -1 for parallel walls. */
  readonly facing: Float32Array;
  /** Wall by the largest inner sphere that touches there: its diameter, mm. */
  readonly sphere: Float64Array;
  /** Middle of that sphere, mm, three a place. */
  readonly centres: Float64Array;
  /** Null where every place was measured. */
  readonly cut: Cut | null;
}

/** Measures a body from inside: by rays and by spheres. */
export class WallProbe {
  private readonly caster: RayCaster;
  private readonly ball: InnerBall;
  private readonly self: number;
  private readonly n = new Float64Array(3);
  /** Cosine between the faces of the ray last cast. */
  facing = 0;

  constructor(readonly body: Walled) {
    const { bvh, sag } = body.probe;
    this.caster = new RayCaster(bvh);
    this.ball = new InnerBall(bvh, sag);
    this.self = SELF * bvh.diagonal;
  }

  /** Middle of the sphere last found, mm. */
  get centre(): Vec {
    return [this.ball.x, this.ball.y, this.ball.z];
  }

  /** Distance to where an inward ray leaves the body, mm, and whether it leaves through a face that faces back. */
  ray(x: number, y: number, z: number, n: Vec): { readonly distance: number; readonly opposed: boolean } {
    // Only where it leaves metal: fewer facets may stand a hair within the body's own, and are entered first.
    const hit = this.caster.leave(x, y, z, -n[0], -n[1], -n[2], this.self);
    this.facing = 0;
    if (hit.facet < 0) return { distance: Infinity, opposed: false };
    const f = 3 * hit.facet;
    const { normals } = this.body.probe;
    this.facing = normals[f]! * n[0] + normals[f + 1]! * n[1] + normals[f + 2]! * n[2];
    return { distance: hit.distance, opposed: this.facing <= OPPOSED };
  }

  /**
   * Diameter of the largest sphere inside that touches the round wall behind a facet at a place, mm; its middle is left
   * in `centre`. What stands into it by no more than a facet stands within its round is no wall.
   * Source: the formula book, geo.wall-sphere; Ma and others, shrinking ball.
   * @param facet of the body @param bound a length no such sphere's diameter exceeds: the ray's, mm
   */
  sphere(x: number, y: number, z: number, facet: number, bound: number, visits = VISITS): number {
    const { smooth, probe } = this.body;
    const { n } = this;
    smooth.normalAt(facet, x, y, z, n);
    const slack = smooth.sag[facet]! + probe.off_mm;
    return 2 * this.ball.shrink(x, y, z, n[0]!, n[1]!, n[2]!, bound / 2 + slack, slack, visits);
  }
}

/** Outward normal of a facet of a fine mesh. */
export const normalOf = (fine: FineMesh, f: number): Vec => [
  fine.normals[3 * f]!,
  fine.normals[3 * f + 1]!,
  fine.normals[3 * f + 2]!,
];

/**
 * Walls of a body by ray and by sphere: at places spread evenly over its surface, and at one place at least of each facet
 * of the file where those are not too many. Means something for closed meshes only.
 *
 * @example
 * Math.round(walls(body.fine, body).ray[0]) // 10
 */
export function walls(fine: FineMesh, body: Walled, work: Work = UNHURRIED): WallsFound {
  const probe = new WallProbe(body);
  const { mesh } = body;
  const { diagonal } = body.probe.bvh;
  const own = mesh.triangles.length / 3 <= OWN_PLACE_UP_TO;
  const { facets, weights } = own
    ? spreadOverParents(fine, PLACES_OVER_AREA)
    : spreadOverArea(fine.areas, PLACES_OF_MANY, fine.order);
  const count = facets.length;
  const ray = new Float64Array(count).fill(NaN);
  const facing = new Float32Array(count);
  const sphere = new Float64Array(count).fill(NaN);
  const centres = new Float64Array(3 * count).fill(NaN);
  const at = new Float64Array(3);
  // In order of a stride that meets all parts of the body soon: what is cut short has been everywhere.
  const stride = coprime(count, Math.max(1, Math.floor(count * 0.382)));
  let done = 0;
  for (let i = 0; done < count; i = (i + stride) % count) {
    if ((done & 255) === 0) {
      work.progress(done / count);
      if (done > 0 && work.over()) break;
    }
    done++;
    const f = facets[i]!;
    const n = normalOf(fine, f);
    placeOn(fine.mesh, f, PLACES[0]!, at);
    const { distance, opposed } = probe.ray(at[0]!, at[1]!, at[2]!, n);
    ray[i] = opposed ? distance : NaN;
    facing[i] = probe.facing;
    const bound = Number.isFinite(distance) ? distance : diagonal;
    sphere[i] = probe.sphere(at[0]!, at[1]!, at[2]!, fine.parent[f]!, bound);
    centres.set(probe.centre, 3 * i);
  }
  const cut: Cut | null = done < count ? { what: 'places measured', done, of: count } : null;
  return { facets, weights, ray, facing, sphere, centres, cut };
}

/** The first whole number from one on that shares no divisor with another. */
function coprime(n: number, from: number): number {
  const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
  let k = from;
  while (gcd(n, k) !== 1) k++;
  return k;
}

/** Least and greatest distance to the first exit along inward rays from four places on each facet, mm. */
export function rayExtremes(fine: FineMesh, body: Walled): { readonly thinnest: number; readonly thickest: number } {
  const probe = new WallProbe(body);
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

/**
 * A value such that a share of the whole weight lies at or below it; NaN where nothing has weight.
 *
 * @example
 * quantile(Float64Array.of(1, 2, 3), Float64Array.of(1, 1, 1), 0.5) // 2
 */
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
