import { oneOf, positive, positives, within } from '../../base/checks';
import { KG_PER_POUND } from '../../base/units';
import { formula } from '../formula';

const RULES = [
  'grey-iron',
  'steel',
  'ductile-iron',
  'copper-top',
  'copper-bottom',
  'brass',
  'tin-bronze',
  'wall-mass',
] as const;
/** A rule of the trade by which a mould is filled. */
export type FillRule = (typeof RULES)[number];

/** Multiple of the cube root of the mass, s/∛kg. Basis: rule. */
const CUBE_ROOT: Readonly<Partial<Record<FillRule, number>>> = {
  'copper-top': 1.3,
  'copper-bottom': 1.8,
  brass: 1.9,
  'tin-bronze': 2.8,
};

/** From this mass on the rule of grey iron is another; it jumps down there by a factor near 2.8. */
export const IRON_JUMP_KG = 450;
const MOST_STEEL = 100_000;

/** Multiple of √kg for ductile iron by its section, mm: thin, middle, thick. Basis: rule. */
const DUCTILE: readonly (readonly [below_mm: number, k: number])[] = [
  [10, 2.08],
  [25 + 1e-9, 2.67],
  [Infinity, 2.97],
];

export const FILL_TIME = /* @__PURE__ */ formula({
  id: 'gate.fill-time',
  out: 'time_s',
  title: 'Fill time by the rule of the family',
  unit: 's',
  expression: {
    'grey-iron light': 'K * (1.41 + T / 14.59) * sqrt(m)',
    'grey-iron heavy': 'K * (1.236 + T / 16.65) * pow(m, 1 / 3)',
    steel: '(2.4335 - 0.3953 * ln(m) / ln(10)) * sqrt(m)',
    'ductile-iron': 'K * sqrt(m)',
    'cube root': 'K * pow(m, 1 / 3)',
    'wall-mass': 'K * pow(T * m, 1 / 3)',
  },
  symbols: {
    K: ['multiple of the rule', 's'],
    T: ['section', 'mm'],
    m: ['metal through the gates', 'kg or lb'],
  },
});

/**
 * How fast to fill a sand mould by the rule of its family (formula gate.fill-time): a band of ±40 %, to be clipped by
 * `fillWindow`. Grey iron’s rule jumps at 450 kg: show both branches from 300 to 700 kg.
 *
 * @param input.rule of the family; input.mass_kg; input.section_mm; input.fluidity of grey iron, 1 is 40 inches; input.S of
 *   wall-mass: 1.4 to 1.6 steel, 1.7 to 2 iron, 1.7 to 2.2 light alloys; input.massUnit of the steel rule, lb where not said
 * @returns time in s
 * @throws {CoreError} E_KEY for an unknown rule, E_RANGE for steel above 100 000
 * @example
 * fillTime({ rule: 'grey-iron', mass_kg: 40, section_mm: 12, fluidity: 1 }).time_s // 14.1194505441
 */
export function fillTime(input: {
  readonly rule: string;
  readonly mass_kg: number;
  readonly section_mm?: number;
  readonly fluidity?: number;
  readonly S?: number;
  readonly massUnit?: string;
}): { time_s: number } {
  const m = positive('mass_kg', input.mass_kg);
  const rule = oneOf('rule', input.rule, RULES);
  const section = (): number => positive('section_mm', input.section_mm);
  switch (rule) {
    case 'grey-iron': {
      const values = { K: positive('fluidity', input.fluidity), T: section(), m };
      return { time_s: FILL_TIME.of(values, m < IRON_JUMP_KG ? 'grey-iron light' : 'grey-iron heavy') };
    }
    case 'steel': {
      const unit = oneOf('massUnit', input.massUnit ?? 'lb', ['lb', 'kg'] as const);
      const W = within('mass_kg', unit === 'lb' ? m / KG_PER_POUND : m, 0, MOST_STEEL);
      return { time_s: FILL_TIME.of({ K: 1, T: 0, m: W }, 'steel') };
    }
    case 'ductile-iron': {
      const T = section();
      const K = DUCTILE.find(([below]) => T < below)?.[1] ?? NaN;
      return { time_s: FILL_TIME.of({ K, T, m }, 'ductile-iron') };
    }
    case 'wall-mass':
      return { time_s: FILL_TIME.of({ K: positive('S', input.S), T: section(), m }, 'wall-mass') };
    default:
      return { time_s: FILL_TIME.of({ K: CUBE_ROOT[rule] ?? NaN, T: 0, m }, 'cube root') };
  }
}

export const FILL_LEAST = /* @__PURE__ */ formula({
  id: 'gate.fill-window',
  out: 'least_s',
  title: 'Least fill time by the speed at the gates',
  unit: 's',
  expression: 'V / (A * v)',
  symbols: {
    V: ['volume through the gates', 'cm³'],
    A: ['gates', 'mm²'],
    v: ['speed allowed at the gates', 'm/s'],
  },
});

export const FILL_MOST = /* @__PURE__ */ formula({
  id: 'gate.fill-window',
  out: 'most_s',
  title: 'Most fill time before the thinnest wall freezes',
  unit: 's',
  expression: 'share * t',
  symbols: { share: ['share of it that may pass', '1'], t: ['freezing time of the thinnest wall', 's'] },
});

/**
 * Whether any fill time works (formula gate.fill-window): speed below, freezing above. Where none does: more gate, hotter
 * metal or mould, a thicker wall, or a route under pressure.
 *
 * @param input.volume_cm3 through the gates; input.gateArea_mm2; input.limit_m_s at them; input.thinFreeze_s of the thinnest wall;
 *   input.freezeShare of it: 0.25 cosmetic, 0.4 usual, 0.5 robust alloys
 * @returns least and most time, s, and whether there is one between
 * @throws {CoreError} E_SIGN for a share of nothing, E_RANGE above 1
 * @example
 * fillWindow({ volume_cm3: 900, gateArea_mm2: 300, limit_m_s: 0.5, thinFreeze_s: 20, freezeShare: 0.4 }).feasible // true
 */
export function fillWindow(input: {
  readonly volume_cm3: number;
  readonly gateArea_mm2: number;
  readonly limit_m_s: number;
  readonly thinFreeze_s: number;
  readonly freezeShare: number;
}): { least_s: number; most_s: number; feasible: boolean } {
  const v = positives(input, 'volume_cm3', 'gateArea_mm2', 'limit_m_s', 'thinFreeze_s', 'freezeShare');
  const share = within('freezeShare', v.freezeShare, 0, 1);
  const least_s = FILL_LEAST.of({ V: v.volume_cm3, A: v.gateArea_mm2, v: v.limit_m_s });
  const most_s = FILL_MOST.of({ share, t: v.thinFreeze_s });
  return { least_s, most_s, feasible: least_s <= most_s * (1 + 1e-9) };
}
