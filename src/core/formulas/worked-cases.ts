import worked from './cases/worked.json';
import type { VectorCase } from './vectors';

/** Worked cases of every formula built, with the results each must give. */
export const WORKED_CASES = worked.cases as unknown as readonly VectorCase[];
