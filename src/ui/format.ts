export { fixed, perPart, signed, significant, whole } from '@/core/telling';
import { dateAfter, dateWords as plainDate } from '@/core/calendar';
import { fixed } from '@/core/telling';

export { dateAfter, plainDate };

/** Calendar days as weeks with one digit. */
export const weeks = (days: number): string => fixed(days / 7, 1);
