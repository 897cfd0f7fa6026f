import { brief, equationsOf, figure, type SymbolOf, type TableValue } from '../equations';
import { likely } from '../base/figures';
import type { LanePart, PartFacts } from '../part';
import { rateAt, tableValue, type RateSet } from '../rates';
import type { Lane } from '../catalogue/routes';

/** What the rules of a lane are given: they need no money, so barred lanes have them too. */
export interface OfRule {
  readonly facts: PartFacts;
  readonly lane: Lane;
  readonly rates: RateSet;
}

const equation = equationsOf<OfRule>({
  model: 'Cost model',
  path: ({ facts }, path) => path.replace('{family}', facts.ratesFamily),
});

/** A capability of the route; certain where no range is read. */
const capability = (
  path: string,
  meaning: string,
  unit: string,
  read: (c: OfRule) => TableValue,
): SymbolOf<OfRule> => ({ meaning, unit, source: 'route', path, table: read });

/** Metal poured for one casting. */
export const POURED_FOR_ONE = equation<{ part: Pick<LanePart, 'mc'>; Y: number }>()({
  figure: 'pourMass',
  number: '3.5 and 4.4',
  title: 'Metal poured for one casting',
  unit: 'kg',
  expression: 'mc / Y',
  symbols: {
    mc: figure('cast mass, machining stock included', 'kg', 'mc'),
    Y: capability('yield', 'share of the pour that is casting', 'share', ({ lane }) => ({
      basis: lane.capability.yield.basis,
      range: null,
    })),
  },
  values: ({ part, Y }) => ({ mc: part.mc, Y }),
});

/** Thickest section against the thinnest wall. */
export const SECTION_RATIO = equation<{ t: number; w: number }>()({
  figure: 'sectionRatio',
  number: '2.2',
  title: 'Thickest against thinnest',
  unit: ': 1',
  expression: 't / w',
  symbols: {
    t: brief('geometry.sectionMax_mm', 'thickest section', 'mm'),
    w: brief('geometry.wallMin_mm', 'thinnest wall', 'mm'),
  },
  values: ({ t, w }) => ({ t, w }),
});

/** Force that holds one cavity shut, where a machine does. */
export const CLAMP_OF_ONE = equation<OfRule>()({
  figure: 'clamp',
  number: '4.2',
  title: 'Clamp of one cavity',
  unit: 'MN',
  expression: 'pInj * Ap * overflow * margin / 10000',
  symbols: {
    pInj: {
      meaning: 'pressure in the cavity',
      unit: '',
      source: 'rate',
      path: 'families.{family}.pInj',
      table: ({ rates }, path) => tableValue(rateAt(rates, path)),
    },
    Ap: brief('geometry.projected_cm2', 'projected area along the draw', 'cm²'),
    overflow: capability('layout.clampOverflowFactor', 'area of overflows and runner', '×', ({ lane }) => ({
      basis: lane.capability.layout.basis,
      range: null,
    })),
    margin: capability('layout.clampMargin', 'clamp over opening force', '×', ({ lane }) => ({
      basis: lane.capability.layout.basis,
      range: null,
    })),
  },
  values: ({ facts, lane, rates }) => ({
    pInj: likely(rates.families[facts.ratesFamily]?.pInj),
    Ap: facts.Ap ?? NaN,
    overflow: lane.capability.layout.clampOverflowFactor ?? 1,
    margin: lane.capability.layout.clampMargin ?? 1,
  }),
});

/** Every equation that a rule compares. */
export const RULE_EQUATIONS = [SECTION_RATIO, POURED_FOR_ONE, CLAMP_OF_ONE] as const;
