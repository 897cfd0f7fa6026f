import { refuse } from '../../base/errors';
import { GrowingDoubles, GrowingIndices } from './growing';
import { allowedTriangles } from './limits';
import { NO_PROGRESS, type Progress, type RawMesh } from './raw-mesh';
import { isPlainText, TextScan } from './text';

const STEP = 1 << 16;

/**
 * Facets of an OBJ file: its v and f lines, faces fanned from their first corner. It has no unit.
 * Refuses E_MESH_EMPTY, E_MESH_FORMAT (not a text, a corner that points nowhere, a coordinate that is no finite
 * number, a face of fewer than three corners), E_TOO_LARGE. Source: the formula book, part 1, reading a file.
 *
 * @example
 * readObj(obj).triangles.length / 3 // 12
 */
export function readObj(bytes: Uint8Array, progress: Progress = NO_PROGRESS): RawMesh {
  if (bytes.length === 0) refuse('E_MESH_EMPTY', 'file', '0 bytes', 'a file with facets');
  if (!isPlainText(bytes)) refuse('E_MESH_FORMAT', 'file', 'not a text', 'an OBJ file');
  const scan = new TextScan(bytes);
  const positions = new GrowingDoubles();
  const triangles = new GrowingIndices();
  let highest = 0;
  let line = 0;
  for (; scan.at < bytes.length; scan.nextLine()) {
    line++;
    if (line % STEP === 0) progress(scan.at / bytes.length);
    if (!scan.skipSpaces()) continue;
    const word = scan.word();
    if (word === 'v') {
      const xyz = [0, 0, 0].map(() => (scan.skipSpaces() ? scan.number() : NaN)) as [number, number, number];
      if (!xyz.every(Number.isFinite))
        refuse('E_MESH_FORMAT', `line ${line}`, xyz.join(' '), 'three finite coordinates');
      positions.push3(...xyz);
    } else if (word === 'f') {
      let first = -1;
      let before = -1;
      let corners = 0;
      while (scan.skipSpaces()) {
        const corner = cornerOf(scan.word(), positions.length / 3, line);
        highest = Math.max(highest, corner);
        if (corners === 0) first = corner;
        else if (corners > 1) triangles.push3(first, before, corner);
        before = corner;
        corners++;
      }
      if (corners < 3) refuse('E_MESH_FORMAT', `line ${line}`, `${corners} corners`, 'three corners or more');
      allowedTriangles(triangles.length / 3);
    }
  }
  if (triangles.length === 0) refuse('E_MESH_EMPTY', 'file', '0 facets', 'a file with facets');
  if (highest >= positions.length / 3)
    refuse('E_MESH_FORMAT', 'f', `corner ${highest + 1}`, `1 to ${positions.length / 3}`);
  return { positions: positions.taken(), triangles: triangles.taken(), unit: null, warnings: [] };
}

/** Index of a corner from 0. @param word as written: 7, -1, 7/2/5 @param known corners read so far */
function cornerOf(word: string, known: number, line: number): number {
  const text = word.split('/', 1)[0] ?? '';
  const n = /^-?\d{1,9}$/.test(text) ? Number(text) : 0;
  const index = n > 0 ? n - 1 : n < 0 ? known + n : -1;
  return index >= 0
    ? index
    : refuse('E_MESH_FORMAT', `line ${line}`, word.slice(0, 40), 'a corner from 1, or negative from the end');
}
