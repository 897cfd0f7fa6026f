import type { ScreenListRates } from '../types';

/** What a list of bought parts is screened by: stock, a guess of a casting and of its tool. */
export const SCREEN_LIST_RATES: ScreenListRates = {
  stockFactor: {
    bar: { v: [1.3, 1.8, 2.6], unit: '× ingot price per kg of stock', basis: 'assumed' },
    plate: { v: [1.5, 2.2, 3.5], unit: '× ingot price per kg of stock', basis: 'assumed' },
    tube: { v: [2, 3, 4.5], unit: '× ingot price per kg of stock', basis: 'assumed' },
  },
  castPerKg: {
    aluminium: { v: [5, 8, 14], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
    magnesium: { v: [9, 14, 24], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
    zinc: { v: [4, 6.5, 11], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
    copper: { v: [13, 19, 30], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
    tin: { v: [40, 50, 70], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
    'grey-iron': { v: [1.8, 2.8, 4.5], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
    'ductile-iron': { v: [2.2, 3.4, 5.5], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
    steel: { v: [4, 7, 13], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
    stainless: { v: [10, 18, 32], unit: 'USD/kg of part, with routine machining', basis: 'assumed' },
  },
  perPiece: { v: [0.6, 1.5, 4], unit: 'USD/piece, handling and finishing whatever the mass', basis: 'assumed' },
  keepMach: {
    v: [0.15, 0.3, 0.5],
    unit: 'share of today’s cost above stock that stays (faces and holes still cut)',
    basis: 'assumed',
  },
  tool0: { v: [900, 1800, 4000], unit: 'USD', basis: 'assumed' },
  toolPerKg: { v: [300, 900, 2500], unit: 'USD per √kg of part', basis: 'assumed' },
  years: { v: 3, unit: 'years', basis: 'assumed' },
};
