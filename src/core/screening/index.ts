/** Screening: every rule held against a lane, with limit, value, margin, reason and nearest fix. */
export { above, below, finding, ruleText } from './finding';
export { CLAMP_OF_ONE, POURED_FOR_ONE, RULE_EQUATIONS, SECTION_RATIO } from './equations';
export { alloyFit } from './metal';
export { clampPerPosition, screenLane, type Screening } from './screen';
export { gravity, worse, type Column, type Finding, type FindingUnit, type RuleText, type Status } from './types';
export { STATUS_WORDS } from './status-words';
