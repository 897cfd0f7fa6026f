/** Words that a reason has at the least: a sentence, not a nod. */
export const REASON_WORDS = 3;

/** What a reason must be, for whoever writes one. */
export const REASON_WANTED = `a sentence of at least ${REASON_WORDS} words`;

/**
 * Whether a reason says something.
 *
 * @example
 * isReason('ok') // false
 */
export const isReason = (words: string): boolean => words.trim().split(/\s+/).filter(Boolean).length >= REASON_WORDS;
