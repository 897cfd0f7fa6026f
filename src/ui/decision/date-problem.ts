import { DATE_SHOWN_WANTED, isPlainDate } from '@/core/base/plain-date';

/** What is wrong with a date, in words; true where nothing is. @param iso ISO text, nothing, or what was typed */
export function dateProblem(name: string, iso: string): true | string {
  if (isPlainDate(iso)) return true;
  const said = iso === '' ? ' is empty' : ` “${iso}”`;
  return `${name}${said}; ${DATE_SHOWN_WANTED} is wanted.`;
}
