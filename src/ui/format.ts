export { fixed, perPart, signed, significant, whole } from '@/core/base/numbers';
import { dateAfter, dateWords as plainDate } from '@/core/base/day';
import { fixed } from '@/core/base/numbers';

export { dateAfter, plainDate };

/** Calendar days as weeks with one digit. */
export const weeks = (days: number): string => fixed(days / 7, 1);
