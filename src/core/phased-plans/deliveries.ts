import { lotSize, neededPieces } from '../brief';
import { dayNumber } from '../base/day';
import { daysWithHolidays } from '../schedule';
import type { Study } from '../study';

/** So many good parts asked by a day. */
export interface PlanDue {
  readonly name: string;
  /** Good parts that must exist, whole. */
  readonly pieces: number;
  /** Calendar days from the order to the day asked. */
  readonly asked_d: number;
  /** The same without the shop's holidays, as lanes count their days. */
  readonly day_d: number;
}

const DAYS_A_YEAR = 365.25;

/** Lots looked at along a programme; of more, every second, third … one is. */
const MOST_LOTS = 240;

/**
 * What must be delivered along a programme of q pieces: prototypes, the first lot, and from the first delivery on lot
 * after lot as the yearly pieces are used up.
 * @param orderDate ISO date of the order
 * @returns soonest first; empty where the brief asks for no day
 * @example
 * deliveriesOf(study, 500, '2027-01-04').every((d) => d.pieces <= 500) // true
 */
export function deliveriesOf(study: Study, q: number, orderDate: string): PlanDue[] {
  const { brief, rates } = study;
  const start = dayNumber('orderDate', orderDate);
  const due = (name: string, pieces: number, asked_d: number): PlanDue => ({
    name,
    pieces: Math.min(q, pieces),
    asked_d,
    day_d: withoutHolidays(asked_d, (d) => daysWithHolidays(brief.quantity.orderDate, d, rates.calendar)),
  });
  const out = neededPieces(brief).flatMap((n) =>
    n.by === null ? [] : [due(n.name, n.pieces, dayNumber(n.id, n.by) - start)],
  );
  const { firstDelivery, perYear } = brief.quantity;
  if (firstDelivery !== null && perYear !== null && perYear > 0) {
    const first = dayNumber('firstDelivery', firstDelivery) - start;
    const lot = lotSize(brief, q);
    const lots = Math.ceil(q / lot);
    const every = Math.max(1, Math.ceil(lots / MOST_LOTS));
    for (let k = 1 + every; k <= lots; k += every)
      out.push(due(`lot ${k}`, k * lot, first + Math.floor(((k - 1) * lot * DAYS_A_YEAR) / perYear)));
  }
  return out.sort((a, b) => a.asked_d - b.asked_d || a.pieces - b.pieces);
}

/** The most days that, with the holidays in them, end by a day. */
export function withoutHolidays(until_d: number, shut: (days: number) => number): number {
  if (until_d <= 0) return until_d;
  if (shut(until_d) <= until_d) return until_d;
  let [low, high] = [0, until_d];
  for (let i = 0; i < 40 && high - low > 1e-6; i++) {
    const middle = (low + high) / 2;
    if (shut(middle) <= until_d) low = middle;
    else high = middle;
  }
  return low;
}
