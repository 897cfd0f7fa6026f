/** Part files: kept as they came, in compressed pieces, with a still picture of the part. */
export {
  announcePartFile,
  completePartFile,
  getPartFile,
  getStill,
  keepStill,
  partFileSchema,
  streamPartFile,
  takeChunk,
  type PartFileNews,
  type PartFileRecord,
} from './actions';
export { CHUNK_BYTES } from './keep';
export { keepMeasures, MEASURES_LIMIT, measuresKeySchema, streamMeasures } from './measures';
