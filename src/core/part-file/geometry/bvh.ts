import { facetBoxes } from './facet-boxes';
import type { Mesh } from './mesh';

/** Facets in a leaf at most, where they can be parted at all. */
const LEAF = 4;
/** Slices tried along an axis when a box is parted. */
const SLICES = 12;

/**
 * A tree of boxes over the facets of a mesh, for rays and nearest points.
 * Node i: box at 6i; a leaf holds `count[i]` facets from `first[i]` on; else its halves are i + 1 and `first[i]`.
 */
export interface Bvh {
  readonly boxes: Float64Array;
  readonly first: Uint32Array;
  readonly count: Uint16Array;
  /** Facet of the mesh at each place of the tree; a long one may stand at several. */
  readonly facets: Uint32Array;
  /** Corners of the facets in the order of the tree, nine figures each, mm. */
  readonly corners: Float64Array;
  /** Diagonal of the whole box, mm. */
  readonly diagonal: number;
  /** Deepest node. */
  readonly depth: number;
}

/**
 * Builds the tree by the surface area rule over slices of each box's longest side. Facets that are long and lie askew are
 * entered piece by piece: asked for the nearest, the tree answers as if they were not.
 *
 * @example
 * Number(buildBvh(mesh).diagonal.toFixed(3)) // 17.321
 */
export function buildBvh(mesh: Mesh): Bvh {
  const { positions: p, triangles: t } = mesh;
  const { of, bounds } = facetBoxes(mesh);
  const n = of.length;
  const centre = new Float64Array(3 * n);
  for (let i = 0; i < n; i++)
    for (let k = 0; k < 3; k++) centre[3 * i + k] = (bounds[6 * i + k]! + bounds[6 * i + 3 + k]!) / 2;
  /** Pieces in the order of the tree. */
  const facets = Uint32Array.from({ length: n }, (_, i) => i);
  const most = Math.max(1, 2 * n);
  const boxes = new Float64Array(6 * most);
  const first = new Uint32Array(most);
  const count = new Uint16Array(most);
  let nodes = 0;
  let depth = 0;
  const sliceCount = new Uint32Array(SLICES);
  const sliceBox = new Float64Array(6 * SLICES);
  const leftArea = new Float64Array(SLICES);

  /** Writes the box of some facets as the box of a node. */
  const boxOf = (node: number, from: number, to: number): void => {
    let x0 = Infinity;
    let y0 = Infinity;
    let z0 = Infinity;
    let x1 = -Infinity;
    let y1 = -Infinity;
    let z1 = -Infinity;
    for (let i = from; i < to; i++) {
      const o = 6 * facets[i]!;
      if (bounds[o]! < x0) x0 = bounds[o]!;
      if (bounds[o + 1]! < y0) y0 = bounds[o + 1]!;
      if (bounds[o + 2]! < z0) z0 = bounds[o + 2]!;
      if (bounds[o + 3]! > x1) x1 = bounds[o + 3]!;
      if (bounds[o + 4]! > y1) y1 = bounds[o + 4]!;
      if (bounds[o + 5]! > z1) z1 = bounds[o + 5]!;
    }
    boxes[6 * node] = x0;
    boxes[6 * node + 1] = y0;
    boxes[6 * node + 2] = z0;
    boxes[6 * node + 3] = x1;
    boxes[6 * node + 4] = y1;
    boxes[6 * node + 5] = z1;
  };

  const build = (from: number, to: number, level: number): number => {
    const node = nodes++;
    depth = Math.max(depth, level);
    boxOf(node, from, to);
    const size = to - from;
    if (size <= LEAF) {
      first[node] = from;
      count[node] = size;
      return node;
    }
    const o = 6 * node;
    const dx = boxes[o + 3]! - boxes[o]!;
    const dy = boxes[o + 4]! - boxes[o + 1]!;
    const dz = boxes[o + 5]! - boxes[o + 2]!;
    const axis = dx >= dy && dx >= dz ? 0 : dy >= dz ? 1 : 2;
    const middle = split(from, to, axis, boxes[o + axis]!, Math.max(dx, dy, dz));
    build(from, middle, level + 1);
    first[node] = build(middle, to, level + 1);
    count[node] = 0;
    return node;
  };

  const sliceOf = new Uint8Array(n);
  const split = (from: number, to: number, axis: number, low: number, spread: number): number => {
    const halfway = (from + to) >> 1;
    if (!(spread > 0)) return halfway;
    sliceCount.fill(0);
    for (let s = 0; s < SLICES; s++) {
      sliceBox.fill(Infinity, 6 * s, 6 * s + 3);
      sliceBox.fill(-Infinity, 6 * s + 3, 6 * s + 6);
    }
    const scale = (SLICES * (1 - 1e-12)) / spread;
    for (let i = from; i < to; i++) {
      const f = facets[i]!;
      const s = Math.min(SLICES - 1, Math.max(0, Math.floor((centre[3 * f + axis]! - low) * scale)));
      sliceOf[f] = s;
      sliceCount[s]!++;
      const o = 6 * f;
      const p = 6 * s;
      if (bounds[o]! < sliceBox[p]!) sliceBox[p] = bounds[o]!;
      if (bounds[o + 1]! < sliceBox[p + 1]!) sliceBox[p + 1] = bounds[o + 1]!;
      if (bounds[o + 2]! < sliceBox[p + 2]!) sliceBox[p + 2] = bounds[o + 2]!;
      if (bounds[o + 3]! > sliceBox[p + 3]!) sliceBox[p + 3] = bounds[o + 3]!;
      if (bounds[o + 4]! > sliceBox[p + 4]!) sliceBox[p + 4] = bounds[o + 4]!;
      if (bounds[o + 5]! > sliceBox[p + 5]!) sliceBox[p + 5] = bounds[o + 5]!;
    }
    box.fill(Infinity, 0, 3);
    box.fill(-Infinity, 3, 6);
    for (let s = 0; s < SLICES; s++) {
      grow(s);
      leftArea[s] = area();
    }
    box.fill(Infinity, 0, 3);
    box.fill(-Infinity, 3, 6);
    let best = -1;
    let bestCost = Infinity;
    let right = 0;
    for (let s = SLICES - 1; s > 0; s--) {
      grow(s);
      right += sliceCount[s]!;
      const left = to - from - right;
      if (right === 0 || left === 0) continue;
      const cost = leftArea[s - 1]! * left + area() * right;
      if (cost < bestCost) {
        bestCost = cost;
        best = s;
      }
    }
    if (best < 0) return halfway;
    let i = from;
    let j = to - 1;
    while (i <= j) {
      const f = facets[i]!;
      if (sliceOf[f]! < best) i++;
      else {
        facets[i] = facets[j]!;
        facets[j] = f;
        j--;
      }
    }
    return i;
  };
  const box = new Float64Array(6);
  /** Takes a slice into the box. */
  const grow = (s: number): void => {
    for (let k = 0; k < 3; k++) {
      if (sliceBox[6 * s + k]! < box[k]!) box[k] = sliceBox[6 * s + k]!;
      if (sliceBox[6 * s + 3 + k]! > box[3 + k]!) box[3 + k] = sliceBox[6 * s + 3 + k]!;
    }
  };
  const area = (): number => {
    const x = box[3]! - box[0]!;
    const y = box[4]! - box[1]!;
    const z = box[5]! - box[2]!;
    return x >= 0 ? x * y + y * z + z * x : 0;
  };

  build(0, n, 0);
  for (let i = 0; i < n; i++) facets[i] = of[facets[i]!]!;
  const corners = new Float64Array(9 * n);
  for (let i = 0; i < n; i++)
    for (let c = 0; c < 3; c++) {
      const corner = 3 * t[3 * facets[i]! + c]!;
      for (let k = 0; k < 3; k++) corners[9 * i + 3 * c + k] = p[corner + k]!;
    }
  return {
    boxes: boxes.slice(0, 6 * nodes),
    first: first.slice(0, nodes),
    count: count.slice(0, nodes),
    facets,
    corners,
    diagonal: Math.hypot(boxes[3]! - boxes[0]!, boxes[4]! - boxes[1]!, boxes[5]! - boxes[2]!),
    depth,
  };
}
