import { finite, listOf, notNegative, positive, positives, wholeNumber } from '../../base/checks';
import { refuse } from '../../base/errors';
import { G, RAD } from '../constants';
import { formula } from '../formula';
import { safetyOf } from './lift';

const SAFETY = 1.2;
const MOST_WEDGE = 45;

export const OPENING_AREA = /* @__PURE__ */ formula({
  id: 'force.die-opening',
  out: 'area_cm2',
  title: 'Area under pressure along the opening',
  unit: 'cm²',
  expression: 'n * A * (1 + runner + overflow) + biscuit',
  symbols: {
    n: ['cavities', '1'],
    A: ['silhouette of a part', 'cm²'],
    runner: ['runner, as a share of it', '1'],
    overflow: ['overflows, as a share of it', '1'],
    biscuit: ['biscuit', 'cm²'],
  },
});

export const LOCKING_FORCE = /* @__PURE__ */ formula({
  id: 'force.die-opening',
  out: 'lock_kN',
  title: 'Locking force',
  unit: 'kN',
  expression: 'safety * p * (A + slides) / 10',
  symbols: {
    safety: ['safety', '1'],
    p: ['pressure on the metal', 'MPa'],
    A: ['area under pressure', 'cm²'],
    slides: ['slides, by their wedges', 'cm²'],
  },
});

/**
 * Force that opens a pressure die, and the lock it takes (formula force.die-opening). The metal’s pressure reaches the whole
 * shadow; areas off the centre load one tie bar more.
 *
 * @param input.pressure_MPa on the metal: 15 to 35 zinc hot chamber, 30 to 50 aluminium plain, 60 to 100 strong or tight;
 *   input.partArea_cm2; input.cavities; input.runnerShare, overflowShare; input.biscuitArea_cm2; input.slides area and wedge of each;
 *   input.safety (1.2)
 * @returns area, cm²; force that opens and that locks, kN
 * @throws {CoreError} E_RANGE for cavities that are not whole, a wedge of 45° and more, a safety below 1
 * @example
 * dieOpening({ pressure_MPa: 35, partArea_cm2: 42, cavities: 4, runnerShare: 0.3, overflowShare: 0.05, biscuitArea_cm2: 0, slides: [], safety: 1.1 }).lock_kN
 * // 873.18
 */
export function dieOpening(input: {
  readonly pressure_MPa: number;
  readonly partArea_cm2: number;
  readonly cavities: number;
  readonly runnerShare: number;
  readonly overflowShare: number;
  readonly biscuitArea_cm2: number;
  readonly slides: readonly { readonly area_cm2: number; readonly wedge_deg: number }[];
  readonly safety?: number;
}): { area_cm2: number; opening_kN: number; lock_kN: number } {
  const v = positives(input, 'pressure_MPa', 'partArea_cm2');
  const runner = notNegative('runnerShare', input.runnerShare);
  const overflow = notNegative('overflowShare', input.overflowShare);
  const biscuit = notNegative('biscuitArea_cm2', input.biscuitArea_cm2);
  const slides = listOf('slides', input.slides).reduce((all, s, i) => {
    const area = notNegative(`slides[${i}].area_cm2`, s.area_cm2);
    const wedge = notNegative(`slides[${i}].wedge_deg`, s.wedge_deg);
    if (wedge >= MOST_WEDGE) refuse('E_RANGE', `slides[${i}].wedge_deg`, wedge, `below ${MOST_WEDGE}`);
    return all + area * Math.tan(wedge * RAD);
  }, 0);
  const n = wholeNumber('cavities', input.cavities, 1);
  const safety = safetyOf(input.safety ?? SAFETY);
  const area_cm2 = OPENING_AREA.of({ n, A: v.partArea_cm2, runner, overflow, biscuit });
  const at = (s: number): number => LOCKING_FORCE.of({ safety: s, p: v.pressure_MPa, A: area_cm2, slides });
  return { area_cm2, opening_kN: at(1), lock_kN: at(safety) };
}

const SHOT_SYMBOLS = {
  n: ['cavities', '1'],
  V: ['volume of a part', 'cm³'],
  overflow: ['overflows, as a share of it', '1'],
  runner: ['runner', 'cm³'],
  biscuit: ['biscuit', 'cm³'],
} as const;

export const SHOT_MASS = /* @__PURE__ */ formula({
  id: 'force.shot',
  out: 'shot_kg',
  title: 'Metal of a shot',
  unit: 'kg',
  expression: 'rho * (n * V * (1 + overflow) + runner + biscuit) / 1000000',
  symbols: { rho: ['density of the melt', 'kg/m³'], ...SHOT_SYMBOLS },
});

export const SLEEVE_FILL = /* @__PURE__ */ formula({
  id: 'force.shot',
  out: 'sleeveFill',
  title: 'How full the sleeve is',
  unit: '1',
  expression: '(n * V * (1 + overflow) + runner + biscuit) * 10 / (plunger * stroke)',
  symbols: {
    ...SHOT_SYMBOLS,
    plunger: ['face of the plunger', 'cm²'],
    stroke: ['stroke', 'mm'],
  },
});

/**
 * Shot, plunger and gate of a cold-chamber machine (formula force.shot). Gate 30 to 50 m/s aluminium, 35 to 60 magnesium, 25 to 45
 * zinc; sleeve 0.3 to 0.7 full.
 *
 * @param input part and overflows, runner; plunger_mm, biscuit_mm, stroke_mm; rho_kg_m3; fillTime_s; gateArea_mm2
 * @returns shot in kg; speed at the gate and of the plunger, m/s; share of the sleeve that is full
 * @throws {CoreError} E_RANGE for a sleeve that is fuller than full, or cavities that are not whole
 * @example
 * dieShot({ partVolume_cm3: 95, cavities: 2, overflowShare: 0.15, runnerVolume_cm3: 90, plunger_mm: 70, biscuit_mm: 25, stroke_mm: 350, rho_kg_m3: 2600, fillTime_s: 0.045, gateArea_mm2: 120 }).gateVelocity_m_s
 * // 40.462962963
 */
export function dieShot(input: {
  readonly partVolume_cm3: number;
  readonly cavities: number;
  readonly overflowShare: number;
  readonly runnerVolume_cm3: number;
  readonly plunger_mm: number;
  readonly biscuit_mm: number;
  readonly stroke_mm: number;
  readonly rho_kg_m3: number;
  readonly fillTime_s: number;
  readonly gateArea_mm2: number;
}): { shot_kg: number; gateVelocity_m_s: number; plungerVelocity_m_s: number; sleeveFill: number } {
  const sleeve = ['plunger_mm', 'stroke_mm'] as const;
  const v = positives(input, 'partVolume_cm3', ...sleeve, 'rho_kg_m3', 'fillTime_s', 'gateArea_mm2');
  const overflow = notNegative('overflowShare', input.overflowShare);
  const runner = notNegative('runnerVolume_cm3', input.runnerVolume_cm3);
  const biscuit_mm = notNegative('biscuit_mm', input.biscuit_mm);
  const n = wholeNumber('cavities', input.cavities, 1);
  const plunger = (Math.PI / 4) * v.plunger_mm ** 2;
  const volumes = { n, V: v.partVolume_cm3, overflow, runner, biscuit: (plunger * biscuit_mm) / 1000 };
  const sleeveFill = SLEEVE_FILL.of({ ...volumes, plunger: plunger / 100, stroke: v.stroke_mm });
  if (sleeveFill > 1) refuse('E_RANGE', 'stroke_mm', v.stroke_mm, 'a sleeve that holds the shot');
  const through = n * v.partVolume_cm3 * (1 + overflow);
  return {
    shot_kg: SHOT_MASS.of({ rho: v.rho_kg_m3, ...volumes }),
    gateVelocity_m_s: through / v.fillTime_s / v.gateArea_mm2,
    plungerVelocity_m_s: through / v.fillTime_s / plunger,
    sleeveFill,
  };
}

export const FILL_PRESSURE = /* @__PURE__ */ formula({
  id: 'force.low-pressure',
  out: 'fill_kPa',
  title: 'Pressure that fills the die',
  unit: 'kPa',
  expression: 'rho * g * (lift + drop + height) / 1000000',
  symbols: {
    rho: ['density of the melt', 'kg/m³'],
    g: ['gravity', 'm/s²'],
    lift: ['full bath to the gate', 'mm'],
    drop: ['how far the bath has sunk', 'mm'],
    height: ['height of the casting', 'mm'],
  },
});

/**
 * Pressure of a low-pressure furnace as its bath sinks (formula force.low-pressure); the ramp sets the speed at the gate.
 *
 * @param input.rho_kg_m3; input.lift_mm full bath to gate; input.castHeight_mm; input.shots since topping up, of poured_kg each; input
 *   .furnaceArea_cm2; input.over_kPa to hold
 * @returns how far the bath has sunk, mm; pressure that fills and that holds, kPa
 * @throws {CoreError} E_SIGN for negatives
 * @example
 * lowPressure({ rho_kg_m3: 2380, lift_mm: 600, castHeight_mm: 180, shots: 20, poured_kg: 6, furnaceArea_cm2: 5000, over_kPa: 20 }).hold_kPa
 * // 40.55866106
 */
export function lowPressure(input: {
  readonly rho_kg_m3: number;
  readonly lift_mm: number;
  readonly castHeight_mm: number;
  readonly shots: number;
  readonly poured_kg?: number;
  readonly furnaceArea_cm2: number;
  readonly over_kPa: number;
}): { levelDrop_mm: number; fill_kPa: number; hold_kPa: number } {
  const v = positives(input, 'rho_kg_m3', 'furnaceArea_cm2', 'castHeight_mm');
  const lift = notNegative('lift_mm', input.lift_mm);
  const shots = notNegative('shots', finite('shots', input.shots));
  const poured = shots === 0 ? 0 : positive('poured_kg', input.poured_kg);
  const over = notNegative('over_kPa', input.over_kPa);
  const levelDrop_mm = ((shots * poured) / (v.rho_kg_m3 * v.furnaceArea_cm2 * 1e-4)) * 1000;
  const fill_kPa = FILL_PRESSURE.of({ rho: v.rho_kg_m3, g: G, lift, drop: levelDrop_mm, height: v.castHeight_mm });
  return { levelDrop_mm, fill_kPa, hold_kPa: fill_kPa + over };
}
