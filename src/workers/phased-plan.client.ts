import type { PlanAnswer, PlanAsked } from './phased-plan.protocol';
import { LatestClient } from './latest.client';

/** The worker that looks for plans in two steps. */
export const planWorker = new LatestClient<PlanAsked, PlanAnswer>(
  () => new Worker(new URL('./phased-plan.worker.ts', import.meta.url), { type: 'module' }),
  (id, message) => ({ id, kind: 'refused', issue: null, message }),
);
