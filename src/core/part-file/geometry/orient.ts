import type { Edges } from './edges';
import { facetNormals, type Mesh } from './mesh';

/**
 * The same facets wound alike: from the largest facet of each shell on, a neighbour that runs along the shared edge
 * in the same sense is turned. Null where that contradicts itself: the surface has one side only.
 * @returns the mesh and how many facets were turned
 */
export function orient(mesh: Mesh, edges: Edges): { readonly mesh: Mesh; readonly turned: number } | null {
  const t = mesh.triangles.slice();
  const facets = t.length / 3;
  const { areas } = facetNormals(mesh);
  const order = Uint32Array.from({ length: facets }, (_, f) => f).sort((a, b) => areas[b]! - areas[a]!);
  const state = new Int8Array(facets);
  const stack: number[] = [];
  for (const seed of order) {
    if (state[seed] !== 0) continue;
    state[seed] = 1;
    stack.push(seed);
    for (let f = stack.pop(); f !== undefined; f = stack.pop())
      for (let side = 3 * f; side < 3 * f + 3; side++) {
        const twin = edges.twins[side]!;
        if (twin < 0) continue;
        const g = Math.floor(twin / 3);
        const same = mesh.triangles[side] === mesh.triangles[twin];
        const wanted = same ? -state[f]! : state[f]!;
        if (state[g] === 0) {
          state[g] = wanted;
          stack.push(g);
        } else if (state[g] !== wanted) return null;
      }
  }
  let turned = 0;
  for (let f = 0; f < facets; f++)
    if (state[f] === -1) {
      turnFacet(t, f);
      turned++;
    }
  return { mesh: { positions: mesh.positions, triangles: t }, turned };
}

function turnFacet(triangles: Uint32Array, f: number): void {
  const b = triangles[3 * f + 1]!;
  triangles[3 * f + 1] = triangles[3 * f + 2]!;
  triangles[3 * f + 2] = b;
}

/** The same surface with every facet turned: its inside and outside change places. */
export function turnedInsideOut(mesh: Mesh): Mesh {
  const triangles = mesh.triangles.slice();
  for (let f = 0; f < triangles.length / 3; f++) turnFacet(triangles, f);
  return { positions: mesh.positions, triangles };
}
