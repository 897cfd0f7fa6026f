/** Simulation: a study's sums worked through with figures drawn from low, likely and high, and what that says of the choice. */
export { atOnce } from './at-once';
export { fillDraws, streamOf, uniformAt, valueAt, type Spread } from './draws';
export { simulationModel, QUANTITY, type SimulationInput, type SimulatedLane, type SimulationModel } from './model';
export { BLOCK, Program, Runner } from './program';
export {
  CONFIDENCE,
  DRAWS,
  DrawStore,
  Sampling,
  type Band,
  type DifferenceSpread,
  type SimulationSummary,
  type LaneSpread,
  type SamplingAsk,
  type Share,
} from './sampling';
export { briefFlips, quantityFlips, type BriefFlip, type FlipCost, type FlipCosts } from './brief-flips';
export { bracketOf, FLIP_STEPS, FlipFinder, flipsOf, type Flip } from './flips';
export { moversOf, type Mover } from './swings';
export { percent, rough } from './rounding';
export { inputWords } from './input-words';
export { drawsParts, figureWords, nearness, sentence } from './words';
export { briefFlipExplanation, flipExplanation, stanceOf, type Stance } from './flip-explanation';
export { flipCostWorking } from './flip-cost-working';
export { planBriefFlips } from './plan-brief-flips';
export {
  laneFlips,
  planFlips,
  planPair,
  raceOf,
  samplingOf,
  type DrawAsk,
  type DrawnPlan,
  type FoundFlips,
} from './study-simulation';
export {
  differenceDrawn,
  drawnWorking,
  FIGURE_DRAWN,
  flipWorking,
  moverWorking,
  roomWorking,
  shareDrawn,
  type DrawnFigure,
  type DrawnHow,
} from './simulation-workings';
