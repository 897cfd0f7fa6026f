/** The formula book: every formula built, by id, and the runner of worked cases. */
export { FORMULAS, type Formula } from './registry';
export { filesOfCases } from './files';
export { runVector, type ReadFile, type VectorCase, type VectorResult } from './vectors';
export { WORKED_CASES } from './worked-cases';
export { UNUSED } from './unused.data';
