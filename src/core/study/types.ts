import type { Alloy } from '../catalogue/alloys';
import type { Brief } from '../brief';
import type { Baseline } from '../baselines';
import type { LaneModel, LayoutPlan } from '../cost';
import type { PartFacts, TolerancePolicy } from '../part';
import type { RateSet } from '../rates';
import type { LaneTime } from '../schedule';
import type { StudyLane } from './study-lane';

/** A brief worked out as far as it can be without a quantity. */
export interface Study {
  readonly brief: Brief;
  readonly rates: RateSet;
  readonly school: TolerancePolicy;
  readonly alloy: Alloy | null;
  readonly facts: PartFacts | null;
  /** Brief paths that the brief does not say and that were estimated; `brief` holds the estimates. */
  readonly estimated: readonly string[];
  /** Brief paths without which nothing can be computed. */
  readonly missing: readonly string[];
  readonly lanes: readonly StudyLane[];
  readonly baselines: readonly Baseline[];
  /** Pieces an order at q pieces in all. */
  readonly lotOf: (q: number) => number;
  /** Dates of a layout, worked out once and kept. */
  readonly timeOf: (model: LaneModel, plan: LayoutPlan) => LaneTime;
}
