import type { Vec } from './mesh';
import { cross, dot, length, minus } from './vector';

/** Points all nearer to one plane than this share of the spread have no hull. */
const FLAT = 1e-9;
/**
 * Each point is moved by up to this share of the spread before it is joined. Corners of a flat face that a file rounds
 * lie above and below it by noise; moved, they lie where they lie, and no face is seen and not seen at once.
 */
const SHAKE = 1e-7;

/** A corner of three a face; the faces beyond its sides ab, bc and ca. */
interface Face {
  readonly corners: readonly [number, number, number];
  readonly beyond: [Face | null, Face | null, Face | null];
  readonly normal: Vec;
  readonly offset: number;
  /** Place in the list of faces; -1 for one that was taken away. */
  place: number;
  /** Point it was last seen from. */
  seen: number;
}

/**
 * Facets of the convex hull, three points each, wound outward; null where the points lie in one plane, or where rounding
 * leaves no sound hull (faces = 2 × corners − 4 is held against the result). Points are added one by one: the faces a
 * point sees, grown from one over its neighbours, are taken away and the rim left is joined to it. A point whose rim is
 * no single ring is left out. Time grows with points times faces, so it is given a few thousand at most.
 * Source: textbook, incremental convex hull; Edelsbrunner and Mücke, simulation of simplicity (here by a fixed shake).
 */
export function convexHull(given: readonly Vec[]): (readonly [number, number, number])[] | null {
  const start = firstFour(given);
  if (start === null) return null;
  const points = shaken(given, SHAKE * start.size);
  const [a, b, c, d] = start.corners;
  const faces: Face[] = [];
  const add = (x: number, y: number, z: number): Face => {
    const p = points[x]!;
    const n = cross(minus(points[y]!, p), minus(points[z]!, p));
    const l = length(n) || 1;
    const normal: Vec = [n[0] / l, n[1] / l, n[2] / l];
    const face: Face = {
      corners: [x, y, z],
      beyond: [null, null, null],
      normal,
      offset: dot(normal, p),
      place: faces.length,
      seen: -1,
    };
    faces.push(face);
    return face;
  };
  const remove = (face: Face): void => {
    const last = faces.pop()!;
    if (last !== face) {
      faces[face.place] = last;
      last.place = face.place;
    }
    face.place = -1;
  };
  const above = (face: Face, i: number): boolean => dot(face.normal, points[i]!) > face.offset;

  const up = dot(cross(minus(points[b]!, points[a]!), minus(points[c]!, points[a]!)), minus(points[d]!, points[a]!));
  const [x, y, z] = up > 0 ? [a, c, b] : [a, b, c];
  const first = [add(x, y, z), add(y, x, d), add(z, y, d), add(x, z, d)];
  for (const f of first) for (const g of first) if (f !== g) join(f, g);

  for (let i = 0; i < points.length; i++) {
    if (start.corners.includes(i)) continue;
    const seed = faces.find((f) => above(f, i));
    if (seed === undefined) continue;
    const seen = [seed];
    seed.seen = i;
    /** Sides of the rim by the corner they start from: where they end, and the face beyond. */
    const rim = new Map<number, { readonly to: number; readonly beyond: Face }>();
    let ring = true;
    for (let k = 0; k < seen.length && ring; k++)
      seen[k]!.beyond.forEach((next, side) => {
        if (next === null) return;
        if (next.seen === i) return;
        if (above(next, i)) {
          next.seen = i;
          seen.push(next);
          return;
        }
        const from = seen[k]!.corners[side as 0];
        if (rim.has(from)) ring = false;
        rim.set(from, { to: seen[k]!.corners[((side + 1) % 3) as 0], beyond: next });
      });
    const from = rim.keys().next().value ?? -1;
    let steps = 0;
    for (let at = from; ring && steps <= rim.size; steps++) {
      const side = rim.get(at);
      if (side === undefined) ring = false;
      else at = side.to;
      if (at === from) {
        steps++;
        break;
      }
    }
    if (!ring || steps !== rim.size) {
      for (const f of seen) f.seen = -1;
      continue;
    }
    for (const f of seen) remove(f);
    const made = new Map<number, Face>();
    for (const [s, { to, beyond }] of rim) {
      const face = add(s, to, i);
      face.beyond[0] = beyond;
      const back = beyond.corners.findIndex((corner, k) => corner === to && beyond.corners[(k + 1) % 3] === s);
      beyond.beyond[back as 0] = face;
      made.set(s, face);
    }
    for (const [s, { to }] of rim) {
      const [here, next] = [made.get(s)!, made.get(to)!];
      here.beyond[1] = next;
      next.beyond[2] = here;
    }
  }
  const out = faces.map((f) => f.corners);
  return out.length === 2 * new Set(out.flat()).size - 4 ? out : null;
}

/** Joins two faces over the side they share. */
function join(f: Face, g: Face): void {
  for (let k = 0; k < 3; k++)
    for (let m = 0; m < 3; m++)
      if (f.corners[k] === g.corners[(m + 1) % 3] && f.corners[(k + 1) % 3] === g.corners[m]) f.beyond[k as 0] = g;
}

/** Points each moved a little, always the same way: by a hash of their place in the list. */
function shaken(points: readonly Vec[], by: number): Vec[] {
  let state = 0x9e3779b9;
  const next = (): number => {
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    return (state >>> 0) / 2 ** 31 - 1;
  };
  return points.map((p): Vec => [p[0] + by * next(), p[1] + by * next(), p[2] + by * next()]);
}

/** Four points that span space, and how far they spread; null where all lie in one plane. */
function firstFour(
  points: readonly Vec[],
): { corners: readonly [number, number, number, number]; size: number } | null {
  if (points.length < 4) return null;
  const furthest = (from: (p: Vec) => number): number => {
    let best = 0;
    let most = -Infinity;
    for (let i = 0; i < points.length; i++) {
      const far = from(points[i]!);
      if (far > most) [best, most] = [i, far];
    }
    return best;
  };
  const a = 0;
  const b = furthest((p) => length(minus(p, points[a]!)));
  const e = minus(points[b]!, points[a]!);
  const size = length(e);
  const c = furthest((p) => length(cross(e, minus(p, points[a]!))));
  const n = cross(e, minus(points[c]!, points[a]!));
  if (size === 0 || length(n) <= FLAT * size * size) return null;
  const d = furthest((p) => Math.abs(dot(n, minus(p, points[a]!))));
  if (Math.abs(dot(n, minus(points[d]!, points[a]!))) <= FLAT * length(n) * size) return null;
  return { corners: [a, b, c, d], size };
}
