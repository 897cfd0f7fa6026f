import type { OcctReader } from 'occt-import-js';
import { refuse } from '@/core/base/errors';
import { allowedTriangles, fileKind, type RawMesh } from '@/core/part-file/readers';

/** How far facets may stand off a round, as a share of the part, and how far they turn, rad. */
const DEFLECTION = 0.0004;
const TURN = 0.2;

/**
 * Facets of a STEP file by the CAD kernel, in mm whatever its unit. Rounds become facets: their volume is short by
 * about the square of the turn over six, 0.2 %, at most.
 * Refuses E_MESH_EMPTY, E_MESH_TRUNCATED for a text that does not end, E_MESH_FORMAT for what the kernel cannot read.
 */
export function readStep(kernel: OcctReader, name: string, bytes: Uint8Array): RawMesh {
  if (bytes.length === 0) refuse('E_MESH_EMPTY', 'file', '0 bytes', 'a file with bodies');
  if (fileKind(name, bytes) !== 'step') refuse('E_KEY', 'file', name, 'a STEP file');
  const tail = String.fromCharCode(...bytes.subarray(Math.max(0, bytes.length - 400)));
  if (!tail.includes('END-ISO-10303-21'))
    refuse('E_MESH_TRUNCATED', 'file', 'no END-ISO-10303-21', 'a whole STEP file');
  let read: ReturnType<OcctReader['ReadStepFile']>;
  try {
    read = kernel.ReadStepFile(bytes, {
      linearUnit: 'millimeter',
      linearDeflectionType: 'bounding_box_ratio',
      linearDeflection: DEFLECTION,
      angularDeflection: TURN,
    });
  } catch (error) {
    return refuse('E_MESH_FORMAT', 'file', String(error).slice(0, 120), 'a STEP file that the CAD kernel reads');
  }
  if (!read.success) refuse('E_MESH_FORMAT', 'file', 'not read by the CAD kernel', 'a STEP file with solid bodies');
  const corners = read.meshes.reduce((sum, m) => sum + m.attributes.position.array.length, 0);
  const indices = read.meshes.reduce((sum, m) => sum + m.index.array.length, 0);
  allowedTriangles(indices / 3);
  if (indices === 0) refuse('E_MESH_EMPTY', 'file', 'no body', 'a file with bodies');
  const positions = new Float64Array(corners);
  const triangles = new Uint32Array(indices);
  let atCorner = 0;
  let atIndex = 0;
  for (const m of read.meshes) {
    const base = atCorner / 3;
    positions.set(m.attributes.position.array, atCorner);
    atCorner += m.attributes.position.array.length;
    for (const i of m.index.array) triangles[atIndex++] = i + base;
  }
  for (const x of positions) if (!Number.isFinite(x)) refuse('E_MESH_FORMAT', 'file', x, 'finite coordinates');
  return { positions, triangles, unit: 'mm', warnings: [] };
}
