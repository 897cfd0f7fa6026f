/** Decisions: signed choices with everything frozen, their reopening, and whether they stand. */
export { listDecisions, reopenDecision, signDecision, writeDissent, type Signing, type SignResult } from './actions';
export type { DecisionRecord, Dissent, Frozen } from './record';
export { standings, type StandingOf } from './standings';
export { decisionStates, type DecisionState } from './states';
