import { floorGuarded } from '../base/checks';
import {
  CASTINGS_A_POUR,
  CLAMP,
  CORES,
  CYCLE,
  DIE_CYCLE,
  KNOCK_OUT,
  LOST_PLACES,
  MOULD,
  MOULD_VOLUME,
  PER_POUR,
  POUR,
  POURED_MASS,
  POURING,
  PRINTS,
} from './equations/pour';
import { FIRST_TOOL, TOOL_HOURS, UPKEEP } from './equations/tooling';
import type { LaneModel, LayoutPlan } from './types';

/**
 * Counts of positions that are tried where a lane allows any, together with the largest that fits. Basis: assumed; a
 * foundry lays out round numbers, and not the one count that just escapes a step of the tables.
 */
const ROUND_COUNTS = [1, 2, 3, 4, 6, 8, 10, 12, 16, 20, 24, 30, 36, 48, 60, 80, 100, 120] as const;

/**
 * The largest number of positions each limit allows (equation 4.1), each at least 1.
 *
 * @example
 * Object.keys(positionLimits(model)) // ['plate', 'mass', 'clamp', 'slides']
 */
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

/**
 * The most positions that fit a pour: the least of all limits.
 *
 * @example
 * mostPositions(model) >= 1 // true
 */
export function mostPositions(model: LaneModel): number {
  const { plate, mass, clamp, slides } = positionLimits(model);
  return Math.min(plate, mass, clamp, slides, model.lane.capability.layout.nMax ?? Infinity);
}

/**
 * Every sensible layout of a lane (equation 4.3), fewest positions first.
 *
 * @example
 * layoutPlans(model).length === entry.costs.length // true
 */
export function layoutPlans(model: LaneModel): LayoutPlan[] {
  const { layout } = model.lane.capability;
  const most = mostPositions(model);
  const counts =
    layout.nAllowed === 'any'
      ? [...ROUND_COUNTS.filter((n) => n < most), most]
      : layout.nAllowed.filter((n) => n <= most);
  if (counts.length === 0) counts.push(1);
  // A tool of as many cavities is the same tool however many positions a pour has.
  const tools = new Map<number, Tool>();
  return counts.flatMap((n) =>
    (layout.toolPerPosition ? [n] : (layout.toolCavities ?? [0])).map((nt) => {
      const plan = layoutPlan(model, n, nt, tools.get(nt));
      tools.set(nt, plan);
      return plan;
    }),
  );
}

/**
 * A layout somebody holds against the cheapest: as many positions, and a tool of as many cavities, as he says.
 * @returns null where so many positions do not fit a pour
 * @example
 * overridePlan(model, 1, 1)?.n // 1
 */
export function overridePlan(model: LaneModel, n: number, nt: number): LayoutPlan | null {
  if (n > mostPositions(model)) return null;
  const { toolPerPosition, toolCavities } = model.lane.capability.layout;
  return layoutPlan(model, n, toolPerPosition ? n : (toolCavities ?? [0]).includes(nt) ? nt : (toolCavities?.[0] ?? 0));
}

type Draft = { -readonly [K in keyof LayoutPlan]: LayoutPlan[K] };

type Tool = Pick<LayoutPlan, 'Ht' | 'C1' | 'upkeep'>;

/**
 * Tool, pour and cycle of one layout (sections 4 to 6).
 * @param n positions @param nt cavities of the tool @param tool the tool, where it is worked out already
 * @example
 * layoutPlan(model, 1, 1).n // 1
 */
export function layoutPlan(model: LaneModel, n: number, nt: number, tool?: Tool): LayoutPlan {
  const plan: Draft = {
    n,
    nt,
    nL: 0,
    Ht: NaN,
    C1: NaN,
    M: NaN,
    Vm: NaN,
    F_MN: NaN,
    cycle_s: NaN,
    pour: NaN,
    mould: NaN,
    coring: NaN,
    prints: NaN,
    pouring: NaN,
    knockOut: NaN,
    upkeep: NaN,
    perPour: NaN,
    castingsPerPour: NaN,
  };
  const of = { model, plan };
  plan.nL = LOST_PLACES.value(of);
  plan.Ht = tool?.Ht ?? TOOL_HOURS.value(of);
  plan.C1 = tool?.C1 ?? FIRST_TOOL.value(of);
  plan.upkeep = tool?.upkeep ?? UPKEEP.value(of);
  plan.M = POURED_MASS.value(of);
  plan.Vm = MOULD_VOLUME.value(of);
  plan.F_MN = CLAMP.value(of);
  plan.mould = MOULD.value(of);
  plan.coring = CORES.value(of);
  plan.prints = PRINTS.value(of);
  plan.cycle_s = CYCLE.value(of);
  plan.pouring = model.v.cycle === undefined ? POURING.value(of) : DIE_CYCLE.value(of);
  plan.knockOut = KNOCK_OUT.value(of);
  plan.pour = POUR.value(of);
  plan.perPour = PER_POUR.value(of);
  plan.castingsPerPour = CASTINGS_A_POUR.value(of);
  return plan;
}
