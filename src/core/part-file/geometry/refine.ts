import type { Mesh } from './mesh';

/** A mesh with its long facets parted, and the facet of the first mesh each came from. */
export interface Refined {
  readonly mesh: Mesh;
  readonly parent: Uint32Array;
}

/** Rounds of parting at most: each halves the longest edges. */
const ROUNDS = 14;

/**
 * Parts facets until no edge is longer than asked, or so many facets are reached. An edge is parted at its middle for
 * both its facets, so that they still meet corner to corner.
 * @param longest edges longer than this are parted, mm
 * @param most no round is begun that could lead beyond so many facets
 */
export function refine(mesh: Mesh, longest: number, most: number): Refined {
  let positions = mesh.positions;
  let triangles = mesh.triangles;
  let parent = Uint32Array.from({ length: triangles.length / 3 }, (_, f) => f);
  for (let round = 0; round < ROUNDS; round++) {
    const step = refineOnce({ positions, triangles }, parent, longest, most);
    if (step === null) break;
    ({ positions, triangles, parent } = step);
  }
  return { mesh: { positions, triangles }, parent };
}

function refineOnce(
  mesh: Mesh,
  parent: Uint32Array,
  longest: number,
  most: number,
): { positions: Float64Array; triangles: Uint32Array; parent: Uint32Array<ArrayBuffer> } | null {
  const { positions: p, triangles: t } = mesh;
  const limit = longest * longest;
  const isLong = (a: number, b: number): boolean => {
    const dx = p[3 * a]! - p[3 * b]!;
    const dy = p[3 * a + 1]! - p[3 * b + 1]!;
    const dz = p[3 * a + 2]! - p[3 * b + 2]!;
    return dx * dx + dy * dy + dz * dz > limit;
  };
  let added = 0;
  for (let s = 0; s < t.length; s++) if (isLong(t[s]!, t[s % 3 === 2 ? s - 2 : s + 1]!)) added++;
  if (added === 0 || t.length / 3 + added > most) return null;
  const corners = p.length / 3;
  const middles = new Map<number, number>();
  const extra: number[] = [];
  const middle = (a: number, b: number): number => {
    if (!isLong(a, b)) return -1;
    const key = a < b ? a * 4_294_967_296 + b : b * 4_294_967_296 + a;
    const known = middles.get(key);
    if (known !== undefined) return known;
    const at = corners + extra.length / 3;
    for (let k = 0; k < 3; k++) extra.push((p[3 * a + k]! + p[3 * b + k]!) / 2);
    middles.set(key, at);
    return at;
  };
  const out: number[] = [];
  const from: number[] = [];
  const put = (f: number, ...corner: number[]): void => {
    out.push(...corner);
    from.push(parent[f]!);
  };
  for (let f = 0; f < t.length / 3; f++) {
    const [a, b, c] = [t[3 * f]!, t[3 * f + 1]!, t[3 * f + 2]!];
    part(a, b, c, middle(a, b), middle(b, c), middle(c, a), (...corner) => put(f, ...corner));
  }
  const positions = new Float64Array(p.length + extra.length);
  positions.set(p);
  positions.set(extra, p.length);
  return { positions, triangles: Uint32Array.from(out), parent: Uint32Array.from(from) };
}

/** Parts one facet by the middles of its edges, each a corner or -1 where the edge is left whole. */
function part(
  a: number,
  b: number,
  c: number,
  ab: number,
  bc: number,
  ca: number,
  put: (a: number, b: number, c: number) => void,
): void {
  const parted = Number(ab >= 0) + Number(bc >= 0) + Number(ca >= 0);
  if (parted === 0) put(a, b, c);
  else if (parted === 3) {
    put(a, ab, ca);
    put(ab, b, bc);
    put(ca, bc, c);
    put(ab, bc, ca);
  } else if (parted === 1) {
    if (ab >= 0) {
      put(a, ab, c);
      put(ab, b, c);
    } else part(b, c, a, bc, ca, ab, put);
  } else if (ca < 0) {
    put(ab, b, bc);
    put(a, ab, bc);
    put(a, bc, c);
  } else part(b, c, a, bc, ca, ab, put);
}
