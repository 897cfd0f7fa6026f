import { brief, type SymbolOf, type TableValue } from '../../equations';
import type { Capability, WidthClaim } from '../../catalogue/routes';
import { equation, type OfPart } from './symbols';

/** A size and what stands against it on a lane, in mm. */
export interface OfWidth {
  readonly nominal_mm: number;
  /** Total width of the casting grade. */
  readonly ct_mm: number;
  /** What a shop claims, where that is believed and the size is one it claims; null for the published grade alone. */
  readonly claim: { readonly claim: WidthClaim; readonly path: string; readonly own?: true } | null;
  /** Added where the size crosses the parting, and where a core makes an end of it. */
  readonly parting_mm: number;
  readonly shift_mm: number;
}
type WidthContext = OfWidth &
  OfPart & {
    readonly capability: Capability;
    readonly name: string;
    /** Row of the size in the brief, from 0. */
    readonly row: number;
    readonly grade: number;
    /** Whether the table gave no width at that size, and the nearest size's stands for it. */
    readonly filled: boolean;
    readonly acrossParting: boolean;
    readonly acrossCore: boolean;
    readonly asked_mm: number;
    readonly tight_mm: number | null;
    readonly tightGrade: number;
  };

const route = (
  path: string,
  meaning: string,
  unit: string,
  basis: (capability: Capability) => TableValue['basis'],
): SymbolOf<WidthContext> => ({
  meaning,
  unit,
  source: 'route',
  path,
  table: ({ capability }) => ({ basis: basis(capability), range: null }),
});
const ofClaim = (key: 'totalBase_mm' | 'perMm' | 'upTo_mm', meaning: string, unit: string): SymbolOf<WidthContext> => ({
  ...route('', meaning, unit, (c) => c.shopClaim.basis),
  path: ({ claim }) => `${claim?.path ?? 'shopClaim'}.${key}`,
  plainly: { path: `shopClaim.${key}, specialistClaim.${key}, foundryClaim.${key}` },
});

/** Width that a lane holds of a size as cast, by the published grade, by what a shop claims, or by one foundry’s own word. */
export const HELD_WIDTH = equation<OfWidth, WidthContext>()({
  figure: 'width.{feature}',
  number: 'section 3',
  remark: 'formulas tol.ct and tol.parting',
  title: ({ name }) => `Width held as cast: ${name}`,
  unit: 'mm',
  expression: {
    of: {
      published: 'ct + (parting + shift)',
      claimed: 'min(ct, base + perMm * max(0, nominal - upTo)) + (parting + shift)',
      foundry: 'base + perMm * max(0, nominal - upTo) + (parting + shift)',
    },
    form: ({ claim }) => (claim === null ? 'published' : claim.own === true ? 'foundry' : 'claimed'),
  },
  symbols: {
    ct: {
      ...route('ct', '', 'mm', () => 'standard'),
      meaning: ({ grade, nominal_mm, filled }) =>
        `total width of grade CT${grade} at ${nominal_mm} mm${filled ? ', filled from the nearest size with a value' : ''}`,
      plainly: { meaning: 'total width of the casting grade at that size' },
    },
    base: ofClaim('totalBase_mm', 'what a shop claims', 'mm'),
    perMm: ofClaim('perMm', 'and more for each mm', 'mm/mm'),
    nominal: {
      ...brief('', 'nominal size', 'mm'),
      path: ({ row }) => `features.${row}.nominal_mm`,
      plainly: { path: 'features.nominal_mm' },
    },
    upTo: ofClaim('upTo_mm', 'beyond this size', 'mm'),
    parting: {
      ...route('partingExtra', '', 'mm', (c) => c.partingExtra.basis),
      meaning: ({ acrossParting }) =>
        acrossParting ? 'crosses the parting: added by projected area' : 'does not cross the parting',
      plainly: { meaning: 'added by projected area where the size crosses the parting' },
    },
    shift: {
      ...route('passages.mode', '', 'mm', () => 'assumed'),
      meaning: ({ acrossCore }) =>
        acrossCore ? 'one end is made by a core, which shifts' : 'no core makes an end of it',
      plainly: { meaning: 'shift of a core that makes an end of the size' },
    },
  },
  note: ({ asked_mm, tight_mm, tightGrade }) =>
    `Asked for: ${asked_mm} mm in total. The tight grade CT${tightGrade} would hold ${tight_mm ?? NaN} mm.`,
  plainly: { title: 'Width held as cast' },
  values: ({ ct_mm, claim, nominal_mm, parting_mm, shift_mm }) => ({
    ct: ct_mm,
    base: claim?.claim.totalBase_mm ?? 0,
    perMm: claim?.claim.perMm ?? 0,
    nominal: nominal_mm,
    upTo: claim?.claim.upTo_mm ?? 0,
    parting: parting_mm,
    shift: shift_mm,
  }),
});
