import { refuse } from '../../base/errors';
import { GrowingDoubles } from './growing';
import { allowedTriangles } from './limits';
import { NO_PROGRESS, type Progress, type RawMesh } from './raw-mesh';
import { isPlainText, TextScan } from './text';

const HEAD = 84;
const FACET = 50;
/** Facets between two words of progress. */
const STEP = 1 << 16;

/**
 * Facets of an STL file, text or binary. It has no unit. Binary is recognised by its length, whatever its header says.
 * Refuses E_MESH_EMPTY, E_MESH_TRUNCATED, E_MESH_FORMAT (also for a coordinate that is no finite number), E_TOO_LARGE.
 * Source: the formula book, part 1, reading a file.
 *
 * @example
 * readStl(new TextEncoder().encode('solid a\nfacet normal 0 0 1\nouter loop\nvertex 0 0 0\nvertex 1 0 0\nvertex 0 1 0\nendloop\nendfacet\nendsolid a')).triangles.length // 3
 */
export function readStl(bytes: Uint8Array, progress: Progress = NO_PROGRESS): RawMesh {
  if (bytes.length === 0) refuse('E_MESH_EMPTY', 'file', '0 bytes', 'a file with facets');
  const count = bytes.length >= HEAD ? new DataView(bytes.buffer, bytes.byteOffset).getUint32(80, true) : 0;
  const exact = bytes.length >= HEAD && bytes.length === HEAD + FACET * count;
  if (!exact && startsSolid(bytes) && holdsFacet(bytes)) return readText(bytes, progress);
  if (exact || (bytes.length > HEAD + FACET * count && bytes.length >= HEAD && !isPlainText(bytes)))
    return readBinary(bytes, count, progress);
  if (!isPlainText(bytes))
    return refuse(
      'E_MESH_TRUNCATED',
      'file',
      `${bytes.length} bytes`,
      `${HEAD + FACET * count} bytes for ${count} facets`,
    );
  if (startsSolid(bytes) && !/endsolid/i.test(tail(bytes)))
    return refuse('E_MESH_TRUNCATED', 'file', 'no endsolid', 'a text that ends with endsolid');
  if (startsSolid(bytes)) return refuse('E_MESH_EMPTY', 'file', 'no facet', 'a file with facets');
  return refuse('E_MESH_FORMAT', 'file', 'neither binary nor text STL', 'an STL file');
}

const tail = (bytes: Uint8Array): string => String.fromCharCode(...bytes.subarray(Math.max(0, bytes.length - 256)));

function startsSolid(bytes: Uint8Array): boolean {
  const scan = new TextScan(bytes.subarray(0, 512));
  return scan.skipBlanks() && scan.word() === 'solid';
}

/** Whether a facet begins in the first thousand bytes, as in any text STL. */
const holdsFacet = (bytes: Uint8Array): boolean =>
  /facet/i.test(String.fromCharCode(...bytes.subarray(0, Math.min(bytes.length, 2048))));

function readBinary(bytes: Uint8Array, count: number, progress: Progress): RawMesh {
  if (count === 0) refuse('E_MESH_EMPTY', 'file', '0 facets', 'a file with facets');
  allowedTriangles(count);
  const view = new DataView(bytes.buffer, bytes.byteOffset);
  const positions = new Float64Array(9 * count);
  let out = 0;
  for (let f = 0, at = HEAD; f < count; f++, at += FACET) {
    if (f % STEP === 0) progress(f / count);
    for (let k = 12; k < 48; k += 4) {
      const x = view.getFloat32(at + k, true);
      if (!Number.isFinite(x)) refuse('E_MESH_FORMAT', `facet ${f + 1}`, x, 'finite coordinates');
      positions[out++] = x;
    }
  }
  const rest = bytes.length - HEAD - FACET * count;
  return {
    positions,
    triangles: Uint32Array.from({ length: 3 * count }, (_, i) => i),
    unit: null,
    warnings: rest > 0 ? [`${rest} bytes after the last facet were left unread`] : [],
  };
}

function readText(bytes: Uint8Array, progress: Progress): RawMesh {
  const scan = new TextScan(bytes);
  const positions = new GrowingDoubles();
  let inFacet = 0;
  let open = false;
  let ended = false;
  while (scan.skipBlanks()) {
    const word = scan.word();
    if (word === 'vertex') {
      const xyz = [0, 0, 0].map(() => (scan.skipBlanks() ? scan.number() : NaN)) as [number, number, number];
      if (!xyz.every(Number.isFinite) && scan.at >= bytes.length) break;
      if (!xyz.every(Number.isFinite))
        refuse(
          'E_MESH_FORMAT',
          `facet ${Math.floor(positions.length / 9) + 1}`,
          xyz.join(' '),
          'three finite coordinates',
        );
      positions.push3(...xyz);
      inFacet++;
    } else if (word === 'facet') {
      open = true;
      ended = false;
      inFacet = 0;
      scan.nextLine();
    } else if (word === 'endfacet') {
      if (inFacet !== 3)
        refuse('E_MESH_FORMAT', `facet ${Math.ceil(positions.length / 9)}`, `${inFacet} corners`, 'three corners');
      open = false;
      const facets = allowedTriangles(positions.length / 9);
      if (facets % STEP === 0) progress(scan.at / bytes.length);
    } else if (word === 'endsolid') {
      ended = true;
      scan.nextLine();
    } else if (word === 'solid') scan.nextLine();
    else if (scan.at >= bytes.length) break;
    else if (word !== 'outer' && word !== 'loop' && word !== 'endloop')
      refuse('E_MESH_FORMAT', 'file', word.slice(0, 40), 'the words of a text STL');
  }
  if (open || !ended) refuse('E_MESH_TRUNCATED', 'file', 'no endsolid', 'a text that ends with endsolid');
  if (positions.length === 0) refuse('E_MESH_EMPTY', 'file', '0 facets', 'a file with facets');
  return {
    positions: positions.taken(),
    triangles: Uint32Array.from({ length: positions.length / 3 }, (_, i) => i),
    unit: null,
    warnings: [],
  };
}
