import type { Bvh } from './bvh';
import { boxDistance2, closest, pointOnFacet } from './nearest';

/** A ball is settled against a point that stands no deeper in it than this share of its radius. */
const CLOSE = 1e-4;
/** Times one facet is asked as the ball shrinks away from it, at most. */
const AGAIN = 6;

/**
 * Shrinks balls that touch a surface from inside at one point until no other point stands within. All such balls are
 * nested, so that one walk of the tree will do: what a larger ball does not reach, a smaller one never will.
 * Source: the formula book, geo.wall-sphere; Ma and others, shrinking ball.
 */
export class InnerBall {
  private readonly stack: Int32Array;
  /** Middle of the ball last found, mm. */
  x = 0;
  y = 0;
  z = 0;

  /** @param sag how far a facet may stand within the round wall it is cut from, mm, by facet of the mesh */
  constructor(
    private readonly bvh: Bvh,
    private readonly sag: Float32Array,
  ) {
    this.stack = new Int32Array(bvh.depth * 2 + 8);
  }

  /**
   * Radius of the largest ball inside that touches at a point, mm; its middle is left in x, y, z.
   * @param nx, ny, nz outward unit normal there
   * @param most a radius it does not exceed, mm
   * @param slack depth to which the facet of the point itself may be off its round wall, mm
   * @param visits boxes looked into, at most: inside a ball every facet is as near as the next, and the radius is known
   *   long before all have been looked at
   */
  shrink(
    px: number,
    py: number,
    pz: number,
    nx: number,
    ny: number,
    nz: number,
    most: number,
    slack: number,
    visits: number,
  ): number {
    const { boxes, first, count, corners, facets, diagonal } = this.bvh;
    const { stack, sag } = this;
    const self = (1e-6 * diagonal) ** 2;
    let r = most;
    let cx = px - nx * r;
    let cy = py - ny * r;
    let cz = pz - nz * r;
    let top = 0;
    stack[top++] = 0;
    let allowed = visits;
    while (top > 0 && allowed-- > 0) {
      const node = stack[--top]!;
      const reach = r - Math.max(CLOSE * r, slack);
      if (reach <= 0) break;
      if (boxDistance2(boxes, 6 * node, cx, cy, cz) >= reach * reach) continue;
      const size = count[node]!;
      if (size === 0) {
        const left = node + 1;
        const right = first[node]!;
        const l = boxDistance2(boxes, 6 * left, cx, cy, cz);
        const rr = boxDistance2(boxes, 6 * right, cx, cy, cz);
        if (l <= rr) {
          stack[top++] = right;
          stack[top++] = left;
        } else {
          stack[top++] = left;
          stack[top++] = right;
        }
        continue;
      }
      for (let i = first[node]!, end = i + size; i < end; i++) {
        const off = slack + sag[facets[i]!]!;
        for (let again = 0; again < AGAIN; again++) {
          const near = r - Math.max(CLOSE * r, off);
          if (near <= 0) break;
          if (pointOnFacet(corners, 9 * i, cx, cy, cz) >= near * near) break;
          const dx = px - closest.x;
          const dy = py - closest.y;
          const dz = pz - closest.z;
          const along = dx * nx + dy * ny + dz * nz;
          const square = dx * dx + dy * dy + dz * dz;
          if (!(along > 0) || square <= self) break;
          const next = square / (2 * along);
          if (!(next < r)) break;
          const settled = r - next < CLOSE * r;
          r = next;
          cx = px - nx * r;
          cy = py - ny * r;
          cz = pz - nz * r;
          if (settled) break;
        }
      }
    }
    this.x = cx;
    this.y = cy;
    this.z = cz;
    return r;
  }
}
