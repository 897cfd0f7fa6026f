import type { Readied } from '../equations';
import { CASTINGS, LOT, MELTED, POURS, SHOTS } from './equations/lot';
import type { LaneModel, LayoutPlan, LotRun, Stages } from './types';

/**
 * Castings, pours, metal and shots of one lot (section 8).
 * @param Q good pieces @param ideal every position of every pour comes out, and no casting is bad
 * @example
 * lotRun(model, cost.plan, model.settled, 100).castings >= 100 // true
 */
export function lotRun(model: LaneModel, plan: LayoutPlan, stages: Stages, Q: number, ideal = false): LotRun {
  const of = { model, plan, Q, nB: stages.nB, ideal };
  const castings = CASTINGS.value(of);
  const filled = POURS.value(of);
  return {
    castings,
    filled,
    kg: MELTED.value({ model, plan, filled }),
    shots: SHOTS.value({ model, plan, filled }),
  };
}

/**
 * Money of one lot of Q good pieces (equation 8.1), USD before the price factor.
 *
 * @example
 * lotCost(model, cost.plan, model.settled, 100) > cleanLot(model, cost.plan, 100) // true
 */
export function lotCost(
  model: LaneModel,
  plan: LayoutPlan,
  stages: Stages,
  Q: number,
  run: LotRun = lotRun(model, plan, stages, Q),
): number {
  return LOT.value({ model, plan, stages, Q, run });
}

/**
 * The same with nothing lost: no scrap, no misrun.
 *
 * @example
 * cleanLot(model, cost.plan, 100) > 0 // true
 */
export const cleanLot = (model: LaneModel, plan: LayoutPlan, Q: number): number =>
  lotCost(model, plan, model.ideal, Q, lotRun(model, plan, model.ideal, Q, true));

/** Lots of one layout at one state of scrap, readied for many sizes of lot. */
export class Lots {
  private readonly castings: Readied<'Q'>;
  private readonly pours: Readied<'Q'>;
  private readonly melted: Readied<'Pw'>;
  private readonly shotsOf: Readied<'Pw'>;
  private readonly lot: Readied<'Q' | 'Pw' | 'kg' | 'NB' | 'shots'>;

  constructor(model: LaneModel, plan: LayoutPlan, stages: Stages) {
    const run = { castings: 0, filled: 0, kg: 0, shots: 0 };
    const of = { model, plan, stages, Q: 0, nB: stages.nB, ideal: false, filled: 0, castings: 0, run };
    this.castings = CASTINGS.ready(of);
    this.pours = POURS.ready(of);
    this.melted = MELTED.ready(of);
    this.shotsOf = SHOTS.ready(of);
    this.lot = LOT.ready(of);
  }

  /** Money of a lot of Q good pieces, USD before the price factor. */
  cost(Q: number): number {
    const { castings, pours, melted, lot } = this;
    const { values } = lot;
    values.Q = castings.values.Q = pours.values.Q = Q;
    values.NB = castings.value();
    values.Pw = melted.values.Pw = pours.value();
    values.kg = melted.value();
    values.shots = this.shots(values.Pw);
    return lot.value();
  }

  /** Shots of the lot last asked for. */
  get lastShots(): number {
    return this.lot.values.shots;
  }

  private shots(Pw: number): number {
    this.shotsOf.values.Pw = Pw;
    return this.shotsOf.value();
  }
}
