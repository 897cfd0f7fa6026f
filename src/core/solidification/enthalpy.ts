import type { MetalHeat } from './types';

/** A freezing range is taken at least this wide, K: a step of time must not jump over it. */
const LEAST_RANGE_K = 4;

/** Heat of a cubic metre of metal over its temperature, and back: superheat, freezing range, solid. */
export interface Enthalpy {
  readonly solidus: number;
  readonly liquidus: number;
  /** Heat capacities below, in and above the range, J/m³K, and the heat of all of it, J/m³. */
  readonly solid: number;
  readonly mushy: number;
  readonly liquidCapacity: number;
  readonly full: number;
  /** J/m³ at a temperature, counted from the solidus. */
  readonly of: (T: number) => number;
  readonly temperature: (H: number) => number;
}

/**
 * Heat of the metal by temperature: the heat of freezing is given up evenly over the range.
 *
 * @param metal in the units of its names
 * @example
 * enthalpyOf({ k: 100, rho: 2400, cLiquid: 1000, cSolid: 1000, latent: 400000, solidus: 550, liquidus: 600, pour: 700 }).of(550) // 0
 */
export function enthalpyOf(metal: MetalHeat): Enthalpy {
  const half = Math.max(0, LEAST_RANGE_K - (metal.liquidus - metal.solidus)) / 2;
  const [solidus, liquidus] = [metal.solidus - half, metal.liquidus + half];
  const [solid, liquid] = [metal.rho * metal.cSolid, metal.rho * metal.cLiquid];
  const range = liquidus - solidus;
  const mushy = (metal.rho * metal.latent) / range + (solid + liquid) / 2;
  const full = mushy * range;
  return {
    ...{ solidus, liquidus, solid, mushy, full, liquidCapacity: liquid },
    of: (T) =>
      T <= solidus ? solid * (T - solidus) : T <= liquidus ? mushy * (T - solidus) : full + liquid * (T - liquidus),
    temperature: (H) =>
      H <= 0 ? solidus + H / solid : H <= full ? solidus + H / mushy : liquidus + (H - full) / liquid,
  };
}
