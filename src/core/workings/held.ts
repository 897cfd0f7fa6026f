import type { StudyLane } from '../board/study-lane';
import { refuse } from '../errors';
import { partWorking, shopClaim, type LanePart, type PartFacts } from '../part';
import type { RateSet } from '../rates';
import { castingTolerance } from '../tolerance';
import { computed, density, fromBrief, fromRate, fromRoute } from './symbols';
import type { Working } from '../equations';

/** What the workings of a rule draw on: they need no money, so barred lanes have them too. */
export interface RuleContext {
  readonly entry: StudyLane;
  readonly facts: PartFacts;
  readonly part: LanePart;
  readonly rates: RateSet;
  readonly school: 'published' | 'shop';
}

type RuleBuilder = (c: RuleContext) => Omit<Working, 'figure'>;

/** Workings of the figures that rules compare, by figure. */
export const RULES: Readonly<Record<string, RuleBuilder>> = {
  mass: (c) =>
    partWorking({ ...c, capability: c.entry.lane.capability }, 'mass') ?? refuse('E_KEY', 'figure', 'mass', ''),
  pourMass: (c) => {
    const { capability } = c.entry.lane;
    const Y = capability.yield[c.facts.family]?.[1];
    if (Y === undefined) return refuse('E_NO_VALUE', 'yield', c.facts.family, 'a metal this lane pours');
    const removed = c.part.operations.reduce((s, o) => s + o.stock_mm3, 0) / 1000;
    return {
      title: 'Metal poured for one casting',
      equation: 'Cost model 3.5 and 4.4',
      expression: '(V + stock) * rho / Y',
      value: c.part.mc / Y,
      unit: 'kg',
      symbols: [
        fromBrief('V', 'volume', c.facts.V, 'cm³', 'geometry.volume_cm3'),
        computed('stock', 'metal the machining takes away', removed, 'cm³'),
        density(c.facts),
        fromRoute('Y', 'share of the pour that is casting', Y, 'share', 'yield', capability.yield.basis),
      ],
      note: null,
    };
  },
  sectionRatio: (c) => ({
    title: 'Thickest against thinnest',
    equation: 'Cost model 2.2',
    expression: 't / w',
    value: (c.facts.t ?? NaN) / (c.facts.w ?? NaN),
    unit: ': 1',
    symbols: [
      fromBrief('t', 'thickest section', c.facts.t ?? NaN, 'mm', 'geometry.sectionMax_mm'),
      fromBrief('w', 'thinnest wall', c.facts.w ?? NaN, 'mm', 'geometry.wallMin_mm'),
    ],
    note: null,
  }),
  clamp: (c) => {
    const { layout } = c.entry.lane.capability;
    const family = c.rates.families[c.facts.ratesFamily];
    const basis = layout.basis;
    return {
      title: 'Clamp of one cavity',
      equation: 'Cost model 4.2',
      expression: 'pInj * Ap * overflow * margin / 10000',
      value: c.entry.screening?.F1_MN ?? NaN,
      unit: 'MN',
      symbols: [
        fromRate('pInj', 'pressure in the cavity', family?.pInj, `families.${c.facts.ratesFamily}.pInj`),
        fromBrief('Ap', 'projected area along the draw', c.facts.Ap ?? NaN, 'cm²', 'geometry.projected_cm2'),
        fromRoute(
          'overflow',
          'area of overflows and runner',
          layout.clampOverflowFactor ?? 1,
          '×',
          'layout.clampOverflowFactor',
          basis,
        ),
        fromRoute('margin', 'clamp over opening force', layout.clampMargin ?? 1, '×', 'layout.clampMargin', basis),
      ],
      note: null,
    };
  },
};

/** Width a lane holds of feature number `i` as cast (cost model section 3). */
export function widthWorking(c: RuleContext, i: number): Omit<Working, 'figure'> {
  const call = c.part.features[i];
  if (call?.cast_mm == null || call.grades === null)
    return refuse('E_NO_VALUE', 'feature', i, 'a feature with a casting grade on this lane');
  const { feature: f, grades, parting_mm } = call;
  const { capability } = c.entry.lane;
  const grade = grades[1];
  const table = castingTolerance({ nominal_mm: f.nominal_mm, grade, onEmpty: 'nearest' });
  const claim = c.school === 'shop' ? shopClaim(f.nominal_mm, f.critical === true, capability) : null;
  const { shopClaim: shop } = capability;
  return {
    title: `Width held as cast: ${f.name || f.id}`,
    equation: 'Cost model section 3; formulas tol.ct and tol.parting',
    expression:
      claim === null ? 'ct + parting + shift' : 'min(ct, base + perMm * max(0, nominal - upTo)) + parting + shift',
    value: call.cast_mm,
    unit: 'mm',
    symbols: [
      fromRoute(
        'ct',
        `total width of grade CT${grade} at ${f.nominal_mm} mm${table.filled ? ', filled from the nearest size with a value' : ''}`,
        table.total_mm,
        'mm',
        'ct',
        'standard',
      ),
      ...(claim === null
        ? []
        : [
            fromRoute(
              'base',
              'what a specialist shop claims',
              shop.totalBase_mm,
              'mm',
              'shopClaim.totalBase_mm',
              shop.basis,
            ),
            fromRoute('perMm', 'and more for each mm', shop.perMm, 'mm/mm', 'shopClaim.perMm', shop.basis),
            fromBrief('nominal', 'nominal size', f.nominal_mm, 'mm', `features.${i}.nominal_mm`),
            fromRoute('upTo', 'beyond this size', shop.upTo_mm, 'mm', 'shopClaim.upTo_mm', shop.basis),
          ]),
      fromRoute(
        'parting',
        f.acrossParting ? 'crosses the parting: added by projected area' : 'does not cross the parting',
        parting_mm,
        'mm',
        'partingExtra',
        capability.partingExtra.basis,
      ),
      fromRoute(
        'shift',
        f.acrossCore ? 'one end is made by a core, which shifts' : 'no core makes an end of it',
        call.coreShift_mm,
        'mm',
        'passages.mode',
        'assumed',
      ),
    ],
    note: `Asked for: ${f.tol_mm} mm in total. The tight grade CT${grades[0]} would hold ${call.tight_mm ?? NaN} mm.`,
  };
}

/** Figure behind a rule's value or limit, or null where the figure stands in the brief or the table as it is. */
export function figureOfRule(rule: string, fields: readonly string[]): string | null {
  const plain: Readonly<Record<string, string>> = {
    'dr-mass-max': 'mass',
    'dr-mass-min': 'mass',
    'pour-mass': 'pourMass',
    'dr-section-ratio': 'sectionRatio',
    'dr-clamp': 'clamp',
  };
  const row = /^features\.(\d+)\./.exec(fields[0] ?? '')?.[1];
  return plain[rule] ?? (row === undefined ? null : `width.${row}`);
}

/** True for the figures of this file. */
export const isRuleFigure = (figure: string): boolean => figure in RULES || figure.startsWith('width.');

/** The working of a rule's figure on one lane. Refused as E_NO_VALUE while the brief lacks what it needs. */
export function ruleWorking(
  study: { rates: RateSet; school: 'published' | 'shop'; facts: PartFacts | null },
  entry: StudyLane,
  figure: string,
): Omit<Working, 'figure'> {
  if (study.facts === null || entry.part === null)
    return refuse('E_NO_VALUE', 'figure', figure, 'a brief with alloy, volume, surface and box');
  const context: RuleContext = {
    entry,
    facts: study.facts,
    part: entry.part,
    rates: study.rates,
    school: study.school,
  };
  const build = RULES[figure];
  return build === undefined ? widthWorking(context, Number(figure.slice('width.'.length))) : build(context);
}
