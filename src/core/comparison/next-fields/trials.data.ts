import type { Brief } from '../../brief';

/** A value a field is tried with: what it is called, and the brief that says it. */
export interface TrialValue {
  readonly words: string;
  /** The same as a figure with its unit, where it is one. */
  readonly figure?: { readonly value: number; readonly unit: string };
  readonly of: (brief: Brief) => Brief;
}

const geometry = (of: Partial<Brief['geometry']>) => (brief: Brief) => ({
  ...brief,
  geometry: { ...brief.geometry, ...of },
});
const needs = (of: Partial<Brief['needs']>) => (brief: Brief) => ({ ...brief, needs: { ...brief.needs, ...of } });
const surface = (of: Partial<Brief['surface']>) => (brief: Brief) => ({
  ...brief,
  surface: { ...brief.surface, ...of },
});
const quantity = (of: Partial<Brief['quantity']>) => (brief: Brief) => ({
  ...brief,
  quantity: { ...brief.quantity, ...of },
});

type Flag = 'pressureTight' | 'heatTreated' | 'welded' | 'leadFree' | 'inserts' | 'castThread' | 'cosmeticFace';
const yesOrNo = (of: (answer: boolean) => TrialValue['of']): readonly TrialValue[] => [
  { words: 'yes', of: of(true) },
  { words: 'no', of: of(false) },
];
const flag = (name: Flag): readonly TrialValue[] => yesOrNo((answer) => needs({ [name]: answer }));
const figures = <T extends number>(
  unit: string,
  values: readonly T[],
  of: (value: T) => TrialValue['of'],
): readonly TrialValue[] =>
  values.map((value) => ({ words: `${value} ${unit}`, figure: { value, unit }, of: of(value) }));

/**
 * What an open field is tried with: values that cast parts have, from easy to hard. They say how much hangs on the
 * field, not what it is. Basis: rule of the trade.
 */
export const TRIALS: Readonly<Record<string, readonly TrialValue[]>> = {
  'geometry.wallMin_mm': figures('mm', [1, 2, 4, 8], (wallMin_mm) => geometry({ wallMin_mm })),
  'geometry.sectionMax_mm': figures('mm', [4, 10, 25, 60], (sectionMax_mm) => geometry({ sectionMax_mm })),
  'geometry.undercuts': figures('undercuts', [0, 1, 4], (undercuts) => geometry({ undercuts })),
  'geometry.passages': figures('passages', [0, 1, 3], (passages) => geometry({ passages })),
  'geometry.coredHoles': figures('holes', [0, 2, 8], (coredHoles) => geometry({ coredHoles })),
  'geometry.draftAllowed': yesOrNo((draftAllowed) => geometry({ draftAllowed })),
  'surface.Ra_um': figures('µm', [0.8, 3.2, 12.5], (Ra_um) => surface({ Ra_um })),
  'surface.cosmetic': yesOrNo((cosmetic) => surface({ cosmetic })),
  'quantity.perYear': figures('a year', [50, 500, 5000], (perYear) => quantity({ perYear })),
  'quantity.years': figures('years', [1, 5, 10], (years) => quantity({ years })),
  'needs.environment': (['indoor', 'outdoor', 'marine', 'hot'] as const).map((environment) => ({
    words: environment,
    of: needs({ environment }),
  })),
  'needs.pressureTight': flag('pressureTight'),
  'needs.heatTreated': flag('heatTreated'),
  'needs.welded': flag('welded'),
  'needs.leadFree': flag('leadFree'),
  'needs.inserts': flag('inserts'),
  'needs.castThread': flag('castThread'),
  'needs.cosmeticFace': flag('cosmeticFace'),
};

/** How far a measured surface lay from the estimate of it, as a factor: the demo parts. */
export const AREA_FACTORS = [0.6, 1, 2] as const;
