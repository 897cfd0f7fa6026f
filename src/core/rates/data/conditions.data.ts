import type { ConditionRates } from '../types';

/** What is added where a family is poured only under conditions, by “route|family”. kLot and kPour come before the price factor; waitFactor and waitMin_h act on the drying; queue joins the queue of the floor. */
export const CONDITION_RATES: ConditionRates = {
  'plaster|magnesium': {
    kLot: { v: [120, 220, 400], unit: 'USD/lot', basis: 'assumed', note: 'cover gas, fire watch, dry-room time' },
    kPour: {
      v: [3, 6, 12],
      unit: 'USD/pour',
      basis: 'assumed',
      note: 'inhibitor in the mix, filters, purge of each mould',
    },
    waitFactor: { v: [1.3, 1.6, 2.2], unit: '× drying', basis: 'rule', note: 'bake to full dehydration' },
    waitMin_h: { v: [36, 48, 72], unit: 'h', basis: 'rule' },
    queue: { v: [3, 8, 15], unit: 'working days', basis: 'assumed', note: 'few shops' },
  },
  'green-sand|magnesium': {
    kLot: { v: [80, 150, 280], unit: 'USD/lot', basis: 'assumed', note: 'cover gas, fire watch' },
    kPour: {
      v: [0.6, 1.2, 2.5],
      unit: 'USD/pour',
      basis: 'assumed',
      note: 'inhibitor in the sand, skin drying, purge',
    },
    queue: { v: [2, 5, 10], unit: 'working days', basis: 'assumed', note: 'few shops' },
  },
  'bonded-sand|magnesium': {
    kLot: { v: [80, 150, 280], unit: 'USD/lot', basis: 'assumed', note: 'cover gas, fire watch' },
    kPour: { v: [0.8, 1.6, 3.2], unit: 'USD/pour', basis: 'assumed', note: 'inhibitor in the sand, purge' },
    queue: { v: [2, 5, 10], unit: 'working days', basis: 'assumed', note: 'few shops' },
  },
};
