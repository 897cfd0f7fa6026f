import { likely } from '../base/figures';
import { hazardsOf, coatsOf, tightnessOf, type LanePart, type PartFacts } from '../part';
import type { RateSet } from '../rates';
import type { Lane } from '../catalogue/routes';
import type { Screening } from '../screening';
import { COAT_LOT, COAT_PIECE, HELD_KG, HELD_LOT } from './equations/coats';
import { FINISH, HEAT, INSPECTED, LOOK, MACHINED, MADE, MEASURE, PRICE_FACTOR, SCRAP, SET_UP } from './equations/piece';
import { MELTING, MOULD_LOSS } from './equations/pour';
import type { LaneInputs, LaneModel, Stages, Uncosted } from './types';

/** Stages of a lane at one state of scrap (equations 2.3 and 7.3). */
function stagesOf(model: LaneInputs, fresh: boolean): Stages {
  const sc = SCRAP.value({ model, fresh });
  const nD = INSPECTED.value({ model });
  const nC = MACHINED.value({ model, nD });
  return { sc, nD, nC, nB: MADE.value({ model, nC, sc }) };
}

/** Nothing is lost: every casting is a good piece. */
const IDEAL: Stages = { sc: 0, nB: 1, nC: 1, nD: 1 };

type Draft = { -readonly [K in keyof LaneModel]: LaneModel[K] };

/**
 * Sections 2, 3, 6.1 to 7.3 of the cost model for one lane, at likely rates.
 *
 * @returns the model, or why no money can be computed (a missing brief field, or no figure for the metal on this lane)
 * @example
 * 'uncosted' in laneModel(facts, entry.lane, part, entry.screening, rates) // false
 */
export function laneModel(
  facts: PartFacts,
  lane: Lane,
  part: LanePart,
  screening: Screening,
  rates: RateSet,
): LaneModel | Uncosted {
  const v = rates.variants[lane.id];
  const family = rates.families[facts.ratesFamily];
  const { capability } = lane;
  const Y = capability.yield[facts.family]?.[1];
  const life = capability.life_shots[facts.family]?.[1] ?? capability.life_shots.any?.[1];
  if (v === undefined || family === undefined) return { uncosted: 'The rate set has no row for this route.' };
  if (Y === undefined || life === undefined) return { uncosted: 'No yield or tool life is known for this metal here.' };
  if (v.cycle !== undefined && facts.t === null) return { uncosted: 'The die cycle needs geometry.sectionMax_mm.' };
  if (screening.F1_MN === null) return { uncosted: 'The clamp needs geometry.projected_cm2.' };
  const dwell = v.cycle === undefined ? 0 : likely(family.dwell?.[v.cycle.film]);
  if (v.cycle !== undefined && dwell === 0)
    return { uncosted: 'It is not known how long this metal stays in such a mould.' };
  const g = rates.global;
  const { alloy, brief } = facts;
  const { undercut } = capability;
  const grain = brief.needs.grain;
  const held = brief.tool?.variant === lane.id ? brief.tool : null;
  const option = brief.toolOption?.variant === lane.id ? (v.toolOptions?.[brief.toolOption.id] ?? null) : null;
  const model: Draft = {
    lane,
    facts,
    part,
    screening,
    rates,
    v,
    family,
    R: {
      tool: likely(g[v.rate.tool]),
      shot: likely(g[v.rate.shot]),
      core: likely(g[v.rate.core]),
      finish: likely(g[v.rate.finish]),
    },
    Y,
    lambda: capability.misrunShare.v[1],
    warmUp: capability.warmUpPours.v[1],
    life,
    learnPieces: capability.scrap.learnPieces.v[1],
    toolFactor: 1 + likely(g.mk),
    cores: v.coreRule.perPassage * facts.nP + v.coreRule.perUndercut * facts.nU + v.coreRule.perHole * part.nHc,
    sMach: part.nSet > 0 ? likely(v.stage.sMach) : 0,
    leak:
      brief.needs.pressureTight === true
        ? 0.01 * (5 - tightnessOf(capability.pressureTight.v, brief, rates.coatings))
        : 0,
    price: alloy.price_USD_kg[1],
    meltLoss: alloy.meltLoss_pct[1] / 100,
    kRet: likely(family.kRet),
    omega: likely(v.stage.omega),
    cRw: likely(v.stage.cRw),
    sampleShare: likely(g.sampleShare),
    dwell,
    nX: Math.max(0, facts.nU - undercut.max),
    extraMin: undercut.extraMin?.v[1] ?? 0,
    extraLoss: undercut.extraLoss ?? 0,
    mouldLoss: NaN,
    condition: rates.conditions[`${lane.route.id}|${facts.family}`] ?? null,
    grain: grain === undefined || grain === 'normal' ? null : rates.grain[grain],
    coats: coatsOf(brief),
    hazards: hazardsOf(alloy, brief, rates.containment),
    option,
    atHand: held,
    kBuy: brief.cores?.maker === 'bought' ? likely(rates.coreMaker.bought.kBuy) : 1,
    K: NaN,
    settled: IDEAL,
    fresh: IDEAL,
    ideal: IDEAL,
    finish: NaN,
    heat: NaN,
    look: NaN,
    measure: NaN,
    melting: NaN,
    setUp: NaN,
    coatPiece: NaN,
    coatLot: NaN,
    heldLot: NaN,
    heldKg: NaN,
  };
  const of = { model };
  model.mouldLoss = MOULD_LOSS.value(of);
  model.K = PRICE_FACTOR.value(of);
  model.settled = stagesOf(model, false);
  model.fresh = stagesOf(model, true);
  model.finish = FINISH.value(of);
  model.heat = HEAT.value(of);
  model.look = LOOK.value(of);
  model.measure = MEASURE.value(of);
  model.melting = MELTING.value(of);
  model.setUp = SET_UP.value(of);
  model.coatPiece = COAT_PIECE.value(of);
  model.coatLot = COAT_LOT.value(of);
  model.heldLot = HELD_LOT.value(of);
  model.heldKg = HELD_KG.value(of);
  return model;
}
