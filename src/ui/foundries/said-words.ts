import { dayNumber } from '@/core/base/day';
import type { Known, ValueSource } from '@/core/base/figures';
import { OLD_AFTER_D } from '@/core/foundries';
import { plainDate } from '../format';

export const KNOWN: Readonly<Record<Known, string>> = {
  claimed: 'claimed',
  measured: 'measured by us',
  assumed: 'assumed by us',
};

/** Whether a value is older than a year on a day. @param today ISO date */
export const isOld = (date: string | null, today: string): boolean =>
  date !== null && dayNumber('today', today) - dayNumber('date', date) > OLD_AFTER_D;

/** Whose value decides: “Foundry X, measured by us, 7 Dec 2026”. */
export const sourceWords = ({ who, known, source, date }: ValueSource): string =>
  [who, KNOWN[known], source, date === null ? '' : plainDate(date)].filter(Boolean).join(', ');
