import type { DoubtAnswer, DoubtAsked } from './doubt.protocol';
import { LatestClient } from './latest.client';

/** The worker that draws. */
export class DoubtClient extends LatestClient<DoubtAsked, DoubtAnswer> {
  constructor(hear: (answer: DoubtAnswer) => void) {
    super(
      () => new Worker(new URL('./doubt.worker.ts', import.meta.url), { type: 'module' }),
      hear,
      (id, message) => ({ id, kind: 'refused', issue: null, message }),
    );
  }
}
