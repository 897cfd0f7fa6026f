import { oneOf, within } from '../../base/checks';
import { ROUTES } from '../../catalogue/routes';

/** What feeds a casting while it freezes. */
export type Feeder = 'riser' | 'tree' | 'tube' | 'gate' | 'none';

const ROUTE_IDS = ROUTES.map((route) => route.id);

/** Routes that feed in another way than by risers, whatever the metal. */
const OWN_FEEDER: Readonly<Partial<Record<string, Feeder>>> = {
  'shell-investment': 'tree',
  'flask-investment': 'tree',
  'pressure-die': 'gate',
  spin: 'gate',
};

/**
 * What feeds the casting on a route (formula feed.need). A drawing that asks for leak tests or X-rays may need feeding
 * where this says none.
 *
 * @param input.route a route id; input.variant tilt or low-pressure, for the permanent mould only
 * @param input.netShrink shrinkage less the graphite expansion the mould really holds, −0.1 to 0.15
 * @returns riser, tree, riser tube, gate under pressure, or none
 * @throws {CoreError} E_KEY for an unknown route or a permanent mould without its variant, E_RANGE for the shrinkage
 * @example
 * feederFor({ route: 'bonded-sand', netShrink: -0.005 }).feeder // 'none'
 */
export function feederFor(input: { route: string; variant?: string; netShrink: number }): { feeder: Feeder } {
  const shrink = within('netShrink', input.netShrink, -0.1, 0.15);
  const route = oneOf('route', input.route, ROUTE_IDS);
  const variant =
    route === 'permanent-mould' ? oneOf('variant', input.variant, ['tilt', 'low-pressure'] as const) : null;
  if (variant === 'low-pressure') return { feeder: 'tube' };
  return { feeder: OWN_FEEDER[route] ?? (shrink > 0 ? 'riser' : 'none') };
}
