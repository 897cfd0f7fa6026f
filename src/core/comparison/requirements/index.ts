/** What the brief asks for, and what each thing asked costs in money, days and closed routes. */
export { effectOf, type LaneEffect, type RequirementCost } from './effect';
export { requirementsOf, withoutAll } from './list';
export { relaxations, requirementCosts, type Relaxations } from './price';
export type { Requirement } from './requirement';
