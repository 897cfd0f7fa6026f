import type { Study } from '../types';
import { daysWithHolidays } from '../../schedule';
import { computed, type WorkingSymbol } from '../../equations';

/** What holidays of the rate set add to a stretch from the order, as a term of its sum; an empty term without holidays. */
export function holidayTerm(
  study: Study,
  days: number,
): { readonly term: string; readonly days: number; readonly symbols: readonly WorkingSymbol[] } {
  const lost = daysWithHolidays(study.brief.quantity.orderDate, days, study.rates.calendar) - days;
  if (lost === 0) return { term: '', days: 0, symbols: [] };
  const shut = computed('shut', 'holidays of the rate set on the way', lost, 'days');
  return { term: ' + shut', days: lost, symbols: [{ ...shut, source: 'rate', path: 'calendar.holidays' }] };
}
