/** Gating: what is poured, how fast and through which areas; how far metal runs; vents; the fill of a pressure die. */
export { dieFillTime } from './die-fill';
export { chokeArea, effectiveHead, sprueTaper } from './choke';
export { fillTime, fillWindow } from './fill-time';
export { pouredMass } from './poured';
export { capillaryHead, flowLength, reachOfPositions, type ReachPosition, type RunRisk } from './reach';
export { criticalVelocity, gateVelocity, gatingAreas, runnerReynolds } from './runner';
export { ventArea } from './vents';
