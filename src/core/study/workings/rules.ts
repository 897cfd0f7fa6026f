import type { StudyLane } from '../study-lane';
import type { Working } from '../../equations';
import { refuse } from '../../base/errors';
import { HELD_WIDTH, partWorking, claimOf, type LanePart, type PartFacts, type TolerancePolicy } from '../../part';
import type { RateSet } from '../../rates';
import { CLAMP_OF_ONE, POURED_FOR_ONE, SECTION_RATIO } from '../../screening';
import { castingTolerance } from '../../formula-book/tolerance';

/** What the workings of a rule draw on: they need no money, so barred lanes have them too. */
export interface RuleContext {
  readonly entry: StudyLane;
  readonly facts: PartFacts;
  readonly part: LanePart;
  readonly rates: RateSet;
  readonly school: TolerancePolicy;
}

const RULES: Readonly<Record<string, (c: RuleContext) => Working>> = {
  pourMass: ({ entry: { lane }, facts, part, rates }) => {
    const Y = lane.capability.yield[facts.family]?.[1];
    if (Y === undefined) return refuse('E_NO_VALUE', 'yield', facts.family, 'a metal this route pours');
    return POURED_FOR_ONE.working({ lane, facts, part, rates, Y });
  },
  sectionRatio: ({ entry: { lane }, facts, rates }) =>
    SECTION_RATIO.working({ lane, facts, rates, t: facts.t ?? NaN, w: facts.w ?? NaN }),
  clamp: ({ entry: { lane }, facts, rates }) => CLAMP_OF_ONE.working({ lane, facts, rates }),
};

/** Width a lane holds of feature number `row` as cast (cost model section 3). */
function widthWorking({ entry, facts, part, rates, school }: RuleContext, row: number): Working {
  const call = part.features[row];
  if (call?.cast_mm == null || call.grades === null)
    return refuse('E_NO_VALUE', 'feature', row, 'a feature with a casting grade on this route');
  const { feature: f, grades, parting_mm } = call;
  const { capability } = entry.lane;
  const [tightGrade, grade] = grades;
  const table = castingTolerance({ nominal_mm: f.nominal_mm, grade, onEmpty: 'nearest' });
  return HELD_WIDTH.working({
    alloy: facts.alloy,
    rates,
    capability,
    name: f.name || f.id,
    row,
    nominal_mm: f.nominal_mm,
    ct_mm: table.total_mm,
    grade,
    filled: table.filled,
    claim: claimOf(f.nominal_mm, f.critical === true, capability, facts.family, school),
    parting_mm,
    shift_mm: call.coreShift_mm,
    acrossParting: f.acrossParting === true,
    acrossCore: f.acrossCore === true,
    asked_mm: f.tol_mm,
    tight_mm: call.tight_mm,
    tightGrade,
  });
}

/**
 * Figure behind a rule's value or limit, or null where the figure stands in the brief or the table as it is.
 *
 * @example
 * figureOfRule('no such rule', []) // null
 */
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

/**
 * True for the figures of a rule, and of a part: they are shown of barred lanes too.
 *
 * @example
 * isRuleFigure('pourMass') // true
 */
export const isRuleFigure = (figure: string): boolean => figure in RULES || figure.startsWith('width.');

/** The working of a figure of a rule or of the part on one lane. Refused as E_NO_VALUE while the brief lacks what it needs. */
export function ruleWorking(
  study: { readonly school: TolerancePolicy; readonly facts: PartFacts | null },
  entry: StudyLane,
  figure: string,
): Working {
  const { facts, school } = study;
  const { part, lane, rates } = entry;
  if (facts === null || part === null)
    return refuse('E_NO_VALUE', 'figure', figure, 'a brief with alloy, volume, surface and box');
  const c: RuleContext = { entry, facts, part, rates, school };
  const rule = RULES[figure];
  if (rule !== undefined) return { ...rule(c), figure };
  if (figure.startsWith('width.')) return { ...widthWorking(c, Number(figure.slice('width.'.length))), figure };
  return (
    partWorking({ facts, part, rates, capability: lane.capability }, figure) ??
    refuse('E_KEY', 'figure', figure, 'a figure of a rule or of the part')
  );
}
