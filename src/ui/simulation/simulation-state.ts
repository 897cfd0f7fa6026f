import type { Brief } from '@/core/brief';
import type { SimulationSummary, DrawnPlan } from '@/core/simulation';
import type { TolerancePolicy } from '@/core/part';
import type { RateRef } from '@/core/rates';
import type { SimulationAnswer, SimulationDepth } from '@/workers/simulation.protocol';

/** What is drawn: of another brief, other rates, another plan or quantity nothing that was found before holds. */
export interface Drawn {
  readonly brief: Brief;
  readonly school: TolerancePolicy;
  readonly rates: RateRef;
  readonly orderDate: string;
  readonly plan: DrawnPlan | null;
  readonly q: number;
}

/** Whether both are the same; known by identity, so keep what has not changed. */
export const sameDrawn = (a: Drawn | null, b: Drawn): boolean =>
  a !== null && (Object.keys(b) as (keyof Drawn)[]).every((key) => a[key] === b[key]);

/** What the draws say so far, and of what. */
export interface SimulationState {
  readonly summary: SimulationSummary | null;
  /** Quantity the summary is of; it may lag behind the rail. */
  readonly q: number;
  /** What the summary is of; null before anything is drawn. */
  readonly of: Drawn | null;
  readonly done: boolean;
  readonly depth: SimulationDepth | null;
  /** Nothing leads, so that there is nothing to draw. */
  readonly nothing: boolean;
  readonly error: string | null;
  /** Time the draws took, ms. */
  readonly ms: number;
}

/** Said where what stands is still of something else. */
export const DRAWN_AGAIN = 'As it was a moment ago; drawing again …';

/** Before anything is drawn. */
export const NOT_DRAWN: SimulationState = {
  summary: null,
  q: 0,
  of: null,
  done: false,
  depth: null,
  nothing: false,
  error: null,
  ms: 0,
};

/** What is known after another answer. */
export function afterAnswer(s: SimulationState, of: Drawn, answer: SimulationAnswer): SimulationState {
  const begun = { ...NOT_DRAWN, q: of.q, of };
  switch (answer.kind) {
    case 'sampled': {
      const depth = sameDrawn(s.of, of) ? s.depth : null;
      return { ...begun, summary: answer.summary, done: answer.done, depth, ms: answer.ms };
    }
    case 'depth':
      return { ...s, depth: answer.depth };
    case 'nothing':
      return { ...begun, nothing: true };
    case 'refused':
      return { ...begun, error: answer.message };
  }
}
