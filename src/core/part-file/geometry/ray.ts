import type { Bvh } from './bvh';

/** A ray cast into a body: where it first meets the surface. */
export interface Hit {
  /** Distance along the ray, mm; Infinity where it meets nothing. */
  distance: number;
  /** Facet met; -1 where none. */
  facet: number;
}

/** Casts rays at the facets of a tree. One caster serves one thread: it keeps its own scratch space. */
export class RayCaster {
  private readonly stack: Int32Array;
  private readonly hit: Hit = { distance: Infinity, facet: -1 };

  constructor(private readonly bvh: Bvh) {
    this.stack = new Int32Array(bvh.depth * 2 + 8);
  }

  /** The first facet a ray meets from behind beyond `from`: where it leaves a closed body. */
  leave(ox: number, oy: number, oz: number, dx: number, dy: number, dz: number, from: number): Hit {
    return this.cast(ox, oy, oz, dx, dy, dz, from, false, Infinity, true);
  }

  /**
   * The first facet a ray meets beyond `from`. The answer is one object, used again by the next call.
   * @param from hits nearer than this are passed over, mm
   * @param any stop at any facet met, not the nearest
   * @param most hits beyond are passed over, mm
   * @param leaving only facets met from behind count
   */
  cast(
    ox: number,
    oy: number,
    oz: number,
    dx: number,
    dy: number,
    dz: number,
    from = 0,
    any = false,
    most = Infinity,
    leaving = false,
  ): Hit {
    const { boxes, first, count, corners, facets } = this.bvh;
    const { stack, hit } = this;
    const ix = 1 / dx;
    const iy = 1 / dy;
    const iz = 1 / dz;
    // Which corner of a box the ray meets first, by axis.
    const nx = dx < 0 ? 3 : 0;
    const ny = dy < 0 ? 4 : 1;
    const nz = dz < 0 ? 5 : 2;
    const fx = 3 - nx;
    const fy = 5 - ny;
    const fz = 7 - nz;
    let best = most;
    let found = -1;
    let top = 0;
    stack[top++] = 0;
    while (top > 0) {
      const node = stack[--top]!;
      const o = 6 * node;
      let near = from;
      let far = best;
      // Slabs; a ray that runs along one is within it or misses the box.
      if (dx === 0) {
        if (ox < boxes[o]! || ox > boxes[o + 3]!) continue;
      } else {
        const a = (boxes[o + nx]! - ox) * ix;
        const b = (boxes[o + fx]! - ox) * ix;
        if (a > near) near = a;
        if (b < far) far = b;
      }
      if (dy === 0) {
        if (oy < boxes[o + 1]! || oy > boxes[o + 4]!) continue;
      } else {
        const a = (boxes[o + ny]! - oy) * iy;
        const b = (boxes[o + fy]! - oy) * iy;
        if (a > near) near = a;
        if (b < far) far = b;
      }
      if (dz === 0) {
        if (oz < boxes[o + 2]! || oz > boxes[o + 5]!) continue;
      } else {
        const a = (boxes[o + nz]! - oz) * iz;
        const b = (boxes[o + fz]! - oz) * iz;
        if (a > near) near = a;
        if (b < far) far = b;
      }
      if (near > far * (1 + 1e-12)) continue;
      const size = count[node]!;
      if (size === 0) {
        // The nearer half last, so that it is taken first.
        const left = node + 1;
        const right = first[node]!;
        const l = 6 * left;
        const r = 6 * right;
        const toLeft =
          (boxes[l]! + boxes[l + 3]! - boxes[r]! - boxes[r + 3]!) * dx +
          (boxes[l + 1]! + boxes[l + 4]! - boxes[r + 1]! - boxes[r + 4]!) * dy +
          (boxes[l + 2]! + boxes[l + 5]! - boxes[r + 2]! - boxes[r + 5]!) * dz;
        if (toLeft > 0) {
          stack[top++] = left;
          stack[top++] = right;
        } else {
          stack[top++] = right;
          stack[top++] = left;
        }
        continue;
      }
      for (let i = first[node]!, end = i + size; i < end; i++) {
        const c = 9 * i;
        const ax = corners[c]!;
        const ay = corners[c + 1]!;
        const az = corners[c + 2]!;
        const ex = corners[c + 3]! - ax;
        const ey = corners[c + 4]! - ay;
        const ez = corners[c + 5]! - az;
        const gx = corners[c + 6]! - ax;
        const gy = corners[c + 7]! - ay;
        const gz = corners[c + 8]! - az;
        const px = dy * gz - dz * gy;
        const py = dz * gx - dx * gz;
        const pz = dx * gy - dy * gx;
        const det = ex * px + ey * py + ez * pz;
        if (det === 0 || (leaving && det > 0)) continue;
        const sx = ox - ax;
        const sy = oy - ay;
        const sz = oz - az;
        const inv = 1 / det;
        const u = (sx * px + sy * py + sz * pz) * inv;
        if (u < -EDGE || u > 1 + EDGE) continue;
        const qx = sy * ez - sz * ey;
        const qy = sz * ex - sx * ez;
        const qz = sx * ey - sy * ex;
        const v = (dx * qx + dy * qy + dz * qz) * inv;
        if (v < -EDGE || u + v > 1 + EDGE) continue;
        const at = (gx * qx + gy * qy + gz * qz) * inv;
        if (at > from && at < best) {
          best = at;
          found = facets[i]!;
          if (any) {
            hit.distance = best;
            hit.facet = found;
            return hit;
          }
        }
      }
    }
    hit.distance = found < 0 ? Infinity : best;
    hit.facet = found;
    return hit;
  }
}

/** Share of a facet by which a ray may pass its edge and still meet it, so that none slips through between two. */
const EDGE = 1e-10;
