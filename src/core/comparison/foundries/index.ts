/** Foundries beside each other: who can make a part, and what the list of them covers. */
export { abilityMap, coverageGaps, oldValues, type AbilityRow, type Gap, type OldValue } from './coverage';
export { whoCan, type Candidate, type Objection, type WhoCan } from './who-can';
