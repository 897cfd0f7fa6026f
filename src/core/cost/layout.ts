import { floorGuarded } from '../checks';
import { likely } from '../figures';
import type { LaneModel } from './lane-model';

/**
 * Most positions tried where a lane allows any count; all counts up to it are tried. Were only round counts and the
 * largest that fits tried, asking less of a part could make it dearer: a smaller part that takes one position more
 * would no longer be tried at the count it had. Basis: assumed; no route of the data takes more.
 */
const MOST_TRIED = 120;

/** One way to fill a mould: positions n, tool cavities nt, and what tool and pour then cost. */
export interface LayoutPlan {
  /** Positions in a pour (n). */
  readonly n: number;
  /** Cavities of the tool (nt); 0 where nothing is cut. */
  readonly nt: number;
  /** Tool hours (Hₜ). */
  readonly Ht: number;
  /** First tool (C₁), USD. */
  readonly C1: number;
  /** Poured mass (M), kg. */
  readonly M: number;
  /** Mould volume (Vm), dm³. */
  readonly Vm: number;
  /** Die cycle, s; 0 where no die is cycled. */
  readonly cycle_s: number;
  /** One pour (c_pour), USD, and its parts. */
  readonly pour: number;
  readonly mould: number;
  readonly coring: number;
  readonly prints: number;
  readonly pouring: number;
  readonly knockOut: number;
  /** Upkeep a shot, USD. */
  readonly upkeep: number;
  /** USD a pour: pour, and the metal melted for it less its return. */
  readonly perPour: number;
  /** Good castings a pour with misruns taken off: n(1 − λ). */
  readonly castingsPerPour: number;
}

/** The largest number of positions each limit allows (equation 4.1), each at least 1. */
export function positionLimits(model: LaneModel): { plate: number; mass: number; clamp: number; slides: number } {
  const { facts, lane, part, screening } = model;
  const layout = lane.capability.layout;
  const sides =
    model.v.mould === 'shell' ? [facts.L, facts.W, facts.H].sort((x, y) => x - y).slice(0, 2) : [facts.L, facts.W];
  const cell = ((sides[0] ?? 0) + layout.gap_mm) * ((sides[1] ?? 0) + layout.gap_mm) * layout.runFactor;
  const F1 = screening.F1_MN ?? 0;
  const atLeastOne = (x: number): number => Math.max(1, floorGuarded(x));
  return {
    plate: atLeastOne((layout.plate_mm[0] * layout.plate_mm[1]) / cell),
    mass: atLeastOne((layout.massLimit_kg * model.Y) / part.mc),
    clamp: layout.maxClamp_MN !== undefined && F1 > 0 ? atLeastOne(layout.maxClamp_MN / F1) : Infinity,
    slides: layout.nMaxWithSlides !== undefined && facts.nU >= 2 ? layout.nMaxWithSlides : Infinity,
  };
}

/** The most positions that fit a pour: the least of all limits. */
export function mostPositions(model: LaneModel): number {
  const { plate, mass, clamp, slides } = positionLimits(model);
  return Math.min(plate, mass, clamp, slides, model.lane.capability.layout.nMax ?? Infinity);
}

/** Every sensible layout of a lane (equation 4.3), fewest positions first. */
export function layoutPlans(model: LaneModel): LayoutPlan[] {
  const { layout } = model.lane.capability;
  const most = mostPositions(model);
  const counts =
    layout.nAllowed === 'any'
      ? Array.from({ length: Math.min(most, MOST_TRIED) }, (_, i) => i + 1)
      : layout.nAllowed.filter((n) => n <= most);
  if (counts.length === 0) counts.push(1);
  return counts.flatMap((n) =>
    (layout.toolPerPosition ? [n] : (layout.toolCavities ?? [0])).map((nt) => layoutPlan(model, n, nt)),
  );
}

/**
 * A layout somebody holds against the cheapest: as many positions, and a tool of as many cavities, as he says.
 * @returns null where so many positions do not fit a pour
 */
export function heldPlan(model: LaneModel, n: number, nt: number): LayoutPlan | null {
  if (n > mostPositions(model)) return null;
  const { toolPerPosition, toolCavities } = model.lane.capability.layout;
  return layoutPlan(model, n, toolPerPosition ? n : (toolCavities ?? [0]).includes(nt) ? nt : (toolCavities?.[0] ?? 0));
}

/** Tool, pour and cycle of one layout (sections 4 to 6). */
export function layoutPlan(model: LaneModel, n: number, nt: number): LayoutPlan {
  const { facts, lane, part, v, R, rates } = model;
  const { layout } = lane.capability;
  const t = v.tooling;
  const s = v.shot;
  const cavities = Math.max(1, nt);
  const repeats = nt > 1 ? 1 + likely(t.r) * (nt - 1) : 1;
  const perCavity =
    likely(t.hN) +
    likely(t.hA) * facts.a * facts.kappa +
    likely(t.hHole) * part.nHc +
    likely(t.hCore) * facts.nP +
    likely(t.hU) * facts.nU;
  const Ht = likely(t.h0) + likely(t.hE) * facts.E * cavities + repeats * perCavity;
  const C1 = Ht * R.tool + likely(t.m0) + likely(t.mV) * facts.B * cavities + likely(t.nTry) * likely(t.cTry);
  const M = (n * part.mc) / model.Y;
  const cell = (facts.L + layout.gap_mm) * (facts.W + layout.gap_mm) * layout.runFactor;
  const Vm = v.mould === 'flask' ? (n * cell * (facts.H + 2 * layout.cover_mm)) / 1e6 : 0;
  const coats = likely(s.coats);
  const injection = nt > 0 ? (likely(s.tInj) * n) / nt : 0;
  const mould =
    (R.shot * (likely(s.t0) + likely(s.tV) * Vm + likely(s.tN) * n + likely(s.tR) * coats + injection)) / 60 +
    likely(s.k0) +
    likely(s.kV) * Vm +
    likely(s.kN) * n +
    likely(s.kA) * facts.a * n * Math.max(1, coats);
  const coring = n * model.cores * ((likely(s.tC) * facts.D * R.core) / 60 + likely(s.kC) * facts.D * facts.D);
  const prints = v.print === undefined ? 0 : n * (likely(v.print.p0) + likely(v.print.pV) * facts.V);
  const F = n * (model.screening.F1_MN ?? 0);
  const c = v.cycle;
  const bF = likely(rates.families[facts.ratesFamily]?.bF);
  const cycle_s =
    c === undefined
      ? 0
      : likely(c.tc0) +
        likely(c.tcN) * n +
        likely(c.tcF) * F +
        bF * likely(c.beta) * (facts.t ?? 0) +
        likely(c.tU) * facts.nU * n;
  const pouring =
    c === undefined
      ? (R.shot * (likely(s.tp0) + likely(s.tpM) * M)) / 60
      : ((likely(c.rm0) + likely(c.rmF) * F + likely(c.crew) * R.shot) * cycle_s) / 3600;
  const knockOut = (R.finish * likely(v.finish.tKO)) / 60;
  const pour = mould + coring + prints + pouring + knockOut;
  const meltPerKg = model.price * (1 + model.meltLoss - model.kRet) + model.melting;
  return {
    n,
    nt,
    Ht,
    C1,
    M,
    Vm,
    cycle_s,
    pour,
    mould,
    coring,
    prints,
    pouring,
    knockOut,
    upkeep: (likely(t.mu) * C1) / model.life,
    perPour: pour + M * meltPerKg,
    castingsPerPour: n * (1 - model.lambda),
  };
}
