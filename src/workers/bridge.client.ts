import type { BridgeAnswer, BridgeAsked } from './bridge.protocol';
import { LatestClient } from './latest.client';

/** The worker that looks for plans in two steps. */
export class BridgeClient extends LatestClient<BridgeAsked, BridgeAnswer> {
  constructor(hear: (answer: BridgeAnswer) => void) {
    super(
      () => new Worker(new URL('./bridge.worker.ts', import.meta.url), { type: 'module' }),
      hear,
      (id, message) => ({ id, kind: 'refused', issue: null, message }),
    );
  }
}
