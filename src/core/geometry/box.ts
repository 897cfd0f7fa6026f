import { refuse } from '../errors';
import { convexHull } from './hull';
import type { Mesh, Vec } from './mesh';
import { smallestRectangle } from './rectangle';
import { cross, dot, frameOf, length, minus, plus, scaled, unitOf } from './vector';
import { extent } from './weld';

/** Corners beyond which only those outermost in many directions are kept. */
const MANY_CORNERS = 2500;
const OUTERMOST = 400;
/** Hull edges beyond which the hull is thinned before its edges are turned about. Source: geo.obb. */
const MANY_EDGES = 200;
const THINNED = 90;
/** Box placements tried before refining. */
const TRIED = 9000;

/** A box in some position. */
export interface PlacedBox {
  /** Sides, longest first, mm. */
  readonly sides_mm: Vec;
  /** Unit direction of each side, in that order. */
  readonly axes: readonly [Vec, Vec, Vec];
  readonly volume_mm3: number;
}

/** Box along the axes of the file: its sides, mm. */
export function axisBox(mesh: Mesh): Vec {
  const { min, max } = extent(mesh.positions);
  return [max[0] - min[0], max[1] - min[1], max[2] - min[2]];
}

/**
 * Smallest box in any position: two of its faces each lie on an edge of the convex hull, so a normal is turned about
 * every hull edge and the smallest rectangle across it taken; the best are refined. Within 1 % where the hull was
 * thinned. Refuses E_NO_SOLUTION for corners all in one plane.
 * Source: the formula book, geo.obb; O'Rourke, minimal enclosing boxes; Toussaint, rotating calipers.
 */
export function smallestBox(mesh: Mesh): PlacedBox {
  const points = outermost(mesh.positions, MANY_CORNERS, OUTERMOST);
  const hull = hullOf(points);
  let corners = hull.corners;
  let edges = hull.edges;
  if (edges.length > MANY_EDGES) {
    const few = hullOf(outermost(Float64Array.from(corners.flat()), 0, THINNED));
    edges = few.edges;
    corners = few.corners;
  }
  const step = Math.max(1, Math.min(6, (edges.length * 180) / TRIED)) * (Math.PI / 180);
  const tries: { n: Vec; volume: number; turn: (angle: number) => Vec; angle: number }[] = [];
  for (const n of [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ] as const)
    tries.push({ n, volume: volumeAcross(corners, n), turn: () => n, angle: 0 });
  for (const e of edges) {
    const { u, v } = frameOf(e);
    const turn = (angle: number): Vec => plus(scaled(u, Math.cos(angle)), v, Math.sin(angle));
    let best = { volume: Infinity, angle: 0 };
    for (let angle = 0; angle < Math.PI; angle += step) {
      const volume = volumeAcross(corners, turn(angle));
      if (volume < best.volume) best = { volume, angle };
    }
    tries.push({ ...best, n: turn(best.angle), turn });
  }
  tries.sort((a, b) => a.volume - b.volume);
  let winner = { n: tries[0]?.n ?? ([0, 0, 1] as Vec), volume: Infinity };
  for (const t of tries.slice(0, 12)) {
    const n = descend(hull.corners, refined(hull.corners, t.turn, t.angle, step));
    const volume = volumeAcross(hull.corners, n);
    if (volume < winner.volume * (1 - 1e-9)) winner = { n, volume };
  }
  return boxAround(mesh.positions, winner.n);
}

/** Box whose one side runs along a direction and whose others are those of the smallest rectangle across it. */
export function boxAlong(
  mesh: Mesh,
  d: Vec,
): { readonly along_mm: number; readonly across_mm: readonly [number, number] } {
  const { u, v } = frameOf(d);
  const { positions: p } = mesh;
  let [low, high] = [Infinity, -Infinity];
  const flat = new Float64Array((2 * p.length) / 3);
  for (let i = 0, k = 0; i < p.length; i += 3) {
    const x: Vec = [p[i]!, p[i + 1]!, p[i + 2]!];
    const h = dot(x, d);
    low = Math.min(low, h);
    high = Math.max(high, h);
    flat[k++] = dot(x, u);
    flat[k++] = dot(x, v);
  }
  const r = smallestRectangle(flat);
  return { along_mm: high - low, across_mm: [Math.max(r.a, r.b), Math.min(r.a, r.b)] };
}

/** Angle of least volume near a first one, by the golden section. */
function refined(corners: readonly Vec[], turn: (angle: number) => Vec, angle: number, step: number): Vec {
  const ratio = (Math.sqrt(5) - 1) / 2;
  let [a, b] = [angle - step, angle + step];
  for (let i = 0; i < 30; i++) {
    const c = b - ratio * (b - a);
    const d = a + ratio * (b - a);
    if (volumeAcross(corners, turn(c)) <= volumeAcross(corners, turn(d))) b = d;
    else a = c;
  }
  const middle = turn((a + b) / 2);
  return volumeAcross(corners, middle) <= volumeAcross(corners, turn(angle)) ? middle : turn(angle);
}

/** Small turns about two directions, each half as far as the last where none helps. */
function descend(corners: readonly Vec[], start: Vec): Vec {
  let n = start;
  let volume = volumeAcross(corners, n);
  for (let size = 0.02; size > 1e-5;) {
    const { u, v } = frameOf(n);
    const next = [u, v, scaled(u, -1), scaled(v, -1)]
      .map((w) => unitOf(plus(n, w, size)))
      .map((m) => ({ m, volume: volumeAcross(corners, m) }))
      .reduce((p, q) => (q.volume < p.volume ? q : p));
    if (next.volume < volume * (1 - 1e-12)) {
      n = next.m;
      volume = next.volume;
    } else size /= 2;
  }
  return n;
}

function volumeAcross(corners: readonly Vec[], n: Vec): number {
  const { u, v } = frameOf(n);
  const flat = new Float64Array(2 * corners.length);
  let [low, high] = [Infinity, -Infinity];
  corners.forEach((c, i) => {
    const h = dot(c, n);
    if (h < low) low = h;
    if (h > high) high = h;
    flat[2 * i] = dot(c, u);
    flat[2 * i + 1] = dot(c, v);
  });
  const r = smallestRectangle(flat);
  return (high - low) * r.a * r.b;
}

/** The box across a direction that holds every corner. */
function boxAround(positions: Float64Array, n: Vec): PlacedBox {
  const { u, v } = frameOf(n);
  const flat = new Float64Array((2 * positions.length) / 3);
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0, k = 0; i < positions.length; i += 3) {
    const x: Vec = [positions[i]!, positions[i + 1]!, positions[i + 2]!];
    const h = dot(x, n);
    low = Math.min(low, h);
    high = Math.max(high, h);
    flat[k++] = dot(x, u);
    flat[k++] = dot(x, v);
  }
  const r = smallestRectangle(flat);
  const a = plus(scaled(u, Math.cos(r.angle)), v, Math.sin(r.angle));
  const sides = (
    [
      [high - low, n],
      [r.a, a],
      [r.b, cross(n, a)],
    ] as [number, Vec][]
  ).sort((p, q) => q[0] - p[0]);
  return {
    sides_mm: [sides[0]![0], sides[1]![0], sides[2]![0]],
    axes: [sides[0]![1], sides[1]![1], sides[2]![1]],
    volume_mm3: (high - low) * r.a * r.b,
  };
}

/** Corners outermost in some of many directions, where there are many; a hull of them misses little. */
function outermost(positions: Float64Array, many: number, directions: number): Vec[] {
  const at = (i: number): Vec => [positions[3 * i]!, positions[3 * i + 1]!, positions[3 * i + 2]!];
  const count = positions.length / 3;
  if (count <= many) return Array.from({ length: count }, (_, i) => at(i));
  const best = new Int32Array(2 * directions);
  const reach = new Float64Array(2 * directions).fill(-Infinity);
  const spread = spiral(directions);
  for (let i = 0; i < count; i++) {
    const [x, y, z] = at(i);
    for (let k = 0; k < directions; k++) {
      const d = spread[k]!;
      const h = x * d[0] + y * d[1] + z * d[2];
      if (h > reach[2 * k]!) {
        reach[2 * k] = h;
        best[2 * k] = i;
      }
      if (-h > reach[2 * k + 1]!) {
        reach[2 * k + 1] = -h;
        best[2 * k + 1] = i;
      }
    }
  }
  return [...new Set(best)].map(at);
}

/** Directions spread evenly over the half sphere by the golden angle. */
export function spiral(count: number): Vec[] {
  const golden = Math.PI * (3 - Math.sqrt(5));
  return Array.from({ length: count }, (_, i) => {
    const z = 1 - (i + 0.5) / count;
    const r = Math.sqrt(1 - z * z);
    return [r * Math.cos(i * golden), r * Math.sin(i * golden), z];
  });
}

function hullOf(points: readonly Vec[]): { readonly corners: Vec[]; readonly edges: Vec[] } {
  const faces = convexHull(points);
  if (faces === null) return refuse('E_NO_SOLUTION', 'mesh', `${points.length} corners`, 'four corners not in a plane');
  const used = [...new Set(faces.flat())].map((i) => points[i]!);
  const edges: Vec[] = [];
  const seen = new Set<string>();
  for (const face of faces)
    face.forEach((a, k) => {
      const b = face[(k + 1) % face.length] ?? a;
      const key = a < b ? `${a} ${b}` : `${b} ${a}`;
      if (seen.has(key)) return;
      seen.add(key);
      const e = unitOf(minus(points[b]!, points[a]!));
      if (length(e) > 0 && edges.every((o) => Math.abs(dot(o, e)) < 1 - 1e-9)) edges.push(e);
    });
  return { corners: used, edges };
}
