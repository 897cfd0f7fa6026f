import { LatestClient } from './latest.client';
import type { FreezingAnswer, FreezingAsked } from './solidification.protocol';

/** The worker that freezes a section. */
export const freezingWorker = new LatestClient<FreezingAsked, FreezingAnswer>(
  () => new Worker(new URL('./solidification.worker.ts', import.meta.url), { type: 'module' }),
  (id, message) => ({ id, kind: 'refused', issue: null, message }),
);
