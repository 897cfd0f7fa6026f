/** A surface of flat facets, in millimetres. Corners are shared: facets meet where they name the same corner. */
export interface Mesh {
  /** Corner coordinates, mm, three a corner. */
  readonly positions: Float64Array;
  /** Three corners a facet, counter-clockwise seen from outside. */
  readonly triangles: Uint32Array;
}

/** A direction or a point, x y z; points in mm. */
export type Vec = readonly [number, number, number];

export const facetCount = (mesh: Mesh): number => mesh.triangles.length / 3;

/** Where a corner stands, mm. */
export const cornerAt = ({ positions: p }: Mesh, corner: number): Vec => [
  p[3 * corner]!,
  p[3 * corner + 1]!,
  p[3 * corner + 2]!,
];

/** Middle of a facet, mm. */
export function facetMiddle(mesh: Mesh, f: number): Vec {
  const { positions: p, triangles: t } = mesh;
  const middle = (k: number): number =>
    (p[3 * t[3 * f]! + k]! + p[3 * t[3 * f + 1]! + k]! + p[3 * t[3 * f + 2]! + k]!) / 3;
  return [middle(0), middle(1), middle(2)];
}

/** Outward unit normal of one facet; zeros for one without area. */
export function facetNormal(mesh: Mesh, f: number): Vec {
  const { positions, triangles } = mesh;
  const one = { positions, triangles: triangles.subarray(3 * f, 3 * f + 3) };
  const { normals } = facetNormals(one);
  return [normals[0]!, normals[1]!, normals[2]!];
}

/**
 * Outward unit normals, three a facet, and areas, mm², one a facet. A facet without area has a normal of zeros.
 *
 * @example
 * facetNormals(mesh).areas[0] // 50
 */
export function facetNormals(mesh: Mesh): { readonly normals: Float64Array; readonly areas: Float64Array } {
  const { positions: p, triangles: t } = mesh;
  const count = t.length / 3;
  const normals = new Float64Array(3 * count);
  const areas = new Float64Array(count);
  for (let f = 0; f < count; f++) {
    const a = 3 * t[3 * f]!;
    const b = 3 * t[3 * f + 1]!;
    const c = 3 * t[3 * f + 2]!;
    const ux = p[b]! - p[a]!;
    const uy = p[b + 1]! - p[a + 1]!;
    const uz = p[b + 2]! - p[a + 2]!;
    const vx = p[c]! - p[a]!;
    const vy = p[c + 1]! - p[a + 1]!;
    const vz = p[c + 2]! - p[a + 2]!;
    const nx = uy * vz - uz * vy;
    const ny = uz * vx - ux * vz;
    const nz = ux * vy - uy * vx;
    const l = Math.sqrt(nx * nx + ny * ny + nz * nz);
    areas[f] = l / 2;
    if (l > 0) {
      normals[3 * f] = nx / l;
      normals[3 * f + 1] = ny / l;
      normals[3 * f + 2] = nz / l;
    }
  }
  return { normals, areas };
}
