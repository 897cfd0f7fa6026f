import type { Evaluation } from '@/core/comparison/board';
import type { Brief } from '@/core/brief';
import type { Weights } from '@/core/comparison/ranking';
import type { Action, Argument, CarryingFigure, KeptSimulation, KeptPlan, KeptQuotes } from '@/core/decision';
import type { TolerancePolicy } from '@/core/part';
import type { RateSet } from '@/core/rates';

/** What a decision froze. What later builds added is missing in the records of earlier ones. */
export interface SignedSnapshot {
  readonly brief: Brief;
  readonly rates: RateSet;
  readonly evaluation: Evaluation;
  /** What spoke for the lane, and the strongest reasons against it, as they stood. */
  readonly case: { readonly for: readonly KeptArgument[]; readonly against: readonly KeptArgument[] };
  /** The figures that carried it. */
  readonly figures?: readonly CarryingFigure[];
  readonly simulation?: KeptSimulation | null;
  /** The plan in two steps that was signed; null or missing for one lane alone. */
  readonly plan?: KeptPlan | null;
  /** The team's weights, where the weighted ranking led. */
  readonly weights?: Weights;
  /** The quotes as they stood; null or missing where there were none. */
  readonly quotes?: KeptQuotes | null;
  /** ISO date the days are counted from. */
  readonly orderDate?: string;
}

/** An argument as kept; records of earlier builds kept its words only. */
export type KeptArgument = Pick<Argument, 'text'> & Partial<Argument>;

/** Who did not agree. Time ISO, UTC. */
export interface Dissent {
  readonly id: string;
  readonly who: string;
  readonly words: string;
  readonly writtenAt: string;
}

/** A signed choice. Dates ISO; `frozen` is everything as it was when signed. */
export interface DecisionRecord {
  readonly id: string;
  readonly studyId: string;
  readonly revision: number;
  readonly laneId: string;
  readonly quantity: number;
  readonly school: TolerancePolicy;
  readonly rateSetId: string;
  readonly coreVersion: string;
  readonly why: string;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly createdAt: string;
  readonly reopenedAt: string | null;
  readonly actions: readonly Action[];
  readonly dissents: readonly Dissent[];
  readonly snapshot: SignedSnapshot;
}
