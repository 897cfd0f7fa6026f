import type { DoubtAnswer, DoubtAsked } from './doubt.protocol';
import { LatestClient } from './latest.client';

/** The worker that draws. */
export const doubtWorker = new LatestClient<DoubtAsked, DoubtAnswer>(
  () => new Worker(new URL('./doubt.worker.ts', import.meta.url), { type: 'module' }),
  (id, message) => ({ id, kind: 'refused', issue: null, message }),
);
