import { finite } from '../../base/checks';
import { refuse } from '../../base/errors';
import { lengthUnit, readMeshFile } from '../readers';
import { bestDraws } from './best-draw';
import { axisBox, smallestBox } from './box';
import { checkMesh, closedMesh, type CheckedMesh, type MeshCounts, type MeshVerdict } from './check';
import { draftFound } from './draft';
import { heavyPlaces } from './heavy-places';
import { massProperties } from './mass';
import { readyBody } from './measure';
import type { Vec } from './mesh';
import { shadow } from './silhouette';
import { slidesByRegion, undercuts } from './undercut';
import { direction } from './vector';
import { rayExtremes, walls } from './walls';

/** A part file and the unit it is drawn in: um, mm, cm, m, in or ft. */
export interface MeshInputs {
  readonly mesh: { readonly name: string; readonly bytes: Uint8Array };
  readonly unit: string;
}
type Directed = MeshInputs & { readonly direction: Vec };

/** Facets a mesh is refined to for the formulas: coarser than on the screen, fine enough for their tolerance. */
const FACETS = 20_000;

/** A file given to a formula, read and judged. Refuses as the readers and `checkMesh` do, E_KEY for the unit. */
function checked({ mesh, unit }: MeshInputs): CheckedMesh {
  const known = lengthUnit(unit);
  const file = mesh as Partial<MeshInputs['mesh']> | undefined;
  if (!(file?.bytes instanceof Uint8Array)) return refuse('E_NOT_A_NUMBER', 'mesh', mesh, 'a part file');
  return checkMesh(readMeshFile(mesh.name, mesh.bytes), known);
}

/**
 * geo.mesh: volume cm³, area cm², centre of gravity mm and verdict of a closed mesh.
 *
 * @example
 * meshMass({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm' }).volume_cm3 // 1
 */
export function meshMass(inputs: MeshInputs): {
  readonly volume_cm3: number;
  readonly area_cm2: number;
  readonly centroid_mm: Vec;
  readonly verdict: MeshVerdict;
} {
  const { mesh, verdict } = closedMesh(checked(inputs));
  const { volume_mm3, area_mm2, centroid_mm } = massProperties(mesh);
  return { volume_cm3: volume_mm3 / 1000, area_cm2: area_mm2 / 100, centroid_mm, verdict };
}

/**
 * geo.mesh-check: counts after cleaning, and the verdict.
 *
 * @example
 * meshCheck({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm' }).verdict // 'solid'
 */
export function meshCheck(inputs: MeshInputs): MeshCounts & { readonly verdict: MeshVerdict } {
  const { counts, verdict } = checked(inputs);
  return { ...counts, verdict };
}

/**
 * geo.bbox: sides along the axes of the file, mm.
 *
 * @example
 * meshBox({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'in' }).size_mm // [254, 254, 254]
 */
export const meshBox = (inputs: MeshInputs): { readonly size_mm: Vec } => ({ size_mm: axisBox(checked(inputs).mesh) });

/**
 * geo.obb: sides of the smallest box in any position, longest first, mm, and its volume, cm³.
 *
 * @example
 * Number(meshSmallestBox({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm' }).volume_cm3.toFixed(6)) // 1
 */
export function meshSmallestBox(inputs: MeshInputs): { readonly sides_mm: Vec; readonly volume_cm3: number } {
  const { sides_mm, volume_mm3 } = smallestBox(checked(inputs).mesh);
  return { sides_mm, volume_cm3: volume_mm3 / 1000 };
}

/**
 * geo.projected-area: shadow along a direction and half the sum of the facets seen, cm².
 *
 * @example
 * projectedArea({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm', direction: [0, 0, 1] }).halfSum_cm2 // 1
 */
export function projectedArea(inputs: Directed): { readonly silhouette_cm2: number; readonly halfSum_cm2: number } {
  const d = direction('direction', inputs.direction);
  const { silhouette_mm2, halfSum_mm2 } = shadow(checked(inputs).mesh, d);
  return { silhouette_cm2: silhouette_mm2 / 100, halfSum_cm2: halfSum_mm2 / 100 };
}

/**
 * geo.undercut: what a mould of two halves cannot release, cm² and counts. Refuses open meshes.
 *
 * @example
 * meshUndercut({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm', direction: [0, 0, 1] }).regions // 0
 */
export function meshUndercut(inputs: Directed): {
  readonly area_cm2: number;
  readonly share: number;
  readonly regions: number;
  readonly slides: number;
  readonly cores: number;
  readonly closedVoids: number;
} {
  const d = direction('direction', inputs.direction);
  const found = undercuts(readyBody(closedMesh(checked(inputs)), FACETS).seen, d);
  const { area_mm2, share, regions, cores, closedVoids } = found;
  return {
    area_cm2: area_mm2 / 100,
    share,
    regions: regions.length,
    slides: slidesByRegion(found),
    cores,
    closedVoids,
  };
}

/**
 * geo.draft: surface with less draft than wanted, cm², its share, and the least draft, degrees.
 *
 * @example
 * meshDraft({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm', direction: [0, 0, 1], required_deg: 1 }).areaUnder_cm2
 * // 4
 */
export function meshDraft(inputs: Directed & { readonly required_deg: number }): {
  readonly areaUnder_cm2: number;
  readonly shareUnder: number;
  readonly least_deg: number;
} {
  const required = finite('required_deg', inputs.required_deg);
  if (!(required >= 0 && required < 90)) refuse('E_RANGE', 'required_deg', required, '0 to below 90');
  const d = direction('direction', inputs.direction);
  const { under_mm2, shareUnder, least_deg } = draftFound(checked(inputs).mesh, d, required);
  return { areaUnder_cm2: under_mm2 / 100, shareUnder, least_deg };
}

/**
 * geo.best-draw: the best of the draws tried and its undercut, cm². Refuses open meshes.
 *
 * @example
 * meshBestDraw({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm' }).undercut_cm2 // 0
 */
export function meshBestDraw(inputs: MeshInputs): { readonly direction: Vec; readonly undercut_cm2: number } {
  const whole = closedMesh(checked(inputs));
  const { mesh, edges } = whole;
  const best = bestDraws(mesh, edges, smallestBox(mesh), readyBody(whole, FACETS).seen).draws[0];
  if (best === undefined) return refuse('E_NO_SOLUTION', 'mesh', 'no draw', 'a closed body');
  return { direction: best.direction, undercut_cm2: best.undercut_mm2 / 100 };
}

/**
 * geo.wall-ray: least and greatest wall by inward rays, mm; trust the least. Refuses open meshes.
 *
 * @example
 * wallByRay({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm' }).thinnest_mm // 10
 */
export function wallByRay(inputs: MeshInputs): { readonly thinnest_mm: number; readonly thickest_mm: number } {
  const body = readyBody(closedMesh(checked(inputs)), FACETS / 4);
  const { thinnest, thickest } = rayExtremes(body.fine, body);
  return { thinnest_mm: thinnest, thickest_mm: thickest };
}

/**
 * geo.wall-sphere: greatest section by the largest inner sphere, mm. Refuses open meshes.
 *
 * @example
 * wallBySphere({ mesh: { name: 'cube.obj', bytes: obj }, unit: 'mm' }).thickest_mm // 9.998568124
 */
export function wallBySphere(inputs: MeshInputs): { readonly thickest_mm: number } {
  const body = readyBody(closedMesh(checked(inputs)), FACETS);
  return { thickest_mm: heavyPlaces(body.fine, body, walls(body.fine, body))[0]?.diameter_mm ?? NaN };
}
