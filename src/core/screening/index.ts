/** Screening: every rule held against a lane, with limit, value, margin, reason and nearest fix. */
export { above, below, finding } from './finding';
export { ruleText } from './rule-text';
export { CLAMP_OF_ONE, POURED_FOR_ONE, RULE_EQUATIONS, SECTION_RATIO } from './equations';
export { isInRange } from './foundry';
export { alloyFit } from './metal';
export { clampPerPosition, screenLane, type Screening } from './screen';
export {
  gravity,
  worse,
  type Column,
  type Finding,
  type AdviceText,
  type FindingUnit,
  type RuleText,
  type Status,
} from './types';
export { STATUS_WORDS } from './status-words';
