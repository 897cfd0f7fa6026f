/** Workings: for every figure its equation, symbols, values, sources and basis; made only when asked for. */
export { differenceWorking } from './difference';
export { differenceTo, isDifference, underToday } from './difference-names';
export { figureOfRule, isRuleFigure } from './rules';
export { contextOf, type Context } from './context';
export { baselineWorking, isWholeFigure } from './baselines';
export { FIGURES, isFigure, workingIn, workingOf } from './working';
export { spareWorking } from './spare';
