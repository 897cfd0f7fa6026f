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
  /** Facet of the mesh at each place of the tree. */
  readonly facets: Uint32Array;
  /** Corners of the facets in the order of the tree, nine figures each, mm. */
  readonly corners: Float64Array;
  /** Diagonal of the whole box, mm. */
  readonly diagonal: number;
  /** Deepest node. */
  readonly depth: number;
}

/** Builds the tree by the surface area rule over slices of each box's longest side. */
export function buildBvh(mesh: Mesh): Bvh {
  const { positions: p, triangles: t } = mesh;
  const n = t.length / 3;
  const centre = new Float64Array(3 * n);
  const bounds = new Float64Array(6 * n);
  for (let f = 0; f < n; f++)
    for (let k = 0; k < 3; k++) {
      const a = p[3 * t[3 * f]! + k]!;
      const b = p[3 * t[3 * f + 1]! + k]!;
      const c = p[3 * t[3 * f + 2]! + k]!;
      const low = a < b ? (a < c ? a : c) : b < c ? b : c;
      const high = a > b ? (a > c ? a : c) : b > c ? b : c;
      bounds[6 * f + k] = low;
      bounds[6 * f + 3 + k] = high;
      centre[3 * f + k] = (low + high) / 2;
    }
  const facets = Uint32Array.from({ length: n }, (_, f) => f);
  const most = Math.max(1, 2 * n);
  const boxes = new Float64Array(6 * most);
  const first = new Uint32Array(most);
  const count = new Uint16Array(most);
  let nodes = 0;
  let depth = 0;
  const sliceCount = new Uint32Array(SLICES);
  const sliceBox = new Float64Array(6 * SLICES);
  const leftArea = new Float64Array(SLICES);

  const build = (from: number, to: number, level: number): number => {
    const node = nodes++;
    depth = Math.max(depth, level);
    const o = 6 * node;
    for (let k = 0; k < 3; k++) {
      boxes[o + k] = Infinity;
      boxes[o + 3 + k] = -Infinity;
    }
    const low = [Infinity, Infinity, Infinity];
    const high = [-Infinity, -Infinity, -Infinity];
    for (let i = from; i < to; i++) {
      const f = facets[i]!;
      for (let k = 0; k < 3; k++) {
        if (bounds[6 * f + k]! < boxes[o + k]!) boxes[o + k] = bounds[6 * f + k]!;
        if (bounds[6 * f + 3 + k]! > boxes[o + 3 + k]!) boxes[o + 3 + k] = bounds[6 * f + 3 + k]!;
        const c = centre[3 * f + k]!;
        if (c < low[k]!) low[k] = c;
        if (c > high[k]!) high[k] = c;
      }
    }
    const size = to - from;
    const axis = longest(low, high);
    const spread = high[axis]! - low[axis]!;
    if (size <= LEAF || (!(spread > 0) && size < 65_000)) {
      first[node] = from;
      count[node] = size;
      return node;
    }
    const middle = spread > 0 ? split(from, to, axis, low[axis]!, spread) : (from + to) >> 1;
    build(from, middle, level + 1);
    first[node] = build(middle, to, level + 1);
    count[node] = 0;
    return node;
  };

  const split = (from: number, to: number, axis: number, low: number, spread: number): number => {
    sliceCount.fill(0);
    for (let s = 0; s < SLICES; s++)
      for (let k = 0; k < 3; k++) {
        sliceBox[6 * s + k] = Infinity;
        sliceBox[6 * s + 3 + k] = -Infinity;
      }
    const scale = (SLICES * (1 - 1e-12)) / spread;
    for (let i = from; i < to; i++) {
      const f = facets[i]!;
      const s = Math.min(SLICES - 1, Math.floor((centre[3 * f + axis]! - low) * scale));
      sliceCount[s]!++;
      for (let k = 0; k < 3; k++) {
        if (bounds[6 * f + k]! < sliceBox[6 * s + k]!) sliceBox[6 * s + k] = bounds[6 * f + k]!;
        if (bounds[6 * f + 3 + k]! > sliceBox[6 * s + 3 + k]!) sliceBox[6 * s + 3 + k] = bounds[6 * f + 3 + k]!;
      }
    }
    const box = [Infinity, Infinity, Infinity, -Infinity, -Infinity, -Infinity];
    const grow = (s: number): void => {
      for (let k = 0; k < 3; k++) {
        if (sliceBox[6 * s + k]! < box[k]!) box[k] = sliceBox[6 * s + k]!;
        if (sliceBox[6 * s + 3 + k]! > box[3 + k]!) box[3 + k] = sliceBox[6 * s + 3 + k]!;
      }
    };
    const area = (): number => {
      const [x, y, z] = [box[3]! - box[0]!, box[4]! - box[1]!, box[5]! - box[2]!];
      return x > -1 ? x * y + y * z + z * x : 0;
    };
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
    if (best < 0) return (from + to) >> 1;
    let i = from;
    let j = to - 1;
    while (i <= j) {
      const f = facets[i]!;
      if (Math.min(SLICES - 1, Math.floor((centre[3 * f + axis]! - low) * scale)) < best) i++;
      else {
        facets[i] = facets[j]!;
        facets[j] = f;
        j--;
      }
    }
    return i;
  };

  build(0, n, 0);
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

function longest(low: readonly number[], high: readonly number[]): number {
  const size = [0, 1, 2].map((k) => high[k]! - low[k]!);
  return size[0]! >= size[1]! && size[0]! >= size[2]! ? 0 : size[1]! >= size[2]! ? 1 : 2;
}
