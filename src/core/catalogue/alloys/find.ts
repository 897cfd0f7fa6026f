import { ALLOYS } from './data';
import { HAZARDS } from './data/hazards.data';
import type { Alloy, Hazard } from './types';

const BY_ID = new Map(ALLOYS.map((a) => [a.id, a]));

/**
 * The alloy of that id, or undefined when the shop keeps none of that name.
 *
 * @param id of the alloy table
 * @returns undefined where there is none
 * @example
 * findAlloy('no such alloy') // undefined
 */
export function findAlloy(id: string | null | undefined): Alloy | undefined {
  return id == null ? undefined : BY_ID.get(id);
}

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

/** The nearest alternative whose fit for a route is not "no", with the reason given for it. */
export function nearestPourable(alloy: Alloy, routeId: string): { alloy: Alloy; reason: string } | undefined {
  for (const near of alloy.nearAlternatives) {
    const other = BY_ID.get(near.id);
    const fit = other?.routes[routeId]?.fit;
    if (other && fit !== undefined && fit !== 'no') return { alloy: other, reason: near.reason };
  }
  return undefined;
}
