/** The nine routes, their variants and what each can do. */
export { ROUTES } from './data';
export { LANES, findLane, kinOf, laneWords, shortName, type Lane } from './lanes';
export type { Ability, ByFamily, Capability, CapabilityFamily, Layout, Route, RouteVariant } from './types';
