import type { HandPourRates } from '../types';

/** Heat load of whoever pours by hand: radiant heat goes with the fourth power of the absolute temperature, arms with the square root of the ladle. Local rules on heat exposure decide. */
export const HAND_POUR_RATES: HandPourRates = {
  tRef_C: { v: 710, unit: '°C', basis: 'rule' },
  xHeat: { v: [0.5, 0.7, 0.9], unit: 'exponent on the radiation ratio', basis: 'rule' },
  maxGain: { v: [1.2, 1.5, 1.8], unit: '× capPours', basis: 'rule', note: 'cool metals: other work sets the day' },
  mRef_kg: { v: [1.5, 2, 3], unit: 'kg in the ladle', basis: 'rule' },
  xMass: { v: 0.5, unit: 'exponent on the mass ratio', basis: 'rule' },
};
