import type { Mesh } from './mesh';

/** Corners closer than this share of the box diagonal are one corner. Source: the formula book, part 1, cleaning. */
const CLOSE = 1e-7;

/** Box of some corners: least and most per axis, and its diagonal; zeros where there is no corner. */
export function extent(positions: Float64Array): {
  readonly min: [number, number, number];
  readonly max: [number, number, number];
  readonly diagonal: number;
} {
  const min: [number, number, number] = [Infinity, Infinity, Infinity];
  const max: [number, number, number] = [-Infinity, -Infinity, -Infinity];
  for (let i = 0; i < positions.length; i += 3)
    for (let k = 0; k < 3; k++) {
      const x = positions[i + k]!;
      if (x < min[k]!) min[k] = x;
      if (x > max[k]!) max[k] = x;
    }
  if (positions.length === 0) return { min: [0, 0, 0], max: [0, 0, 0], diagonal: 0 };
  return { min, max, diagonal: Math.hypot(max[0] - min[0], max[1] - min[1], max[2] - min[2]) };
}

/**
 * The same facets with corners closer than 1e-7 of the box diagonal made one: the first met stays. A grid of cells
 * four such lengths wide is hashed; a corner near the border of its cell is looked for beyond it too.
 */
export function weld(mesh: Mesh): Mesh {
  const { positions: p, triangles } = mesh;
  const corners = p.length / 3;
  const { min, diagonal } = extent(p);
  const close = Math.max(diagonal * CLOSE, Number.MIN_VALUE);
  const cell = close * 4;
  const buckets = 1 << Math.max(4, Math.ceil(Math.log2(corners * 2 + 1)));
  const head = new Int32Array(buckets).fill(-1);
  const next = new Int32Array(corners);
  const kept = new Float64Array(p.length);
  const newOf = new Uint32Array(corners);
  let count = 0;
  const hash = (x: number, y: number, z: number): number => {
    let h = Math.imul(x | 0, 0x9e3779b1) ^ Math.imul(y | 0, 0x85ebca6b) ^ Math.imul(z | 0, 0xc2b2ae35);
    h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d);
    return (h ^ (h >>> 13)) & (buckets - 1);
  };
  const found = (bucket: number, x: number, y: number, z: number): number => {
    for (let i = head[bucket]!; i >= 0; i = next[i]!) {
      const dx = kept[3 * i]! - x;
      const dy = kept[3 * i + 1]! - y;
      const dz = kept[3 * i + 2]! - z;
      if (dx * dx + dy * dy + dz * dz <= close * close) return i;
    }
    return -1;
  };
  for (let i = 0; i < corners; i++) {
    const x = p[3 * i]!;
    const y = p[3 * i + 1]!;
    const z = p[3 * i + 2]!;
    const gx = (x - min[0]) / cell;
    const gy = (y - min[1]) / cell;
    const gz = (z - min[2]) / cell;
    const ix = Math.floor(gx);
    const iy = Math.floor(gy);
    const iz = Math.floor(gz);
    const own = hash(ix, iy, iz);
    let at = found(own, x, y, z);
    if (at < 0) {
      const side = (g: number, whole: number): number => (g - whole <= 0.26 ? -1 : g - whole >= 0.74 ? 1 : 0);
      const sx = side(gx, ix);
      const sy = side(gy, iy);
      const sz = side(gz, iz);
      for (let n = 1; n < 8 && at < 0; n++) {
        const dx = n & 1 ? sx : 0;
        const dy = n & 2 ? sy : 0;
        const dz = n & 4 ? sz : 0;
        if ((n & 1 && sx === 0) || (n & 2 && sy === 0) || (n & 4 && sz === 0)) continue;
        at = found(hash(ix + dx, iy + dy, iz + dz), x, y, z);
      }
    }
    if (at < 0) {
      at = count++;
      kept[3 * at] = x;
      kept[3 * at + 1] = y;
      kept[3 * at + 2] = z;
      next[at] = head[own]!;
      head[own] = at;
    }
    newOf[i] = at;
  }
  return { positions: kept.slice(0, 3 * count), triangles: triangles.map((corner) => newOf[corner]!) };
}
