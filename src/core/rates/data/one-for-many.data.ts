import type { OneForManyRates } from '../types';

/** What damage costs when one casting stands in place of an assembly, and what bolted ends cost and save. */
export const ONE_FOR_MANY_RATES: OneForManyRates = {
  pDamage: { v: [0.002, 0.01, 0.03], unit: 'share of pieces damaged in a year of use', basis: 'assumed' },
  hoursOut: { v: [0.5, 1.5, 4], unit: 'h to take out and put back', basis: 'assumed' },
  mendShare: {
    v: [0.1, 0.35, 0.7],
    unit: 'share of damage that can be welded or straightened and used',
    basis: 'assumed',
  },
  cMend: { v: [0.1, 0.25, 0.5], unit: '× price of the casting', basis: 'assumed' },
  end: {
    price: {
      v: [0.12, 0.2, 0.35],
      unit: '× price of the casting for one bolted end',
      basis: 'assumed',
      note: 'its own small tool, less metal',
    },
    join_min: { v: [2, 4, 8], unit: 'min to fit one end', basis: 'assumed' },
    face_USD: { v: [2, 4, 9], unit: 'USD for the machined seat of one end', basis: 'assumed' },
    hardware: { v: [0.8, 1.8, 4], unit: 'USD per end', basis: 'assumed' },
    share: { v: [0.4, 0.65, 0.85], unit: 'share of damage that falls on the ends', basis: 'assumed' },
  },
};
