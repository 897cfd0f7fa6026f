/** Decisions: signed choices with everything frozen, their reopening, and whether they stand. */
export { frozenStill, getDecision, listDecisions, reopenDecision, writeDissent } from './actions';
export { frozenOf, type Signing } from './snapshot';
export type { DecisionRecord, Dissent, SignedSnapshot } from './record';
