import { refuse } from '../../base/errors';
import { convexHull } from './hull';
import type { Mesh, Vec } from './mesh';
import { smallestRectangle } from './rectangle';
import { cross, dot, frameOf, length, minus, plus, scaled, unitOf } from './vector';
import { extent } from './weld';

/** Corners beyond which only those outermost in many directions are kept. */
const MANY_CORNERS = 1200;
const OUTERMOST = 400;
/** Of more corners than this only every so many is looked at; the box is then put round all of them. */
const MOST_LOOKED_AT = 120_000;
/** Corners of the hull beyond which placements are tried on the outermost in so many directions. */
const FEW_CORNERS = 120;
const THINNED = 50;
/** Directions of hull faces and of hull edges that are tried, largest and longest first. */
const FACES_TRIED = 60;
const EDGES_TRIED = 24;
/** Placements that are then turned about until they grow no smaller. */
const REFINED = 6;
/** The same, on the whole hull. */
const FINISHED = 1;
/** Directions nearer than this are one: cos 0.3°. */
const ALIKE = 1 - 1.4e-5;

/** A box in some position. */
export interface PlacedBox {
  /** Sides, longest first, mm. */
  readonly sides_mm: Vec;
  /** Unit direction of each side, in that order. */
  readonly axes: readonly [Vec, Vec, Vec];
  readonly volume_mm3: number;
}

/**
 * Box along the axes of the file: its sides, mm.
 *
 * @example
 * axisBox(mesh) // [10, 10, 10]
 */
export function axisBox(mesh: Mesh): Vec {
  const { min, max } = extent(mesh.positions);
  return [max[0] - min[0], max[1] - min[1], max[2] - min[2]];
}

/**
 * Smallest box in any position. One of its sides is tried along the axes of the file, square to every large face of the
 * convex hull, along its edges and square to two of them; across it lies the smallest rectangle. The best are turned
 * about in small steps until they grow no smaller, and the box along the axes is always among those compared. Within
 * 1 % where the hull was thinned. Refuses E_NO_SOLUTION for corners all in one plane.
 * Source: the formula book, geo.obb; O'Rourke, minimal enclosing boxes; Toussaint, rotating calipers.
 *
 * @example
 * smallestBox(mesh).sides_mm.map((x) => Number(x.toFixed(3))) // [10, 10, 10]
 */
export function smallestBox(mesh: Mesh): PlacedBox {
  const points = outermost(mesh.positions, MANY_CORNERS, OUTERMOST);
  const faces = convexHull(points);
  const along = boxAround(mesh.positions, [0, 0, 1]);
  if (faces === null) {
    if (along.sides_mm.every((side) => side > 0) && spans(points)) return axisPlaced(mesh);
    return refuse('E_NO_SOLUTION', 'mesh', `${points.length} corners`, 'four corners not in a plane');
  }
  // No box is smaller than the hull: one that is just as large needs no search.
  const axes = axisPlaced(mesh);
  if (axes.volume_mm3 <= hullVolume(points, faces) * (1 + 1e-9)) return axes;
  const whole = [...new Set(faces.flat())].map((i) => points[i]!);
  const few = whole.length > FEW_CORNERS ? outermost(Float64Array.from(whole.flat()), 0, THINNED) : whole;
  const flat = new Float64Array(2 * Math.max(few.length, whole.length));
  const tries = placements(points, faces)
    .map((n) => ({ n, volume: volumeAcross(few, n, flat) }))
    .sort((a, b) => a.volume - b.volume)
    .slice(0, REFINED)
    .map(({ n }) => descend(few, n, flat))
    .map((n) => ({ n, volume: volumeAcross(whole, n, flat) }))
    .sort((a, b) => a.volume - b.volume)
    .slice(0, FINISHED)
    .map(({ n }) => boxAround(mesh.positions, few === whole ? n : descend(whole, n, flat, 2e-3, 20)));
  // What only rounding sets apart from the box along the axes is that box.
  return [...tries, along].reduce((best, box) => (box.volume_mm3 < best.volume_mm3 * (1 - 1e-9) ? box : best), axes);
}

/** Volume of a convex hull, mm³: the tetrahedra that its faces span with its first corner. */
function hullVolume(points: readonly Vec[], faces: readonly (readonly [number, number, number])[]): number {
  const o = points[faces[0]?.[0] ?? 0]!;
  let six = 0;
  for (const [a, b, c] of faces)
    six += Math.abs(dot(minus(points[a]!, o), cross(minus(points[b]!, o), minus(points[c]!, o))));
  return six / 6;
}

/** The box along the axes of the file as a box in some position. */
function axisPlaced(mesh: Mesh): PlacedBox {
  const size = axisBox(mesh);
  const order = ([0, 1, 2] as const).toSorted((a, b) => size[b] - size[a]);
  const unit = (k: number): Vec => [Number(k === 0), Number(k === 1), Number(k === 2)];
  const [a, b, c] = order as [0 | 1 | 2, 0 | 1 | 2, 0 | 1 | 2];
  return {
    sides_mm: [size[a], size[b], size[c]],
    axes: [unit(a), unit(b), unit(c)],
    volume_mm3: size[0] * size[1] * size[2],
  };
}

/** Whether points stand off every plane: the corners of a hull that rounding spoiled. */
function spans(points: readonly Vec[]): boolean {
  const p = points[0]!;
  const far = (from: (q: Vec) => number): Vec => points.reduce((best, q) => (from(q) > from(best) ? q : best), p);
  const e = minus(
    far((q) => length(minus(q, p))),
    p,
  );
  const n = cross(
    e,
    minus(
      far((q) => length(cross(e, minus(q, p)))),
      p,
    ),
  );
  const off = Math.abs(
    dot(
      n,
      minus(
        far((q) => Math.abs(dot(n, minus(q, p)))),
        p,
      ),
    ),
  );
  return off > 1e-6 * length(n) * length(e);
}

/** Directions worth trying as a side of the smallest box. */
function placements(points: readonly Vec[], faces: readonly (readonly [number, number, number])[]): Vec[] {
  const out: Vec[] = [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ];
  const add = (d: Vec): void => {
    if (length(d) > 0 && out.every((o) => Math.abs(dot(o, d)) < ALIKE)) out.push(d);
  };
  const normals: Weighed[] = [];
  const edges: Weighed[] = [];
  for (const corners of faces) {
    const [a, b, c] = corners.map((i) => points[i]!) as [Vec, Vec, Vec];
    const n = cross(minus(b, a), minus(c, a));
    merge(normals, unitOf(n), length(n));
    for (const [s, t] of [
      [a, b],
      [b, c],
      [c, a],
    ] as const) {
      const e = minus(t, s);
      merge(edges, unitOf(e), length(e));
    }
  }
  const heaviest = (list: Weighed[], most: number): Vec[] =>
    list
      .sort((p, q) => q.weight - p.weight)
      .slice(0, most)
      .map(({ d }) => d);
  for (const n of heaviest(normals, FACES_TRIED)) add(n);
  const long = heaviest(edges, EDGES_TRIED);
  for (const e of long) add(e);
  long.forEach((e, i) => long.slice(0, i).forEach((f) => add(unitOf(cross(e, f)))));
  return out;
}

interface Weighed {
  readonly d: Vec;
  weight: number;
}

/** Most directions distinguished: what comes after goes to the one it is most like. */
const MOST_DIRECTIONS = 200;

/** Adds a line's weight to the one it is like, or to the list. */
function merge(list: Weighed[], d: Vec, weight: number): void {
  if (!(weight > 0)) return;
  let best: Weighed | null = null;
  let alike = list.length < MOST_DIRECTIONS ? ALIKE : -1;
  for (const known of list) {
    const c = Math.abs(dot(known.d, d));
    if (c > alike) [best, alike] = [known, c];
  }
  if (best === null) list.push({ d, weight });
  else best.weight += weight;
}

/**
 * Box whose one side runs along a direction and whose others are those of the smallest rectangle across it.
 *
 * @example
 * boxAlong(mesh, [0, 0, 1]) // { along_mm: 10, across_mm: [10, 10] }
 */
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

/** Small turns about two directions, each half as far as the last where none helps; at most so many. */
function descend(corners: readonly Vec[], start: Vec, flat: Float64Array, first = 0.05, most = MOST_TURNS): Vec {
  let n = start;
  let volume = volumeAcross(corners, n, flat);
  for (let size = first, moves = 0; size > 1e-5 && moves < most; moves++) {
    const { u, v } = frameOf(n);
    const next = [u, v, scaled(u, -1), scaled(v, -1)]
      .map((w) => unitOf(plus(n, w, size)))
      .map((m) => ({ m, volume: volumeAcross(corners, m, flat) }))
      .reduce((p, q) => (q.volume < p.volume ? q : p));
    if (next.volume < volume * (1 - 1e-12)) {
      n = next.m;
      volume = next.volume;
    } else size /= 2;
  }
  return n;
}

/** Turns tried from one placement, at most. */
const MOST_TURNS = 60;

/** Volume of the smallest box across a direction. @param flat room for two figures a corner */
function volumeAcross(corners: readonly Vec[], n: Vec, flat: Float64Array): number {
  const { u, v } = frameOf(n);
  let [low, high] = [Infinity, -Infinity];
  for (let i = 0; i < corners.length; i++) {
    const c = corners[i]!;
    const h = c[0] * n[0] + c[1] * n[1] + c[2] * n[2];
    if (h < low) low = h;
    if (h > high) high = h;
    flat[2 * i] = c[0] * u[0] + c[1] * u[1] + c[2] * u[2];
    flat[2 * i + 1] = c[0] * v[0] + c[1] * v[1] + c[2] * v[2];
  }
  const r = smallestRectangle(flat.subarray(0, 2 * corners.length));
  return (high - low) * r.a * r.b;
}

/**
 * The box across a direction that holds every corner.
 *
 * @param positions corners, mm, three figures each; n unit direction
 * @example
 * boxAround(mesh.positions, [0, 0, 1]).sides_mm // [10, 10, 10]
 */
export function boxAround(positions: Float64Array, n: Vec): PlacedBox {
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
  const stride = Math.max(1, Math.floor(count / MOST_LOOKED_AT));
  for (let i = 0; i < count; i += stride) {
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
