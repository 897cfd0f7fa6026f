import type { GrainRates } from '../types';

/** What a fine or a directional grain adds to scrap, pours, cooling and days. */
export const GRAIN_RATES: GrainRates = {
  fine: {
    scrapFactor: { v: [1, 1.15, 1.4], unit: '× scrap', basis: 'assumed' },
    kPour: { v: [1, 3, 8], unit: 'USD/pour', basis: 'assumed', note: 'open racks, chills, colder mould, inoculation' },
    coolFactor: { v: [0.3, 0.45, 0.7], unit: '× shell cooling', basis: 'rule' },
  },
  directional: {
    scrapFactor: { v: [1.5, 2.2, 3.5], unit: '× scrap', basis: 'assumed' },
    kPour: { v: [150, 400, 900], unit: 'USD/pour', basis: 'assumed', note: 'withdrawal furnace' },
    coolFactor: { v: [1, 1.5, 2.5], unit: '× shell cooling', basis: 'rule' },
    days: { v: [10, 20, 40], unit: 'working days, method trials', basis: 'assumed' },
  },
};
