import { likely } from '../figures';
import type { LanePart, PartFacts } from '../part';
import type { RateSet, VariantRates } from '../rates';
import type { Lane } from '../routes';
import type { Screening } from '../screening';

/** Scrap stages per good piece (equation 7.3). */
export interface Stages {
  /** Scrap of castings (sc), strained rules included. */
  readonly sc: number;
  readonly nB: number;
  readonly nC: number;
  readonly nD: number;
}

/** All of a lane's money that depends neither on the layout nor on the quantity. Letters are those of the cost model. */
export interface LaneModel {
  readonly lane: Lane;
  readonly facts: PartFacts;
  readonly part: LanePart;
  readonly screening: Screening;
  readonly rates: RateSet;
  readonly v: VariantRates;
  /** Hourly rates the variant names. */
  readonly R: { readonly tool: number; readonly shot: number; readonly core: number; readonly finish: number };
  /** Yield (Y), share of poured mass that is casting. */
  readonly Y: number;
  /** Misrun share (λ). */
  readonly lambda: number;
  readonly warmUp: number;
  /** Likely life in shots. */
  readonly life: number;
  readonly learnPieces: number;
  /** Price factor (K, equation 2.4). */
  readonly K: number;
  /** 1 + mark-up on tools. */
  readonly toolFactor: number;
  /** Cores per casting (nC). */
  readonly cores: number;
  readonly settled: Stages;
  readonly fresh: Stages;
  /** The same with all scrap at zero: for the line of scrap and rework. */
  readonly ideal: Stages;
  /** Money of one casting or piece, USD. */
  readonly finish: number;
  readonly heat: number;
  readonly look: number;
  readonly measure: number;
  /** Metal and melting: USD per kg melted, and per kg of casting kept back from return. */
  readonly price: number;
  readonly meltLoss: number;
  readonly kRet: number;
  readonly melting: number;
  /** Set-up of one lot, USD. */
  readonly setUp: number;
  readonly omega: number;
  readonly cRw: number;
  readonly sampleShare: number;
}

/** What a lane lacks to be costed: capability figures for the metal, or brief fields. */
export interface Uncosted {
  readonly uncosted: string;
}

/** Stages for a scrap share of castings, with or without the later losses. */
function stages(sc: number, sMach: number, sIns: number, omega: number): Stages {
  const nD = 1 / (1 - sIns);
  const nC = nD / (1 - sMach);
  return { sc, nD, nC, nB: nC / (1 - sc * (1 - omega)) };
}

/**
 * Sections 2, 3, 6.1 to 7.3 of the cost model for one lane, at likely rates.
 *
 * @returns the model, or why no money can be computed (a missing brief field, or no figure for the metal on this lane)
 */
export function laneModel(
  facts: PartFacts,
  lane: Lane,
  part: LanePart,
  screening: Screening,
  rates: RateSet,
): LaneModel | Uncosted {
  const v = rates.variants[lane.id];
  const fam = rates.families[facts.ratesFamily];
  const { capability } = lane;
  const Y = capability.yield[facts.family]?.[1];
  const life = capability.life_shots[facts.family]?.[1] ?? capability.life_shots.any?.[1];
  if (v === undefined || fam === undefined) return { uncosted: 'The rate set has no row for this lane.' };
  if (Y === undefined || life === undefined) return { uncosted: 'No yield or tool life is known for this metal here.' };
  if (v.cycle !== undefined && facts.t === null) return { uncosted: 'The die cycle needs geometry.sectionMax_mm.' };
  if (screening.F1_MN === null) return { uncosted: 'The clamp needs geometry.projected_cm2.' };
  const g = rates.global;
  const { brief, alloy } = facts;
  const Rinsp = likely(g.Rinsp);
  const R = {
    tool: likely(g[v.rate.tool]),
    shot: likely(g[v.rate.shot]),
    core: likely(g[v.rate.core]),
    finish: likely(g[v.rate.finish]),
  };
  const f = v.finish;
  const tight = brief.needs.pressureTight === true;
  const omega = likely(v.stage.omega);
  const strain = 1 + likely(g.kStrain) * screening.nStrain;
  const sMach = part.nSet > 0 ? likely(v.stage.sMach) : 0;
  const sIns = likely(v.stage.sIns) + (tight ? 0.01 * (5 - capability.pressureTight.v) : 0);
  const scrap = (share: number): number => Math.min(0.6, share * strain);
  const fit = screening.fit === 'possible' ? likely(g.kPoss) : screening.fit === 'special' ? likely(g.kSpec) : 0;
  return {
    lane,
    facts,
    part,
    screening,
    rates,
    v,
    R,
    Y,
    lambda: capability.misrunShare.v[1],
    warmUp: capability.warmUpPours.v[1],
    life,
    learnPieces: capability.scrap.learnPieces.v[1],
    K: (1 + likely(g.oh)) * (1 + likely(g.mg)) * (1 + fit),
    toolFactor: 1 + likely(g.mk),
    cores: v.coreRule.perPassage * facts.nP + v.coreRule.perUndercut * facts.nU + v.coreRule.perHole * part.nHc,
    settled: stages(scrap(capability.scrap.settled.v[1]), sMach, sIns, omega),
    fresh: stages(scrap(capability.scrap.new.v[1]), sMach, sIns, omega),
    ideal: stages(0, 0, 0, omega),
    finish:
      (R.finish * ((likely(f.tCut) + likely(f.tF) * facts.a) * likely(fam.fFet) + likely(f.tStr))) / 60 +
      likely(f.kB) * part.mc,
    heat: brief.needs.heatTreated === true ? likely(fam.kHT) * part.mc : 0,
    look:
      (likely(g.lookMin) * facts.D * Rinsp) / 60 +
      (tight ? likely(g.Ptest) : 0) +
      (brief.needs.xray ? likely(g.Xray) : 0),
    measure: (facts.nD * likely(g.GeoMin) * Rinsp) / 60,
    price: alloy.price_USD_kg[1],
    meltLoss: alloy.meltLoss_pct[1] / 100,
    kRet: likely(fam.kRet),
    melting: likely(fam.aMelt) + likely(fam.eMelt) * likely(g.pE),
    setUp:
      likely(v.lot.hSU) * R.shot +
      likely(v.lot.kLot) +
      likely(v.lot.hFO) * Rinsp +
      part.nSet * likely(rates.operations.hSetup) * likely(g.Rmc),
    omega,
    cRw: likely(v.stage.cRw),
    sampleShare: likely(g.sampleShare),
  };
}
