/** The nine routes, their variants and what each can do. */
export { ROUTES } from './data';
export { LAYER_LINES, LOOKS, MASTER_COPIES, type Look } from './data/look.data';
export { SHOPS } from './data/shops.data';
export { LANES, findLane, type Lane } from './lanes';
export { kinOf, laneWords, ROUTE_COUNT, shortName } from './names';
export { CAPABILITY_FAMILIES } from './types';
export type {
  Ability,
  ByFamily,
  Capability,
  CapabilityFamily,
  GrainNeed,
  Layout,
  PourConditions,
  Route,
  RouteVariant,
  WidthClaim,
} from './types';
export { ROUTE_DASH, ROUTE_WEIGHT } from './strokes.data';
