import type { CheckedMesh } from './check';
import type { Mesh } from './mesh';

/** Facets asked for all shells together, at most. */
const MOST_ASKED = 30_000_000;
/** A direction that runs along no face or edge of a part drawn square. */
const [DX, DY, DZ] = [0.4391, 0.5743, 0.6909];

/**
 * Bodies that lie within the metal of another: both are wound outward, so that a volume counts the metal twice. A body
 * within a hollow of another is none. Means something for closed meshes only; shells of very large sets beyond the
 * budget are taken to be sound.
 */
export function nestedBodies({ mesh, shells }: CheckedMesh): number {
  if (shells.count < 2) return 0;
  const { positions: p, triangles: t } = mesh;
  const facets = t.length / 3;
  const volume = new Float64Array(shells.count);
  const first = new Int32Array(shells.count).fill(-1);
  for (let f = 0; f < facets; f++) {
    const shell = shells.of[f]!;
    if (first[shell]! < 0) first[shell] = f;
    // About the first corner of all, so that parts far from the origin lose no digits.
    const [a, b, c] = [3 * t[3 * f]!, 3 * t[3 * f + 1]!, 3 * t[3 * f + 2]!];
    const [ax, ay, az] = [p[a]! - p[0]!, p[a + 1]! - p[1]!, p[a + 2]! - p[2]!];
    const [bx, by, bz] = [p[b]! - p[0]!, p[b + 1]! - p[1]!, p[b + 2]! - p[2]!];
    const [cx, cy, cz] = [p[c]! - p[0]!, p[c + 1]! - p[1]!, p[c + 2]! - p[2]!];
    volume[shell]! += ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx);
  }
  let nested = 0;
  for (let shell = 0; shell < shells.count && shell * facets < MOST_ASKED; shell++)
    if (volume[shell]! > 0 && windingAt(mesh, shells.of, shell, t[3 * first[shell]!]!) > 0) nested++;
  return nested;
}

/** How often the other shells enclose a corner of one, hollows counted against: the sum of signed crossings of a ray. */
function windingAt({ positions: p, triangles: t }: Mesh, of: Int32Array, shell: number, corner: number): number {
  const [ox, oy, oz] = [p[3 * corner]!, p[3 * corner + 1]!, p[3 * corner + 2]!];
  let sum = 0;
  for (let f = 0; f < of.length; f++) {
    if (of[f] === shell) continue;
    const a = 3 * t[3 * f]!;
    const b = 3 * t[3 * f + 1]!;
    const c = 3 * t[3 * f + 2]!;
    const ax = p[a]!;
    const ay = p[a + 1]!;
    const az = p[a + 2]!;
    const ex = p[b]! - ax;
    const ey = p[b + 1]! - ay;
    const ez = p[b + 2]! - az;
    const gx = p[c]! - ax;
    const gy = p[c + 1]! - ay;
    const gz = p[c + 2]! - az;
    const hx = DY * gz - DZ * gy;
    const hy = DZ * gx - DX * gz;
    const hz = DX * gy - DY * gx;
    const det = ex * hx + ey * hy + ez * hz;
    if (det === 0) continue;
    const sx = ox - ax;
    const sy = oy - ay;
    const sz = oz - az;
    const u = (sx * hx + sy * hy + sz * hz) / det;
    if (u < 0 || u > 1) continue;
    const qx = sy * ez - sz * ey;
    const qy = sz * ex - sx * ez;
    const qz = sx * ey - sy * ex;
    const v = (DX * qx + DY * qy + DZ * qz) / det;
    if (v < 0 || u + v > 1 || (gx * qx + gy * qy + gz * qz) / det <= 0) continue;
    // Met from behind the ray leaves what encloses it.
    sum += det < 0 ? 1 : -1;
  }
  return sum;
}
