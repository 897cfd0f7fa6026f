/** Equations: each stated once, as an expression with its symbols; its value, its working, its draws and the model's document come of that. */
export { isDrawn, parseExpression, type CurveOp, type Expr, type ListOp, type Op } from './expression';
export { equationsOf, runOf, type Equation, type EquationOf, type Readied, type Room } from './equation';
export { closureOf } from './closures';
export { keyOf } from './key';
export { sourceOf } from './source-text';
export { brief, choice, figure } from './symbols';
export { wordsFor, type ListOf, type SymbolOf, type TableValue, type Words } from './symbol';
export type { Source, Working, WorkingSymbol } from './working';
export { chosen, computed, fromAlloy, fromBrief, fromRate, fromRoute } from './working-symbols';
export { placeOf, workingTree, type PlacedWorking } from './working-tree';
