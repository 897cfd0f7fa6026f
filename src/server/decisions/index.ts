/** Decisions: signed choices with everything frozen, their reopening, and whether they stand. */
export {
  frozenStill,
  getDecision,
  listDecisions,
  reopenDecision,
  signDecision,
  writeDissent,
  type SignResult,
} from './actions';
export { frozenOf, type Signing } from './freeze';
export type { DecisionRecord, Dissent, Frozen } from './record';
export type { DecisionState } from './states';
