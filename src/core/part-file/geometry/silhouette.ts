import type { Mesh, Vec } from './mesh';
import { frameOf, plus, scaled } from './vector';

/** Pixels along the longer side of the shadow. */
const PIXELS = 2048;
/**
 * Turn of the raster against the edges of the part, rad: a frame along them would round every edge the same way, a
 * turned one rounds as often up as down. Any odd angle does.
 */
const TURN = 0.5236 * 1.117;

/** Shadow of a body along a direction. */
export interface Shadow {
  /** Area of the shadow, mm². */
  readonly silhouette_mm2: number;
  /** Half the sum of facet areas seen along the direction, mm²: an upper bound of the shadow. */
  readonly halfSum_mm2: number;
}

/**
 * Shadow of a mesh: facets filled into a raster of 2 048 pixels by their centres.
 * Source: the formula book, geo.projected-area. @param d unit direction
 * @example
 * Math.round(shadow(mesh, [0, 0, 1]).silhouette_mm2) // 100
 */
export function shadow(mesh: Mesh, d: Vec): Shadow {
  const frame = frameOf(d);
  const u = plus(scaled(frame.u, Math.cos(TURN)), frame.v, Math.sin(TURN));
  const v = plus(scaled(frame.v, Math.cos(TURN)), frame.u, -Math.sin(TURN));
  const { positions: p, triangles: t } = mesh;
  const n = p.length / 3;
  const x = new Float64Array(n);
  const y = new Float64Array(n);
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < n; i++) {
    const [px, py, pz] = [p[3 * i]!, p[3 * i + 1]!, p[3 * i + 2]!];
    const a = px * u[0] + py * u[1] + pz * u[2];
    const b = px * v[0] + py * v[1] + pz * v[2];
    x[i] = a;
    y[i] = b;
    x0 = Math.min(x0, a);
    x1 = Math.max(x1, a);
    y0 = Math.min(y0, b);
    y1 = Math.max(y1, b);
  }
  const pixel = Math.max(x1 - x0, y1 - y0) / PIXELS;
  if (!(pixel > 0)) return { silhouette_mm2: 0, halfSum_mm2: halfSum(mesh, d) };
  const wide = Math.ceil((x1 - x0) / pixel) + 1;
  const high = Math.ceil((y1 - y0) / pixel) + 1;
  const raster = new Uint8Array(4 * Math.ceil((wide * high) / 4));
  for (let f = 0; f < t.length; f += 3) {
    const [i, j, k] = [t[f]!, t[f + 1]!, t[f + 2]!];
    fillTriangle(
      raster,
      wide,
      (x[i]! - x0) / pixel,
      (y[i]! - y0) / pixel,
      (x[j]! - x0) / pixel,
      (y[j]! - y0) / pixel,
      (x[k]! - x0) / pixel,
      (y[k]! - y0) / pixel,
    );
  }
  return { silhouette_mm2: marked(raster) * pixel * pixel, halfSum_mm2: halfSum(mesh, d) };
}

/** How many pixels are marked with 1: four at a time. */
function marked(raster: Uint8Array): number {
  const fours = new Uint32Array(raster.buffer);
  let sum = 0;
  for (let i = 0; i < fours.length; i++) if (fours[i]! !== 0) sum += Math.imul(fours[i]!, 0x01010101) >>> 24;
  return sum;
}

function halfSum(mesh: Mesh, d: Vec): number {
  const { positions: p, triangles: t } = mesh;
  let sum = 0;
  for (let s = 0; s < t.length; s += 3) {
    const [a, b, c] = [3 * t[s]!, 3 * t[s + 1]!, 3 * t[s + 2]!];
    const [ux, uy, uz] = [p[b]! - p[a]!, p[b + 1]! - p[a + 1]!, p[b + 2]! - p[a + 2]!];
    const [vx, vy, vz] = [p[c]! - p[a]!, p[c + 1]! - p[a + 1]!, p[c + 2]! - p[a + 2]!];
    sum += Math.abs((uy * vz - uz * vy) * d[0] + (uz * vx - ux * vz) * d[1] + (ux * vy - uy * vx) * d[2]);
  }
  return sum / 4;
}

/** Marks the pixels whose centres lie in a triangle; corners in pixels. */
function fillTriangle(
  raster: Uint8Array,
  wide: number,
  ax: number,
  ay: number,
  bx: number,
  by: number,
  cx: number,
  cy: number,
): void {
  const low = Math.min(ay, by, cy);
  const high = Math.max(ay, by, cy);
  for (let row = Math.max(0, Math.ceil(low - 0.5)); row + 0.5 < high; row++) {
    const y = row + 0.5;
    let from = Infinity;
    let to = -Infinity;
    if (ay > y !== by > y) {
      const x = ax + ((y - ay) / (by - ay)) * (bx - ax);
      if (x < from) from = x;
      if (x > to) to = x;
    }
    if (by > y !== cy > y) {
      const x = bx + ((y - by) / (cy - by)) * (cx - bx);
      if (x < from) from = x;
      if (x > to) to = x;
    }
    if (cy > y !== ay > y) {
      const x = cx + ((y - cy) / (ay - cy)) * (ax - cx);
      if (x < from) from = x;
      if (x > to) to = x;
    }
    const first = Math.max(0, Math.ceil(from - 0.5));
    const last = Math.ceil(to - 0.5);
    if (last > first) raster.fill(1, row * wide + first, row * wide + last);
  }
}
