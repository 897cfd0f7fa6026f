/** The part brief: its schema, how it is read, and what follows from it alone. */
export { contradictions, inspectBrief, parseBrief, type BriefIssue, type BriefResult } from './parse';
export { demandBand, draftDegrees, ENDLESS_LOT, lifetimeQuantity, lotSize } from './programme';
export {
  briefSchema,
  featureSchema,
  holeSchema,
  modelSchema,
  type Brief,
  type BriefInput,
  type Feature,
  type Hole,
} from './schema';
export { OPERATION_WORDS } from './operations.data';
export { emptyBrief } from './empty';
export { estimatedArea, withEstimates, type EstimatedBrief } from './estimates';
export { readStoredBrief, type StoredBrief } from './stored';
export { neededPieces, type Needed } from './needed';
