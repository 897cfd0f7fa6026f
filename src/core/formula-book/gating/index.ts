/** Gating: what is poured, how fast and through which areas; how far metal runs; vents; the fill of a pressure die. */
export { dieFillTime } from './die-fill';
export { chokeArea, effectiveHead, sprueTaper } from './choke';
export { fillTime, fillWindow } from './fill-time';
export { pouredMass } from './poured';
export { capillaryHead, flowLength, reachOfPositions, type ReachPosition, type RunRisk } from './reach';
export { criticalVelocity, gateVelocity, gatingAreas, runnerReynolds } from './runner';
export { ventArea } from './vents';
export { REACH_RATIO, RUN_LENGTH } from './reach';
export { DIE_FILL_TIME } from './die-fill';
export { AREA_OF_RATIO, REYNOLDS, GATE_SPEED } from './runner';
export { GAS_FLOW, VENT_AREA } from './vents';
export { CHOKE_AREA, HEAD, SPRUE_TOP } from './choke';
export { FILL_LEAST, FILL_MOST, FILL_TIME, type FillRule, IRON_JUMP_KG } from './fill-time';
export { CHARGE, POURED, YIELD } from './poured';
