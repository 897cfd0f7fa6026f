import { inOrder, notNegative, positive, positives, shareOf } from '../../base/checks';
import { G } from '../constants';
import { formula } from '../formula';

const TURN = 2 * Math.PI;
const S_PER_MIN = 60;
/** Radians a second of so many turns a minute. */
export const omegaOf = (rpm: number): number => (TURN * rpm) / S_PER_MIN;

export const SPIN_PRESSURE = /* @__PURE__ */ formula({
  id: 'force.spin',
  out: 'pressure_kPa',
  title: 'Pressure in a spinning mould',
  unit: 'kPa',
  expression: 'rho * omega * omega / 2 * (r * r - r0 * r0) / 1000000000',
  symbols: {
    rho: ['density of the melt', 'kg/m³'],
    omega: ['angular speed', 'rad/s'],
    r: ['radius', 'mm'],
    r0: ['radius of the free surface', 'mm'],
  },
});

/**
 * Pressure and pull in a spinning mould (formula force.spin), the metal turning with it.
 *
 * @param input.rho_kg_m3; input.rpm; input.radius_mm; input.innerRadius_mm of the free surface (0)
 * @returns pressure in kPa, and how often gravity
 * @throws {CoreError} E_ORDER for a free surface outside the radius
 * @example
 * spinPressure({ rho_kg_m3: 6600, rpm: 500, radius_mm: 110, innerRadius_mm: 15 }).pressure_kPa // 107.434756241
 */
export function spinPressure(input: {
  readonly rho_kg_m3: number;
  readonly rpm: number;
  readonly radius_mm: number;
  readonly innerRadius_mm?: number;
}): { pressure_kPa: number; gForce: number } {
  const v = positives(input, 'rho_kg_m3', 'rpm', 'radius_mm');
  const r0 = innerOf(input.innerRadius_mm, v.radius_mm);
  const omega = omegaOf(v.rpm);
  return {
    pressure_kPa: SPIN_PRESSURE.of({ rho: v.rho_kg_m3, omega, r: v.radius_mm, r0 }),
    gForce: pull(omega, v.radius_mm),
  };
}

const pull = (omega: number, r_mm: number): number => (omega * omega * r_mm) / 1000 / G;

function innerOf(value: unknown, outer: number): number {
  const inner = notNegative('innerRadius_mm', value ?? 0);
  inOrder(inner < outer, 'innerRadius_mm', inner, `inside the radius of ${outer} mm`);
  return inner;
}

export const SPIN_SPEED = /* @__PURE__ */ formula({
  id: 'force.spin-rpm',
  out: 'rpm',
  title: 'Speed for a wanted pressure',
  unit: 'rpm',
  expression: '60 / (2 * PI) * sqrt(2 * p * 1000000000 / (rho * (r * r - r0 * r0)))',
  symbols: {
    PI: ['π', '1'],
    p: ['pressure wanted', 'kPa'],
    rho: ['density of the melt', 'kg/m³'],
    r: ['radius', 'mm'],
    r0: ['radius of the free surface', 'mm'],
  },
});

/**
 * Speed of a spinning mould for a wanted pressure (formula force.spin-rpm); stay below the disc’s own limit.
 *
 * @param input.rho_kg_m3; input.pressure_kPa at radius_mm; input.innerRadius_mm of the free surface (0)
 * @returns turns a minute, and how often gravity
 * @throws {CoreError} E_ORDER for a free surface outside the radius
 * @example
 * spinSpeed({ rho_kg_m3: 6600, pressure_kPa: 60, radius_mm: 110, innerRadius_mm: 15 }).rpm // 373.657090764
 */
export function spinSpeed(input: {
  readonly rho_kg_m3: number;
  readonly pressure_kPa: number;
  readonly radius_mm: number;
  readonly innerRadius_mm?: number;
}): { rpm: number; gForce: number } {
  const v = positives(input, 'rho_kg_m3', 'pressure_kPa', 'radius_mm');
  const r0 = innerOf(input.innerRadius_mm, v.radius_mm);
  const rpm = SPIN_SPEED.of({ PI: Math.PI, p: v.pressure_kPa, rho: v.rho_kg_m3, r: v.radius_mm, r0 });
  return { rpm, gForce: pull(omegaOf(rpm), v.radius_mm) };
}

export const SPIN_CLAMP = /* @__PURE__ */ formula({
  id: 'force.spin-clamp',
  out: 'force_kN',
  title: 'Force that parts a spinning disc',
  unit: 'kN',
  expression: 'share * PI * rho * omega * omega / 4 * pow((R * R - r0 * r0) / 1000000, 2) / 1000',
  symbols: {
    share: ['share of the disc that is metal', '1'],
    PI: ['π', '1'],
    rho: ['density of the melt', 'kg/m³'],
    omega: ['angular speed', 'rad/s'],
    R: ['outer radius of the metal', 'mm'],
    r0: ['radius of the free surface', 'mm'],
  },
});

/**
 * Force that parts a spinning disc (formula force.spin-clamp), cavities spread evenly; clamp at least a flooded one if flash
 * can spread.
 *
 * @param input.rho_kg_m3; input.rpm; input.outerRadius_mm; input.innerRadius_mm of the free surface (0); input.areaShare that is metal
 *   (1: flooded)
 * @returns force in kN
 * @throws {CoreError} E_ORDER for a free surface outside the radius, E_RANGE for a share outside 0..1
 * @example
 * spinClamp({ rho_kg_m3: 6600, rpm: 600, outerRadius_mm: 110 }).force_kN // 2.99615511938
 */
export function spinClamp(input: {
  readonly rho_kg_m3: number;
  readonly rpm: number;
  readonly outerRadius_mm: number;
  readonly innerRadius_mm?: number;
  readonly areaShare?: number;
}): { force_kN: number } {
  const v = positives(input, 'rho_kg_m3', 'rpm', 'outerRadius_mm');
  positive('rpm', v.rpm);
  const share = shareOf('areaShare', input.areaShare ?? 1);
  const r0 = innerOf(input.innerRadius_mm, v.outerRadius_mm);
  return {
    force_kN: SPIN_CLAMP.of({
      ...{ share, PI: Math.PI, rho: v.rho_kg_m3, omega: omegaOf(v.rpm), R: v.outerRadius_mm, r0 },
    }),
  };
}
