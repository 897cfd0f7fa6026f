import { finite, inOrder, oneOf, positive, positives } from '../../base/checks';
import { formula } from '../formula';
import { DIE_WALL_BETA } from './die-wall.data';

const DIE = {
  rho: ['density of the metal', 'kg/m³'],
  M: ['modulus', 'mm'],
  h: ['film between metal and die', 'W/m²K'],
  L: ['heat of freezing', 'J/kg'],
  c: ['specific heat of the melt', 'J/kgK'],
  Tp: ['metal at the pour', '°C'],
  Tf: ['freezing temperature', '°C'],
  Td: ['die', '°C'],
} as const;

export const INTERFACE_TIME = /* @__PURE__ */ formula({
  id: 'sol.interface',
  out: 'time_s',
  title: 'Freezing time in a metal die',
  unit: 's',
  expression: {
    lumped: 'rho * M / 1000 * (L + c * (Tp - Tf)) / (h * (Tf - Td))',
    'two-stage': 'rho * c * M / 1000 / h * ln((Tp - Td) / (Tf - Td)) + rho * M / 1000 * L / (h * (Tf - Td))',
  },
  symbols: DIE,
});

export const EJECTION_TIME = /* @__PURE__ */ formula({
  id: 'mould.coat',
  out: 'dwell_s',
  title: 'Dwell: freezing, then cooling to ejection',
  unit: 's',
  expression: 'rho * M / 1000 / h * ((L + c * (Tp - Tf)) / (Tf - Td) + cSolid * ln((Tf - Td) / (Te - Td)))',
  symbols: { ...DIE, cSolid: ['specific heat of the casting', 'J/kgK'], Te: ['casting at ejection', '°C'] },
});

/**
 * Freezing time in metal dies, where the film between metal and die decides (formula sol.interface): gravity die, permanent
 * mould, thin walls of pressure dies. First power of the modulus.
 *
 * @param input density, heat of freezing and specific heat of the metal; temperatures at the pour, of freezing and of the
 *   die; film; modulus, in the units of their names; school lumped (the usual) or two-stage, where superheat leaves first
 * @returns time in s
 * @throws {CoreError} E_ORDER for a die that is not colder than freezing, or metal poured below it; E_KEY for another school
 * @example
 * dieFreezing({ rhoMetal_kg_m3: 2400, latent_J_kg: 390000, cLiquid_J_kgK: 1080, tPour_C: 720, tFreeze_C: 600, tDie_C: 300, h_W_m2K: 2500, modulus_mm: 4 }).time_s
 * // 6.65088
 */
export function dieFreezing(input: {
  readonly rhoMetal_kg_m3: number;
  readonly latent_J_kg: number;
  readonly cLiquid_J_kgK: number;
  readonly tPour_C: number;
  readonly tFreeze_C: number;
  readonly tDie_C: number;
  readonly h_W_m2K: number;
  readonly modulus_mm: number;
  readonly school?: 'lumped' | 'two-stage';
}): { time_s: number } {
  const v = positives(input, 'rhoMetal_kg_m3', 'latent_J_kg', 'cLiquid_J_kgK', 'h_W_m2K', 'modulus_mm');
  const [Tp, Tf, Td] = [
    finite('tPour_C', input.tPour_C),
    finite('tFreeze_C', input.tFreeze_C),
    finite('tDie_C', input.tDie_C),
  ];
  const school = oneOf('school', input.school ?? 'lumped', ['lumped', 'two-stage'] as const);
  inOrder(Td < Tf, 'tDie_C', Td, `below the freezing temperature, ${Tf} °C`);
  inOrder(Tp >= Tf, 'tPour_C', Tp, `at least the freezing temperature, ${Tf} °C`);
  const values = { rho: v.rhoMetal_kg_m3, M: v.modulus_mm, h: v.h_W_m2K, L: v.latent_J_kg, c: v.cLiquid_J_kgK };
  return { time_s: INTERFACE_TIME.of({ ...values, Tp, Tf, Td }, school) };
}

const FAMILIES = Object.keys(DIE_WALL_BETA) as (keyof typeof DIE_WALL_BETA)[];

export const DIE_WALL_TIME = /* @__PURE__ */ formula({
  id: 'sol.die-wall',
  out: 'time_s',
  title: 'Cooling in a pressure die by the wall',
  unit: 's',
  expression: { linear: 'beta * w', square: 'gamma * w * w' },
  symbols: {
    beta: ['cooling time for a millimetre of wall', 's/mm'],
    gamma: ['cooling time for a square millimetre of wall', 's/mm²'],
    w: ['thickest wall', 'mm'],
  },
});

/**
 * Cooling time in a pressure die by the thickest wall, 1 to 8 mm (formula sol.die-wall).
 *
 * @param input.wall_mm thickest wall; input.model linear (the usual) or square; input.beta_s_mm, or input.family for the
 *   handbook’s; input.gamma_s_mm2, the shop’s own, for square
 * @returns time in s
 * @throws {CoreError} E_KEY for an unknown family or model
 * @example
 * dieWallCooling({ family: 'aluminium', wall_mm: 3, model: 'linear' }).time_s // 1.41
 */
export function dieWallCooling(input: {
  readonly wall_mm: number;
  readonly model?: 'linear' | 'square';
  readonly beta_s_mm?: number;
  readonly gamma_s_mm2?: number;
  readonly family?: string;
}): { time_s: number } {
  const w = positive('wall_mm', input.wall_mm);
  const model = oneOf('model', input.model ?? 'linear', ['linear', 'square'] as const);
  if (model === 'square')
    return { time_s: DIE_WALL_TIME.of({ beta: 0, gamma: positive('gamma_s_mm2', input.gamma_s_mm2), w }, model) };
  const beta =
    input.beta_s_mm === undefined
      ? DIE_WALL_BETA[oneOf('family', input.family, FAMILIES)]
      : positive('beta_s_mm', input.beta_s_mm);
  return { time_s: DIE_WALL_TIME.of({ beta, gamma: 0, w }, model) };
}

export const CONTACT = /* @__PURE__ */ formula({
  id: 'sol.contact',
  out: 'tContact_C',
  title: 'Face of the mould at the first touch',
  unit: '°C',
  expression: '(eMetal * Tm + eMould * T0) / (eMetal + eMould)',
  symbols: {
    eMetal: ['effusivity of the metal, √(kρc)', 'J/m²K√s'],
    eMould: ['effusivity of the mould, √(kρc)', 'J/m²K√s'],
    Tm: ['metal', '°C'],
    T0: ['mould', '°C'],
  },
});

/**
 * Temperature of the mould’s face in the first moments of perfect contact (formula sol.contact): an upper bound for dies,
 * good for rubber.
 *
 * @param input conductivity, density, specific heat and temperature of metal and mould, in the units of their names
 * @returns temperature in °C
 * @throws {CoreError} E_ORDER for metal colder than the mould
 * @example
 * contactTemperature({ kMetal_W_mK: 50, rhoMetal_kg_m3: 6600, cMetal_J_kgK: 480, tMetal_C: 420, kMould_W_mK: 0.25, rhoMould_kg_m3: 1500, cMould_J_kgK: 1300, tMould_C: 60 }).tContact_C
 * // 401.078148979
 */
export function contactTemperature(input: {
  readonly kMetal_W_mK: number;
  readonly rhoMetal_kg_m3: number;
  readonly cMetal_J_kgK: number;
  readonly tMetal_C: number;
  readonly kMould_W_mK: number;
  readonly rhoMould_kg_m3: number;
  readonly cMould_J_kgK: number;
  readonly tMould_C: number;
}): { tContact_C: number } {
  const metal = ['kMetal_W_mK', 'rhoMetal_kg_m3', 'cMetal_J_kgK'] as const;
  const v = positives(input, ...metal, 'kMould_W_mK', 'rhoMould_kg_m3', 'cMould_J_kgK');
  const Tm = finite('tMetal_C', input.tMetal_C);
  const T0 = finite('tMould_C', input.tMould_C);
  inOrder(Tm >= T0, 'tMetal_C', Tm, `at least the mould’s ${T0} °C`);
  const eMetal = Math.sqrt(v.kMetal_W_mK * v.rhoMetal_kg_m3 * v.cMetal_J_kgK);
  const eMould = Math.sqrt(v.kMould_W_mK * v.rhoMould_kg_m3 * v.cMould_J_kgK);
  return { tContact_C: CONTACT.of({ eMetal, eMould, Tm, T0 }) };
}
