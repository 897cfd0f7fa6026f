import type { BridgeAnswer, BridgeAsked } from './bridge.protocol';
import { LatestClient } from './latest.client';

/** The worker that looks for plans in two steps. */
export const bridgeWorker = new LatestClient<BridgeAsked, BridgeAnswer>(
  () => new Worker(new URL('./bridge.worker.ts', import.meta.url), { type: 'module' }),
  (id, message) => ({ id, kind: 'refused', issue: null, message }),
);
