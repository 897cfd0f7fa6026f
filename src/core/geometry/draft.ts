import { facetNormals, type Mesh, type Vec } from './mesh';

const DEG = 180 / Math.PI;
/** Draft this close under what is wanted passes, degrees. Source: the formula book, geo.draft. */
const GRACE_DEG = 0.01;

/** Draft of each facet against a draw: 0 for a wall along it, 90 for a floor, degrees. @param d unit direction */
export function draftOfFacets(mesh: Mesh, d: Vec): Float64Array {
  const { normals } = facetNormals(mesh);
  const out = new Float64Array(normals.length / 3);
  for (let f = 0; f < out.length; f++) {
    const along = Math.abs(normals[3 * f]! * d[0] + normals[3 * f + 1]! * d[1] + normals[3 * f + 2]! * d[2]);
    out[f] = Math.asin(Math.min(1, along)) * DEG;
  }
  return out;
}

/** Walls that lean less than wanted. */
export interface DraftFound {
  /** Area whose draft is below what is wanted, mm². */
  readonly under_mm2: number;
  /** The same as a share of the whole surface. */
  readonly shareUnder: number;
  readonly least_deg: number;
}

/** Area of a mesh with less draft than wanted. @param d unit direction @param required_deg from 0 to below 90 */
export function draftFound(mesh: Mesh, d: Vec, required_deg: number): DraftFound {
  const { areas } = facetNormals(mesh);
  const draft = draftOfFacets(mesh, d);
  let under = 0;
  let whole = 0;
  let least = 90;
  for (let f = 0; f < areas.length; f++) {
    whole += areas[f]!;
    if (areas[f] === 0) continue;
    if (draft[f]! < required_deg - GRACE_DEG) under += areas[f]!;
    if (draft[f]! < least) least = draft[f]!;
  }
  return { under_mm2: under, shareUnder: whole > 0 ? under / whole : 0, least_deg: least };
}
