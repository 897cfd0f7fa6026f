import type { Brief, Feature, Hole } from '@/core/brief';

/** Groups of the brief that have columns of their own; '' is the brief itself. */
export type Group = '' | 'geometry' | 'quantity' | 'surface' | 'needs';
type Fields<G extends Group> = G extends '' ? Brief : Brief[Exclude<G, ''>];
/** Fields of a record that are true or false: they come back from the database as 1 and 0. */
export type FlagOf<T> = { [K in keyof T]-?: NonNullable<T[K]> extends boolean ? K : never }[keyof T];

/**
 * Column of `briefs` of each field that has one. A field that is not here is kept in the JSON of `details`: nothing of a
 * brief can be forgotten.
 */
export const BRIEF_FIELDS: { readonly [G in Group]: Readonly<Partial<Record<keyof Fields<G>, string>>> } = {
  '': { title: 'title', alloy: 'alloy', alloyMode: 'alloy_mode' },
  geometry: {
    volume_cm3: 'volume_cm3',
    area_cm2: 'area_cm2',
    wallMin_mm: 'wall_min_mm',
    sectionMax_mm: 'section_max_mm',
    projected_cm2: 'projected_cm2',
    undercuts: 'undercuts',
    passages: 'passages',
    coredHoles: 'cored_holes',
    form: 'form',
  },
  quantity: {
    perYear: 'per_year',
    years: 'years',
    lot: 'lot',
    prototypes: 'prototypes',
    prototypeDate: 'prototype_date',
    firstDelivery: 'first_delivery',
    orderDate: 'order_date',
  },
  surface: { Ra_um: 'ra_um' },
  needs: {
    environment: 'environment',
    pressureTight: 'pressure_tight',
    heatTreated: 'heat_treated',
    welded: 'welded',
    leadFree: 'lead_free',
    inserts: 'inserts',
    castThread: 'cast_thread',
    cosmeticFace: 'cosmetic_face',
  },
};

/** Fields of `needs` with a column that are true or false. */
export const NEED_FLAGS: readonly FlagOf<Brief['needs']>[] = [
  'pressureTight',
  'heatTreated',
  'welded',
  'leadFree',
  'inserts',
  'castThread',
  'cosmeticFace',
];

/** Column of `features` of every field of a toleranced dimension: a new field does not compile without one. */
export const FEATURE_FIELDS: Readonly<Record<keyof Feature, string>> = {
  id: 'feature_id',
  name: 'name',
  kind: 'kind',
  nominal_mm: 'nominal_mm',
  tol_mm: 'tol_mm',
  acrossParting: 'across_parting',
  acrossCore: 'across_core',
  mayMachine: 'may_machine',
  mustMachine: 'must_machine',
  critical: 'critical',
  area_cm2: 'area_cm2',
  depth_mm: 'depth_mm',
  count: 'count',
  Ra_um: 'ra_um',
};

export const FEATURE_FLAGS: Readonly<Record<FlagOf<Feature>, true>> = {
  acrossParting: true,
  acrossCore: true,
  mayMachine: true,
  mustMachine: true,
  critical: true,
};

/** Column of `holes` of every field of a pattern of holes. */
export const HOLE_FIELDS: Readonly<Record<keyof Hole, string>> = {
  dia_mm: 'dia_mm',
  depth_mm: 'depth_mm',
  count: 'count',
  thread: 'thread',
  through: 'through',
  tol_mm: 'tol_mm',
};

export const HOLE_FLAGS: Readonly<Record<FlagOf<Hole>, true>> = { thread: true, through: true };
