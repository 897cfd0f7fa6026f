import { STAND_WORDS, type Stand } from '@/core/study';

/** What a lane stands on beside the book and the foundry that is named anyway. */
export const standWords = (stands: readonly Stand[]): string[] =>
  stands.filter((s) => s === 'method' || s === 'measured').map((s) => STAND_WORDS[s]);
