/** The part as the equations see it: its facts, its features on a lane, its second operations. */
export { partFacts } from './facts';
export { type MissingFacts, type PartFacts } from './types';
export {
  judgeFeature,
  judgeHole,
  REAM_UNDER_MM,
  claimOf,
  leastCore,
  type ClaimOf,
  type FeatureCall,
  type FeatureVerdict,
  type HoleCall,
  type HoleLimits,
  type TolerancePolicy,
} from './features';
export { lanePart, type LanePart, type Operation } from './operations';
export { isPartFigure, PART_FIGURES, partWorking, shapeWorking, type PartCase } from './case';
export { PART_EQUATIONS } from './equations';
export { HELD_WIDTH } from './equations/widths';
export { GRIND_STOCK_MM, REAM_STOCK_MM } from './equations/machining';
export { POLICY_WORDS } from './policy-words';
export { coatsOf, hazardsOf, roughnessAsked, tightnessOf } from './needs';
export type { Taken } from './taken';
export { makingOf, type Making } from './process-steps';
export { density } from './density';
export { holeWords } from './hole-words';
export { cautionsOf } from './caution-case';
