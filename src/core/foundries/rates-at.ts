import type { Figure, Triple } from '../base/figures';
import { bandOf } from './lane-at';
import type { Foundry, FoundryLine, Said } from './types';

/** The book's week, days of work and days of the calendar. */
const WEEK_DAYS = 7;

/** Rates of a variant that a foundry's profile speaks of. */
export interface VariantFigures {
  readonly time: {
    readonly queue: Figure;
    readonly shifts: number;
    readonly capPours: Figure;
    readonly tool: { readonly loopDays: Figure };
  };
}

/** The calendar that a foundry's shifts set. */
export interface ShiftCalendar {
  readonly shift_h: number;
  readonly workdaysPerWeek: number;
  readonly calendarPerWorkday: Figure;
}

const KNOWN_WORDS = { claimed: 'claimed', measured: 'measured by us', assumed: 'assumed by us' } as const;

/** How a value of a profile is known, for the note of a figure. */
const noteOf = (foundry: Foundry, { basis, date }: Said<unknown>): string =>
  `${foundry.name}, ${KNOWN_WORDS[basis]}, ${date}`;

function figureAt(was: Figure, said: Said<number | Triple> | undefined, foundry: Foundry): Figure {
  if (said === undefined) return was;
  const v = typeof was.v === 'number' && typeof said.v === 'number' ? said.v : bandOf(said.v);
  return { ...was, v, basis: 'shop', note: noteOf(foundry, said) };
}

/**
 * Money and time of a variant as one foundry runs it: its queue, shifts, pours a shift, and how long a change of the tool
 * takes; all else as it was.
 *
 * @param variant rates of the variant
 * @param line what the foundry says of it
 * @example
 * variantAt(rates.variants['gravity-die/hand'], { route: 'x', variant: 'y', poursPerShift: { v: 90, basis: 'measured', date: '2026-12-07' } }, { id: 'f', name: 'F', version: 1, profile: { lines: [] } }).time.capPours.v[1]
 * // 90
 */
export function variantAt<V extends VariantFigures>(variant: V, line: FoundryLine, foundry: Foundry): V {
  const { profile } = foundry;
  const { time } = variant;
  const { toolroom } = profile;
  const loops = toolroom === undefined ? undefined : { ...toolroom, v: toolroom.v.changeDays };
  return {
    ...variant,
    time: {
      ...time,
      queue: figureAt(time.queue, profile.queue_workingDays, foundry),
      shifts: profile.shifts?.v.n ?? time.shifts,
      capPours: figureAt(time.capPours, line.poursPerShift, foundry),
      tool: { ...time.tool, loopDays: figureAt(time.tool.loopDays, loops, foundry) },
    },
  };
}

/**
 * The calendar of a foundry: hours of a shift, days of work a week, and calendar days a working day takes, all from its
 * one line of shifts. A week of as many days as the book's leaves the book's calendar.
 *
 * @example
 * calendarAt({ shift_h: 8, workdaysPerWeek: 5, calendarPerWorkday: { v: 1.4, basis: 'rule' } }, { id: 'f', name: 'F', version: 1, profile: { lines: [], shifts: { v: { n: 1, hours: 10, daysPerWeek: 4 }, basis: 'claimed', date: '2026-11-16' } } }).calendarPerWorkday.v
 * // 1.75
 */
export function calendarAt<C extends ShiftCalendar>(calendar: C, foundry: Foundry): C {
  const { shifts } = foundry.profile;
  if (shifts === undefined) return calendar;
  const { hours, daysPerWeek } = shifts.v;
  return {
    ...calendar,
    shift_h: hours,
    workdaysPerWeek: daysPerWeek,
    calendarPerWorkday:
      daysPerWeek === calendar.workdaysPerWeek
        ? calendar.calendarPerWorkday
        : { ...calendar.calendarPerWorkday, v: WEEK_DAYS / daysPerWeek, basis: 'shop', note: noteOf(foundry, shifts) },
  };
}
