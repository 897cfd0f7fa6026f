/** Required machining allowance of a face, mm, by the largest finished dimension of the casting; grades A to K without I. Source: ISO 8062, 1994. */
export const ALLOWANCE_GRADES = ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H', 'J', 'K'] as const;

/** Upper ends of the ranges of the largest dimension, mm, and the allowance of each grade in them. */
export const ALLOWANCES: readonly { readonly upTo_mm: number; readonly mm: readonly number[] }[] = [
  { upTo_mm: 40, mm: [0.1, 0.1, 0.2, 0.3, 0.4, 0.5, 0.5, 0.7, 1, 1.4] },
  { upTo_mm: 63, mm: [0.1, 0.2, 0.3, 0.3, 0.4, 0.5, 0.7, 1, 1.4, 2] },
  { upTo_mm: 100, mm: [0.2, 0.3, 0.4, 0.5, 0.7, 1, 1.4, 2, 2.8, 4] },
  { upTo_mm: 160, mm: [0.3, 0.4, 0.5, 0.8, 1.1, 1.5, 2.2, 3, 4, 6] },
  { upTo_mm: 250, mm: [0.3, 0.5, 0.7, 1, 1.4, 2, 2.8, 4, 5.5, 8] },
  { upTo_mm: 400, mm: [0.4, 0.7, 0.9, 1.3, 1.8, 2.5, 3.5, 5, 7, 10] },
  { upTo_mm: 630, mm: [0.5, 0.8, 1.1, 1.5, 2.2, 3, 4, 6, 9, 12] },
  { upTo_mm: 1000, mm: [0.6, 0.9, 1.2, 1.8, 2.5, 3.5, 5, 7, 10, 14] },
  { upTo_mm: 1600, mm: [0.7, 1, 1.4, 2, 2.8, 4, 5.5, 8, 11, 16] },
  { upTo_mm: 2500, mm: [0.8, 1.1, 1.6, 2.2, 3.2, 4.5, 6, 9, 13, 18] },
  { upTo_mm: 4000, mm: [0.9, 1.3, 1.8, 2.5, 3.5, 5, 7, 10, 14, 20] },
  { upTo_mm: 6300, mm: [1, 1.4, 2, 2.8, 4, 5.5, 8, 11, 16, 22] },
  { upTo_mm: 10000, mm: [1.1, 1.5, 2.2, 3, 4.5, 6, 9, 12, 17, 24] },
];
