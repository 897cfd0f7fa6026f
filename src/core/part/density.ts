import { fromAlloy, type WorkingSymbol } from '../equations';
import type { PartFacts } from './types';

/**
 * Density of an alloy as a part's facts have it.
 *
 * @example
 * density(facts).unit // 'kg/cm³'
 */
export const density = (facts: PartFacts): WorkingSymbol =>
  fromAlloy(
    'rho',
    'density',
    facts.rho,
    'kg/cm³',
    `alloys.${facts.alloy.id}.density_kg_m3`,
    facts.alloy.basis['density'],
  );
