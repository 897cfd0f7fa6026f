/** Formulas of choosing: one weighted score, first things first, least regret, what is beaten by nothing, and two plans in turn. */
export { lexicographic } from './lexicographic';
export type { Criterion, Option } from './options';
export { pareto } from './pareto';
export { regret } from './regret';
export { twoStage, type Delivery } from './two-stage';
export { columnOf, rankReversal, weighted, type Normalise } from './weighted';
