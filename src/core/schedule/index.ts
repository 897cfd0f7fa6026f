/** Schedule: the dates of a lane. Tooling, samples and approval, the steps of the work, deliveries, and days when the shop is closed. */
export { curveWithHolidays, daysWithHolidays, timelineWithHolidays } from './closures';
export {
  dayOf,
  laneTime,
  NO_APPROVAL_UP_TO,
  stepsOf,
  type LaneTime,
  type ResourceLoad,
  type StepOnFloor,
  type StepTime,
} from './lane-time';
export { deliveryCurve, laneTimeline, type Delivered, type Stretch, type StretchKind, type Timeline } from './timeline';
export { dayOfThe, isTimeFigure, TIME_FIGURES, timeWorking, type TimeCase } from './case';
export { TIME_EQUATIONS } from './equations';
