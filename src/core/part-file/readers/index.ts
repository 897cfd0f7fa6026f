/** Part files read into facets: what a file holds, nothing repaired. STEP goes through the CAD kernel, outside the core. */
export { fileKind, readMeshFile } from './kinds';
export { FILE_KINDS, type FileKind } from './kinds.data';
export { LENGTH_UNITS, lengthUnit, likelyUnit, MM_PER_UNIT, type LengthUnit } from './length-units';
export { allowedTriangles, MAX_FILE_BYTES, MAX_TRIANGLES } from './limits';
export { readObj } from './obj';
export { NO_PROGRESS, type Progress, type RawMesh } from './raw-mesh';
export { readStl } from './stl';
export { readThreeMf } from './threemf';
