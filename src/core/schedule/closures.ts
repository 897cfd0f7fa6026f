import type { RateSet } from '../rates';
import { likely } from '../base/figures';
import { dayNumber, weekday } from '../base/day';
import type { Delivered, Timeline } from './timeline';

/**
 * Calendar days from the order when the shop shuts on holidays: each that falls on a working day before the end pushes
 * the end by the calendar days of one working day (it may then meet further ones).
 *
 * @param orderDate ISO date of the order; null leaves the days as they are
 * @param days calendar days with weekends but without holidays
 * @param calendar of the rate set; a week has its first `workdaysPerWeek` days worked
 * @throws {CoreError} E_DATE for an unreal date
 * @example
 * daysWithHolidays(null, 12, rates.calendar) // 12
 */
export function daysWithHolidays(orderDate: string | null, days: number, calendar: RateSet['calendar']): number {
  const start = orderDate === null ? 0 : dayNumber('orderDate', orderDate);
  const push = likely(calendar.calendarPerWorkday);
  let met = 0;
  for (const day of shutDays(orderDate, calendar)) {
    // Judged as the stops of a curve are, so that both meet the same holidays to the last bit.
    if (day - start - met * push > days) break;
    met++;
  }
  return days + met * push;
}

/** Numbers of the holidays from the order on that fall on a working day, in their order. */
function shutDays(
  orderDate: string | null,
  { holidays = [], workdaysPerWeek }: RateSet['calendar'],
): readonly number[] {
  if (orderDate === null || holidays.length === 0) return [];
  const start = dayNumber('orderDate', orderDate);
  const shut = holidays
    .map((iso, i) => dayNumber(`holidays[${i}]`, iso))
    .filter((day) => day >= start && weekday(day) < workdaysPerWeek)
    .sort((a, b) => a - b);
  return [...new Set(shut)];
}

/** A stop at holidays: what would end on `day` or later, holidays left out, ends on `after` or later, not on `before`. */
interface Stop {
  readonly day: number;
  readonly before: number;
  readonly after: number;
}

/** The stops that work meets on its way; holidays that follow each other are one. */
function stopsOf(orderDate: string | null, calendar: RateSet['calendar']): Stop[] {
  const out: Stop[] = [];
  const push = likely(calendar.calendarPerWorkday);
  const start = orderDate === null ? 0 : dayNumber('orderDate', orderDate);
  shutDays(orderDate, calendar).forEach((shut, i) => {
    const last = out.at(-1);
    const day = Math.max(last?.day ?? -Infinity, shut - start - i * push);
    if (last !== undefined && day === last.day) out[out.length - 1] = { ...last, after: last.after + push };
    else out.push({ day, before: day + i * push, after: day + (i + 1) * push });
  });
  return out;
}

/**
 * A timeline with the holidays of the calendar in it: what they interrupt lasts longer, what follows begins later.
 *
 * @example
 * timelineWithHolidays({ stretches: [], firstArticle_d: 7, lastPart_d: 14 }, null, rates.calendar).lastPart_d // 14
 */
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

/** Pieces that are no piece. */
const MOMENT = 1e-9;

/**
 * A delivery curve with the holidays of the calendar in it: a step to the side at each holiday that is met, so that every
 * day read off the curve is that of `daysWithHolidays`.
 *
 * @example
 * curveWithHolidays([{ day: 10, pieces: 5 }], null, rates.calendar) // [{ day: 10, pieces: 5 }]
 */
export function curveWithHolidays(
  curve: readonly Delivered[],
  orderDate: string | null,
  calendar: RateSet['calendar'],
): Delivered[] {
  const shut = (days: number): number => daysWithHolidays(orderDate, days, calendar);
  const stops = stopsOf(orderDate, calendar);
  return curve.flatMap((b, i): Delivered[] => {
    const a = curve[i - 1];
    const corner = { ...b, day: shut(b.day) };
    if (a === undefined || !(b.day > a.day)) return [corner];
    const between = stops
      .filter((s) => s.day > a.day && s.day <= b.day)
      .flatMap(({ day, after, before }): Delivered[] => {
        const pieces = a.pieces + ((b.pieces - a.pieces) * (day - a.day)) / (b.day - a.day);
        // What is good at that very moment comes after it.
        return [
          { day: before, pieces: Math.max(a.pieces, pieces - MOMENT) },
          { day: after, pieces },
        ];
      });
    return [...between, corner];
  });
}
