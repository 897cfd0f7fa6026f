import type { DoubtSummary } from '@/core/doubt';
import type { DoubtAnswer, DoubtDepth } from '@/workers/doubt.protocol';

/** What the draws say so far, and of which quantity. */
export interface DoubtState {
  readonly summary: DoubtSummary | null;
  /** Quantity the summary is of; it may lag behind the rail. */
  readonly q: number;
  readonly done: boolean;
  readonly depth: DoubtDepth | null;
  /** Nothing leads, so that there is nothing to draw. */
  readonly nothing: boolean;
  readonly error: string | null;
  /** Time the draws took, ms. */
  readonly ms: number;
}

/** Before anything is drawn. */
export const NOT_DRAWN: DoubtState = {
  summary: null,
  q: 0,
  done: false,
  depth: null,
  nothing: false,
  error: null,
  ms: 0,
};

/** What is known after another answer. */
export function heardDoubt(s: DoubtState, q: number, answer: DoubtAnswer): DoubtState {
  switch (answer.kind) {
    case 'sampled': {
      const depth = s.q === q ? s.depth : null;
      return { ...NOT_DRAWN, summary: answer.summary, q, done: answer.done, depth, ms: answer.ms };
    }
    case 'depth':
      return { ...s, depth: answer.depth };
    case 'nothing':
      return { ...NOT_DRAWN, q, nothing: true };
    case 'refused':
      return { ...NOT_DRAWN, q, error: answer.message };
  }
}
