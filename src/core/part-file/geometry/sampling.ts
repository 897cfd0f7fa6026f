import type { Edges } from './edges';
import { facetNormals, type Mesh } from './mesh';
import { refine, type Refined } from './refine';
import { spatialOrder } from './spatial-order';

/** Facets a mesh is refined to before walls and undercuts are looked for. */
export const DEFAULT_FACETS = 24_000;
/** A body of few facets is refined less: it has no small features. */
const LEAST_FACETS = 1500;
const FACETS_EACH = 40;

/** Facets that a mesh is refined to where nothing else is asked: more for one of more facets, up to the default. */
export const facetsFor = (mesh: Mesh): number =>
  Math.min(DEFAULT_FACETS, LEAST_FACETS + FACETS_EACH * (mesh.triangles.length / 3));

/** Facets up to which each is looked at by itself, in any order. */
const FEW = 10_000;

/** A mesh fine enough for its facets to stand for places on the part. */
export interface FineMesh extends Refined {
  readonly normals: Float64Array;
  readonly areas: Float64Array;
  readonly area_mm2: number;
  /** Longest edge aimed at, mm: the resolution of what is found on it. */
  readonly resolution_mm: number;
  /** How its facets meet, where that is known already. */
  readonly edges?: Edges;
  /** Its facets in an order in which neighbours stand near each other; missing where their own is one. */
  readonly order?: Uint32Array;
}

/**
 * A mesh refined until its facets are small against its surface.
 * @param facets how many are aimed at
 * @param edges how the mesh's facets meet, where that is known: kept if it is fine enough as it is
 * @example
 * fineMesh(mesh).mesh.triangles.length >= mesh.triangles.length // true
 */
export function fineMesh(mesh: Mesh, facets = facetsFor(mesh), edges?: Edges): FineMesh {
  const whole = facetNormals(mesh).areas.reduce((sum, a) => sum + a, 0);
  const resolution_mm = 2 * Math.sqrt(whole / facets);
  const refined =
    mesh.triangles.length / 3 >= facets
      ? { mesh, parent: Uint32Array.from({ length: mesh.triangles.length / 3 }, (_, f) => f) }
      : refine(mesh, resolution_mm, 3 * facets);
  const { normals, areas } = facetNormals(refined.mesh);
  const asItIs = refined.mesh === mesh;
  const known = {
    ...(asItIs && edges !== undefined ? { edges } : {}),
    // Parts of one facet stand side by side; the facets of a file may stand anyhow.
    ...(asItIs && areas.length > FEW ? { order: spatialOrder(mesh) } : {}),
  };
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

/**
 * Facets of a fine mesh that stand for the whole surface: one at least of each facet of the body, and more of the large
 * ones. @param aim how many are spread over the area @returns facets and the area each stands for, mm²
 */
export function spreadOverParents(
  { parent, areas, area_mm2 }: FineMesh,
  aim: number,
): { readonly facets: Uint32Array; readonly weights: Float64Array } {
  const facets: number[] = [];
  const weights: number[] = [];
  const step = area_mm2 / aim;
  // Parts of one facet stand side by side.
  for (let from = 0; from < parent.length;) {
    let to = from;
    let area = 0;
    while (to < parent.length && parent[to] === parent[from]) area += areas[to++]!;
    const many = Math.min(to - from, Math.max(1, Math.ceil(area / step)));
    for (let k = 0; k < many; k++) {
      facets.push(from + Math.floor((k * (to - from)) / many));
      weights.push(area / many);
    }
    from = to;
  }
  return { facets: Uint32Array.from(facets), weights: Float64Array.from(weights) };
}
