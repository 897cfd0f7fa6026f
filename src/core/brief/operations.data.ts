/** What may be made of a toleranced dimension: words a brief's features are kinds of. */
export const OPERATION_WORDS = ['dim', 'face', 'bore', 'ream', 'drill', 'tap', 'turn', 'grind'] as const;
