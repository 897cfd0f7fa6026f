import { buildBvh, type Bvh } from './bvh';
import { edgesOf, type Edges } from './edges';
import type { Light } from './lighter';
import { facetNormals, type Mesh } from './mesh';
import { smoothOf, type Smooth } from './smooth';

/** What rays and nearest points are asked of: the body itself or fewer facets near it, in a tree. */
export interface Probed {
  readonly mesh: Mesh;
  readonly bvh: Bvh;
  /** Outward unit normals, three a facet. */
  readonly normals: Float64Array;
  /** How far a facet may stand within the round wall it is cut from, mm. */
  readonly sag: Float32Array;
  /** How far it may stand off the body, mm; 0 for the body itself. */
  readonly off_mm: number;
}

/** What walls are measured from: the round walls behind the body's facets, and what stands opposite them. */
export interface Walled {
  readonly mesh: Mesh;
  readonly smooth: Smooth;
  readonly probe: Probed;
}

/**
 * Readies a body for rays and nearest points. @param edges how its facets meet @param light what they are asked of
 *
 * @example
 * walledBy(mesh, checked.edges, { mesh, off_mm: 0 }).probe.off_mm // 0
 */
export function walledBy(mesh: Mesh, edges: Edges, light: Light): Walled {
  const { normals, areas } = facetNormals(mesh);
  const smooth = smoothOf(mesh, edges, normals, areas);
  if (light.mesh === mesh)
    return { mesh, smooth, probe: { mesh, bvh: buildBvh(mesh), normals, sag: smooth.sag, off_mm: 0 } };
  const few = facetNormals(light.mesh);
  const { sag } = smoothOf(light.mesh, edgesOf(light.mesh), few.normals, few.areas);
  return {
    mesh,
    smooth,
    probe: { mesh: light.mesh, bvh: buildBvh(light.mesh), normals: few.normals, sag, off_mm: light.off_mm },
  };
}
