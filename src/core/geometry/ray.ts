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

  /**
   * The first facet a ray meets beyond `from`. The answer is one object, used again by the next call.
   * @param from hits nearer than this are passed over, mm
   * @param any stop at any facet met, not the nearest
   * @param most hits beyond are passed over, mm
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
  ): Hit {
    const { boxes, first, count, corners, facets } = this.bvh;
    const { stack, hit } = this;
    const ix = 1 / dx;
    const iy = 1 / dy;
    const iz = 1 / dz;
    let best = most;
    let found = -1;
    let top = 0;
    stack[top++] = 0;
    while (top > 0) {
      const node = stack[--top]!;
      const o = 6 * node;
      let near = from;
      let far = best;
      // Slabs. A ray in a slab's plane gives NaN, which no comparison takes: the slab then bars nothing.
      let a = (boxes[o]! - ox) * ix;
      let b = (boxes[o + 3]! - ox) * ix;
      if (dx === 0) {
        if (ox < boxes[o]! || ox > boxes[o + 3]!) continue;
      } else {
        if (a > b) [a, b] = [b, a];
        if (a > near) near = a;
        if (b < far) far = b;
      }
      a = (boxes[o + 1]! - oy) * iy;
      b = (boxes[o + 4]! - oy) * iy;
      if (dy === 0) {
        if (oy < boxes[o + 1]! || oy > boxes[o + 4]!) continue;
      } else {
        if (a > b) [a, b] = [b, a];
        if (a > near) near = a;
        if (b < far) far = b;
      }
      a = (boxes[o + 2]! - oz) * iz;
      b = (boxes[o + 5]! - oz) * iz;
      if (dz === 0) {
        if (oz < boxes[o + 2]! || oz > boxes[o + 5]!) continue;
      } else {
        if (a > b) [a, b] = [b, a];
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
        const ex = corners[c + 3]! - corners[c]!;
        const ey = corners[c + 4]! - corners[c + 1]!;
        const ez = corners[c + 5]! - corners[c + 2]!;
        const fx = corners[c + 6]! - corners[c]!;
        const fy = corners[c + 7]! - corners[c + 1]!;
        const fz = corners[c + 8]! - corners[c + 2]!;
        const px = dy * fz - dz * fy;
        const py = dz * fx - dx * fz;
        const pz = dx * fy - dy * fx;
        const det = ex * px + ey * py + ez * pz;
        if (det === 0) continue;
        const inv = 1 / det;
        const sx = ox - corners[c]!;
        const sy = oy - corners[c + 1]!;
        const sz = oz - corners[c + 2]!;
        const u = (sx * px + sy * py + sz * pz) * inv;
        if (u < -EDGE || u > 1 + EDGE) continue;
        const qx = sy * ez - sz * ey;
        const qy = sz * ex - sx * ez;
        const qz = sx * ey - sy * ex;
        const v = (dx * qx + dy * qy + dz * qz) * inv;
        if (v < -EDGE || u + v > 1 + EDGE) continue;
        const at = (fx * qx + fy * qy + fz * qz) * inv;
        if (at > from && at < best) {
          best = at;
          found = facets[i]!;
          if (any) top = 0;
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
