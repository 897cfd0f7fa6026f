import type { Bvh } from './bvh';

/** The nearest point of a surface. */
export interface Nearest {
  /** Distance, mm; Infinity where no point is nearer than the bound. */
  distance: number;
  facet: number;
  x: number;
  y: number;
  z: number;
}

/** Finds nearest points on the facets of a tree. One finder serves one thread: it keeps its own scratch space. */
export class NearestFinder {
  private readonly stack: Int32Array;
  private readonly out: Nearest = { distance: Infinity, facet: -1, x: 0, y: 0, z: 0 };

  constructor(private readonly bvh: Bvh) {
    this.stack = new Int32Array(bvh.depth * 2 + 8);
  }

  /**
   * The nearest point nearer than `bound` mm. The answer is one object, used again by the next call.
   * @param visits boxes looked into at most; the nearest point met until then is given. From the middle of a ball every
   *   facet is as near as the next, and all would be looked at
   */
  find(x: number, y: number, z: number, bound = Infinity, visits = Infinity): Nearest {
    const { boxes, first, count, corners, facets } = this.bvh;
    const { stack, out } = this;
    let best = bound * bound;
    out.facet = -1;
    let top = 0;
    stack[top++] = 0;
    let allowed = visits;
    while (top > 0 && allowed-- > 0) {
      const node = stack[--top]!;
      if (boxDistance2(boxes, 6 * node, x, y, z) >= best) continue;
      const size = count[node]!;
      if (size === 0) {
        const left = node + 1;
        const right = first[node]!;
        const nearLeft = boxDistance2(boxes, 6 * left, x, y, z) <= boxDistance2(boxes, 6 * right, x, y, z);
        stack[top++] = nearLeft ? right : left;
        stack[top++] = nearLeft ? left : right;
        continue;
      }
      for (let i = first[node]!, end = i + size; i < end; i++) {
        const d = pointOnFacet(corners, 9 * i, x, y, z);
        if (d < best) {
          best = d;
          out.facet = facets[i]!;
          out.x = closest.x;
          out.y = closest.y;
          out.z = closest.z;
        }
      }
    }
    out.distance = out.facet < 0 ? Infinity : Math.sqrt(best);
    return out;
  }
}

/** Square of the distance from a point to a box of a tree. @param o where its six figures begin */
export function boxDistance2(boxes: Float64Array, o: number, x: number, y: number, z: number): number {
  const dx = x < boxes[o]! ? boxes[o]! - x : x > boxes[o + 3]! ? x - boxes[o + 3]! : 0;
  const dy = y < boxes[o + 1]! ? boxes[o + 1]! - y : y > boxes[o + 4]! ? y - boxes[o + 4]! : 0;
  const dz = z < boxes[o + 2]! ? boxes[o + 2]! - z : z > boxes[o + 5]! ? z - boxes[o + 5]! : 0;
  return dx * dx + dy * dy + dz * dz;
}

/** The point that `pointOnFacet` last found. */
export const closest = { x: 0, y: 0, z: 0 };

/** Square of the distance to a facet; the point is left in `closest`. Source: Ericson, closest point on a triangle. */
export function pointOnFacet(c: Float64Array, o: number, x: number, y: number, z: number): number {
  const ax = c[o]!;
  const ay = c[o + 1]!;
  const az = c[o + 2]!;
  const bx = c[o + 3]! - ax;
  const by = c[o + 4]! - ay;
  const bz = c[o + 5]! - az;
  const cx = c[o + 6]! - ax;
  const cy = c[o + 7]! - ay;
  const cz = c[o + 8]! - az;
  const wx = x - ax;
  const wy = y - ay;
  const wz = z - az;
  const d1 = bx * wx + by * wy + bz * wz;
  const d2 = cx * wx + cy * wy + cz * wz;
  const bb = bx * bx + by * by + bz * bz;
  const cc = cx * cx + cy * cy + cz * cz;
  const bc = bx * cx + by * cy + bz * cz;
  let s = 0;
  let t = 0;
  const d3 = d1 - bb;
  const d4 = d2 - bc;
  const d5 = d1 - bc;
  const d6 = d2 - cc;
  if (d1 <= 0 && d2 <= 0) {
    // corner a
  } else if (d3 >= 0 && d4 <= d3) s = 1;
  else if (d6 >= 0 && d5 <= d6) t = 1;
  else if (d1 * d4 - d3 * d2 <= 0 && d1 >= 0 && d3 <= 0) s = d1 / (d1 - d3);
  else if (d5 * d2 - d1 * d6 <= 0 && d2 >= 0 && d6 <= 0) t = d2 / (d2 - d6);
  else {
    const va = d3 * d6 - d5 * d4;
    if (va <= 0 && d4 - d3 >= 0 && d5 - d6 >= 0) {
      t = (d4 - d3) / (d4 - d3 + (d5 - d6));
      s = 1 - t;
    } else {
      const vb = d5 * d2 - d1 * d6;
      const vc = d1 * d4 - d3 * d2;
      const sum = va + vb + vc;
      if (sum !== 0) {
        s = vb / sum;
        t = vc / sum;
      }
    }
  }
  const px = ax + s * bx + t * cx;
  const py = ay + s * by + t * cy;
  const pz = az + s * bz + t * cz;
  closest.x = px;
  closest.y = py;
  closest.z = pz;
  return (x - px) * (x - px) + (y - py) * (y - py) + (z - pz) * (z - pz);
}
