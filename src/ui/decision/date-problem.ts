import { DATE_SHOWN_WANTED, isPlainDate } from '@/core/base/plain-date';
import { HALF_DATE } from '../fields/date-input';

/** What is wrong with a date, in words; true where nothing is. @param iso ISO text, nothing, or HALF_DATE */
export function dateProblem(name: string, iso: string): true | string {
  if (isPlainDate(iso)) return true;
  const said = iso === '' ? ' is empty' : iso === HALF_DATE ? ': not a whole date' : ` “${iso}”`;
  return `${name}${said}; ${DATE_SHOWN_WANTED} is wanted.`;
}
