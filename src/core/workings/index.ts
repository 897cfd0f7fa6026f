/** Workings: for every figure its equation, symbols, values, sources and basis; made only when asked for. */
export { differenceTo, differenceWorking, isDifference, underToday } from './difference';
export { figureOfRule, isRuleFigure } from './held';
export type { Source, Working, WorkingSymbol } from '../equations';
export { computed, fromAlloy, fromRoute } from './symbols';
export { contextOf, type Context } from './context';
export { baselineWorking, isToldWhole } from './baselines';
export { FIGURES, isFigure, workingIn, workingOf } from './working';
export { placeOf, workingTree, type PlacedWorking } from './tree';
export { LINE_WORDS, WASTE_FIGURES } from '../cost';
export { spareWorking } from './spare';
export { dayOfThe } from '../calendar';
