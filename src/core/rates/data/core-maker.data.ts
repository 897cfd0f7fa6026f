import type { CoreMakerRates } from '../types';

/** Cores bought instead of made in the house: a factor on their own cost, and days before the first article. */
export const CORE_MAKER_RATES: CoreMakerRates = {
  bought: {
    kBuy: { v: [1.15, 1.4, 1.9], unit: '× own cost of cores', basis: 'assumed' },
    days: { v: [3, 5, 10], unit: 'working days before the first article', basis: 'assumed' },
  },
};
