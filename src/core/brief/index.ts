/** The part brief: its schema, how it is read, and what follows from it alone. */
export { contradictions, inspectBrief, parseBrief, type BriefIssue, type BriefResult } from './parse';
export { demandBand, draftDegrees, ENDLESS_LOT, lifetimeQuantity, lotSize } from './programme';
export {
  briefSchema,
  featureSchema,
  holeSchema,
  modelSchema,
  OPERATION_WORDS,
  type Brief,
  type BriefInput,
  type Feature,
  type Hole,
} from './schema';
export { estimatedArea, withEstimates, type EstimatedBrief } from './estimates';
export { readStoredBrief, type StoredBrief } from './stored';
export { neededPieces, type Needed } from './needed';
