/** Choosing among alloys: needs of the metal, and the brief poured in every alloy on every route. */
export {
  bestCondition,
  missesOf,
  needsOfBrief,
  NO_NEEDS,
  withNeeds,
  type AlloyNeeds,
  type Environment,
  type Miss,
} from './needs';
export { alloyPair, alloyPairs, type AlloyOnRoute, type AlloyPair } from './pairs';
