import type { MetalHeat, MouldSide } from '../solidification';
import type { Method } from './types';

/** What a run of freezing on the section of a method begins with. */
export interface FreezingRun {
  readonly metal: MetalHeat;
  readonly mould: MouldSide;
}

const USED = [
  ...['kMetal', 'rhoLiquid', 'cLiquid', 'cSolid', 'latent', 'solidus', 'liquidus', 'pour'],
  ...['kMould', 'rhoMould', 'cMould', 'mouldTemp', 'film'],
];

/**
 * What a run of freezing begins with, from the values of a method.
 *
 * @returns null where the method stops before its freezing time
 * @example
 * freezingRun(method).mould.film > 0 // true
 */
export function freezingRun(method: Method): FreezingRun | null {
  const all = new Map([...method.givens, ...method.figures].map((x) => [x.id, x.value]));
  const at = (id: string): number => all.get(id) ?? NaN;
  const metal: MetalHeat = {
    ...{ k: at('kMetal'), rho: at('rhoLiquid'), cLiquid: at('cLiquid'), cSolid: at('cSolid'), latent: at('latent') },
    ...{ solidus: at('solidus'), liquidus: at('liquidus'), pour: at('pour') },
  };
  const mould: MouldSide = {
    ...{ k: at('kMould'), rho: at('rhoMould'), c: at('cMould'), temperature: at('mouldTemp'), film: at('film') },
  };
  return USED.every((id) => Number.isFinite(at(id))) ? { metal, mould } : null;
}
