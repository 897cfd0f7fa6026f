import { boxAround, frameOf, pointed, type Mesh, type Vec } from '../geometry';

/** Axes of a part as it is drawn, with the middle of its foot at nought. */
export interface PartFrame {
  /** Unit directions: along the longer side, along the shorter, up the draw. */
  readonly axes: readonly [Vec, Vec, Vec];
  /** Sides of the box along them, mm. */
  readonly size_mm: Vec;
  /** Where the middle of the foot lies, along those axes, mm. */
  readonly origin: Vec;
}

const along = ([x, y, z]: Vec, [a, b, c]: Vec): number => x * a + y * b + z * c;

/**
 * The frame in which a part is drawn: up along the draw, its longer side from left to right.
 *
 * @param mesh closed or not, mm; d unit direction the mould opens along
 * @returns axes, the sides along them and where the middle of the foot lies, mm
 * @example
 * frameAlong(mesh, [0, 0, 1]).size_mm // [10, 10, 10]
 */
export function frameAlong(mesh: Mesh, d: Vec): PartFrame {
  const box = boxAround(mesh.positions, d);
  const across = box.axes.filter((axis) => Math.abs(along(axis, d)) < Math.SQRT1_2);
  const u = pointed(across[0] ?? frameOf(d).u);
  const v: Vec = [d[1] * u[2] - d[2] * u[1], d[2] * u[0] - d[0] * u[2], d[0] * u[1] - d[1] * u[0]];
  const axes: [Vec, Vec, Vec] = [u, v, d];
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  const { positions: p } = mesh;
  for (let i = 0; i < p.length; i += 3)
    for (let k = 0; k < 3; k++) {
      const [x, y, z] = axes[k] as Vec;
      const at = (p[i] as number) * x + (p[i + 1] as number) * y + (p[i + 2] as number) * z;
      if (at < (low[k] as number)) low[k] = at;
      if (at > (high[k] as number)) high[k] = at;
    }
  const side = (k: 0 | 1 | 2): number => (high[k] as number) - (low[k] as number);
  const size: Vec = [side(0), side(1), side(2)];
  const middle = (k: 0 | 1): number => ((high[k] as number) + (low[k] as number)) / 2;
  return { axes, size_mm: size, origin: [middle(0), middle(1), low[2] as number] };
}

/**
 * A point of a file in the frame of its drawing, mm.
 *
 * @example
 * placedIn(frameAlong(mesh, [0, 0, 1]), [0, 0, 0]).length // 3
 */
export const placedIn = ({ axes, origin }: PartFrame, point: Vec): Vec => [
  along(axes[0], point) - origin[0],
  along(axes[1], point) - origin[1],
  along(axes[2], point) - origin[2],
];
