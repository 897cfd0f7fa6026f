/** Plans in two steps: bridge on one route while the tool of another is made, then switch. */
export { deliveriesOf, type PlanDue } from './deliveries';
export {
  dayOfPlan,
  MOST_WAIT_D,
  planAt,
  singleAt,
  workedOut,
  workedOutSingle,
  type PhasedPlan,
  type PlanChoice,
  type PlanDelivery,
  type PlanStep,
} from './plan';
export type { Reuse } from './reuse.data';
export type { SplitFound, FoundSingle } from './best-split';
export { searchPlans, type PlanSearch } from './search';
export { leastStep } from './least-step';
export { settledDeliveries } from './settled-deliveries';
export { lateBy, madeBy } from './plan-days';
export { ALONE, openPlan, PLAN, STEPS, type OpenPlan } from './plan-parts';
export { StudyWorkings, type Place } from './study-workings';
export { studyOfStep, type StepAt } from './step-study';
export { deliveredBy, isApproved, type Pace } from './delivered';
