import type { Bvh } from './bvh';
import { edgesOf } from './edges';
import { facetNormals, type Mesh, type Vec } from './mesh';
import { RayCaster } from './ray';
import { connected } from './shells';
import { cross, dot, frameOf, minus, plus, pointed, scaled, unitOf } from './vector';

const DEG = Math.PI / 180;
/** Facets of one bent wall turn against each other by no more than this. */
const SMOOTH = Math.cos(35 * DEG);
/** Below this two facets lie in one plane. */
const FLAT = Math.cos(0.4 * DEG);
/** Bent edges of a facet of a round wall run alike within this. */
const PARALLEL = Math.cos(3 * DEG);
/** Most by which corners may stand off the round, as a share of its radius. */
const ROUND = 0.05;
/** Widest gap a full round may have: six sides and a little. */
const WIDEST_GAP = 65 * DEG;
/** A bottom this many radii beyond the wall still closes it: a drilled point. */
const POINTED_BOTTOM = 0.75;

/** A hole or a boss: a full round wall that was recognised. */
export interface RoundFeature {
  readonly kind: 'hole' | 'boss';
  readonly diameter_mm: number;
  /** Length of the round wall along its axis, mm. */
  readonly depth_mm: number;
  /** Whether a hole is open at both ends; false for a boss. */
  readonly through: boolean;
  readonly centre_mm: Vec;
  readonly axis: Vec;
  readonly facets: Uint32Array;
}

/**
 * Holes and bosses of a closed mesh: facets joined over edges that bend alike, whose corners stand on one round.
 * An estimate: walls that blend into others, slots and ovals are not recognised; a draft up to 1.5° is.
 */
export function roundFeatures(mesh: Mesh, bvh: Bvh): RoundFeature[] {
  const { twins } = edgesOf(mesh);
  const { normals, areas } = facetNormals(mesh);
  const facets = areas.length;
  const normal = (f: number): Vec => [normals[3 * f]!, normals[3 * f + 1]!, normals[3 * f + 2]!];
  const bentAxis = new Float64Array(3 * facets);
  const state = new Int8Array(facets);
  const axisOf = (f: number): Vec => [bentAxis[3 * f]!, bentAxis[3 * f + 1]!, bentAxis[3 * f + 2]!];
  for (let f = 0; f < facets; f++)
    for (let s = 3 * f; s < 3 * f + 3; s++) {
      const twin = twins[s]!;
      if (twin < 0) continue;
      const g = Math.floor(twin / 3);
      const along = dot(normal(f), normal(g));
      if (along >= FLAT || along < SMOOTH) continue;
      const axis = unitOf(cross(normal(f), normal(g)));
      if (state[f] === 0) {
        state[f] = 1;
        bentAxis.set(axis, 3 * f);
      } else if (Math.abs(dot(axisOf(f), axis)) < PARALLEL) state[f] = -1;
    }
  const { of, count } = connected(
    twins,
    (f) => state[f] === 1,
    (side) => {
      const [f, g] = [Math.floor(side / 3), Math.floor(twins[side]! / 3)];
      return dot(normal(f), normal(g)) >= SMOOTH && Math.abs(dot(axisOf(f), axisOf(g))) >= PARALLEL;
    },
  );
  const members: number[][] = Array.from({ length: count }, () => []);
  of.forEach((group, f) => {
    if (group >= 0) members[group]?.push(f);
  });
  const caster = new RayCaster(bvh);
  const out: RoundFeature[] = [];
  for (const list of members) {
    if (list.length < 10) continue;
    const first = axisOf(list[0]!);
    const sum = list.reduce<Vec>(
      (s, f) => plus(s, axisOf(f), dot(axisOf(f), first) < 0 ? -areas[f]! : areas[f]!),
      [0, 0, 0],
    );
    const found = roundOf(mesh, list, pointed(unitOf(sum)));
    if (found === null) continue;
    const { centre, radius, from, to, axis } = found;
    const middle = plus(centre, axis, (from + to) / 2);
    const inward = list.reduce((s, f) => s + areas[f]! * dot(normal(f), radial(mesh, f, middle, axis)), 0) < 0;
    const half = (to - from) / 2;
    const openAt = (d: Vec): boolean =>
      caster.cast(middle[0], middle[1], middle[2], d[0], d[1], d[2]).distance > half + POINTED_BOTTOM * radius;
    // A ring round a boss is no hole: from its axis something else is met before its wall.
    if (inward && !seesOwnWall(caster, middle, axis, radius)) continue;
    out.push({
      kind: inward ? 'hole' : 'boss',
      diameter_mm: 2 * radius,
      depth_mm: to - from,
      through: inward && openAt(axis) && openAt(scaled(axis, -1)),
      centre_mm: middle,
      axis,
      facets: Uint32Array.from(list),
    });
  }
  return out.sort((a, b) => b.diameter_mm - a.diameter_mm || b.depth_mm - a.depth_mm);
}

/** Whether rays from the middle of a round, square to its axis, meet nothing nearer than its wall. */
function seesOwnWall(caster: RayCaster, middle: Vec, axis: Vec, radius: number): boolean {
  const { u, v } = frameOf(axis);
  for (let k = 0; k < 8; k++) {
    const angle = (k + 0.3) * (Math.PI / 4);
    const d = plus(scaled(u, Math.cos(angle)), v, Math.sin(angle));
    if (caster.cast(middle[0], middle[1], middle[2], d[0], d[1], d[2]).distance < 0.8 * radius) return false;
  }
  return true;
}

/** Direction from an axis out to a facet, square to the axis. */
function radial(mesh: Mesh, f: number, middle: Vec, axis: Vec): Vec {
  const c = 3 * mesh.triangles[3 * f]!;
  const p: Vec = [mesh.positions[c]!, mesh.positions[c + 1]!, mesh.positions[c + 2]!];
  const off = minus(p, middle);
  return unitOf(plus(off, axis, -dot(off, axis)));
}

/** The round through the corners of some facets across an axis, by least squares; null where they stand on none. */
function roundOf(
  mesh: Mesh,
  facets: readonly number[],
  axis: Vec,
): { centre: Vec; radius: number; from: number; to: number; axis: Vec } | null {
  const { u, v } = frameOf(axis);
  const corners = [...new Set(facets.flatMap((f) => [...mesh.triangles.subarray(3 * f, 3 * f + 3)]))];
  const points = corners.map((c): Vec => {
    const p: Vec = [mesh.positions[3 * c]!, mesh.positions[3 * c + 1]!, mesh.positions[3 * c + 2]!];
    return [dot(p, u), dot(p, v), dot(p, axis)];
  });
  const n = points.length;
  const mean = (k: number): number => points.reduce((s, p) => s + p[k]!, 0) / n;
  const [mx, my] = [mean(0), mean(1)];
  let [sxx, sxy, syy, sxz, syz] = [0, 0, 0, 0, 0];
  for (const p of points) {
    const x = p[0] - mx;
    const y = p[1] - my;
    const z = x * x + y * y;
    sxx += x * x;
    sxy += x * y;
    syy += y * y;
    sxz += x * z;
    syz += y * z;
  }
  const det = sxx * syy - sxy * sxy;
  if (!(det > 1e-12 * (sxx + syy) ** 2)) return null;
  const cx = mx + (syy * sxz - sxy * syz) / (2 * det);
  const cy = my + (sxx * syz - sxy * sxz) / (2 * det);
  const distances = points.map((p) => Math.hypot(p[0] - cx, p[1] - cy));
  const radius = distances.reduce((s, x) => s + x, 0) / n;
  if (distances.some((x) => Math.abs(x - radius) > ROUND * radius)) return null;
  const angles = points.map((p) => Math.atan2(p[1] - cy, p[0] - cx)).sort((a, b) => a - b);
  const gaps = angles.map((a, i) => (i === 0 ? a + 2 * Math.PI - angles[n - 1]! : a - angles[i - 1]!));
  if (Math.max(...gaps) > WIDEST_GAP) return null;
  const along = points.map((p) => p[2]);
  return {
    centre: plus(scaled(u, cx), v, cy),
    radius,
    from: Math.min(...along),
    to: Math.max(...along),
    axis,
  };
}
