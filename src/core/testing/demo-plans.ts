import { prepareStudy, type Study } from '../study';
import {
  deliveriesOf,
  openPlan,
  searchPlans,
  workedOut,
  workedOutSingle,
  type PhasedPlan,
  type PlanDue,
  type PlanSearch,
} from '../phased-plans';
import { lifetimeQuantity, type Brief } from '../brief';
import type { DrawnPlan } from '../simulation';
import type { RateSet } from '../rates';

/** The day that orders of the demo are placed on. */
export const ORDER = '2027-01-04';

/** The best plan in two steps of a study, beside the best route alone. */
export interface Planned {
  readonly study: Study;
  readonly q: number;
  readonly deliveries: readonly PlanDue[];
  readonly plan: PhasedPlan;
  readonly single: PhasedPlan | null;
  readonly drawn: DrawnPlan;
}

/** A search of plans, gone through to its end. */
export function searched(study: Study, q: number, deliveries: readonly PlanDue[], most?: number): PlanSearch {
  const steps = searchPlans(study, q, deliveries, most);
  for (let s = steps.next(); ; s = steps.next()) if (s.done) return s.value;
}

/** Finds the best plan for the life of a brief; null where no two routes survive. */
export function bestPlanOf(brief: Brief, rates?: RateSet): Planned | null {
  const study = prepareStudy(brief, 'published', rates);
  const q = lifetimeQuantity(brief) ?? 1000;
  const { plans, deliveries, single } = searched(study, q, deliveriesOf(study, q, ORDER), 1);
  const [found] = plans;
  if (found === undefined) return null;
  const plan = workedOut(study, q, found, deliveries);
  const alone = single === null ? null : workedOutSingle(study, q, single, deliveries);
  const choice = { first: found.first, then: found.then, pieces: found.pieces };
  return { study, q, deliveries, plan, single: alone, drawn: { choice, open: openPlan(plan, alone), deliveries } };
}
