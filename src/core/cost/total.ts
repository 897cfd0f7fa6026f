import { ceilGuarded } from '../checks';
import { likely } from '../figures';
import type { LaneModel } from './lane-model';
import type { LayoutPlan } from './layout';
import { lotCost, lotLines, lotRun, type LineId } from './lot';

/** The lots of a programme: full ones with new and with settled scrap, and one remainder. */
export interface LotSplit {
  readonly size: number;
  readonly freshFull: number;
  readonly settledFull: number;
  readonly rest: number;
  readonly restIsFresh: boolean;
}

/** How q pieces fall into lots; a lot that starts before the learning pieces are made carries new scrap. */
export function splitLots(learnPieces: number, lot: number, q: number): LotSplit {
  const full = Math.floor(q / lot);
  const rest = q - full * lot;
  const freshFull = Math.min(full, ceilGuarded(learnPieces / lot));
  return { size: lot, freshFull, settledFull: full - freshFull, rest, restIsFresh: full * lot < learnPieces };
}

/** Tooling money over a programme (equations 5.3, 5.5, 8.2), USD, mark-up included. */
export interface ToolingLines {
  readonly firstTool: number;
  readonly replacementSets: number;
  readonly fixtures: number;
  readonly gauges: number;
}

/** Replacement sets for a number of shots (equation 5.3). */
export function replacementSets(shots: number, life: number): number {
  return shots > 0 ? Math.max(0, ceilGuarded(shots / life) - 1) : 0;
}

function programmeShots(model: LaneModel, plan: LayoutPlan, split: LotSplit): number {
  let shots = 0;
  if (split.freshFull > 0) shots += split.freshFull * lotRun(model, plan, model.fresh, split.size).shots;
  if (split.settledFull > 0) shots += split.settledFull * lotRun(model, plan, model.settled, split.size).shots;
  if (split.rest > 0) shots += lotRun(model, plan, split.restIsFresh ? model.fresh : model.settled, split.rest).shots;
  return shots;
}

/** Tooling lines at q pieces. */
export function toolingLines(
  model: LaneModel,
  plan: LayoutPlan,
  lot: number,
  q: number,
): ToolingLines & { sets: number; shots: number } {
  const shots = programmeShots(model, plan, splitLots(model.learnPieces, lot, q));
  const sets = replacementSets(shots, model.life);
  const mk = model.toolFactor;
  return {
    firstTool: mk * plan.C1,
    replacementSets: mk * sets * likely(model.v.tooling.fRep) * plan.C1,
    fixtures: mk * fixtures(model, q),
    gauges: mk * gauges(model, q),
    sets,
    shots,
  };
}

function fixtures(model: LaneModel, q: number): number {
  const op = model.rates.operations;
  const { nSet } = model.part;
  return (
    nSet * Math.min(likely(op.cFix), q * likely(op.cSoft)) + nSet * likely(op.hProg) * likely(model.rates.global.Rprog)
  );
}

function gauges(model: LaneModel, q: number): number {
  const g = model.rates.global;
  return model.part.nG * Math.min(likely(g.gaugeUSD), q * likely(g.gaugeHand));
}

/**
 * A layout of a lane readied for many quantities: T(q) with everything that does not hang on q worked out once.
 * Discounting (equation 8.3) is walked lot by lot when the rate set asks for it.
 */
export class ProgrammeCost {
  private readonly lotFresh: number;
  private readonly lotSettled: number;
  private readonly shotsFresh: number;
  private readonly shotsSettled: number;
  private readonly replacement: number;
  private readonly rDisc: number;

  constructor(
    readonly model: LaneModel,
    readonly plan: LayoutPlan,
    readonly lot: number,
    readonly perYear: number | null,
  ) {
    this.lotFresh = lotCost(model, plan, model.fresh, lot);
    this.lotSettled = lotCost(model, plan, model.settled, lot);
    this.shotsFresh = lotRun(model, plan, model.fresh, lot).shots;
    this.shotsSettled = lotRun(model, plan, model.settled, lot).shots;
    this.replacement = likely(model.v.tooling.fRep) * plan.C1;
    this.rDisc = likely(model.rates.global.rDisc);
  }

  /** T(q), USD, q whole and at least 1 (equation 8.2). */
  total(q: number): number {
    const { model, plan } = this;
    const s = splitLots(model.learnPieces, this.lot, q);
    const restStages = s.restIsFresh ? model.fresh : model.settled;
    const shots =
      s.freshFull * this.shotsFresh +
      s.settledFull * this.shotsSettled +
      (s.rest > 0 ? lotRun(model, plan, restStages, s.rest).shots : 0);
    const tooling =
      plan.C1 + replacementSets(shots, model.life) * this.replacement + fixtures(model, q) + gauges(model, q);
    const rest = s.rest > 0 ? lotCost(model, plan, restStages, s.rest) : 0;
    const parts =
      this.rDisc > 0 && this.perYear !== null
        ? this.discounted(s, rest)
        : s.freshFull * this.lotFresh + s.settledFull * this.lotSettled + rest;
    return model.toolFactor * tooling + model.K * parts;
  }

  private discounted(s: LotSplit, rest: number): number {
    const full = s.freshFull + s.settledFull;
    let sum = 0;
    for (let k = 0; k <= full; k++) {
      const money = k < s.freshFull ? this.lotFresh : k < full ? this.lotSettled : rest;
      sum += money / (1 + this.rDisc) ** Math.floor((k * this.lot) / (this.perYear ?? Infinity));
    }
    return sum;
  }
}

/** Everything a lane's columns show of money at one quantity, in the study's currency. */
export interface LaneMoney {
  readonly plan: LayoutPlan;
  /** T(q). */
  readonly total: number;
  /** Tooling over the programme: first tools, replacements, fixtures, gauges. */
  readonly tooling: number;
  readonly toolingLines: ToolingLines;
  readonly sets: number;
  readonly shots: number;
  /** Price of a piece of the usual lot, tooling apart (equation 8.4). */
  readonly unit: number;
  /** The unit price line by line; the lines add up to it. */
  readonly lines: Readonly<Record<LineId, number>>;
  /** T(q)/q. */
  readonly allIn: number;
  readonly lot: number;
}

/** Lines and totals of one readied layout at q pieces. */
export function laneMoney(cost: ProgrammeCost, q: number): LaneMoney {
  const { model, plan } = cost;
  const perUnit = model.rates.currency.perUnit;
  const total = cost.total(q);
  const { sets, shots, ...tools } = toolingLines(model, plan, cost.lot, q);
  const Q = Math.min(cost.lot, q);
  const stages = q < model.learnPieces ? model.fresh : model.settled;
  const raw = lotLines(model, plan, stages, Q);
  const scale = (model.K / Q) * perUnit;
  const lines = Object.fromEntries(Object.entries(raw).map(([k, x]) => [k, x * scale])) as Record<LineId, number>;
  const scaled = {
    firstTool: tools.firstTool * perUnit,
    replacementSets: tools.replacementSets * perUnit,
    fixtures: tools.fixtures * perUnit,
    gauges: tools.gauges * perUnit,
  };
  return {
    plan,
    total: total * perUnit,
    tooling: scaled.firstTool + scaled.replacementSets + scaled.fixtures + scaled.gauges,
    toolingLines: scaled,
    sets,
    shots,
    unit: lotCost(model, plan, stages, Q) * scale,
    lines,
    allIn: (total * perUnit) / q,
    lot: Q,
  };
}
