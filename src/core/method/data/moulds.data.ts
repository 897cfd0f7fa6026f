import type { Triple } from '../../base/figures';

/** What a mould is made of, and how metal touches it: conductivity W/mK, density kg/m³, specific heat J/kgK, film W/m²K. */
export interface MouldHeat {
  readonly k: Triple;
  readonly rho: Triple;
  readonly c: Triple;
  readonly h: Triple;
}

/** By kind of mould. Basis: handbook or assumed; a shop’s own measurement wins. */
export const MOULD_HEAT = {
  sand: { k: [0.5, 0.6, 0.9], rho: [1450, 1600, 1700], c: [1050, 1150, 1250], h: [300, 600, 1000] },
  plaster: { k: [0.25, 0.35, 0.45], rho: [950, 1100, 1200], c: [800, 850, 1000], h: [200, 500, 1000] },
  block: { k: [0.3, 0.5, 0.8], rho: [1200, 1450, 1700], c: [850, 1000, 1100], h: [200, 400, 800] },
  shell: { k: [0.8, 1.2, 2], rho: [1700, 1900, 2300], c: [950, 1100, 1200], h: [150, 400, 1000] },
  rubber: { k: [0.2, 0.25, 0.3], rho: [1200, 1450, 1600], c: [1200, 1350, 1500], h: [500, 1200, 2000] },
  die: { k: [25, 30, 35], rho: [7700, 7750, 7800], c: [460, 500, 600], h: [800, 2000, 4000] },
  pressureDie: { k: [25, 30, 35], rho: [7700, 7750, 7800], c: [460, 500, 600], h: [8000, 25_000, 60_000] },
} as const satisfies Readonly<Record<string, MouldHeat>>;
export type MouldKind = keyof typeof MOULD_HEAT;

/** Kind of mould of each route. */
export const MOULD_OF_ROUTE: Readonly<Record<string, MouldKind>> = {
  'green-sand': 'sand',
  'bonded-sand': 'sand',
  plaster: 'plaster',
  'shell-investment': 'shell',
  'flask-investment': 'block',
  'gravity-die': 'die',
  'permanent-mould': 'die',
  'pressure-die': 'pressureDie',
  spin: 'rubber',
};

/** A die of a family: its working temperature and that of the casting at ejection, °C, and the film, W/m²K. Basis: handbook. */
export interface DieHeat {
  readonly die_C: number;
  readonly eject_C: number;
  readonly h: number;
}
export const DIE_HEAT: Readonly<Record<'gravity' | 'pressure', Readonly<Record<string, DieHeat>>>> = {
  gravity: {
    aluminium: { die_C: 320, eject_C: 460, h: 1250 },
    magnesium: { die_C: 300, eject_C: 420, h: 1500 },
    zinc: { die_C: 180, eject_C: 260, h: 2000 },
    copper: { die_C: 300, eject_C: 850, h: 3500 },
    tin: { die_C: 120, eject_C: 180, h: 2500 },
    lead: { die_C: 140, eject_C: 200, h: 2500 },
    'grey-iron': { die_C: 350, eject_C: 900, h: 1000 },
    precious: { die_C: 200, eject_C: 600, h: 3500 },
  },
  pressure: {
    aluminium: { die_C: 220, eject_C: 350, h: 8000 },
    magnesium: { die_C: 220, eject_C: 330, h: 8000 },
    zinc: { die_C: 170, eject_C: 250, h: 8000 },
    copper: { die_C: 300, eject_C: 600, h: 5000 },
    tin: { die_C: 110, eject_C: 170, h: 8000 },
    lead: { die_C: 120, eject_C: 190, h: 8000 },
  },
};

/** Mould at the pour, as a share of the freezing temperature, for fired moulds; °C for the others. Basis: assumed. */
export const FIRED_SHARE: Readonly<Record<'shell' | 'block', Triple>> = {
  shell: [0.45, 0.62, 0.75],
  block: [0.4, 0.5, 0.65],
};
export const MOULD_C: Readonly<Record<'sand' | 'plaster' | 'rubber', Triple>> = {
  sand: [10, 25, 40],
  plaster: [180, 200, 260],
  rubber: [40, 70, 110],
};
