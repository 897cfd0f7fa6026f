/** Money of a lane: its model, its layouts, lots, tooling and totals; and the baselines. */
export { laneModel, type LaneModel, type Stages, type Uncosted } from './lane-model';
export { heldPlan, layoutPlan, layoutPlans, mostPositions, positionLimits, type LayoutPlan } from './layout';
export { LINE_IDS, lotCost, lotLines, lotRun, type LineId, type LotRun } from './lot';
export {
  laneMoney,
  ProgrammeCost,
  replacementSets,
  splitLots,
  toolingLines,
  type LaneMoney,
  type LotSplit,
  type ToolingLines,
} from './total';
export {
  fabricatedBaseline,
  joiningOf,
  machinedBaseline,
  solidDetails,
  stampedBaseline,
  type Baseline,
  type BaselineId,
} from './baselines';
