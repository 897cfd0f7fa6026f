/** How a table keeps what it says of one metal: one figure, two, low-likely-high, or a width claimed by size. */
export type MetalShape = 'one' | 'pair' | 'band' | 'claim';

export interface MetalTable {
  /** Names on the way to it in a capability. */
  readonly names: readonly string[];
  readonly shape: MetalShape;
  /** Without a figure of its own, or one for all metals, a metal cannot be judged or costed on a route. */
  readonly needed: boolean;
}

/** Every table that has a figure for each metal. */
export const METAL_TABLES: readonly MetalTable[] = [
  { names: ['mass_kg', 'maxBy'], shape: 'one', needed: false },
  { names: ['wallMin'], shape: 'pair', needed: true },
  { names: ['wallSpecialist'], shape: 'one', needed: false },
  { names: ['sectionMax'], shape: 'one', needed: true },
  { names: ['hole', 'minDia'], shape: 'one', needed: true },
  { names: ['hole', 'minDiaSpecialist'], shape: 'one', needed: false },
  { names: ['Ra_um'], shape: 'pair', needed: true },
  { names: ['ct'], shape: 'band', needed: true },
  { names: ['specialistClaim'], shape: 'claim', needed: false },
  { names: ['life_shots'], shape: 'band', needed: true },
  { names: ['yield'], shape: 'band', needed: true },
];

/** Figures of a width claimed by size. */
export const CLAIM_KEYS = ['totalBase_mm', 'upTo_mm', 'perMm', 'maxNominal_mm'] as const;
