import { prepareStudy } from '@/core/study';
import { deliveriesOf, searchPlans } from '@/core/phased-plans';
import { CoreError } from '@/core/base/errors';
import { ratesOf } from '@/core/rates';
import type { PlanAnswer, PlanRequest } from './phased-plan.protocol';

/** Work after which the worker looks whether it is asked something newer, and tells how far it is, ms. */
const SLICE_MS = 40;

/** Looks for plans in two steps; never throws. */
export async function answerPlan(
  { id, brief, school, rates, q, orderDate }: PlanRequest,
  report: (answer: PlanAnswer) => void,
  breathe: () => Promise<boolean>,
): Promise<void> {
  try {
    const start = performance.now();
    const study = prepareStudy(brief, school, ratesOf(rates));
    const steps = searchPlans(study, q, deliveriesOf(study, q, orderDate));
    let last = start;
    let step = steps.next();
    for (; !step.done; step = steps.next()) {
      if (performance.now() - last < SLICE_MS) continue;
      report({ id, kind: 'progress', share: step.value });
      if (!(await breathe())) return;
      last = performance.now();
    }
    const { plans, single, cheapest, deliveries } = step.value;
    report({
      id,
      kind: 'found',
      found: {
        q,
        plans: plans.map(({ first, then, pieces }) => ({ first, then, pieces })),
        single: single?.laneId ?? null,
        cheapest: cheapest?.laneId ?? null,
        deliveries,
      },
      ms: performance.now() - start,
    });
  } catch (error) {
    const issue = error instanceof CoreError ? error.issue : null;
    report({ id, kind: 'refused', issue, message: error instanceof Error ? error.message : String(error) });
  }
}
