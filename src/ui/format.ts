export { fixed, perPart, signed, significant, whole } from '@/core/telling';
import { dateWords as plainDate } from '@/core/calendar';
import { fixed } from '@/core/telling';

export { plainDate };

/** Calendar days as weeks with one digit. */
export const weeks = (days: number): string => fixed(days / 7, 1);

/** Calendar date `days` after an ISO date, as "12 Mar 2027". */
export function dateAfter(iso: string, days: number): string {
  const date = new Date(`${iso}T00:00:00Z`);
  date.setUTCDate(date.getUTCDate() + Math.ceil(days));
  return plainDate(date.toISOString().slice(0, 10));
}
