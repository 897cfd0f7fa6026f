/** Ranking: which lane each way of choosing puts first, at which weights that turns, and the working of a score. */
export {
  RANKING_METHODS,
  FIRST_WEIGHTS,
  firstOf,
  laneScores,
  MOST_WEIGHT,
  rankingsAt,
  WEIGHED,
  weightTurns,
  type RankingMethod,
  type LaneScores,
  type Rankings,
  type Weighed,
  type Weights,
  type WeightTurn,
} from './rankings';
export { rankingExplanation, RANKING_WORDS } from './ranking-explanation';
export { scoreWorking } from './score-working';
