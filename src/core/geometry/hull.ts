import type { Vec } from './mesh';
import { cross, dot, length, minus } from './vector';

/** Points nearer to a face than this share of the spread lie on it. */
const ON = 1e-9;

interface Face {
  readonly corners: readonly [number, number, number];
  readonly normal: Vec;
  readonly offset: number;
}

/**
 * Facets of the convex hull, three points each, wound outward; null where the points lie in one plane. Points are
 * added one by one: the faces a point sees are taken away and the rim left is joined to it. Time grows with points
 * times faces, so it is given some thousand at most. Source: textbook, incremental convex hull.
 */
export function convexHull(points: readonly Vec[]): (readonly [number, number, number])[] | null {
  const start = firstFour(points);
  if (start === null) return null;
  const { corners, size } = start;
  const slack = ON * size;
  const inner = corners.reduce<Vec>(
    (s, i) => {
      const p = points[i]!;
      return [s[0] + p[0] / 4, s[1] + p[1] / 4, s[2] + p[2] / 4];
    },
    [0, 0, 0],
  );
  const face = (a: number, b: number, c: number): Face => {
    const n = cross(minus(points[b]!, points[a]!), minus(points[c]!, points[a]!));
    const l = length(n) || 1;
    const normal: Vec = [n[0] / l, n[1] / l, n[2] / l];
    return { corners: [a, b, c], normal, offset: dot(normal, points[a]!) };
  };
  const outward = (a: number, b: number, c: number): Face => {
    const f = face(a, b, c);
    return dot(f.normal, inner) > f.offset ? face(a, c, b) : f;
  };
  const [a, b, c, d] = corners;
  let faces = [outward(a, b, c), outward(a, b, d), outward(a, c, d), outward(b, c, d)];
  points.forEach((p, i) => {
    if (corners.includes(i)) return;
    const seen = faces.filter((f) => dot(f.normal, p) - f.offset > slack);
    if (seen.length === 0) return;
    const sides = new Set(seen.flatMap(({ corners: [x, y, z] }) => [`${x} ${y}`, `${y} ${z}`, `${z} ${x}`]));
    const kept = faces.filter((f) => dot(f.normal, p) - f.offset <= slack);
    for (const {
      corners: [x, y, z],
    } of seen)
      for (const [s, t] of [
        [x, y],
        [y, z],
        [z, x],
      ] as const)
        if (!sides.has(`${t} ${s}`)) kept.push(face(s, t, i));
    faces = kept;
  });
  return faces.map((f) => f.corners);
}

/** Four points that span space, and how far they spread; null where all lie in one plane. */
function firstFour(
  points: readonly Vec[],
): { corners: readonly [number, number, number, number]; size: number } | null {
  if (points.length < 4) return null;
  const furthest = (from: (p: Vec) => number): number =>
    points.reduce((best, p, i) => (from(p) > from(points[best]!) ? i : best), 0);
  const a = 0;
  const b = furthest((p) => length(minus(p, points[a]!)));
  const e = minus(points[b]!, points[a]!);
  const size = length(e);
  const c = furthest((p) => length(cross(e, minus(p, points[a]!))));
  const n = cross(e, minus(points[c]!, points[a]!));
  if (size === 0 || length(n) <= ON * size * size) return null;
  const d = furthest((p) => Math.abs(dot(n, minus(p, points[a]!))));
  if (Math.abs(dot(n, minus(points[d]!, points[a]!))) <= ON * length(n) * size) return null;
  return { corners: [a, b, c, d], size };
}
