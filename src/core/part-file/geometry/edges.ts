import { groupByKey } from './group';
import type { Mesh } from './mesh';

/** No facet on the other side of an edge. */
export const NO_TWIN = -1;
/** More than one facet on the other side. */
export const MANY_TWINS = -2;

/** How facets meet along their edges. Side 3f + k of facet f runs from its corner k to the next. */
export interface Edges {
  /** Side on the other facet of the same edge, NO_TWIN or MANY_TWINS. */
  readonly twins: Int32Array;
  readonly edges: number;
  readonly boundaryEdges: number;
  readonly nonManifoldEdges: number;
  /** Edges of two facets that run along it in the same sense: one of the two is wound the wrong way. */
  readonly inconsistentEdges: number;
}

/** Few enough members to sort by insertion. */
const FEW = 24;

/** The facets on each edge of a welded mesh. */
export function edgesOf(mesh: Mesh): Edges {
  const { triangles: t, positions } = mesh;
  const sides = t.length;
  const low = new Uint32Array(sides);
  const high = new Uint32Array(sides);
  for (let s = 0; s < sides; s++) {
    const a = t[s]!;
    const b = t[s % 3 === 2 ? s - 2 : s + 1]!;
    low[s] = a < b ? a : b;
    high[s] = a < b ? b : a;
  }
  const twins = new Int32Array(sides).fill(NO_TWIN);
  const tally = { edges: 0, boundaryEdges: 0, nonManifoldEdges: 0, inconsistentEdges: 0 };
  groupByKey(low, positions.length / 3, (members, from, to) => {
    if (to - from <= FEW) insertionSort(members, from, to, high);
    else members.subarray(from, to).sort((a, b) => high[a]! - high[b]! || a - b);
    for (let i = from; i < to;) {
      let j = i + 1;
      while (j < to && high[members[j]!] === high[members[i]!]) j++;
      tally.edges++;
      const a = members[i]!;
      if (j - i === 1) tally.boundaryEdges++;
      else if (j - i === 2) {
        const b = members[i + 1]!;
        twins[a] = b;
        twins[b] = a;
        if (t[a] === t[b]) tally.inconsistentEdges++;
      } else {
        tally.nonManifoldEdges++;
        for (let k = i; k < j; k++) twins[members[k]!] = MANY_TWINS;
      }
      i = j;
    }
  });
  return { twins, ...tally };
}

function insertionSort(members: Uint32Array, from: number, to: number, key: Uint32Array): void {
  for (let i = from + 1; i < to; i++) {
    const x = members[i]!;
    let j = i - 1;
    for (; j >= from && key[members[j]!]! > key[x]!; j--) members[j + 1] = members[j]!;
    members[j + 1] = x;
  }
}
