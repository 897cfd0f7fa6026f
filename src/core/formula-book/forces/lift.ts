import { ceilGuarded, finite, listOf, notNegative, positive, positives, shareOf } from '../../base/checks';
import { refuse } from '../../base/errors';
import { G } from '../constants';
import { formula } from '../formula';

export const HEAD_PRESSURE = /* @__PURE__ */ formula({
  id: 'force.head',
  out: 'pressure_kPa',
  title: 'Pressure of standing metal',
  unit: 'kPa',
  expression: 'rho * g * h / 1000000',
  symbols: { rho: ['density of the melt', 'kg/m³'], g: ['gravity', 'm/s²'], h: ['head', 'mm'] },
});

/**
 * Pressure of standing metal (formula force.head); surge at the end of the fill adds 20 to 50 %.
 *
 * @param input.rho_kg_m3, input.head_mm
 * @returns pressure in kPa
 * @throws {CoreError} E_SIGN for a negative head
 * @example
 * headPressure({ rho_kg_m3: 7000, head_mm: 300 }).pressure_kPa // 20.593965
 */
export function headPressure(input: { readonly rho_kg_m3: number; readonly head_mm: number }): {
  pressure_kPa: number;
} {
  const rho = positive('rho_kg_m3', input.rho_kg_m3);
  const h = notNegative('head_mm', input.head_mm);
  return { pressure_kPa: HEAD_PRESSURE.of({ rho, g: G, h }) };
}

const SAFETY = 1.5;

export const COPE_LIFT = /* @__PURE__ */ formula({
  id: 'force.cope-lift',
  out: 'lift_N',
  title: 'Lift on the cope',
  unit: 'N',
  expression: 'rho * g * Ah / 10000000',
  symbols: {
    rho: ['density of the melt', 'kg/m³'],
    g: ['gravity', 'm/s²'],
    Ah: ['faces of the cope times their heads', 'cm²·mm'],
  },
});

export const COPE_WEIGHT = /* @__PURE__ */ formula({
  id: 'force.cope-lift',
  out: 'weight_kg',
  title: 'Weight on the cope',
  unit: 'kg',
  expression: 'max(0, safety * (lift + share * cores) / g - cope)',
  symbols: {
    safety: ['safety', '1'],
    lift: ['lift on the cope', 'N'],
    share: ['share of the cores’ lift that the cope carries', '1'],
    cores: ['lift of the cores', 'N'],
    g: ['gravity', 'm/s²'],
    cope: ['mass of the cope', 'kg'],
  },
});

/**
 * What lifts the cope, and the weight that holds it (formula force.cope-lift). Take the silhouette, runner and feeders too.
 *
 * @param input.rho_kg_m3; input.surfaces projected area and head of each face of the cope’s cavity; input.cores volume under metal and
 *   density of each; input.coreShare carried by the cope (1); input.safety (1.5; 1.3 with clamps, 2 fast or deep); input.copeMass_kg
 * @returns lift, and that of the cores, N; weight in kg
 * @throws {CoreError} E_RANGE for a safety below 1
 * @example
 * copeLift({ rho_kg_m3: 2400, surfaces: [{ area_cm2: 600, head_mm: 120 }], cores: [], copeMass_kg: 60 }).lift_N // 169.458912
 */
export function copeLift(input: {
  readonly rho_kg_m3: number;
  readonly surfaces: readonly { readonly area_cm2: number; readonly head_mm: number }[];
  readonly cores: readonly { readonly volume_cm3: number; readonly rho_kg_m3: number }[];
  readonly coreShare?: number;
  readonly safety?: number;
  readonly copeMass_kg: number;
}): { lift_N: number; coreLift_N: number; weight_kg: number } {
  const rho = positive('rho_kg_m3', input.rho_kg_m3);
  const Ah = listOf('surfaces', input.surfaces).reduce(
    (all, s, i) =>
      all + notNegative(`surfaces[${i}].area_cm2`, s.area_cm2) * notNegative(`surfaces[${i}].head_mm`, s.head_mm),
    0,
  );
  const coreLift_N = listOf('cores', input.cores).reduce((all, core, i) => {
    const volume = notNegative(`cores[${i}].volume_cm3`, core.volume_cm3);
    return all + (G * Math.max(0, rho - positive(`cores[${i}].rho_kg_m3`, core.rho_kg_m3)) * volume) / 1e6;
  }, 0);
  const cope = notNegative('copeMass_kg', input.copeMass_kg);
  const share = shareOf('coreShare', input.coreShare ?? 1);
  const safety = safetyOf(input.safety ?? SAFETY);
  const lift_N = COPE_LIFT.of({ rho, g: G, Ah });
  return {
    lift_N,
    coreLift_N,
    weight_kg: COPE_WEIGHT.of({ safety, lift: lift_N, share, cores: coreLift_N, g: G, cope }),
  };
}

/** A safety of at least 1, else E_RANGE. */
export function safetyOf(value: unknown): number {
  const safety = finite('safety', value);
  return safety >= 1 ? safety : refuse('E_RANGE', 'safety', safety, 'at least 1');
}

export const CORE_LIFT = /* @__PURE__ */ formula({
  id: 'force.chaplets',
  out: 'buoyancy_N',
  title: 'Lift of a core under metal',
  unit: 'N',
  expression: 'rho * g * V / 1000000 - m * g',
  symbols: {
    rho: ['density of the melt', 'kg/m³'],
    g: ['gravity', 'm/s²'],
    V: ['core under metal', 'cm³'],
    m: ['mass of the core', 'kg'],
  },
});

/**
 * Whether a core stays put, and the chaplets it takes (formula force.chaplets). A stiff core; long ones bend besides.
 *
 * @param input.rho_kg_m3; input.immersed_cm3, coreMass_kg; input.printArea_cm2 and printBearing_MPa (green sand 0.03 to 0.07, bonded 0.2 to
 *   0.4); input.chapletCapacity_N
 * @returns lift, what the prints hold, and what is left, N; chaplets
 * @throws {CoreError} E_SIGN for negatives
 * @example
 * chapletsFor({ rho_kg_m3: 7000, immersed_cm3: 1200, coreMass_kg: 2.3, printArea_cm2: 8, printBearing_MPa: 0.05, chapletCapacity_N: 60 }).chaplets
 * // 1
 */
export function chapletsFor(input: {
  readonly rho_kg_m3: number;
  readonly immersed_cm3: number;
  readonly coreMass_kg: number;
  readonly printArea_cm2: number;
  readonly printBearing_MPa: number;
  readonly chapletCapacity_N: number;
}): { buoyancy_N: number; printHolds_N: number; net_N: number; chaplets: number } {
  const v = positives(input, 'rho_kg_m3', 'chapletCapacity_N');
  const V = notNegative('immersed_cm3', input.immersed_cm3);
  const m = notNegative('coreMass_kg', input.coreMass_kg);
  const area = notNegative('printArea_cm2', input.printArea_cm2);
  const bearing = notNegative('printBearing_MPa', input.printBearing_MPa);
  const buoyancy_N = CORE_LIFT.of({ rho: v.rho_kg_m3, g: G, V, m });
  const printHolds_N = area * bearing * 100;
  const net_N = Math.max(0, buoyancy_N - printHolds_N);
  return { buoyancy_N, printHolds_N, net_N, chaplets: Math.max(0, ceilGuarded(net_N / v.chapletCapacity_N)) };
}
