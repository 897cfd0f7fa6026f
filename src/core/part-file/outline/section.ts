import type { Mesh, Vec } from '../geometry';
import type { PartFrame } from './frame';
import { twiceArea, type PlanePoint, type Ring } from './simplify';

/** Plane of a section: square to one axis of the frame. */
export type SquareTo = 0 | 1 | 2;

/** Rings smaller than this share of the largest are noise. */
const SPECK = 1e-5;

/**
 * The section of a closed mesh by a plane of its frame: where the surface is cut, as closed rings (even-odd: a ring in a ring is a
 * hole). Corners on the plane count as above it, so that rings close wherever the surface does.
 *
 * @param mesh mm; frame of it; square axis that the plane is square to: 1 gives long side and draw, 0 short side and draw, 2 both
 *   sides; at where the plane lies along that axis in the frame, mm
 * @returns rings in the frame, mm; an open surface loses the rings that do not close
 * @example
 * sectionAt(mesh, frame, 1, 0).length // 1
 */
export function sectionAt(mesh: Mesh, frame: PartFrame, square: SquareTo, at: number): Ring[] {
  const { positions: p, triangles: t } = mesh;
  const level = at + frame.origin[square];
  const axis = frame.axes[square];
  const height = new Float64Array(p.length / 3);
  for (let i = 0; i < height.length; i++)
    height[i] =
      (p[3 * i] as number) * axis[0] + (p[3 * i + 1] as number) * axis[1] + (p[3 * i + 2] as number) * axis[2] - level;
  const [a, b] = square === 2 ? ([0, 1] as const) : square === 1 ? ([0, 2] as const) : ([1, 2] as const);
  const next = new Map<number, number>();
  const points = new Map<number, PlanePoint>();
  const corners = p.length / 3;
  const crossing = (i: number, j: number): number => {
    const [low, high] = i < j ? [i, j] : [j, i];
    const key = low * corners + high;
    if (!points.has(key)) {
      const share = (height[low] as number) / ((height[low] as number) - (height[high] as number));
      const coordinate = (k: 0 | 1 | 2): number => {
        const d: Vec = frame.axes[k];
        const of = (c: number): number =>
          (p[3 * c] as number) * d[0] + (p[3 * c + 1] as number) * d[1] + (p[3 * c + 2] as number) * d[2];
        return of(low) + (of(high) - of(low)) * share - frame.origin[k];
      };
      points.set(key, [coordinate(a), coordinate(b)]);
    }
    return key;
  };
  for (let f = 0; f < t.length; f += 3) {
    const ids = [t[f] as number, t[f + 1] as number, t[f + 2] as number] as const;
    let [from, to] = [-1, -1];
    for (let k = 0; k < 3; k++) {
      const [i, j] = [ids[k] as number, ids[(k + 1) % 3] as number];
      const [above, ahead] = [(height[i] as number) >= 0, (height[j] as number) >= 0];
      if (above && !ahead) from = crossing(i, j);
      if (!above && ahead) to = crossing(i, j);
    }
    // Facets are wound alike, so that each crossing is left once and reached once.
    if (from >= 0 && to >= 0) next.set(from, to);
  }
  return rings(next, points);
}

/** Follows the pieces from one crossing to the next until each ring closes. */
function rings(next: Map<number, number>, points: ReadonlyMap<number, PlanePoint>): Ring[] {
  const out: Ring[] = [];
  for (const start of points.keys()) {
    const ring: PlanePoint[] = [];
    let key = start;
    for (let to = next.get(key); to !== undefined; to = next.get(key)) {
      ring.push(points.get(key) as PlanePoint);
      next.delete(key);
      key = to;
      if (key === start) break;
    }
    if (key === start && ring.length > 2) out.push(ring);
  }
  const largest = out.reduce((most, ring) => Math.max(most, Math.abs(twiceArea(ring))), 0);
  return out.filter((ring) => Math.abs(twiceArea(ring)) > SPECK * largest);
}
