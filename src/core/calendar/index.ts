/** Calendar: working days, networks and stations; and the dates of a lane. */
export { curveWithHolidays, daysWithHolidays, timelineWithHolidays } from './closures';
export { dateAfter, dateWords, dayNumber, isNear, isoDay } from './day';
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
export { criticalPath, type Task } from './network';
export { deliveryCurve, laneTimeline, type Delivered, type Stretch, type StretchKind, type Timeline } from './timeline';
export { cumulativeDay, flowLine, johnsonOrder, overlap } from './stations';
export { addWorkdays, shiftHours, workdaysBetween, type WorkCalendar } from './workdays';
export { dayOfThe, isTimeFigure, TIME_FIGURES, timeWorking, type TimeCase } from './case';
export { TIME_EQUATIONS } from './equations';
