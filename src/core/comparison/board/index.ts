/** The board: nine routes by six columns at a quantity, the ribbon, the crossings, the verdict. */
export {
  boardAt,
  WORKDAYS_A_YEAR,
  type Board,
  type BoardBaseline,
  type BoardLane,
  type Cell,
  type LaneDates,
} from './board';
export { BOARD_COLUMNS, COLUMNS, columnTitle, type BoardColumn, type BoardColumnInfo } from './columns';
export { COMPARISON_COLUMNS, reasonOf, type ComparisonColumn } from './comparison-columns';
export { crossings, crossingsOf, winnerRuns, winnerRunsFound, type Crossing, type WinnerRun } from './crossings';
export { evaluate, type EvaluatedLane, type Evaluation } from './evaluate';
export { leaderAt, runnersOf, winnerAt } from './leader';
export { RAIL_MAX, railQuantities, ribbon, type RibbonCell } from './ribbon';
export {
  leadingWay,
  exactMoney,
  plainMoney,
  shortFigure,
  verdictOf,
  verdictSentence,
  verdictExplanation,
  weeks,
  type Verdict,
} from './verdict';
export { costCurvesOf, type Curve, type CostCurves } from './cost-curves';
