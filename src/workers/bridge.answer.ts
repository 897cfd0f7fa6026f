import { prepareStudy } from '@/core/study';
import { duesOf, searchPlans } from '@/core/phased-plans';
import { CoreError } from '@/core/base/errors';
import { ratesOf } from '@/core/rates';
import type { BridgeAnswer, BridgeRequest } from './bridge.protocol';

/** Work after which the worker looks whether it is asked something newer, and tells how far it is, ms. */
const SLICE_MS = 40;

/** Looks for plans in two steps; never throws. */
export async function answerBridge(
  { id, brief, school, rates, q, orderDate }: BridgeRequest,
  tell: (answer: BridgeAnswer) => void,
  breathe: () => Promise<boolean>,
): Promise<void> {
  try {
    const start = performance.now();
    const study = prepareStudy(brief, school, ratesOf(rates));
    const steps = searchPlans(study, q, duesOf(study, q, orderDate));
    let last = start;
    let step = steps.next();
    for (; !step.done; step = steps.next()) {
      if (performance.now() - last < SLICE_MS) continue;
      tell({ id, kind: 'progress', share: step.value });
      if (!(await breathe())) return;
      last = performance.now();
    }
    const { plans, single, cheapest, dues } = step.value;
    tell({
      id,
      kind: 'found',
      found: {
        q,
        plans: plans.map(({ first, then, pieces }) => ({ first, then, pieces })),
        single: single?.laneId ?? null,
        cheapest: cheapest?.laneId ?? null,
        dues,
      },
      ms: performance.now() - start,
    });
  } catch (error) {
    const issue = error instanceof CoreError ? error.issue : null;
    tell({ id, kind: 'refused', issue, message: error instanceof Error ? error.message : String(error) });
  }
}
