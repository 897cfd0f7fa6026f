import type { ComplexityRates } from '../types';

/** Starting values for a shop to replace; letters are those of the cost equations. Each figure is [low, likely, high] with unit and basis. */
export const COMPLEXITY_RATES: ComplexityRates = {
  kS: { v: [0.12, 0.18, 0.25], unit: '-', basis: 'rule', note: 'per unit of surface index S over 1' },
  kH: { v: [0.03, 0.05, 0.08], unit: '-', basis: 'rule', note: 'per cored hole' },
  kP: { v: [0.2, 0.3, 0.5], unit: '-', basis: 'rule', note: 'per internal passage' },
  kU: { v: [0.15, 0.25, 0.4], unit: '-', basis: 'rule', note: 'per undercut' },
  kD: { v: [0.01, 0.02, 0.04], unit: '-', basis: 'rule', note: 'per toleranced dimension' },
  kC: { v: [0.1, 0.3, 0.5], unit: '-', basis: 'rule', note: 'if a cosmetic face is asked for' },
};
