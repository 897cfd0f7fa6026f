/** Ranking: which lane each way of choosing puts first, at which weights that turns, and the working of a score. */
export {
  CHOICE_SCHOOLS,
  FIRST_WEIGHTS,
  firstOf,
  laneScores,
  MOST_WEIGHT,
  schoolsAt,
  WEIGHED,
  weightTurns,
  type ChoiceSchool,
  type LaneScores,
  type Schools,
  type Weighed,
  type Weights,
  type WeightTurn,
} from './schools';
export { ledTold, SCHOOL_WORDS } from './led-told';
export { scoreWorking } from './score-working';
