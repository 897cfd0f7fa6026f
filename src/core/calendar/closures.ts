import type { RateSet } from '../rates';
import { likely } from '../figures';
import { dayNumber, weekday } from './day';
import type { Timeline } from './timeline';

/**
 * Calendar days from the order when the shop shuts on holidays: each that falls on a working day before the end pushes
 * the end by the calendar days of one working day (it may then meet further ones).
 *
 * @param orderDate ISO date of the order; null leaves the days as they are
 * @param days calendar days with weekends but without holidays
 * @param calendar of the rate set; a week has its first `workdaysPerWeek` days worked
 * @throws {CoreError} E_DATE for an unreal date
 */
export function daysWithHolidays(orderDate: string | null, days: number, calendar: RateSet['calendar']): number {
  const { holidays = [], workdaysPerWeek } = calendar;
  if (orderDate === null || holidays.length === 0) return days;
  const start = dayNumber('orderDate', orderDate);
  const shut = holidays
    .map((iso, i) => dayNumber(`holidays[${i}]`, iso))
    .filter((day) => day >= start && weekday(day) < workdaysPerWeek)
    .sort((a, b) => a - b);
  const push = likely(calendar.calendarPerWorkday);
  let end = days;
  for (const day of new Set(shut)) {
    if (day - start > end) break;
    end += push;
  }
  return end;
}

/** A timeline with the holidays of the calendar in it: what they interrupt lasts longer, what follows begins later. */
export function timelineWithHolidays(
  timeline: Timeline,
  orderDate: string | null,
  calendar: RateSet['calendar'],
): Timeline {
  const shut = (days: number): number => daysWithHolidays(orderDate, days, calendar);
  return {
    stretches: timeline.stretches.map((s) => {
      const from_d = shut(s.from_d);
      return { ...s, from_d, days: shut(s.from_d + s.days) - from_d };
    }),
    firstArticle_d: shut(timeline.firstArticle_d),
    lastPart_d: shut(timeline.lastPart_d),
  };
}
