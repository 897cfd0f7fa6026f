import type { Status } from './types';

/** The words of the five verdicts. */
export const STATUS_WORDS: Readonly<Record<Status, string>> = {
  fits: 'fits',
  tight: 'tight',
  'second-operation': 'needs a second operation',
  blocked: 'ruled out',
  'not-known': 'not known',
};
