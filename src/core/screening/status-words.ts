import type { Status } from './types';

/** The words of the six verdicts. */
export const STATUS_WORDS: Readonly<Record<Status, string>> = {
  fits: 'fits',
  tight: 'tight',
  'second-operation': 'needs a second operation',
  special: 'only at a specialist',
  blocked: 'ruled out',
  'not-known': 'not known',
};
