import { HAZARDS } from './data/hazards.data';
import type { Alloy, Hazard } from './types';

/**
 * The hazards of an alloy, in the order its data gives, with the usual precautions.
 *
 * @param alloy of the table
 * @returns the hazards its row names
 * @example
 * hazardsOf(alloy)[0].id // 'molten-metal'
 */
export function hazardsOf(alloy: Alloy): readonly Hazard[] {
  return alloy.hazards.flatMap((id) => HAZARDS.filter((h) => h.id === id));
}
