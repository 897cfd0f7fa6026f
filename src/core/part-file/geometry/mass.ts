import type { Mesh, Vec } from './mesh';
import { extent } from './weld';

/** What a closed surface holds. */
export interface MassProperties {
  /** Volume, mm³; below zero where the surface is wound inside out. */
  readonly volume_mm3: number;
  readonly area_mm2: number;
  /** Centre of gravity, mm. */
  readonly centroid_mm: Vec;
}

/**
 * Volume, area and centre of gravity by the divergence theorem, corners taken from the box centre.
 * Means nothing for a surface that is not closed, its area apart. Source: Gauss; Mirtich, polyhedral mass properties.
 * @param only facets to count; all where not given
 * @example
 * Number(massProperties(mesh).volume_mm3.toFixed(6)) // 1000
 */
export function massProperties(mesh: Mesh, only?: (facet: number) => boolean): MassProperties {
  const { positions: p, triangles: t } = mesh;
  const { min, max } = extent(p);
  const ox = (min[0] + max[0]) / 2;
  const oy = (min[1] + max[1]) / 2;
  const oz = (min[2] + max[2]) / 2;
  let volume = 0;
  let area = 0;
  let cx = 0;
  let cy = 0;
  let cz = 0;
  for (let i = 0; i < t.length; i += 3) {
    if (only !== undefined && !only(i / 3)) continue;
    const a = 3 * t[i]!;
    const b = 3 * t[i + 1]!;
    const c = 3 * t[i + 2]!;
    const px = p[a]! - ox;
    const py = p[a + 1]! - oy;
    const pz = p[a + 2]! - oz;
    const qx = p[b]! - ox;
    const qy = p[b + 1]! - oy;
    const qz = p[b + 2]! - oz;
    const rx = p[c]! - ox;
    const ry = p[c + 1]! - oy;
    const rz = p[c + 2]! - oz;
    const v = (px * (qy * rz - qz * ry) + py * (qz * rx - qx * rz) + pz * (qx * ry - qy * rx)) / 6;
    volume += v;
    cx += v * (px + qx + rx);
    cy += v * (py + qy + ry);
    cz += v * (pz + qz + rz);
    const nx = (qy - py) * (rz - pz) - (qz - pz) * (ry - py);
    const ny = (qz - pz) * (rx - px) - (qx - px) * (rz - pz);
    const nz = (qx - px) * (ry - py) - (qy - py) * (rx - px);
    area += Math.sqrt(nx * nx + ny * ny + nz * nz) / 2;
  }
  const per = volume === 0 ? 0 : 1 / (4 * volume);
  return { volume_mm3: volume, area_mm2: area, centroid_mm: [ox + cx * per, oy + cy * per, oz + cz * per] };
}
