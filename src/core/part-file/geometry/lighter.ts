import type { Mesh } from './mesh';
import { extent } from './weld';

/** Facets up to which a body is looked at as it is. */
const AS_IT_IS = 12_000;
/** Facets a finer one is brought down to, as far as its surface allows. */
const AIM = 9000;
/** How far the lighter surface may stand off, as a share of the longest side: the next is tried where much is left. */
const OFF = [1e-4, 2e-4] as const;
const MUCH = 14_000;
/** From so many facets on it begins with the last. */
const HUGE = 300_000;

/** Fewer facets that stand nowhere far from those of a body, for asking what stands opposite and what is near. */
export interface Light {
  readonly mesh: Mesh;
  /** How far it may stand off, mm; 0 where it is the body itself. */
  readonly off_mm: number;
}

/** A body as it is. */
export const asItIs = (mesh: Mesh): Light => ({ mesh, off_mm: 0 });

/**
 * Fewer facets for a body of very many. Round walls come as thousands of slivers, each as long as the part and a tenth of
 * a millimetre wide: no tree of boxes parts them, and a ray asks hundreds. A simplifier takes corners away, leaving the
 * others where they are, until the surface would stand off by more than a ten- to five-thousandth of the longest side.
 * What is made may have a flaw here and there and encloses no volume: it only answers rays and nearest points.
 *
 * @example
 * lightOf(mesh) instanceof Promise // true
 */
export async function lightOf(mesh: Mesh): Promise<Light> {
  if (mesh.triangles.length / 3 <= AS_IT_IS) return asItIs(mesh);
  // Fetched and compiled only for a body that wants it.
  const { MeshoptSimplifier } = await import('meshoptimizer/simplifier');
  await MeshoptSimplifier.ready;
  const { min, max } = extent(mesh.positions);
  // Single precision suffices round the middle of the part, wherever the file has it.
  const middle = [0, 1, 2].map((k) => (min[k as 0] + max[k as 0]) / 2);
  const corners = new Float32Array(mesh.positions.length);
  for (let i = 0; i < corners.length; i++) corners[i] = mesh.positions[i]! - middle[i % 3]!;
  const scale = MeshoptSimplifier.getScale(corners, 3);
  let triangles: Uint32Array = mesh.triangles;
  let off_mm = 0;
  for (const off of mesh.triangles.length / 3 > HUGE ? OFF.slice(1) : OFF) {
    if (off_mm > 0 && triangles.length / 3 <= MUCH) break;
    [triangles] = MeshoptSimplifier.simplify(triangles.slice(), corners, 3, 3 * AIM, off);
    off_mm += off * scale;
  }
  return { mesh: compact({ positions: mesh.positions, triangles }), off_mm };
}

/** A mesh with only the corners its facets use. */
function compact({ positions, triangles }: Mesh): Mesh {
  const place = new Int32Array(positions.length / 3).fill(-1);
  const out = new Uint32Array(triangles.length);
  let count = 0;
  for (let i = 0; i < triangles.length; i++) {
    const corner = triangles[i]!;
    if (place[corner]! < 0) place[corner] = count++;
    out[i] = place[corner]!;
  }
  const kept = new Float64Array(3 * count);
  for (let c = 0; c < place.length; c++)
    if (place[c]! >= 0) for (let k = 0; k < 3; k++) kept[3 * place[c]! + k] = positions[3 * c + k]!;
  return { positions: kept, triangles: out };
}
