import { edgesOf } from './edges';
import type { FineMesh } from './sampling';

/** Facets turned against each other by more than this meet in a line that is drawn: cos 25°. */
const CREASE = Math.cos((25 * Math.PI) / 180);

/**
 * Lines where surfaces meet at an angle or end: ends of the pieces, mm, six figures a piece.
 *
 * @example
 * creaseLines({ ...body.fine, edges: body.seen.edges }).length > 0 // true
 */
export function creaseLines({ mesh, normals, edges }: FineMesh): Float32Array {
  const { twins } = edges ?? edgesOf(mesh);
  const { positions: p, triangles: t } = mesh;
  const out: number[] = [];
  for (let s = 0; s < twins.length; s++) {
    const twin = twins[s]!;
    if (twin >= 0 && twin < s) continue;
    if (twin >= 0) {
      const a = 3 * Math.floor(s / 3);
      const b = 3 * Math.floor(twin / 3);
      const along = normals[a]! * normals[b]! + normals[a + 1]! * normals[b + 1]! + normals[a + 2]! * normals[b + 2]!;
      if (along >= CREASE) continue;
    }
    for (const corner of [t[s]!, t[s % 3 === 2 ? s - 2 : s + 1]!])
      for (let k = 0; k < 3; k++) out.push(p[3 * corner + k]!);
  }
  return Float32Array.from(out);
}
