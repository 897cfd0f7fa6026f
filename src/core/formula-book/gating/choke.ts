import { inOrder, notNegative, oneOf, positive, positives, within } from '../../base/checks';
import { G } from '../constants';
import { formula } from '../formula';

export const HEAD = /* @__PURE__ */ formula({
  id: 'gate.effective-head',
  out: 'head_mm',
  title: 'Mean driving height',
  unit: 'mm',
  expression: {
    'mean-height': 'h - p * p / (2 * c)',
    exact: 'pow(c / ((c - p) / sqrt(h) + 2 * (sqrt(h) - sqrt(h - p))), 2)',
  },
  symbols: {
    h: ['sprue, from the level poured at down to the gate', 'mm'],
    p: ['part of the casting above the gate', 'mm'],
    c: ['height of the casting', 'mm'],
  },
});

/**
 * Mean height that drives the metal while a mould fills (formula gate.effective-head), the basin kept full. The mean height
 * overstates it as the casting nears the basin: by 27 % at nine tenths.
 *
 * @param input.sprueHeight_mm level to gate; input.castHeight_mm; input.aboveGate_mm of it above the gate: 0 gated at the top, all at
 *   the foot; input.school mean-height (the usual) or exact, for straight walls
 * @returns head in mm
 * @throws {CoreError} E_ORDER for more above the gate than the casting or the sprue is high
 * @example
 * effectiveHead({ sprueHeight_mm: 200, castHeight_mm: 120, aboveGate_mm: 120 }).head_mm // 140
 */
export function effectiveHead(input: {
  readonly sprueHeight_mm: number;
  readonly castHeight_mm: number;
  readonly aboveGate_mm: number;
  readonly school?: 'mean-height' | 'exact';
}): { head_mm: number } {
  const v = positives(input, 'sprueHeight_mm', 'castHeight_mm');
  const p = notNegative('aboveGate_mm', input.aboveGate_mm);
  const school = oneOf('school', input.school ?? 'mean-height', ['mean-height', 'exact'] as const);
  const [h, c] = [v.sprueHeight_mm, v.castHeight_mm];
  inOrder(p <= c && p <= h, 'aboveGate_mm', p, `at most the casting’s ${c} mm and the sprue’s ${h} mm`);
  return { head_mm: HEAD.of({ h, p, c }, school) };
}

const DISCHARGE = 0.8;

export const CHOKE_AREA = /* @__PURE__ */ formula({
  id: 'gate.choke',
  out: 'area_mm2',
  title: 'Choke',
  unit: 'mm²',
  expression: '1000000 * m / (rho * t * C * sqrt(2 * g * H / 1000))',
  symbols: {
    m: ['metal poured', 'kg'],
    rho: ['density of the melt', 'kg/m³'],
    t: ['fill time', 's'],
    C: ['discharge', '1'],
    g: ['gravity', 'm/s²'],
    H: ['mean driving height', 'mm'],
  },
});

/**
 * Area of the choke, at the sprue’s foot or the gates (formula gate.choke): steady full flow from a full basin.
 *
 * @param input.poured_kg; input.rho_kg_m3 of the melt; input.fillTime_s; input.head_mm; input.discharge for bends and friction, 0.8
 *   where not said (0.6 to 0.75 with a filter)
 * @returns area in mm², and the ideal speed in m/s
 * @throws {CoreError} E_SIGN for no time or head, E_RANGE for a discharge outside 0..1
 * @example
 * chokeArea({ poured_kg: 4.5, rho_kg_m3: 2400, fillTime_s: 6, head_mm: 164 }).area_mm2 // 217.80245719
 */
export function chokeArea(input: {
  readonly poured_kg: number;
  readonly rho_kg_m3: number;
  readonly fillTime_s: number;
  readonly head_mm: number;
  readonly discharge?: number;
}): { area_mm2: number; velocity_m_s: number } {
  const v = positives(input, 'poured_kg', 'rho_kg_m3', 'fillTime_s', 'head_mm');
  const C = within('discharge', positive('discharge', input.discharge ?? DISCHARGE), 0, 1);
  return {
    area_mm2: CHOKE_AREA.of({ m: v.poured_kg, rho: v.rho_kg_m3, t: v.fillTime_s, C, g: G, H: v.head_mm }),
    velocity_m_s: Math.sqrt((2 * G * v.head_mm) / 1000),
  };
}

export const SPRUE_TOP = /* @__PURE__ */ formula({
  id: 'gate.sprue-taper',
  out: 'topArea_mm2',
  title: 'Top of the sprue',
  unit: 'mm²',
  expression: 'choke * sqrt(H / b)',
  symbols: {
    choke: ['foot of the sprue', 'mm²'],
    H: ['level above the foot', 'mm'],
    b: ['level above the top', 'mm'],
  },
});

/**
 * Top of a sprue that draws in no air (formula gate.sprue-taper): the falling stream narrows.
 *
 * @param input.chokeArea_mm2 at the foot; input.basinHead_mm level above the sprue’s top; input.totalHead_mm above its foot
 * @returns least area of the top, mm², and how often the foot
 * @throws {CoreError} E_ORDER for a basin as deep as all
 * @example
 * sprueTaper({ chokeArea_mm2: 218, basinHead_mm: 50, totalHead_mm: 200 }).topArea_mm2 // 436
 */
export function sprueTaper(input: {
  readonly chokeArea_mm2: number;
  readonly basinHead_mm: number;
  readonly totalHead_mm: number;
}): { topArea_mm2: number; ratio: number } {
  const v = positives(input, 'chokeArea_mm2', 'basinHead_mm', 'totalHead_mm');
  inOrder(v.basinHead_mm < v.totalHead_mm, 'basinHead_mm', v.basinHead_mm, `below the total of ${v.totalHead_mm} mm`);
  const topArea_mm2 = SPRUE_TOP.of({ choke: v.chokeArea_mm2, H: v.totalHead_mm, b: v.basinHead_mm });
  return { topArea_mm2, ratio: topArea_mm2 / v.chokeArea_mm2 };
}
