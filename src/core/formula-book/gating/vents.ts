import { ceilGuarded, finite, inOrder, notNegative, oneOf, positive, positives, within } from '../../base/checks';
import { GAS, ZERO_C_K } from '../constants';
import { formula } from '../formula';

const DISCHARGE = 0.6;
const AMBIENT_KPA = 101.325;
/** Molar mass of air, kg/mol. */
const AIR = 0.02896;
/** Beyond these gas is compressed and the equation does not hold. */
const MOST_SPEED = 100;
const MOST_KPA = 10;

export const GAS_FLOW = /* @__PURE__ */ formula({
  id: 'gate.vent-area',
  out: 'flow_cm3_s',
  title: 'Gas that must get out',
  unit: 'cm³/s',
  expression: '(V * Tg / Tc + extra) / t',
  symbols: {
    V: ['volume filled', 'cm³'],
    Tg: ['gas at the vent', 'K'],
    Tc: ['air before the fill', 'K'],
    extra: ['gas of binder and coat', 'cm³'],
    t: ['fill time', 's'],
  },
});

export const VENT_AREA = /* @__PURE__ */ formula({
  id: 'gate.vent-area',
  out: 'area_mm2',
  title: 'Vents',
  unit: 'mm²',
  expression: 'flow / w',
  symbols: { flow: ['gas that must get out', 'cm³/s'], w: ['its speed in the vents', 'm/s'] },
});

/**
 * A way out for the gas of a mould that does not breathe by itself (formula gate.vent-area). Slots of 0.1 to 0.25 mm and holes
 * that metal cannot enter; compare the back pressure with the head of metal.
 *
 * @param input.volume_cm3 filled, fillTime_s; tCavity_C of the air before, tGas_C at the vent; extraGas_cm3 (0) of binder and coat at
 *   the vent; by speed (the usual, limit_m_s) or pressure (pressure_kPa above ambient); discharge (0.6); ambient_kPa (101.325); vent
 *   round (the usual, diameter_mm) or slot (width_mm, depth_mm)
 * @returns gas in cm³/s; its speed, m/s; back pressure, kPa; area, mm²; how many vents
 * @throws {CoreError} E_ORDER for gas colder than the cavity; E_RANGE for a speed above 100 m/s, a pressure above 10 kPa, or a
 *   discharge outside 0..1
 * @example
 * ventArea({ volume_cm3: 1900, fillTime_s: 5, tCavity_C: 250, tGas_C: 350, by: 'pressure', pressure_kPa: 0.4, vent: 'slot', width_mm: 12, depth_mm: 0.15 }).vents
 * // 12
 */
export function ventArea(input: {
  readonly volume_cm3: number;
  readonly fillTime_s: number;
  readonly tCavity_C: number;
  readonly tGas_C: number;
  readonly extraGas_cm3?: number;
  readonly by?: 'speed' | 'pressure';
  readonly limit_m_s?: number;
  readonly pressure_kPa?: number;
  readonly discharge?: number;
  readonly ambient_kPa?: number;
  readonly vent?: 'round' | 'slot';
  readonly diameter_mm?: number;
  readonly width_mm?: number;
  readonly depth_mm?: number;
}): { flow_cm3_s: number; speed_m_s: number; back_kPa: number; area_mm2: number; vents: number } {
  const v = positives(input, 'volume_cm3', 'fillTime_s');
  const Tc = positive('tCavity_C', finite('tCavity_C', input.tCavity_C) + ZERO_C_K);
  const Tg = positive('tGas_C', finite('tGas_C', input.tGas_C) + ZERO_C_K);
  const by = oneOf('by', input.by ?? 'speed', ['speed', 'pressure'] as const);
  const vent = oneOf('vent', input.vent ?? 'round', ['round', 'slot'] as const);
  const extra = notNegative('extraGas_cm3', input.extraGas_cm3 ?? 0);
  const ambient = positive('ambient_kPa', input.ambient_kPa ?? AMBIENT_KPA);
  const C = within('discharge', positive('discharge', input.discharge ?? DISCHARGE), 0, 1);
  const one =
    vent === 'round'
      ? (Math.PI / 4) * positive('diameter_mm', input.diameter_mm) ** 2
      : positive('width_mm', input.width_mm) * positive('depth_mm', input.depth_mm);
  const given =
    by === 'speed'
      ? within('limit_m_s', positive('limit_m_s', input.limit_m_s), 0, MOST_SPEED)
      : within('pressure_kPa', positive('pressure_kPa', input.pressure_kPa), 0, MOST_KPA);
  inOrder(Tg >= Tc, 'tGas_C', input.tGas_C, `at least the cavity’s ${input.tCavity_C} °C`);
  const density = (ambient * 1000 * AIR) / (GAS * Tg);
  const speed_m_s = by === 'speed' ? given : C * Math.sqrt((2 * given * 1000) / density);
  const flow_cm3_s = GAS_FLOW.of({ V: v.volume_cm3, Tg, Tc, extra, t: v.fillTime_s });
  const area_mm2 = VENT_AREA.of({ flow: flow_cm3_s, w: speed_m_s });
  return {
    ...{ flow_cm3_s, speed_m_s, area_mm2 },
    back_kPa: by === 'pressure' ? given : (0.5 * density * (speed_m_s / C) ** 2) / 1000,
    vents: Math.max(1, ceilGuarded(area_mm2 / one)),
  };
}
