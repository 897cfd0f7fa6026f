/** Alloys and metal prices of a team's own, beside those of the book. */
export { alloyChanges, type AlloyChange } from './changes';
export { ALLOY_FIELDS, type AlloyField } from './fields.data';
export { ALLOY_FACTS_SCHEMA, ALLOY_PRICE_SCHEMA, parseAlloyFacts, TEAM_ALLOY_SCHEMA, type AlloyIssue } from './schema';
export type { AlloyFacts, AlloyPrice, TeamAlloy, TeamAlloys } from './types';
export { wholeAlloy } from './whole';
