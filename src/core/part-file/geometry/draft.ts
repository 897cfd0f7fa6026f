import { facetNormals, type Mesh, type Vec } from './mesh';

const DEG = 180 / Math.PI;
/** Draft this close under what is wanted passes, degrees. Source: the formula book, geo.draft. */
const GRACE_DEG = 0.01;

/** Walls that lean less than wanted. */
export interface DraftFound {
  /** Area whose draft is below what is wanted, mm². */
  readonly under_mm2: number;
  /** The same as a share of the whole surface. */
  readonly shareUnder: number;
  readonly least_deg: number;
}

/**
 * Area of a mesh with less draft than wanted. @param d unit direction @param required_deg from 0 to below 90
 * @example
 * Object.keys(draftFound(mesh, [0, 0, 1], 1)).length > 0 // true
 */
export const draftFound = (mesh: Mesh, d: Vec, required_deg: number): DraftFound =>
  draftsFound(facetNormals(mesh), d, [required_deg])[0]!;

/** The same for several drafts wanted, in one pass over the facets. */
export function draftsFound(
  { normals, areas }: Pick<ReturnType<typeof facetNormals>, 'normals' | 'areas'>,
  d: Vec,
  required_deg: readonly number[],
): DraftFound[] {
  const under = required_deg.map(() => 0);
  const limits = required_deg.map((deg) => deg - GRACE_DEG);
  let whole = 0;
  let least = 90;
  for (let f = 0; f < areas.length; f++) {
    whole += areas[f]!;
    if (areas[f] === 0) continue;
    const along = Math.abs(normals[3 * f]! * d[0] + normals[3 * f + 1]! * d[1] + normals[3 * f + 2]! * d[2]);
    const draft = Math.asin(Math.min(1, along)) * DEG;
    for (let k = 0; k < limits.length; k++) if (draft < limits[k]!) under[k]! += areas[f]!;
    if (draft < least) least = draft;
  }
  return under.map((under_mm2) => ({ under_mm2, shareUnder: whole > 0 ? under_mm2 / whole : 0, least_deg: least }));
}
