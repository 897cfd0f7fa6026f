import type { Bvh } from './bvh';
import type { Edges } from './edges';
import { facetNormals, type Mesh, type Vec } from './mesh';
import { connected } from './shells';
import { RayCaster } from './ray';
import { dot, frameOf, length, minus, plus, pointed, scaled, unitOf } from './vector';
import { extent } from './weld';

const DEG = Math.PI / 180;
/** Facets of one bent wall turn against each other by no more than this. */
const SMOOTH = Math.cos(35 * DEG);
/** Facets turned against each other by less than this lie in one plane, rad. */
const FLAT_RAD = 3e-4;
/** Share of the size of a part by which its file rounds corners, and a little: single precision. */
const ROUNDING = 3e-7;
/** Edges of one round wall run alike within this. */
const PARALLEL = Math.cos(3 * DEG);
/** Most by which corners may stand off the round, as a share of its radius. */
const ROUND = 0.05;
/** Facets whose corners a round is fitted to, at most, about: of more every so many. */
const MOST_FITTED = 3000;
/** Widest gap a full round may have: six sides and a little. */
const WIDEST_GAP = 65 * DEG;
/** A bottom this many radii beyond the wall still closes it: a drilled point. */
const POINTED_BOTTOM = 0.75;

/** A hole or a boss: a full round wall that was recognised. */
export interface RoundFeature {
  readonly kind: 'hole' | 'boss';
  /** Of its narrowest wall, mm. */
  readonly diameter_mm: number;
  /** Length of its round walls along the axis, mm. */
  readonly depth_mm: number;
  /** Whether a hole is open at both ends; false for a boss. */
  readonly through: boolean;
  /** Round walls it is made of: 2 for a hole with a step, more for one with several. */
  readonly steps: number;
  readonly centre_mm: Vec;
  readonly axis: Vec;
  readonly facets: Uint32Array;
}

/** The rounds that were recognised, and hollows that bend all round and were not: slots, ovals, threads. */
export interface RoundsFound {
  readonly features: readonly RoundFeature[];
  /** Hollows that bend all the way round and are no round hole: the count of holes is then one of at least. */
  readonly unread: number;
}

/**
 * Holes and bosses of a closed mesh: facets joined over edges that bend alike, whose corners stand on one round. Rims
 * may be rounded or countersunk, and bores may cross; walls on one axis that follow each other are one hole with steps.
 * An estimate: slots and ovals are only counted as not read; a draft up to 1.5° is taken for round.
 *
 * @example
 * roundFeatures(mesh, checked.edges, body.probe.bvh).features // []
 */
export function roundFeatures(mesh: Mesh, edges: Edges, bvh: Bvh): RoundsFound {
  const { normals, areas } = facetNormals(mesh);
  const normal = (f: number): Vec => [normals[3 * f]!, normals[3 * f + 1]!, normals[3 * f + 2]!];
  const caster = new RayCaster(bvh);
  const walls: RoundWall[] = [];
  let unread = 0;
  for (const { facets, axis: way } of bentWalls(mesh, edges, normals, areas)) {
    const found = roundOf(mesh, facets, way);
    const centre = found?.centre ?? middleOf(mesh, facets);
    const facing = facets.reduce((s, f) => s + areas[f]! * dot(normal(f), radial(mesh, f, centre, way)), 0);
    if (found === null) {
      if (facing < 0 && bendsAllRound(normal, facets, way)) unread++;
      continue;
    }
    const { radius, from, to } = found;
    const middle = plus(found.centre, way, (from + to) / 2);
    const inward = facing < 0;
    // A ring round a boss is no hole: from its axis something else is met before its wall.
    if (inward && !seesOwnWall(caster, middle, way, radius)) continue;
    walls.push({ inward, radius, from, to, axis: way, centre: found.centre, facets });
  }
  const features = stacked(walls).map((stack) => featureOf(stack, caster));
  return {
    features: features.sort((a, b) => b.diameter_mm - a.diameter_mm || b.depth_mm - a.depth_mm),
    unread,
  };
}

/** One round wall: its axis passes through the centre; from and to are its ends along the axis. */
interface RoundWall {
  readonly inward: boolean;
  readonly radius: number;
  readonly from: number;
  readonly to: number;
  readonly axis: Vec;
  readonly centre: Vec;
  readonly facets: readonly number[];
}

/**
 * Facets joined over edges that bend alike: those of a bent wall run along its axis. Facets of one plane go together, but
 * for those of a large flat face, which is no strip of a wall.
 */
function bentWalls(
  mesh: Mesh,
  { twins }: Edges,
  normals: Float64Array,
  areas: Float64Array,
): { readonly facets: readonly number[]; readonly axis: Vec }[] {
  const { positions: p, triangles: t } = mesh;
  const sides = twins.length;
  const end = (s: number): number => 3 * t[s % 3 === 2 ? s - 2 : s + 1]!;
  const long = (s: number): number => {
    const [a, b] = [3 * t[s]!, end(s)];
    return Math.sqrt((p[b]! - p[a]!) ** 2 + (p[b + 1]! - p[a + 1]!) ** 2 + (p[b + 2]! - p[a + 2]!) ** 2);
  };
  const { min, max } = extent(p);
  const size = [0, 1, 2].reduce((most, k) => Math.max(most, Math.abs(min[k as 0]), Math.abs(max[k as 0])), 0);
  /** 0 for a sharp edge, 1 for one bent and not yet taken, 2 for one taken, 3 for one between facets of one plane. */
  const state = new Uint8Array(sides);
  for (let s = 0; s < sides; s++) {
    const twin = twins[s]!;
    if (twin < s) continue;
    const [f, g] = [Math.floor(s / 3), Math.floor(twin / 3)];
    const x = normals[3 * f + 1]! * normals[3 * g + 2]! - normals[3 * f + 2]! * normals[3 * g + 1]!;
    const y = normals[3 * f + 2]! * normals[3 * g]! - normals[3 * f]! * normals[3 * g + 2]!;
    const z = normals[3 * f]! * normals[3 * g + 1]! - normals[3 * f + 1]! * normals[3 * g]!;
    const sine = Math.sqrt(x * x + y * y + z * z);
    const along =
      normals[3 * f]! * normals[3 * g]! +
      normals[3 * f + 1]! * normals[3 * g + 1]! +
      normals[3 * f + 2]! * normals[3 * g + 2]!;
    // Rounding of the file's corners turns a narrow facet by so much.
    const narrow = (2 * Math.min(areas[f]!, areas[g]!)) / (long(s) || 1);
    const flat = along > 0 && sine < Math.max(FLAT_RAD, (ROUNDING * size) / (narrow || Infinity));
    state[s] = flat ? 3 : along >= SMOOTH ? 1 : 0;
    state[twin] = state[s]!;
  }
  const { of: plane, count: planes } = connected(
    twins,
    () => true,
    (s) => state[s] === 3,
  );
  const bent = grouped(planes, sides, (s) => (state[s] === 1 ? plane[Math.floor(s / 3)]! : -1));
  const members = grouped(planes, sides / 3, (f) => plane[f]!);
  const mark = new Int32Array(planes).fill(-1);
  const out: { facets: number[]; axis: Vec }[] = [];
  const found: number[] = [];
  for (let seed = 0, group = 0; seed < sides; seed++) {
    if (state[seed] !== 1) continue;
    const [a, b] = [3 * t[seed]!, end(seed)];
    const fx = p[b]! - p[a]!;
    const fy = p[b + 1]! - p[a + 1]!;
    const fz = p[b + 2]! - p[a + 2]!;
    const square = fx * fx + fy * fy + fz * fz;
    let [sx, sy, sz] = [fx, fy, fz];
    let facets = 0;
    found.length = 0;
    const take = (at: number): void => {
      const sidesOf = bent.starts[at + 1]! - bent.starts[at]!;
      if (mark[at] === group || sidesOf > STRIP_SIDES) return;
      mark[at] = group;
      facets += members.starts[at + 1]! - members.starts[at]!;
      found.push(at);
    };
    state[seed] = 2;
    state[twins[seed]!] = 2;
    take(plane[Math.floor(seed / 3)]!);
    take(plane[Math.floor(twins[seed]! / 3)]!);
    for (let k = 0; k < found.length; k++)
      for (let i = bent.starts[found[k]!]!, to = bent.starts[found[k]! + 1]!; i < to; i++) {
        const s = bent.members[i]!;
        const [c, d] = [3 * t[s]!, end(s)];
        const x = p[d]! - p[c]!;
        const y = p[d + 1]! - p[c + 1]!;
        const z = p[d + 2]! - p[c + 2]!;
        const along = x * fx + y * fy + z * fz;
        if (along * along < PARALLEL * PARALLEL * square * (x * x + y * y + z * z)) continue;
        if (state[s] === 1) {
          const sign = along < 0 ? -1 : 1;
          sx += sign * x;
          sy += sign * y;
          sz += sign * z;
          state[s] = 2;
          state[twins[s]!] = 2;
        }
        take(plane[Math.floor(twins[s]! / 3)]!);
      }
    group++;
    if (facets < LEAST_FACETS) continue;
    out.push({
      facets: found.flatMap((at) => [...members.members.subarray(members.starts[at], members.starts[at + 1])]),
      axis: pointed(unitOf([sx, sy, sz])),
    });
  }
  return out;
}

/** A plane with more bent sides than this is a flat face, and no strip of a wall. */
const STRIP_SIDES = 64;

/** Members of each group one after the other; those of group -1 are in none. */
function grouped(
  groups: number,
  count: number,
  groupOf: (i: number) => number,
): { readonly starts: Uint32Array; readonly members: Uint32Array } {
  const starts = new Uint32Array(groups + 1);
  for (let i = 0; i < count; i++) {
    const g = groupOf(i);
    if (g >= 0) starts[g + 1]!++;
  }
  for (let g = 0; g < groups; g++) starts[g + 1]! += starts[g]!;
  const next = starts.slice();
  const members = new Uint32Array(starts[groups]!);
  for (let i = 0; i < count; i++) {
    const g = groupOf(i);
    if (g >= 0) members[next[g]!++] = i;
  }
  return { starts, members };
}

const LEAST_FACETS = 10;

/** Whether the faces of a wall look every way round an axis. */
function bendsAllRound(normal: (f: number) => Vec, facets: readonly number[], axis: Vec): boolean {
  const { u, v } = frameOf(axis);
  const met = new Uint8Array(ROUND_BINS);
  for (const f of facets) {
    const n = normal(f);
    if (Math.abs(dot(n, axis)) > 0.5) continue;
    const turn = Math.atan2(dot(n, v), dot(n, u)) / (2 * Math.PI) + 0.5;
    met[Math.min(ROUND_BINS - 1, Math.floor(turn * ROUND_BINS))] = 1;
  }
  return met.reduce((sum, x) => sum + x, 0) >= ROUND_BINS - 2;
}

const ROUND_BINS = 12;

/** Walls of one kind on one axis that follow each other without a gap, or are one round cut through by another. */
function stacked(walls: readonly RoundWall[]): RoundWall[][] {
  const stacks: RoundWall[][] = [];
  const byLength = [...walls].sort((a, b) => b.to - b.from - (a.to - a.from));
  for (const wall of byLength) {
    const home = wall.inward ? stacks.find((stack) => stack.some((other) => follows(other, wall))) : undefined;
    if (home === undefined) stacks.push([wall]);
    else home.push(wall);
  }
  return stacks;
}

/** Share of a radius within which two walls have one axis, and within which the end of one meets the next. */
const COAXIAL = 0.1;
const MEETS = 0.5;

function follows(a: RoundWall, b: RoundWall): boolean {
  if (!a.inward || !b.inward || Math.abs(dot(a.axis, b.axis)) < PARALLEL) return false;
  const least = Math.min(a.radius, b.radius);
  const between = minus(b.centre, a.centre);
  const off = length(plus(between, a.axis, -dot(between, a.axis)));
  if (off > COAXIAL * least) return false;
  // The ends of b along the axis of a.
  const shift = dot(b.centre, a.axis);
  const sense = dot(a.axis, b.axis) < 0 ? -1 : 1;
  const at = dot(b.centre, b.axis);
  const ends = [b.from, b.to].map((x) => shift + sense * (x - at)).sort((x, y) => x - y);
  const gap = Math.max(ends[0]! - a.to, a.from - ends[1]!);
  // What another bore cuts out of the middle of a hole is as long as that bore is wide.
  const alike = Math.abs(a.radius / b.radius - 1) < COAXIAL;
  return gap <= (alike ? 4 : MEETS) * Math.max(a.radius, b.radius);
}

function featureOf(stack: readonly RoundWall[], caster: RayCaster): RoundFeature {
  const narrow = stack.reduce((a, b) => (b.radius < a.radius ? b : a));
  const { axis, inward, radius } = narrow;
  const reach = stack.map((w) => {
    const at = dot(w.centre, axis) - (dot(w.axis, axis) < 0 ? -1 : 1) * dot(w.centre, w.axis);
    return dot(w.axis, axis) < 0 ? [at - w.to, at - w.from] : [at + w.from, at + w.to];
  });
  const from = reach.reduce((low, [x]) => Math.min(low, x!), Infinity);
  const to = reach.reduce((high, [, x]) => Math.max(high, x!), -Infinity);
  const middle = plus(narrow.centre, axis, (narrow.from + narrow.to) / 2 - dot(narrow.centre, axis));
  const at = dot(middle, axis);
  const openAt = (d: Vec, end: number): boolean =>
    caster.cast(middle[0], middle[1], middle[2], d[0], d[1], d[2]).distance > end + POINTED_BOTTOM * radius;
  const steps = new Set(stack.map((w) => w.radius.toPrecision(2))).size;
  return {
    kind: inward ? 'hole' : 'boss',
    diameter_mm: 2 * radius,
    depth_mm: to - from,
    through: inward && openAt(axis, to - at) && openAt(scaled(axis, -1), at - from),
    steps,
    centre_mm: middle,
    axis,
    facets: Uint32Array.from(stack.flatMap((w) => w.facets)),
  };
}

/** Middle of the corners of some facets. */
function middleOf({ positions: p, triangles: t }: Mesh, facets: readonly number[]): Vec {
  let sum: Vec = [0, 0, 0];
  for (const f of facets) {
    const c = 3 * t[3 * f]!;
    sum = plus(sum, [p[c]!, p[c + 1]!, p[c + 2]!], 1 / facets.length);
  }
  return sum;
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
  const corners = new Set<number>();
  const step = Math.max(1, Math.floor(facets.length / MOST_FITTED));
  for (let i = 0; i < facets.length; i += step)
    for (let k = 0; k < 3; k++) corners.add(mesh.triangles[3 * facets[i]! + k]!);
  const points = Array.from(corners, (c): Vec => {
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
  if (gaps.some((gap) => gap > WIDEST_GAP)) return null;
  return {
    centre: plus(scaled(u, cx), v, cy),
    radius,
    from: points.reduce((low, p) => Math.min(low, p[2]), Infinity),
    to: points.reduce((high, p) => Math.max(high, p[2]), -Infinity),
    axis,
  };
}
