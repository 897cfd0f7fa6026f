import type { BriefFlip, SimulationInput, SimulationSummary, DrawnPlan, Flip, Mover, Spread } from '@/core/simulation';
import type { CoreIssue } from '@/core/base/errors';
import type { StudyAsked } from './cost-curves.protocol';

/** What is drawn: which study, at what quantity, by which seed. */
export interface SimulationAsked extends StudyAsked {
  readonly q: number;
  readonly orderDate: string;
  readonly seed: number;
  readonly spread: Spread;
  /** Whether the quantity is uncertain too, by the demand of the brief. */
  readonly demand: boolean;
  /** Whether movers and flip points are wanted when the draws are done. */
  readonly deep: boolean;
  /** A plan in two steps that is drawn beside the routes, in the leader's stead; null for none. */
  readonly plan: DrawnPlan | null;
}

/** A newer request ends the one before it. */
export type SimulationRequest = { readonly id: number } & SimulationAsked;

/** Of the leader (or the plan) and the next route, what moves their difference and what would make them change places. */
export interface SimulationDepth {
  readonly leader: string;
  readonly second: string | null;
  /** Uncertain figures of the two, by name. */
  readonly inputs: readonly SimulationInput[];
  readonly movers: readonly Mover[];
  readonly flips: readonly Flip[];
  readonly briefFlips: readonly BriefFlip[];
}

export type SimulationAnswer =
  | {
      readonly id: number;
      readonly kind: 'sampled';
      readonly summary: SimulationSummary;
      readonly done: boolean;
      readonly ms: number;
    }
  | { readonly id: number; readonly kind: 'depth'; readonly depth: SimulationDepth; readonly ms: number }
  /** No money can be drawn: nothing leads. */
  | { readonly id: number; readonly kind: 'nothing' }
  | { readonly id: number; readonly kind: 'refused'; readonly issue: CoreIssue | null; readonly message: string };
