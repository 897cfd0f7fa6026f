import type { Edges } from './edges';

/** Facets joined over shared edges: the shell of each facet, numbered from 0 in the order met. */
export interface Shells {
  readonly of: Int32Array;
  readonly count: number;
}

/** Shells of a mesh. An edge of many facets joins none of them here: it is no sign of one surface. */
export function shellsOf(edges: Edges): Shells {
  return connected(edges.twins, () => true);
}

/**
 * Facets joined over shared edges, among those let in; -1 for the others.
 * @param twins side on the other facet of each side
 * @param letIn whether a facet takes part
 * @param join whether two facets that share a side are joined over it (the side is given)
 */
export function connected(
  twins: Int32Array,
  letIn: (facet: number) => boolean,
  join: (side: number) => boolean = () => true,
): Shells {
  const facets = twins.length / 3;
  const of = new Int32Array(facets).fill(-1);
  const stack: number[] = [];
  let count = 0;
  for (let seed = 0; seed < facets; seed++) {
    if (of[seed]! >= 0 || !letIn(seed)) continue;
    of[seed] = count;
    stack.push(seed);
    for (let f = stack.pop(); f !== undefined; f = stack.pop())
      for (let side = 3 * f; side < 3 * f + 3; side++) {
        const twin = twins[side]!;
        if (twin < 0) continue;
        const g = Math.floor(twin / 3);
        if (of[g]! >= 0 || !letIn(g) || !join(side)) continue;
        of[g] = count;
        stack.push(g);
      }
    count++;
  }
  return { of, count };
}
