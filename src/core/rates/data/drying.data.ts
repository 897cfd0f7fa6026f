import type { DryingRates } from '../types';

/** Drying of plaster by the wall of the mould, half the height of the part and its cover: days, not a night, for thick moulds. Weight constant within 0.1 % in an hour decides, not the clock. */
export const DRYING_RATES: DryingRates = {
  plaster: {
    h50: {
      v: [12, 20, 36],
      unit: 'h at a mould wall of 50 mm',
      basis: 'rule',
      note: 'oven with moving air, both faces open',
    },
    exponent: { v: [1.2, 1.5, 1.8], unit: '-', basis: 'rule', note: 'between even drying and diffusion' },
    wallFloor_mm: { v: 30, unit: 'mm', basis: 'rule' },
  },
};
