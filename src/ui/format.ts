export { fixed, perPart, signed, significant, whole } from '@/core/base/numbers';
import { dateAfter, dateWords as plainDate } from '@/core/base/day';
import { fixed } from '@/core/base/numbers';

export { dateAfter, plainDate };

/** A text as inch units write it: commas between thousands instead of the thin spaces of the core. */
export const withCommas = (text: string): string => text.replace(/(?<=\d)\u202f(?=\d{3}(?!\d))/g, ',');

/** Calendar days as weeks with one digit. */
export const weeks = (days: number): string => fixed(days / 7, 1);
