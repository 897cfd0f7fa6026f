import { LatestClient } from './latest.client';
import type { OutlineAnswer, OutlineAsked } from './outline.protocol';

/** The worker that draws the outline of a part. */
export const outlineWorker = new LatestClient<OutlineAsked, OutlineAnswer>(
  () => new Worker(new URL('./outline.worker.ts', import.meta.url), { type: 'module' }),
  (id, message) => ({ id, kind: 'refused', message }),
);
