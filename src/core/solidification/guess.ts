import { freezingBehindFilm } from '../formula-book/solidification';
import { refuse } from '../base/errors';
import type { MetalHeat, MouldSide } from './types';

type Ring = readonly (readonly [number, number])[];

/** Area over rim of a body in section, mm: its modulus where it goes on into the drawing. */
function modulusOf(body: readonly Ring[]): number {
  let [twice, rim] = [0, 0];
  for (const ring of body)
    ring.forEach(([x, y], i) => {
      const [u, v] = ring[(i + 1) % ring.length] as readonly [number, number];
      twice += x * v - u * y;
      rim += Math.hypot(u - x, v - y);
    });
  return rim > 0 ? Math.abs(twice) / 2 / rim : 0;
}

/** A thick end of a body freezes so much later than its area over its rim tells. Basis: of the demo parts. */
const THICK_END = 1.4;

/**
 * Time in which a section should freeze about, by the closed form for its heaviest body: the steps of a run hang on it, not its answer.
 *
 * @param bodies closed lines of each body of metal, mm; metal and mould in the units of their names
 * @returns s
 * @throws {CoreError} E_LENGTH for bodies of no size
 * @example
 * guessOf(square, metal, sand) > 5 // true
 */
export function guessOf(bodies: readonly (readonly Ring[])[], metal: MetalHeat, mould: MouldSide): number {
  const modulus = Math.max(0, ...bodies.map(modulusOf));
  if (!(modulus > 0)) refuse('E_LENGTH', 'bodies', bodies.length, 'a section of some size');
  const { time_s } = freezingBehindFilm({
    ...{ rhoMetal_kg_m3: metal.rho, tFreeze_C: (metal.solidus + metal.liquidus) / 2, tMould_C: mould.temperature },
    latentEff_J_kg: metal.latent + metal.cLiquid * (metal.pour - metal.liquidus),
    ...{ kMould_W_mK: mould.k, rhoMould_kg_m3: mould.rho, cMould_J_kgK: mould.c },
    ...{ h_W_m2K: mould.film, modulus_mm: THICK_END * modulus },
  });
  return time_s;
}

/** Mould that heat reaches until all is frozen, in √(αt); and what is taken at least and at most, mm. */
const REACHED = 2;
const LEAST_MM = 12;
const MOST_MM = 120;
const MM_PER_M = 1000;

/**
 * Mould round a section that takes part in its freezing, mm.
 *
 * @param mould in the units of its names; time_s in which the section freezes about
 * @example
 * marginOf(sand, 400) > 12 // true
 */
export const marginOf = (mould: MouldSide, time_s: number): number =>
  Math.min(MOST_MM, Math.max(LEAST_MM, REACHED * Math.sqrt((mould.k / (mould.rho * mould.c)) * time_s) * MM_PER_M));
