/** Ways to choose: one weighted score, first things first, least regret, what is beaten by nothing, and two plans in turn. */
export { lexicographic } from './lexicographic';
export type { Criterion, Option } from './options';
export { pareto } from './pareto';
export { regret } from './regret';
export { twoStage, type Due } from './two-stage';
export { columnOf, rankReversal, weighted, type Normalise } from './weighted';
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
