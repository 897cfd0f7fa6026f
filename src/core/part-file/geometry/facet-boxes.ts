import { facetNormals, type Mesh } from './mesh';

/** Boxes of all facets are parted where together they are larger than so many times the facets. */
const WASTEFUL = 3;
/** Pieces in all, of the number of facets at most, and of one facet. */
const PIECES = 2.5;
const MOST_OF_ONE = 48;
/** Room round a piece for rounding, as a share of the longest side of all. */
const ROOM = 1e-10;

/** Boxes that hold the facets of a mesh, a facet in one or in several pieces. */
export interface FacetBoxes {
  /** Facet of each piece. */
  readonly of: Uint32Array;
  /** Low and high of each piece, six figures, mm. */
  readonly bounds: Float64Array;
}

/**
 * Boxes round facets. A round wall of a part that lies askew comes as slivers whose boxes are hundreds of times larger
 * than they are: those are cut across into pieces, more the more a cut saves. Source: Ernst and Greiner, early split
 * clipping; the pieces are shared out so that the sum of the boxes is least.
 */
export function facetBoxes(mesh: Mesh): FacetBoxes {
  const { positions: p, triangles: t } = mesh;
  const n = t.length / 3;
  const bounds = new Float64Array(6 * n);
  const waste = new Float64Array(n);
  const { areas } = facetNormals(mesh);
  let boxes = 0;
  let whole = 0;
  for (let f = 0; f < n; f++) {
    for (let k = 0; k < 3; k++) {
      const a = p[3 * t[3 * f]! + k]!;
      const b = p[3 * t[3 * f + 1]! + k]!;
      const c = p[3 * t[3 * f + 2]! + k]!;
      bounds[6 * f + k] = a < b ? (a < c ? a : c) : b < c ? b : c;
      bounds[6 * f + 3 + k] = a > b ? (a > c ? a : c) : b > c ? b : c;
    }
    const x = bounds[6 * f + 3]! - bounds[6 * f]!;
    const y = bounds[6 * f + 4]! - bounds[6 * f + 1]!;
    const z = bounds[6 * f + 5]! - bounds[6 * f + 2]!;
    const half = x * y + y * z + z * x;
    // A facet square to an axis fills its box as far as half; no cut makes one smaller than twice its own surface.
    waste[f] = Math.sqrt(Math.max(0, half - 2 * areas[f]!));
    boxes += half;
    whole += areas[f]!;
  }
  if (!(boxes > WASTEFUL * whole)) return { of: Uint32Array.from({ length: n }, (_, f) => f), bounds };
  const all = waste.reduce((sum, w) => sum + w, 0);
  const pieces = (f: number): number => Math.min(MOST_OF_ONE, 1 + Math.floor(((PIECES - 1) * n * waste[f]!) / all));
  let count = 0;
  for (let f = 0; f < n; f++) count += pieces(f);
  const of = new Uint32Array(count);
  const out = new Float64Array(6 * count);
  const room = ROOM * Math.max(...[0, 1, 2].map((k) => spread(p, k)));
  let at = 0;
  for (let f = 0; f < n; f++) {
    const many = pieces(f);
    of.fill(f, at, at + many);
    if (many === 1) out.set(bounds.subarray(6 * f, 6 * f + 6), 6 * at);
    else cutAcross(mesh, f, many, room, out, 6 * at);
    at += many;
  }
  return { of, bounds: out };
}

function spread(p: Float64Array, k: number): number {
  let low = Infinity;
  let high = -Infinity;
  for (let i = k; i < p.length; i += 3) {
    if (p[i]! < low) low = p[i]!;
    if (p[i]! > high) high = p[i]!;
  }
  return high - low;
}

const sides = new Float64Array(9);

/** Writes the boxes of the pieces that a facet is cut into across its longest edge. */
function cutAcross(
  { positions: p, triangles: t }: Mesh,
  f: number,
  many: number,
  room: number,
  out: Float64Array,
  at: number,
): void {
  let longest = -1;
  let from = 0;
  for (let c = 0; c < 3; c++) {
    let square = 0;
    for (let k = 0; k < 3; k++) square += (p[3 * t[3 * f + ((c + 1) % 3)]! + k]! - p[3 * t[3 * f + c]! + k]!) ** 2;
    if (square > longest) {
      longest = square;
      from = c;
    }
  }
  // The longest edge runs from a to b; c stands beside it, its foot at a share of the way.
  const corner = (c: number): number => 3 * t[3 * f + ((from + c) % 3)]!;
  const [a, b, c] = [corner(0), corner(1), corner(2)];
  let foot = 0;
  for (let k = 0; k < 3; k++) {
    sides[k] = p[b + k]! - p[a + k]!;
    sides[3 + k] = p[c + k]! - p[a + k]!;
    foot += sides[k]! * sides[3 + k]!;
  }
  foot = Math.min(1, Math.max(0, foot / longest));
  /** Where the other side stands at a share of the way along the longest edge. */
  const beside = (share: number, k: number): number =>
    share <= foot
      ? p[a + k]! + (foot > 0 ? (share / foot) * sides[3 + k]! : sides[3 + k]!)
      : p[b + k]! + ((1 - share) / (1 - foot)) * (p[c + k]! - p[b + k]!);
  for (let i = 0; i < many; i++) {
    const [low, high] = [i / many, (i + 1) / many];
    for (let k = 0; k < 3; k++) {
      const ends = [p[a + k]! + low * sides[k]!, p[a + k]! + high * sides[k]!, beside(low, k), beside(high, k)];
      if (low <= foot && foot <= high) ends.push(p[c + k]!);
      out[at + 6 * i + k] = Math.min(...ends) - room;
      out[at + 6 * i + 3 + k] = Math.max(...ends) + room;
    }
  }
}
