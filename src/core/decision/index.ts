/** The decision: the case of a lane, what carries it, how sure it was, and whether it stands when rates change. */
export { suggestedActions, type Action, type PlanOrders } from './actions';
export { carryingFigures, planFigures, rivalOf, type CarryingFigure } from './carrying';
export { laneCase, type Argument, type LaneCase } from './case';
export { briefChanges, rateChanges, resultChanges, type Change } from './changes';
export {
  simulationOf,
  flipExplanationsOf,
  keptSimulation,
  keptPlanSimulation,
  type KeptSimulation,
} from './kept-simulation';
export { DRAWN, type DrawnBy } from './drawn-by';
export { planCase } from './plan-case';
export { drawnOf, keptOf, keptPlan, type KeptPlan } from './kept-plan';
export { standingOf } from './standing';
export type { Cause, Signed, Standing, StandingState } from './standing-kinds';
export { isReason, REASON_WANTED } from './reason';
export { drawnWords, certaintyExplanation, type SureOf } from './certainty-explanation';
export { planExplanation } from './plan-explanation';
export {
  keptQuotes,
  quotesStanding,
  quotesWords,
  withQuotes,
  type KeptQuote,
  type KeptQuotes,
  type QuotesStanding,
} from './kept-quotes';
