/** Sizes of patterns, dies and masters: shrinkage, machining stock, draft, cores. */
export { coredHole } from './cored-hole';
export { DRAFT_OFFSET, draftSizes } from './draft';
export { MACHINING_GRADES, rawSize } from './machining';
export { patternScale } from './scale';
export { RAW_SIZE } from './machining';
export { PATTERN_SIZE, SHRINK_FACTOR } from './scale';
