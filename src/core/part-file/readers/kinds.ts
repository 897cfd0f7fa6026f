import { refuse } from '../../base/errors';
import { FILE_KINDS, type FileKind } from './kinds.data';
import { MAX_FILE_BYTES } from './limits';
import { readObj } from './obj';
import { NO_PROGRESS, type Progress, type RawMesh } from './raw-mesh';
import { readStl } from './stl';
import { readThreeMf } from './threemf';

const BY_ENDING: Readonly<Record<string, FileKind>> = Object.fromEntries(
  FILE_KINDS.flatMap(({ kind, endings }) => endings.map((ending) => [ending, kind])),
);
const BY_START: readonly (readonly [FileKind, string])[] = [
  ['3mf', 'PK\u0003\u0004'],
  ['step', 'ISO-10303-21'],
];

/**
 * Kind of a file by the ending of its name, checked against how its bytes begin. Refuses E_KEY for an ending that is
 * not read, E_MESH_FORMAT where the bytes are plainly of another kind, E_TOO_LARGE beyond the size limit.
 *
 * @example
 * fileKind('cap.stl', new Uint8Array(84)) // 'stl'
 */
export function fileKind(name: string, bytes: Uint8Array): FileKind {
  const ending = /\.([a-z0-9]+)$/i.exec(name)?.[1]?.toLowerCase() ?? '';
  const kind = BY_ENDING[ending];
  if (kind === undefined)
    return refuse('E_KEY', 'file', name.slice(-80), `a name that ends with .${Object.keys(BY_ENDING).join(', .')}`);
  if (bytes.length > MAX_FILE_BYTES)
    refuse('E_TOO_LARGE', 'file', `${bytes.length} bytes`, `at most ${MAX_FILE_BYTES} bytes`);
  const start = String.fromCharCode(...bytes.subarray(0, 16));
  const seen = BY_START.find(([, mark]) => start.startsWith(mark))?.[0];
  if (seen !== undefined && seen !== kind)
    refuse('E_MESH_FORMAT', 'file', `${name.slice(-80)} holds ${seen}`, `the ending .${seen}`);
  const marked = BY_START.some(([k]) => k === kind);
  if (marked && seen !== kind && bytes.length > 0)
    refuse('E_MESH_FORMAT', 'file', `${name.slice(-80)} does not begin like a ${kind} file`, `a ${kind} file`);
  return kind;
}

/**
 * Facets of an STL, OBJ or 3MF file. STEP is read elsewhere, by the CAD kernel, and refused here as E_KEY.
 * Refuses as the reader of its kind does.
 *
 * @example
 * readMeshFile('cube.obj', obj).triangles.length / 3 // 12
 */
export function readMeshFile(name: string, bytes: Uint8Array, progress: Progress = NO_PROGRESS): RawMesh {
  const kind = fileKind(name, bytes);
  switch (kind) {
    case 'stl':
      return readStl(bytes, progress);
    case 'obj':
      return readObj(bytes, progress);
    case '3mf':
      return readThreeMf(bytes, progress);
    default:
      return refuse('E_KEY', 'file', kind, 'stl | obj | 3mf');
  }
}
