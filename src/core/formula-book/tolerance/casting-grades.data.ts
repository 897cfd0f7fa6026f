/**
 * Casting tolerances, full width in mm, by raw casting dimension and grade CT1 to CT16.
 * A range holds a dimension above its lower bound, up to and including its upper one; null = no value in the standard.
 * Source: ISO 8062 (1994, table 1; carried into ISO 8062-3:2007 as DCTG). Proof-read against the printed standard before release.
 */
export const CT_UPPER_MM: readonly number[] = [
  10, 16, 25, 40, 63, 100, 160, 250, 400, 630, 1000, 1600, 2500, 4000, 6300, 10000,
];

export const CT_TOTAL_MM: readonly (readonly (number | null)[])[] = [
  [0.09, 0.13, 0.18, 0.26, 0.36, 0.52, 0.74, 1, 1.5, 2, 2.8, 4.2, null, null, null, null],
  [0.1, 0.14, 0.2, 0.28, 0.38, 0.54, 0.78, 1.1, 1.6, 2.2, 3, 4.4, null, null, null, null],
  [0.11, 0.15, 0.22, 0.3, 0.42, 0.58, 0.82, 1.2, 1.7, 2.4, 3.2, 4.6, 6, 8, 10, 12],
  [0.12, 0.17, 0.24, 0.32, 0.46, 0.64, 0.9, 1.3, 1.8, 2.6, 3.6, 5, 7, 9, 11, 14],
  [0.13, 0.18, 0.26, 0.36, 0.5, 0.7, 1, 1.4, 2, 2.8, 4, 5.6, 8, 10, 12, 16],
  [0.14, 0.2, 0.28, 0.4, 0.56, 0.78, 1.1, 1.6, 2.2, 3.2, 4.4, 6, 9, 11, 14, 18],
  [0.15, 0.22, 0.3, 0.44, 0.62, 0.88, 1.2, 1.8, 2.5, 3.6, 5, 7, 10, 12, 16, 20],
  [null, 0.24, 0.34, 0.5, 0.7, 1, 1.4, 2, 2.8, 4, 5.6, 8, 11, 14, 18, 22],
  [null, null, 0.4, 0.56, 0.78, 1.1, 1.6, 2.2, 3.2, 4.4, 6.2, 9, 12, 16, 20, 25],
  [null, null, null, 0.64, 0.9, 1.2, 1.8, 2.6, 3.6, 5, 7, 10, 14, 18, 22, 28],
  [null, null, null, null, 1, 1.4, 2, 2.8, 4, 6, 8, 11, 16, 20, 25, 32],
  [null, null, null, null, null, 1.6, 2.2, 3.2, 4.6, 7, 9, 13, 18, 23, 29, 37],
  [null, null, null, null, null, null, 2.6, 3.8, 5.4, 8, 10, 15, 21, 26, 33, 42],
  [null, null, null, null, null, null, null, 4.4, 6.2, 9, 12, 17, 24, 30, 38, 49],
  [null, null, null, null, null, null, null, null, 7, 10, 14, 20, 28, 35, 44, 56],
  [null, null, null, null, null, null, null, null, null, 11, 16, 23, 32, 40, 50, 64],
];

/** Roughness grade numbers with their Ra limit in µm. Source: ISO 1302. */
export const N_GRADES: readonly (readonly [grade: string, ra_um: number])[] = [
  ['N1', 0.025],
  ['N2', 0.05],
  ['N3', 0.1],
  ['N4', 0.2],
  ['N5', 0.4],
  ['N6', 0.8],
  ['N7', 1.6],
  ['N8', 3.2],
  ['N9', 6.3],
  ['N10', 12.5],
  ['N11', 25],
  ['N12', 50],
];
