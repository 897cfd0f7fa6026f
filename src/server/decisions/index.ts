/** Decisions: signed choices with everything frozen, their reopening, and whether they stand. */
export { listDecisions, reopenDecision, signDecision, writeDissent, type SignResult } from './actions';
export { frozenOf, type Signing } from './freeze';
export type { DecisionRecord, Dissent, Frozen } from './record';
export { standings, type StandingOf } from './standings';
export { decisionStates, type DecisionState } from './states';
