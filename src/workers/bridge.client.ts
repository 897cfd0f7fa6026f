import type { PlanAnswer, PlanAsked } from './bridge.protocol';
import { LatestClient } from './latest.client';

/** The worker that looks for plans in two steps. */
export const planWorker = new LatestClient<PlanAsked, PlanAnswer>(
  () => new Worker(new URL('./bridge.worker.ts', import.meta.url), { type: 'module' }),
  (id, message) => ({ id, kind: 'refused', issue: null, message }),
);
