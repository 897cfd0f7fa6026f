import type { CoolingRates } from '../types';

/** Wait before knock-out: base + perMm × thickest section. A tree or flask cools much slower than one part would. Families not listed are not poured there. */
export const COOLING_RATES: CoolingRates = {
  shell: {
    aluminium: {
      base_h: { v: [0.4, 0.7, 1.2], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.02, 0.05, 0.09], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    magnesium: {
      base_h: { v: [0.5, 0.8, 1.5], unit: 'h', basis: 'rule', note: 'under cover until cold' },
      perMm_h: { v: [0.02, 0.05, 0.09], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    copper: {
      base_h: { v: [0.6, 1, 1.8], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.03, 0.06, 0.1], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    precious: {
      base_h: { v: [0.6, 1, 1.8], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.03, 0.06, 0.1], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    'grey-iron': {
      base_h: { v: [1, 1.8, 3], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.05, 0.1, 0.16], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    'ductile-iron': {
      base_h: { v: [1, 1.8, 3], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.05, 0.1, 0.16], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    steel: {
      base_h: { v: [1.2, 2.2, 3.6], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.06, 0.12, 0.2], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    stainless: {
      base_h: { v: [1.2, 2.2, 3.6], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.06, 0.12, 0.2], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    nickel: {
      base_h: { v: [1.5, 2.6, 4.5], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.08, 0.14, 0.24], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    titanium: {
      base_h: { v: [1.5, 2.5, 4], unit: 'h', basis: 'rule', note: 'in the vacuum or argon chamber' },
      perMm_h: { v: [0.06, 0.12, 0.2], unit: 'h/mm of thickest section', basis: 'rule' },
    },
  },
  flask: {
    aluminium: {
      base_h: { v: [0.15, 0.25, 0.5], unit: 'h', basis: 'rule', note: 'hot quench when the button is set' },
      perMm_h: { v: [0.01, 0.015, 0.03], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    zinc: {
      base_h: { v: [0.15, 0.25, 0.5], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.01, 0.015, 0.03], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    tin: {
      base_h: { v: [0.2, 0.3, 0.6], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.01, 0.02, 0.03], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    copper: {
      base_h: {
        v: [0.1, 0.17, 0.3],
        unit: 'h',
        basis: 'rule',
        note: 'quench while the block is hot, button no longer red',
      },
      perMm_h: { v: [0.005, 0.01, 0.02], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    precious: {
      base_h: { v: [0.1, 0.17, 0.3], unit: 'h', basis: 'rule' },
      perMm_h: { v: [0.005, 0.01, 0.02], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    stainless: {
      base_h: { v: [0.8, 1.5, 3], unit: 'h', basis: 'rule', note: 'phosphate block: no quench' },
      perMm_h: { v: [0.03, 0.06, 0.1], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    nickel: {
      base_h: { v: [0.8, 1.5, 3], unit: 'h', basis: 'rule', note: 'phosphate block: no quench' },
      perMm_h: { v: [0.03, 0.06, 0.1], unit: 'h/mm of thickest section', basis: 'rule' },
    },
    titanium: {
      base_h: { v: [0.8, 1.5, 3], unit: 'h', basis: 'rule', note: 'inert chamber' },
      perMm_h: { v: [0.03, 0.06, 0.1], unit: 'h/mm of thickest section', basis: 'rule' },
    },
  },
};
