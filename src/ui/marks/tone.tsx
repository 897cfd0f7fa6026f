import { ROUTE_DASH, ROUTE_WEIGHT } from '@/core/catalogue/routes';
import { INK, routeTone } from '../theme/ink';

export { ROUTE_DASH, ROUTE_WEIGHT };

const WITHOUT_A_CASTING = new Set(['machined', 'stamped', 'fabricated', 'split']);

/** CSS value of a route's tone; ways without a casting share one, a plan of two routes is drawn in ink. */
export function toneOf(laneId: string): string {
  const route = laneId.split('/')[0] ?? laneId;
  if (route === 'plan') return INK.ink;
  return routeTone(WITHOUT_A_CASTING.has(route) ? 'machined' : route);
}
