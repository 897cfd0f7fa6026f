/** Formulas of time: working days, networks of tasks, stations that work at once. */
export { criticalPath, type Task } from './network';
export { cumulativeDay, flowLine, johnsonOrder, overlap } from './stations';
export { addWorkdays, shiftHours, workdaysBetween, type WorkCalendar } from './workdays';
export { operatorChart } from './operator-chart';
export { CHART_CYCLE } from './operator-chart';
