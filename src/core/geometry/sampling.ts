import type { Edges } from './edges';
import { facetNormals, type Mesh } from './mesh';
import { refine, type Refined } from './refine';

/** Facets a mesh is refined to before walls and undercuts are looked for. */
export const DEFAULT_FACETS = 40_000;

/** A mesh fine enough for its facets to stand for places on the part. */
export interface FineMesh extends Refined {
  readonly normals: Float64Array;
  readonly areas: Float64Array;
  readonly area_mm2: number;
  /** Longest edge aimed at, mm: the resolution of what is found on it. */
  readonly resolution_mm: number;
  /** How its facets meet, where that is known already. */
  readonly edges?: Edges;
}

/**
 * A mesh refined until its facets are small against its surface.
 * @param facets how many are aimed at
 * @param edges how the mesh's facets meet, where that is known: kept if it is fine enough as it is
 */
export function fineMesh(mesh: Mesh, facets = DEFAULT_FACETS, edges?: Edges): FineMesh {
  const whole = facetNormals(mesh).areas.reduce((sum, a) => sum + a, 0);
  const resolution_mm = 2 * Math.sqrt(whole / facets);
  const refined =
    mesh.triangles.length / 3 >= facets
      ? { mesh, parent: Uint32Array.from({ length: mesh.triangles.length / 3 }, (_, f) => f) }
      : refine(mesh, resolution_mm, 3 * facets);
  const { normals, areas } = facetNormals(refined.mesh);
  const known = refined.mesh === mesh && edges !== undefined ? { edges } : {};
  return { ...refined, normals, areas, area_mm2: whole, resolution_mm, ...known };
}

/** Weights of the corners at the four places looked at on a facet: its middle, and towards each corner. */
export const PLACES: readonly (readonly [number, number, number])[] = [
  [1 / 3, 1 / 3, 1 / 3],
  [2 / 3, 1 / 6, 1 / 6],
  [1 / 6, 2 / 3, 1 / 6],
  [1 / 6, 1 / 6, 2 / 3],
];

/** Writes a place on a facet into `out`. @param weights of the facet's corners */
export function placeOn(
  mesh: Mesh,
  facet: number,
  weights: readonly [number, number, number],
  out: Float64Array,
): void {
  const { positions: p, triangles: t } = mesh;
  const a = 3 * t[3 * facet]!;
  const b = 3 * t[3 * facet + 1]!;
  const c = 3 * t[3 * facet + 2]!;
  for (let k = 0; k < 3; k++) out[k] = weights[0] * p[a + k]! + weights[1] * p[b + k]! + weights[2] * p[c + k]!;
}

/**
 * Facets that stand for the whole surface: every one where they are few, else so many, spread evenly over the area in
 * the order given. @returns facets and the area each stands for, mm²
 */
export function spreadOverArea(
  areas: Float64Array,
  most: number,
  order?: Uint32Array,
): { readonly facets: Uint32Array; readonly weights: Float64Array } {
  const count = areas.length;
  const at = (i: number): number => (order === undefined ? i : order[i]!);
  if (count <= most)
    return {
      facets: Uint32Array.from({ length: count }, (_, i) => at(i)),
      weights: Float64Array.from({ length: count }, (_, i) => areas[at(i)]!),
    };
  const whole = areas.reduce((sum, a) => sum + a, 0);
  const step = whole / most;
  const facets: number[] = [];
  let next = step / 2;
  let sum = 0;
  for (let i = 0; i < count; i++) {
    sum += areas[at(i)]!;
    if (sum < next) continue;
    facets.push(at(i));
    next += step * Math.ceil((sum - next) / step + 1e-12);
  }
  return { facets: Uint32Array.from(facets), weights: new Float64Array(facets.length).fill(whole / facets.length) };
}
