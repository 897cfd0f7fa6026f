/** Alloys: what each is, what it costs, where it can be poured and what it suffers. */
export { ALLOYS } from './data';
export { ALLOY_FAMILIES } from './data/families.data';
export { HAZARDS } from './data/hazards.data';
export { ALLOY_NAMES } from './names.data';
export { findAlloy } from './find';
export { hazardsOf } from './hazards';
export { nearestPourable } from './near';
export type { Alloy, AlloyCondition, AlloyFamily, Fit, Hazard } from './types';
