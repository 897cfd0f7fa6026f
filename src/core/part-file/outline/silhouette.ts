import { contours } from 'd3-contour';
import type { Mesh, Vec } from '../geometry';
import type { PartFrame } from './frame';
import type { SquareTo } from './section';
import { twiceArea, type PlanePoint, type Ring } from './simplify';

/** Pixels along the longer side of a silhouette. */
const PIXELS = 720;
/** Empty pixels round it. */
const RIM = 2;

/**
 * The silhouette of a mesh along an axis of its frame, as rings (even-odd): facets are filled into a raster, and its rim is followed.
 * True to a pixel, 1/720 of the longer side.
 *
 * @param mesh mm; frame of it; along axis it is seen along: 2 from above, 1 across the short side, 0 across the long one
 * @returns rings in the frame, mm
 * @example
 * silhouetteAlong(mesh, frame, 2).length // 1
 */
export function silhouetteAlong(mesh: Mesh, frame: PartFrame, along: SquareTo): Ring[] {
  const { positions: p, triangles: t } = mesh;
  const [a, b] = along === 2 ? ([0, 1] as const) : along === 1 ? ([0, 2] as const) : ([1, 2] as const);
  const n = p.length / 3;
  const [x, y] = [new Float64Array(n), new Float64Array(n)];
  const of = (i: number, d: Vec): number =>
    (p[3 * i] as number) * d[0] + (p[3 * i + 1] as number) * d[1] + (p[3 * i + 2] as number) * d[2];
  let [x0, x1, y0, y1] = [Infinity, -Infinity, Infinity, -Infinity];
  for (let i = 0; i < n; i++) {
    const u = of(i, frame.axes[a]) - frame.origin[a];
    const v = of(i, frame.axes[b]) - frame.origin[b];
    x[i] = u;
    y[i] = v;
    if (u < x0) x0 = u;
    if (u > x1) x1 = u;
    if (v < y0) y0 = v;
    if (v > y1) y1 = v;
  }
  const pixel = Math.max(x1 - x0, y1 - y0) / PIXELS;
  if (!(pixel > 0)) return [];
  const wide = Math.ceil((x1 - x0) / pixel) + 2 * RIM;
  const high = Math.ceil((y1 - y0) / pixel) + 2 * RIM;
  const raster = new Uint8Array(wide * high);
  for (let f = 0; f < t.length; f += 3) {
    const at = (k: number): PlanePoint => {
      const i = t[f + k] as number;
      return [((x[i] as number) - x0) / pixel + RIM, ((y[i] as number) - y0) / pixel + RIM];
    };
    fill(raster, wide, at(0), at(1), at(2));
  }
  const [found] = contours().size([wide, high]).thresholds([0.5])(Array.from(raster));
  const rings = (found?.coordinates ?? [])
    .flat()
    .map((ring) =>
      ring.slice(0, -1).map(([u, v]): PlanePoint => [((u ?? 0) - RIM) * pixel + x0, ((v ?? 0) - RIM) * pixel + y0]),
    );
  const speck = 8 * pixel * pixel;
  return rings.filter((ring) => Math.abs(twiceArea(ring)) > speck);
}

/** Marks the pixels whose centres lie in a triangle. */
function fill(
  raster: Uint8Array,
  wide: number,
  [ax, ay]: PlanePoint,
  [bx, by]: PlanePoint,
  [cx, cy]: PlanePoint,
): void {
  const top = Math.max(ay, by, cy);
  for (let row = Math.max(0, Math.ceil(Math.min(ay, by, cy) - 0.5)); row + 0.5 < top; row++) {
    const level = row + 0.5;
    let [from, to] = [Infinity, -Infinity];
    const cut = (px: number, py: number, qx: number, qy: number): void => {
      if (py > level === qy > level) return;
      const at = px + ((level - py) / (qy - py)) * (qx - px);
      if (at < from) from = at;
      if (at > to) to = at;
    };
    cut(ax, ay, bx, by);
    cut(bx, by, cx, cy);
    cut(cx, cy, ax, ay);
    const [first, last] = [Math.ceil(from - 0.5), Math.ceil(to - 0.5)];
    if (last > first) raster.fill(1, row * wide + first, row * wide + last);
  }
}
