import { refuse } from '../../base/errors';
import { MM_PER_UNIT, type LengthUnit, type RawMesh } from '../readers';
import { clean } from './clean';
import { edgesOf, type Edges } from './edges';
import { massProperties } from './mass';
import type { Mesh } from './mesh';
import { orient, turnedInsideOut } from './orient';
import { shellsOf, type Shells } from './shells';
import { weld } from './weld';

export type MeshVerdict = 'solid' | 'inside-out' | 'mis-oriented' | 'open' | 'non-manifold';

/** Counts of a mesh after cleaning. */
export interface MeshCounts {
  readonly triangles: number;
  readonly vertices: number;
  /** Facets dropped for a repeated corner. */
  readonly degenerate: number;
  readonly duplicateFaces: number;
  readonly boundaryEdges: number;
  readonly nonManifoldEdges: number;
  readonly inconsistentEdges: number;
  /** Shells: facets joined over shared edges. */
  readonly components: number;
  /** Vertices - edges + facets: 2 for each shell like a sphere, 0 for one with a hole through it. */
  readonly euler: number;
}

/** A mesh that was welded, cleaned, judged, and repaired where that is safe. */
export interface CheckedMesh {
  /** In mm, wound outward where the verdict is solid, inside-out or mis-oriented. */
  readonly mesh: Mesh;
  readonly edges: Edges;
  readonly shells: Shells;
  readonly counts: MeshCounts;
  /** What was found, before anything was repaired. */
  readonly verdict: MeshVerdict;
  /** Facets turned to make the surface whole. */
  readonly turned: number;
}

/**
 * Whether a volume, a wall and an undercut of a mesh mean anything.
 *
 * @example
 * isClosed(checked) // true
 */
export const isClosed = (checked: CheckedMesh): boolean =>
  checked.verdict === 'solid' || checked.verdict === 'inside-out' || checked.verdict === 'mis-oriented';

/**
 * Welds, cleans and judges the facets of a file, and turns those wound the wrong way where all edges have two facets.
 * Refuses E_MESH_EMPTY where nothing is left, E_MESH_NONMANIFOLD for a surface with one side.
 * Source: the formula book, part 1, cleaning and verdicts.
 *
 * @example
 * checkMesh({ positions: mesh.positions, triangles: mesh.triangles, groups: [] }, 'cm').mesh.triangles.length / 3 // 12
 */
export function checkMesh(raw: RawMesh, unit: LengthUnit): CheckedMesh {
  const factor = MM_PER_UNIT[unit];
  const inMm = factor === 1 ? raw.positions : raw.positions.map((x) => x * factor);
  const { mesh, degenerate, duplicateFaces } = clean(weld({ positions: inMm, triangles: raw.triangles }));
  if (mesh.triangles.length === 0) refuse('E_MESH_EMPTY', 'file', '0 facets after cleaning', 'a file with facets');
  return judged(mesh, degenerate, duplicateFaces);
}

/**
 * Judges facets that share corners already, and turns those wound the wrong way.
 * @param mesh in mm, neither welded nor cleaned here
 */
export function judged(mesh: Mesh, degenerate = 0, duplicateFaces = 0): CheckedMesh {
  const edges = edgesOf(mesh);
  const shells = shellsOf(edges);
  const counts: MeshCounts = {
    triangles: mesh.triangles.length / 3,
    vertices: mesh.positions.length / 3,
    degenerate,
    duplicateFaces,
    boundaryEdges: edges.boundaryEdges,
    nonManifoldEdges: edges.nonManifoldEdges,
    inconsistentEdges: edges.inconsistentEdges,
    components: shells.count,
    euler: mesh.positions.length / 3 - edges.edges + mesh.triangles.length / 3,
  };
  const found = (verdict: MeshVerdict, repaired: Mesh, turned: number): CheckedMesh => ({
    mesh: repaired,
    edges: repaired === mesh ? edges : edgesOf(repaired),
    shells,
    counts,
    verdict,
    turned,
  });
  if (edges.boundaryEdges > 0) return found('open', mesh, 0);
  if (edges.nonManifoldEdges > 0) return found('non-manifold', mesh, 0);
  const wound = edges.inconsistentEdges > 0 ? orient(mesh, edges) : { mesh, turned: 0 };
  if (wound === null)
    return refuse('E_MESH_NONMANIFOLD', 'file', 'a surface with one side', 'a surface with an inside and an outside');
  const outward = massProperties(wound.mesh).volume_mm3 >= 0;
  const repaired = outward ? wound.mesh : turnedInsideOut(wound.mesh);
  const turned = outward ? wound.turned : counts.triangles - wound.turned;
  return found(edges.inconsistentEdges > 0 ? 'mis-oriented' : outward ? 'solid' : 'inside-out', repaired, turned);
}

/**
 * A checked mesh that a volume may be taken of; else refused as E_MESH_OPEN or E_MESH_NONMANIFOLD.
 *
 * @example
 * closedMesh(checked) === checked // true
 */
export function closedMesh(checked: CheckedMesh): CheckedMesh {
  if (checked.verdict === 'open')
    return refuse('E_MESH_OPEN', 'mesh', `${checked.counts.boundaryEdges} open edges`, 'a closed surface');
  if (checked.verdict === 'non-manifold')
    return refuse(
      'E_MESH_NONMANIFOLD',
      'mesh',
      `${checked.counts.nonManifoldEdges} edges of many facets`,
      'edges of two facets',
    );
  return checked;
}
