/** Workings: for every figure its equation, symbols, values, sources and basis; made only when asked for. */
export { differenceTo, underToday } from './difference';
export { figureOfRule } from './held';
export type { Source, Working, WorkingSymbol } from './types';
export { FIGURES, workingOf } from './working';
export { WASTE_FIGURES } from './waste';
