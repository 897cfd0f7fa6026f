/** A rate that may explain what a foundry asks. */
export interface LeverPath {
  /** Path in a rate set; {lane} is the lane, {family} the metal. */
  readonly path: string;
  readonly of: 'unit' | 'tooling';
}

/** The rates that a gap between a quote and the model is looked for in. */
export const LEVERS: readonly LeverPath[] = [
  { path: 'global.Rlab', of: 'unit' },
  { path: 'global.Rskill', of: 'unit' },
  { path: 'global.Rmc', of: 'unit' },
  { path: 'global.oh', of: 'unit' },
  { path: 'global.mg', of: 'unit' },
  { path: 'families.{family}.aMelt', of: 'unit' },
  { path: 'families.{family}.kRet', of: 'unit' },
  { path: 'variants["{lane}"].finish.tF', of: 'unit' },
  { path: 'variants["{lane}"].lot.hSU', of: 'unit' },
  { path: 'variants["{lane}"].stage.sMach', of: 'unit' },
  { path: 'global.Rtool', of: 'tooling' },
  { path: 'global.Rpat', of: 'tooling' },
  { path: 'global.mk', of: 'tooling' },
];
