import type { CheckedMesh } from './check';
import { massProperties } from './mass';

/** A closed shell: a body where its volume is above zero, a void where it is below. */
export interface Shell {
  readonly volume_mm3: number;
  readonly facets: number;
}

/** The shells of a mesh, largest first. Means something for closed meshes only. */
export function shellVolumes({ mesh, shells }: CheckedMesh): Shell[] {
  if (shells.count === 1) return [{ volume_mm3: massProperties(mesh).volume_mm3, facets: mesh.triangles.length / 3 }];
  const volume = new Float64Array(shells.count);
  const facets = new Uint32Array(shells.count);
  const { positions: p, triangles: t } = mesh;
  const at = (corner: number, k: number): number => p[3 * corner + k]! - p[k]!;
  for (let f = 0; f < t.length / 3; f++) {
    const [a, b, c] = [t[3 * f]!, t[3 * f + 1]!, t[3 * f + 2]!];
    const shell = shells.of[f]!;
    facets[shell]!++;
    volume[shell]! +=
      (at(a, 0) * (at(b, 1) * at(c, 2) - at(b, 2) * at(c, 1)) +
        at(a, 1) * (at(b, 2) * at(c, 0) - at(b, 0) * at(c, 2)) +
        at(a, 2) * (at(b, 0) * at(c, 1) - at(b, 1) * at(c, 0))) /
      6;
  }
  return Array.from(volume, (v, i) => ({ volume_mm3: v, facets: facets[i]! })).sort(
    (a, b) => Math.abs(b.volume_mm3) - Math.abs(a.volume_mm3),
  );
}
