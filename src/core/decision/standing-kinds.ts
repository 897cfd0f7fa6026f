import type { PlanChoice } from '../phased-plans';
import type { Brief } from '../brief';
import type { Weights } from '../comparison/ranking';
import type { TolerancePolicy } from '../part';
import type { RateSet } from '../rates';
import type { Explanation } from '../explanation';
import type { KeptPlan } from './kept-plan';

/** Whether a signed choice would still be made. */
export type StandingState = 'stands' | 'weaker' | 'overturned';

/** A signed choice looked at again with today's rates. */
export interface Standing {
  readonly state: StandingState;
  /** What came of it, in a sentence. */
  readonly reason: string;
  /** The same with figures that open, each said whose it is: the signed study's, or its at today's rates. */
  readonly explanation: Explanation;
  /** The rates that changed most; empty where none did. */
  readonly causes: readonly Cause[];
  /** A signed plan as it was laid out and as it would be today; null for one lane alone. */
  readonly plans: { readonly signed: KeptPlan; readonly today: KeptPlan } | null;
}

/** A rate that changed. */
export interface Cause {
  readonly text: string;
  /** Its path in the rate set; null for a number of further ones. */
  readonly path: string | null;
}

/** What came of a look, before the rates that did it. */
export type StandingResult = Pick<Standing, 'state' | 'explanation' | 'plans'>;

/** What was signed. */
export interface Signed {
  readonly brief: Brief;
  readonly rates: RateSet;
  readonly school: TolerancePolicy;
  readonly laneId: string;
  readonly quantity: number;
  /** ISO date the dates were reckoned from. */
  readonly orderDate: string;
  readonly plan: PlanChoice | null;
  /** Weights of the weighted ranking as they were; the first ones where none were kept. */
  readonly weights: Weights | null;
}

/** A part dearer by more than this share is shown as weaker. Basis: our own. */
export const COST_RISE_LIMIT = 0.05;
/** Told where no figure moved. */
export const UNMOVED = 'Nothing that it rests on has moved.';
