import type { Study } from '../board/study';
import { bestLayout, type StudyLane } from '../board/study-lane';
import { dayOf, laneTime, type LaneTime } from '../calendar';
import {
  laneMoney,
  lotCost,
  lotRun,
  splitLots,
  type LaneModel,
  type LaneMoney,
  type LayoutPlan,
  type LotRun,
  type LotSplit,
  type ProgrammeCost,
  type Stages,
} from '../cost';
import { refuse } from '../errors';
import type { FamilyRatesOf } from './rates-of';

/** Everything a working of one lane at one quantity may draw on. */
export interface Context {
  readonly study: Study;
  readonly entry: StudyLane;
  readonly model: LaneModel;
  readonly cost: ProgrammeCost;
  readonly plan: LayoutPlan;
  readonly money: LaneMoney;
  readonly time: LaneTime;
  readonly family: FamilyRatesOf;
  readonly q: number;
  /** Pieces of the usual lot, and the scrap it carries. */
  readonly Q: number;
  readonly stages: Stages;
  readonly fresh: boolean;
  readonly run: LotRun;
  readonly idealRun: LotRun;
  readonly split: LotSplit;
  readonly fx: number;
  readonly lot: number;
  readonly lastPart_d: number;
  /** Which lot the figures are of: the usual one, or one of those the programme is made of. */
  readonly at: LotPart;
}

/** The usual lot of the part price, the same without any scrap, a full lot with scrap as when new or settled, or the remainder. */
export type LotPart = '' | '@ideal' | '@new' | '@set' | '@rest';

/**
 * The context of a lane's workings.
 * @throws {CoreError} E_KEY for an unknown lane, E_NO_VALUE for one without money
 */
export function contextOf(study: Study, laneId: string, q: number): Context {
  const entry = study.lanes.find((e) => e.lane.id === laneId);
  if (entry === undefined) return refuse('E_KEY', 'lane', laneId, study.lanes.map((e) => e.lane.id).join(' | '));
  const best = bestLayout(entry, q);
  const { model } = entry;
  if (best === null || model === null)
    return refuse('E_NO_VALUE', 'lane', laneId, entry.uncosted ?? 'a lane with money');
  const { cost } = best;
  const { plan } = cost;
  const family = study.rates.families[model.facts.ratesFamily];
  if (family === undefined) return refuse('E_NO_VALUE', 'alloy', model.facts.ratesFamily, 'a family with rates');
  const money = laneMoney(cost, q);
  const fresh = q < model.learnPieces;
  const stages = fresh ? model.fresh : model.settled;
  const time = laneTime(model, plan);
  return {
    study,
    entry,
    model,
    cost,
    plan,
    money,
    time,
    family,
    q,
    Q: money.lot,
    stages,
    fresh,
    run: lotRun(model, plan, stages, money.lot),
    idealRun: lotRun(model, plan, model.ideal, money.lot, plan.n),
    split: splitLots(model.learnPieces, cost.lot, q),
    fx: study.rates.currency.perUnit,
    lot: cost.lot,
    lastPart_d: dayOf(time, q, q),
    at: '',
  };
}

/** The same lane and programme, looked at in one of the lots the programme is made of. */
export function inLot(c: Context, at: Exclude<LotPart, ''>): Context {
  const { model, split, plan } = c;
  if (at === '@ideal') return { ...c, at, stages: model.ideal, run: c.idealRun };
  const fresh = at === '@new' || (at === '@rest' && split.restIsFresh);
  const Q = at === '@rest' ? split.rest : split.size;
  const stages = fresh ? model.fresh : model.settled;
  return {
    ...c,
    at,
    Q,
    fresh,
    stages,
    run: lotRun(model, plan, stages, Q),
    idealRun: lotRun(model, plan, model.ideal, Q, plan.n),
  };
}

/** Money of one lot of Q pieces in a scrap state, USD before the price factor. */
export const lotOf = (c: Context, stages: Stages, Q: number): number => lotCost(c.model, c.plan, stages, Q);
