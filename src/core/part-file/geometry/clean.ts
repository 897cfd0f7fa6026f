import { groupByKey } from './group';
import type { Mesh } from './mesh';

export interface Cleaned {
  readonly mesh: Mesh;
  /** Facets dropped for a repeated corner. */
  readonly degenerate: number;
  /** Facets dropped because another has the same corners in the same winding. */
  readonly duplicateFaces: number;
}

/** Drops facets with a repeated corner and facets that repeat another, and corners that no facet is left to use. */
export function clean(mesh: Mesh): Cleaned {
  const { triangles: t, positions } = mesh;
  const facets = t.length / 3;
  const first = new Uint32Array(facets);
  const good = new Uint8Array(facets);
  let degenerate = 0;
  for (let f = 0; f < facets; f++) {
    const a = t[3 * f]!;
    const b = t[3 * f + 1]!;
    const c = t[3 * f + 2]!;
    if (a === b || b === c || c === a) degenerate++;
    else good[f] = 1;
    first[f] = Math.min(a, b, c);
  }
  let duplicateFaces = 0;
  const corner = (f: number, turn: number): number => {
    const k = t[3 * f] === first[f] ? 0 : t[3 * f + 1] === first[f] ? 1 : 2;
    return t[3 * f + ((k + turn) % 3)]!;
  };
  groupByKey(first, positions.length / 3, (members, from, to) => {
    if (to - from < 2) return;
    const list = members.subarray(from, to);
    list.sort((f, g) => corner(f, 1) - corner(g, 1) || corner(f, 2) - corner(g, 2) || f - g);
    let before = -1;
    for (const f of list) {
      if (good[f] === 0) continue;
      if (before >= 0 && corner(f, 1) === corner(before, 1) && corner(f, 2) === corner(before, 2)) {
        good[f] = 0;
        duplicateFaces++;
      } else before = f;
    }
  });
  const newOf = new Int32Array(positions.length / 3).fill(-1);
  const kept = new Float64Array(positions.length);
  const triangles = new Uint32Array(t.length);
  let corners = 0;
  let out = 0;
  for (let f = 0; f < facets; f++) {
    if (good[f] === 0) continue;
    for (let k = 0; k < 3; k++) {
      const old = t[3 * f + k]!;
      if (newOf[old]! < 0) {
        newOf[old] = corners;
        kept.set(positions.subarray(3 * old, 3 * old + 3), 3 * corners++);
      }
      triangles[out++] = newOf[old]!;
    }
  }
  return {
    mesh: { positions: kept.slice(0, 3 * corners), triangles: triangles.slice(0, out) },
    degenerate,
    duplicateFaces,
  };
}
