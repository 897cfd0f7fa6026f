import type { AlloyFacts } from './types';

/** One value of an alloy as it is typed and read. */
export interface AlloyField {
  readonly key: keyof AlloyFacts;
  readonly words: string;
  readonly unit: string;
  /** `grade` is 1 to 5, `band` low, likely and high, `list` words between semicolons. */
  readonly kind: 'number' | 'grade' | 'band' | 'flag' | 'list' | 'text' | 'family';
  /** Group of the table's `basis` that says how it is known. */
  readonly basis: string;
}

/** What an alloy is told by, in the order it is read; routes and conditions are tables of their own. */
export const ALLOY_FIELDS: readonly AlloyField[] = [
  { key: 'family', words: 'Family', unit: '', kind: 'family', basis: 'composition' },
  { key: 'designations', words: 'Designations', unit: '', kind: 'list', basis: 'composition' },
  { key: 'uses', words: 'Used for', unit: '', kind: 'text', basis: 'composition' },
  { key: 'density_kg_m3', words: 'Density', unit: 'kg/m³', kind: 'number', basis: 'density' },
  { key: 'densityLiquid_kg_m3', words: 'Density, liquid', unit: 'kg/m³', kind: 'number', basis: 'density' },
  { key: 'solidus_C', words: 'Solidus', unit: '°C', kind: 'number', basis: 'freezing' },
  { key: 'liquidus_C', words: 'Liquidus', unit: '°C', kind: 'number', basis: 'freezing' },
  { key: 'latentHeat_kJ_kg', words: 'Latent heat', unit: 'kJ/kg', kind: 'number', basis: 'thermal' },
  { key: 'cpSolid_kJ_kgK', words: 'Specific heat, solid', unit: 'kJ/(kg·K)', kind: 'number', basis: 'thermal' },
  { key: 'cpLiquid_kJ_kgK', words: 'Specific heat, liquid', unit: 'kJ/(kg·K)', kind: 'number', basis: 'thermal' },
  { key: 'conductivity_W_mK', words: 'Thermal conductivity', unit: 'W/(m·K)', kind: 'number', basis: 'thermal' },
  { key: 'patternShrink_pct', words: 'Pattern shrinkage', unit: '%', kind: 'band', basis: 'shrink' },
  { key: 'dieShrink_pct', words: 'Die shrinkage', unit: '%', kind: 'band', basis: 'shrink' },
  {
    key: 'solidificationShrink_pct',
    words: 'Solidification shrinkage',
    unit: '%',
    kind: 'band',
    basis: 'shrink',
  },
  { key: 'fluidity', words: 'Fluidity (5 runs thin)', unit: '1–5', kind: 'grade', basis: 'castability' },
  { key: 'hotTearing', words: 'Hot tearing (5 tears worst)', unit: '1–5', kind: 'grade', basis: 'castability' },
  {
    key: 'pressureTightness',
    words: 'Pressure tightness (5 tight)',
    unit: '1–5',
    kind: 'grade',
    basis: 'castability',
  },
  { key: 'price_USD_kg', words: 'Price of ingot', unit: 'USD/kg', kind: 'band', basis: 'price' },
  { key: 'meltLoss_pct', words: 'Melt loss', unit: '%', kind: 'band', basis: 'meltLoss' },
  { key: 'machinability', words: 'Machinability (brass = 100)', unit: '%', kind: 'number', basis: 'machining' },
  {
    key: 'specificCuttingEnergy_J_mm3',
    words: 'Specific cutting energy',
    unit: 'J/mm³',
    kind: 'band',
    basis: 'machining',
  },
  { key: 'serviceMax_C', words: 'Highest service temperature', unit: '°C', kind: 'number', basis: 'serviceMax' },
  { key: 'weldability', words: 'Weldability (5 best)', unit: '1–5', kind: 'grade', basis: 'weldability' },
  { key: 'leadFree', words: 'Lead-free', unit: '', kind: 'flag', basis: 'lead' },
  { key: 'leadMax_pct', words: 'Lead, at most', unit: '%', kind: 'number', basis: 'lead' },
  { key: 'hazards', words: 'Hazards', unit: '', kind: 'list', basis: 'routes' },
];
