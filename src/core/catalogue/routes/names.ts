import { ROUTE_WORDS, SHORT_NAMES, VARIANT_WORDS } from './short-names.data';

/** Routes that are compared. */
export const ROUTE_COUNT = 9;

/**
 * Kin of a route, by what becomes of its mould: used to group tones and dashes.
 *
 * @param routeId of the route table
 * @returns what its mould is made of
 * @example
 * kinOf('plaster') // 'burnt-out'
 */
export function kinOf(routeId: string): 'sand' | 'burnt-out' | 'metal' | 'rubber' {
  if (routeId === 'green-sand' || routeId === 'bonded-sand') return 'sand';
  if (routeId === 'plaster' || routeId.endsWith('investment')) return 'burnt-out';
  return routeId === 'spin' ? 'rubber' : 'metal';
}

/**
 * A lane's or baseline's name short enough for a sentence or a chart label.
 *
 * @param laneId "route/variant", or a baseline
 * @returns a name for a sentence, without capital
 * @example
 * shortName('gravity-die/hand') // 'gravity die, ladled by hand'
 */
export function shortName(laneId: string): string {
  return SHORT_NAMES[laneId] ?? SHORT_NAMES[laneId.split('/')[0] ?? ''] ?? laneId;
}

/**
 * Name of a lane's route and what sets its variant apart, for the head of a row.
 *
 * @param laneId "route/variant", or a baseline
 * @returns both names
 * @example
 * laneWords('gravity-die/hand') // { route: 'Gravity die', variant: 'ladled by hand' }
 */
export function laneWords(laneId: string): { route: string; variant: string } {
  return { route: ROUTE_WORDS[laneId.split('/')[0] ?? ''] ?? laneId, variant: VARIANT_WORDS[laneId] ?? laneId };
}
