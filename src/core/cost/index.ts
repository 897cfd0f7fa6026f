/** Money of a lane: its model, its layouts, lots, tooling and totals. */
export { laneModel } from './lane-model';
export { overridePlan, layoutPlan, layoutPlans, mostPositions, positionLimits } from './layout';
export { cleanLot, lotCost, lotRun } from './lot';
export { lotsByYear, lotsOf, splitLots, worthOfYears } from './lots';
export { laneMoney, ProgrammeCost, replacementSets, toolingLines, wearOf } from './total';
export {
  LINE_IDS,
  type LaneInputs,
  type LaneModel,
  type LaneMoney,
  type LayoutPlan,
  type LineId,
  type LotPart,
  type LotRun,
  type LotSplit,
  type OfInputs,
  type OfProgramme,
  type Stages,
  type ToolingLines,
  type Uncosted,
} from './types';
export { COST_EQUATIONS, LINE_WORDS, WASTE_FIGURES, type Worth } from './equations';
export { inLot, isMoneyFigure, MONEY_FIGURES, moneyCase, moneyWorking, type MoneyCase } from './case';
