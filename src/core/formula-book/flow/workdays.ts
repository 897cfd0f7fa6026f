import { finite, notNegative, positive, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { dayNumber, isoDay, weekday } from '../../base/day';

/** Working hours: by weekday from Monday, holidays, and single days that override both. */
export interface WorkCalendar {
  readonly hoursByWeekday?: readonly number[];
  readonly holidays?: readonly string[];
  readonly extra?: readonly { readonly date: string; readonly hours: number }[];
}

const USUAL_WEEK = [8, 8, 8, 8, 8, 0, 0];
const HORIZON_DAYS = 4000;

/** Hours worked on a day number, for a checked calendar. */
function hoursOf(calendar: WorkCalendar): (day: number) => number {
  const week = calendar.hoursByWeekday ?? USUAL_WEEK;
  if (week.length !== 7) refuse('E_LENGTH', 'hoursByWeekday', week, 'seven figures from Monday to Sunday');
  week.forEach((h, i) => {
    if (finite(`hoursByWeekday[${i}]`, h) < 0 || h > 24) refuse('E_RANGE', `hoursByWeekday[${i}]`, h, '0 to 24');
  });
  const special = new Map<number, number>();
  (calendar.holidays ?? []).forEach((iso, i) => special.set(dayNumber(`holidays[${i}]`, iso), 0));
  (calendar.extra ?? []).forEach((e, i) => {
    special.set(dayNumber(`extra[${i}].date`, e.date), notNegative(`extra[${i}].hours`, e.hours));
  });
  return (day) => special.get(day) ?? week[weekday(day)] ?? 0;
}

function nextWorkday(from: number, hours: (day: number) => number): number {
  for (let day = from; day <= from + HORIZON_DAYS; day++) if (hours(day) > 0) return day;
  return refuse('E_NO_SOLUTION', 'hoursByWeekday', 'no working day', `a working day within ${HORIZON_DAYS} days`);
}

/**
 * Finish of n working days (formula cal.add-workdays). A start on a free day rolls forward; 0 days is a milestone there.
 *
 * @param input.start ISO date; input.days whole working days, 0 or more; optional calendar
 * @returns finish and the first working day after it, ISO dates
 * @throws {CoreError} E_DATE for an unreal date, E_NO_SOLUTION for a calendar without a working day
 * @example
 * addWorkdays({ start: '2026-05-02', days: 1 }).finish // '2026-05-04'
 */
export function addWorkdays(input: { start: string; days: number } & WorkCalendar): { finish: string; next: string } {
  const start = dayNumber('start', input.start);
  const days = wholeNumber('days', notNegative('days', input.days));
  const hours = hoursOf(input);
  let day = nextWorkday(start, hours);
  for (let left = days; left > 1; left--) day = nextWorkday(day + 1, hours);
  return { finish: isoDay(day), next: isoDay(nextWorkday(day + 1, hours)) };
}

/**
 * Working days and hours in a span, both ends counted (formula cal.workdays-between).
 *
 * @param input.from, input.to ISO dates; optional calendar
 * @returns days with hours, and their hours
 * @throws {CoreError} E_ORDER when from lies after to
 * @example
 * workdaysBetween({ from: '2026-02-01', to: '2026-02-28' }).days // 20
 */
export function workdaysBetween(input: { from: string; to: string } & WorkCalendar): { days: number; hours: number } {
  const from = dayNumber('from', input.from);
  const to = dayNumber('to', input.to);
  const hours = hoursOf(input);
  if (from > to) refuse('E_ORDER', 'from', input.from, `not after ${input.to}`);
  let days = 0;
  let sum = 0;
  for (let day = from; day <= to; day++) {
    const h = hours(day);
    if (h > 0) days++;
    sum += h;
  }
  return { days, hours: sum };
}

/**
 * Finish of a number of working hours (formula cal.shift-hours).
 *
 * @param input.start ISO date; input.work_h hours of work, above 0; optional calendar
 * @returns finish day and the hours used on it
 * @throws {CoreError} E_SIGN for zero work
 * @example
 * shiftHours({ start: '2026-03-05', work_h: 40, hoursByWeekday: [16, 16, 16, 16, 8, 0, 0] }).finish // '2026-03-09'
 */
export function shiftHours(input: { start: string; work_h: number } & WorkCalendar): {
  finish: string;
  lastDay_h: number;
} {
  const start = dayNumber('start', input.start);
  const hours = hoursOf(input);
  let left = positive('work_h', input.work_h);
  let day = nextWorkday(start, hours);
  while (left > hours(day) + 1e-9) {
    left -= hours(day);
    day = nextWorkday(day + 1, hours);
  }
  return { finish: isoDay(day), lastDay_h: left };
}
