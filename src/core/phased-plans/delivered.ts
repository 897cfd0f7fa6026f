import { NO_APPROVAL_UP_TO, type LaneTime } from '../schedule';
import { floorGuarded } from '../base/checks';

/** First article and approved run of a lane, calendar days from its own order. */
export interface Pace {
  readonly first_d: number;
  readonly from_d: number;
  /** Good pieces a calendar day. */
  readonly perDay: number;
  readonly samples: number;
}

/**
 * The pace of a lane (time model, T9 to T11).
 * @param approved whether the run waits for the first article's approval: programmes of more than twenty pieces do
 */
export function paceOf(time: LaneTime, approved: boolean): Pace {
  return {
    first_d: time.firstArticle_d,
    from_d: time.firstArticle_d + (approved ? time.approve_d + time.pass_d : 0),
    perDay: time.goodPerDay / time.calendarPerWorkday,
    samples: time.samples,
  };
}

/**
 * Whether a step of so many pieces waits for approval.
 *
 * @example
 * isApproved(500) // true
 */
export const isApproved = (pieces: number): boolean => pieces > NO_APPROVAL_UP_TO;

/**
 * Good pieces that exist on a day of the lane's own calendar, whole, were there no end to the programme.
 *
 * @example
 * deliveredBy({ first_d: 10, from_d: 12, perDay: 5, samples: 2 }, 14) // 12
 */
export function deliveredBy(pace: Pace, day_d: number): number {
  if (day_d < pace.first_d - 1e-9) return 0;
  return pace.samples + (day_d > pace.from_d ? floorGuarded(pace.perDay * (day_d - pace.from_d)) : 0);
}

/** Whether one pace has on every day at least what another has. */
export const outruns = (one: Pace, other: Pace): boolean =>
  one.first_d <= other.first_d &&
  one.from_d <= other.from_d &&
  one.perDay >= other.perDay &&
  one.samples >= other.samples;
