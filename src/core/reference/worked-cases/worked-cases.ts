import model from './cases/model.json';
import worked from './cases/worked.json';
import type { VectorCase } from './vectors';

/** Worked cases of the formula book, of every equation of the model and of the board, with the results each must give. */
export const WORKED_CASES = [...worked.cases, ...model.cases] as readonly VectorCase[];
