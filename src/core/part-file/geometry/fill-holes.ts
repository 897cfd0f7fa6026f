import earcut from 'earcut';
import { judged, type CheckedMesh } from './check';
import { NO_TWIN, type Edges } from './edges';
import { cornerAt, facetNormals, type Mesh, type Vec } from './mesh';
import type { RepairedMesh } from './repair-types';
import { cross, dot, frameOf, minus, unitOf } from './vector';
import { extent } from './weld';

/** How far a loop may leave its plane, as a share of the diagonal. Source: the formula book, part 1, verdicts. */
const FLAT = 1e-3;
/** Largest hole that is filled, as a share of the surface. Source: as above. */
const SMALL = 0.01;

interface Loop {
  readonly corners: readonly number[];
  readonly normal: Vec;
  readonly middle: Vec;
  readonly area_mm2: number;
}

/**
 * An open surface with its holes filled by flat facets: each loop must lie in a plane to 0.1 % of the diagonal, and
 * what fills it must be less than 1 % of the surface. Null where any hole is not so, or the result is not closed.
 */
export function fillHoles(checked: CheckedMesh): RepairedMesh | null {
  const { mesh, edges } = checked;
  const corners = loopsOf(mesh, edges);
  if (corners === null) return null;
  const { diagonal } = extent(mesh.positions);
  const whole = facetNormals(mesh).areas.reduce((sum, a) => sum + a, 0);
  const loops = corners.map((c) => planeOf(mesh, c)).sort((a, b) => b.area_mm2 - a.area_mm2);
  if (loops.some((loop) => !isFlat(mesh, loop, FLAT * diagonal))) return null;
  const added: number[] = [];
  let filled_mm2 = 0;
  const patches = nested(mesh, loops, FLAT * diagonal);
  for (const [outer, ...inner] of patches) {
    if (outer === undefined) return null;
    const area = outer.area_mm2 - inner.reduce((sum, loop) => sum + loop.area_mm2, 0);
    if (area > SMALL * whole) return null;
    filled_mm2 += area;
    added.push(...patch(mesh, outer, inner));
  }
  const triangles = new Uint32Array(mesh.triangles.length + added.length);
  triangles.set(mesh.triangles);
  triangles.set(added, mesh.triangles.length);
  return {
    repair: 'holes-filled',
    pieces: patches.length,
    filled_mm2,
    checked: judged({ positions: mesh.positions, triangles }),
  };
}

/** Loops of open edges, each against the sense of its first facet; null where two loops meet in a corner. */
function loopsOf(mesh: Mesh, edges: Edges): number[][] | null {
  const { triangles: t } = mesh;
  const beside = new Map<number, number[]>();
  const join = (a: number, b: number): void => {
    const list = beside.get(a);
    if (list === undefined) beside.set(a, [b]);
    else list.push(b);
  };
  const starts: [number, number][] = [];
  for (let s = 0; s < t.length; s++) {
    if (edges.twins[s] !== NO_TWIN) continue;
    const a = t[s]!;
    const b = t[s % 3 === 2 ? s - 2 : s + 1]!;
    join(a, b);
    join(b, a);
    starts.push([b, a]);
  }
  for (const list of beside.values()) if (list.length !== 2) return null;
  const done = new Set<number>();
  const loops: number[][] = [];
  for (const [from, to] of starts) {
    if (done.has(from)) continue;
    const loop = [from];
    done.add(from);
    let last = from;
    for (let at = to; at !== from;) {
      loop.push(at);
      done.add(at);
      const [x, y] = beside.get(at)!;
      const next = x === last ? y! : x!;
      last = at;
      at = next;
    }
    loops.push(loop);
  }
  return loops;
}

/** Plane and area of a loop. Source: Newell's sum over its sides. */
function planeOf(mesh: Mesh, corners: readonly number[]): Loop {
  const sum: [number, number, number] = [0, 0, 0];
  const middle: [number, number, number] = [0, 0, 0];
  const first = cornerAt(mesh, corners[0]!);
  corners.forEach((corner, i) => {
    const a = minus(cornerAt(mesh, corner), first);
    const b = minus(cornerAt(mesh, corners[(i + 1) % corners.length]!), first);
    const n = cross(a, b);
    for (const k of [0, 1, 2] as const) {
      sum[k] += n[k] / 2;
      middle[k] += cornerAt(mesh, corner)[k] / corners.length;
    }
  });
  return { corners, normal: unitOf(sum), middle, area_mm2: Math.hypot(...sum) };
}

const isFlat = (mesh: Mesh, loop: Loop, most_mm: number): boolean =>
  loop.area_mm2 > 0 &&
  loop.corners.every((c) => Math.abs(dot(minus(cornerAt(mesh, c), loop.middle), loop.normal)) <= most_mm);

/** Loops with those that lie within them in the same plane: a missing ring is one hole, not two. */
function nested(mesh: Mesh, loops: readonly Loop[], most_mm: number): Loop[][] {
  const patches: Loop[][] = [];
  for (const loop of loops) {
    const around = patches.find(([outer]) => outer !== undefined && lies(mesh, loop, outer, most_mm));
    if (around === undefined) patches.push([loop]);
    else around.push(loop);
  }
  return patches;
}

function lies(mesh: Mesh, loop: Loop, outer: Loop, most_mm: number): boolean {
  if (Math.abs(dot(loop.normal, outer.normal)) < 0.999) return false;
  if (Math.abs(dot(minus(loop.middle, outer.middle), outer.normal)) > most_mm) return false;
  const [x, y] = flat(mesh, loop.corners.slice(0, 1), outer);
  const ring = flat(mesh, outer.corners, outer);
  let inside = false;
  for (let i = 0, j = ring.length - 2; i < ring.length; j = i, i += 2) {
    const [ax, ay, bx, by] = [ring[i]!, ring[i + 1]!, ring[j]!, ring[j + 1]!];
    if (ay > y! !== by > y! && x! < ((bx - ax) * (y! - ay)) / (by - ay) + ax) inside = !inside;
  }
  return inside;
}

/** Corners of loops in the plane of one of them. */
function flat(mesh: Mesh, corners: readonly number[], plane: Loop): number[] {
  const { u, v } = frameOf(plane.normal);
  return corners.flatMap((c) => {
    const p = minus(cornerAt(mesh, c), plane.middle);
    return [dot(p, u), dot(p, v)];
  });
}

function patch(mesh: Mesh, outer: Loop, inner: readonly Loop[]): number[] {
  const corners = [outer, ...inner].flatMap((loop) => loop.corners);
  const starts: number[] = [];
  let count = outer.corners.length;
  for (const loop of inner) {
    starts.push(count);
    count += loop.corners.length;
  }
  const ears = earcut(flat(mesh, corners, outer), starts).map((i) => corners[i]!);
  const [a, b, c] = ears.slice(0, 3).map((corner) => cornerAt(mesh, corner));
  if (a === undefined || b === undefined || c === undefined) return [];
  const along = dot(cross(minus(b, a), minus(c, a)), outer.normal) >= 0;
  return along ? ears : ears.reverse();
}
