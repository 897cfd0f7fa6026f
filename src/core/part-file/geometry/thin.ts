import type { Vec } from './mesh';
import { PLACES, placeOn, type FineMesh } from './sampling';
import type { WallsFound } from './walls';

/** Faces of one wall stand opposite within this: cos 15°. What meets at a knife's edge is no wall. */
const PARALLEL = -Math.cos((15 * Math.PI) / 180);
/** A wall is thin against the rest where it is below this share of what 1 % of the surface is no thicker than. */
const THIN = 0.8;
/** Places that a thin feature shows itself at, at least. */
const LEAST_PLACES = 3;
/** Its surface is at least so many times its wall squared: less is a corner. */
const LEAST_SURFACE = 4;
/** Places looked at, at most: the thinnest of them. */
const MOST = 4000;
/** Share of a feature's own surface that its wall is shown at: a fin that tapers is as thin as its thinner part. */
const PLACED_AT = 0.1;

/** A thin stretch of wall too small to count in the whole: a fin, a rib, a lip. */
export interface ThinFeature {
  readonly wall_mm: number;
  readonly centre_mm: Vec;
  /** Surface of it that was seen, both sides, as a share of the whole. */
  readonly share: number;
}

/**
 * The thinnest feature that is thinner than the rest of the body by a fifth at least; null where there is none. Found
 * from places at which two faces stand opposite within 15°, joined where they lie near each other.
 * @param usual the wall that 1 % of the surface is no thicker than, mm
 * @example
 * thinFeature(body.fine, measures.found, 10) // null
 */
export function thinFeature(fine: FineMesh, found: WallsFound, usual: number): ThinFeature | null {
  const limit = Number.isFinite(usual) ? THIN * usual : Infinity;
  const thin = Array.from(found.facets.keys())
    .filter((i) => found.facing[i]! <= PARALLEL && found.ray[i]! < limit)
    .sort((a, b) => found.ray[a]! - found.ray[b]!)
    .slice(0, MOST);
  if (thin.length < LEAST_PLACES) return null;
  const at = new Float64Array(3 * thin.length);
  const place = new Float64Array(3);
  thin.forEach((i, k) => {
    placeOn(fine.mesh, found.facets[i]!, PLACES[0]!, place);
    at.set(place, 3 * k);
  });
  const reach = thin.map((i) => Math.max(2.5 * Math.sqrt(found.weights[i]!), 1.5 * found.ray[i]!));
  const of = joined(at, reach);
  const groups = new Map<number, number[]>();
  of.forEach((g, k) => groups.set(g, [...(groups.get(g) ?? []), k]));
  const whole = found.weights.reduce((s, w) => s + w, 0);
  let best: ThinFeature | null = null;
  for (const members of groups.values()) {
    if (members.length < LEAST_PLACES) continue;
    const area = members.reduce((s, k) => s + found.weights[thin[k]!]!, 0);
    let sum = 0;
    const listed = members.find((k) => (sum += found.weights[thin[k]!]!) >= PLACED_AT * area) ?? members[0]!;
    const wall_mm = found.ray[thin[listed]!]!;
    if (area < LEAST_SURFACE * wall_mm * wall_mm || (best !== null && best.wall_mm <= wall_mm)) continue;
    const middle = (c: 0 | 1 | 2): number =>
      members.reduce((s, k) => s + at[3 * k + c]! * found.weights[thin[k]!]!, 0) / area;
    best = { wall_mm, centre_mm: [middle(0), middle(1), middle(2)], share: area / whole };
  }
  return best;
}

/** Group of each point: points within reach of each other are in one. */
function joined(at: Float64Array, reach: readonly number[]): Int32Array {
  const n = reach.length;
  const parent = Int32Array.from({ length: n }, (_, i) => i);
  const root = (i: number): number => {
    let r = i;
    while (parent[r] !== r) r = parent[r]!;
    parent[i] = r;
    return r;
  };
  // Swept along the axis of the file on which they lie furthest apart.
  const spread = [0, 1, 2].map((c) => {
    let [low, high] = [Infinity, -Infinity];
    for (let i = 0; i < n; i++) {
      low = Math.min(low, at[3 * i + c]!);
      high = Math.max(high, at[3 * i + c]!);
    }
    return high - low;
  });
  const axis = spread.indexOf(Math.max(...spread));
  const order = Array.from({ length: n }, (_, i) => i).sort((a, b) => at[3 * a + axis]! - at[3 * b + axis]!);
  const furthest = reach.reduce((most, r) => Math.max(most, r), 0);
  order.forEach((i, k) => {
    for (let m = k + 1; m < n; m++) {
      const j = order[m]!;
      if (at[3 * j + axis]! - at[3 * i + axis]! > furthest) break;
      const off = Math.hypot(at[3 * j]! - at[3 * i]!, at[3 * j + 1]! - at[3 * i + 1]!, at[3 * j + 2]! - at[3 * i + 2]!);
      if (off <= Math.max(reach[i]!, reach[j]!)) parent[root(i)] = root(j);
    }
  });
  return parent.map((_, i) => root(i));
}
