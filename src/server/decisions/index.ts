/** Decisions: signed choices with everything frozen, and their reopening. */
export {
  listDecisions,
  reopenDecision,
  signDecision,
  type DecisionRecord,
  type Frozen,
  type SignResult,
} from './actions';
export { decisionStates, type DecisionState } from './states';
