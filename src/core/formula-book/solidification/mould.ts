import { finite, inOrder, notNegative, oneOf, positive, positives, within } from '../../base/checks';
import { formula } from '../formula';
import { timeOfHalfSpace } from './half-space';

const MOULD = {
  k: ['conductivity of the mould', 'W/mK'],
  rhoMould: ['density of the mould', 'kg/m³'],
  cMould: ['specific heat of the mould', 'J/kgK'],
} as const;

export const LATENT_EFFECTIVE = /* @__PURE__ */ formula({
  id: 'sol.b-constant',
  out: 'latentEff_J_kg',
  title: 'Heat of freezing with the superheat in it',
  unit: 'J/kg',
  expression: { lumped: 'L + c * dT', quadratic: 'L * sqrt(1 + c * dT / L * (c * dT / L))' },
  symbols: {
    L: ['heat of freezing', 'J/kg'],
    c: ['specific heat of the melt', 'J/kgK'],
    dT: ['superheat', 'K'],
  },
});

export const B_CONSTANT = /* @__PURE__ */ formula({
  id: 'sol.b-constant',
  out: 'B_s_mm2',
  title: 'Chvorinov constant',
  unit: 's/mm²',
  expression: 'PI / 4 * (rho * Leff / (Tf - T0)) * (rho * Leff / (Tf - T0)) / (k * rhoMould * cMould) / 1000000',
  symbols: {
    PI: ['π', '1'],
    rho: ['density of the metal', 'kg/m³'],
    Leff: ['heat of freezing with the superheat in it', 'J/kg'],
    Tf: ['freezing temperature, middle of the range', '°C'],
    T0: ['mould at the pour', '°C'],
    ...MOULD,
  },
});

export const FREEZING_TIME = /* @__PURE__ */ formula({
  id: 'sol.time',
  out: 'time_s',
  title: 'Freezing time',
  unit: 's',
  expression: { square: 'B * M * M', power: 'B * pow(M, n)' },
  symbols: {
    B: ['Chvorinov constant', 's/mm²'],
    M: ['modulus', 'mm'],
    n: ['exponent', '1'],
  },
});

const CURVES = { plate: 0, cylinder: 1, sphere: 2 } as const;

export const CURVED_TIME = /* @__PURE__ */ formula({
  id: 'sol.shape-correction',
  out: 'time_s',
  title: 'Freezing time of a curved section',
  unit: 's',
  expression:
    'pow(2 * heat / (2 * sqrt(k * rhoMould * cMould / PI) + sqrt(4 * k * rhoMould * cMould / PI + 4 * n * k / (2 * r) * heat)), 2)',
  symbols: {
    heat: ['heat to be taken up by a square metre of face, for a kelvin', 'J/m²K'],
    PI: ['π', '1'],
    n: ['curvature: 0 plate, 1 cylinder, 2 sphere', '1'],
    r: ['radius', 'm'],
    ...MOULD,
  },
});

interface InMould {
  readonly rhoMetal_kg_m3: number;
  readonly latentEff_J_kg: number;
  readonly tFreeze_C: number;
  readonly tMould_C: number;
  readonly kMould_W_mK: number;
  readonly rhoMould_kg_m3: number;
  readonly cMould_J_kgK: number;
}

function freezingIn<T extends { readonly tFreeze_C: number; readonly tMould_C: number }>(input: T): [number, number] {
  const Tf = finite('tFreeze_C', input.tFreeze_C);
  const T0 = finite('tMould_C', input.tMould_C);
  inOrder(T0 < Tf, 'tMould_C', T0, `below the freezing temperature, ${Tf} °C`);
  return [Tf, T0];
}

const MOULD_NAMES = ['kMould_W_mK', 'rhoMould_kg_m3', 'cMould_J_kgK'] as const;

/**
 * Chvorinov constant of moulds that are thick insulators: sand, plaster, block investment, thick rubber (formula
 * sol.b-constant). Flat face at the freezing temperature from the start, narrow freezing range; calibrate by 10 to 30 %.
 *
 * @param input density, heat of freezing, specific heat and superheat of the metal; conductivity, density, specific heat and
 *   temperature of the mould, in the units of their names; school lumped (the usual: the mould takes the superheat too)
 *   or quadratic, as several textbooks print it
 * @returns B in s/mm², and the heat of freezing with the superheat in it, J/kg
 * @throws {CoreError} E_ORDER for a mould that is not colder than freezing, E_KEY for another school
 * @example
 * bConstant({ rhoMetal_kg_m3: 2400, latent_J_kg: 390000, cLiquid_J_kgK: 1080, superheat_K: 80, tFreeze_C: 600, tMould_C: 25, kMould_W_mK: 0.6, rhoMould_kg_m3: 1600, cMould_J_kgK: 1170 }).B_s_mm2
 * // 2.76479596
 */
export function bConstant(
  input: Omit<InMould, 'latentEff_J_kg'> & {
    readonly latent_J_kg: number;
    readonly cLiquid_J_kgK: number;
    readonly superheat_K: number;
    readonly school?: 'lumped' | 'quadratic';
  },
): { B_s_mm2: number; latentEff_J_kg: number } {
  const v = positives(input, 'rhoMetal_kg_m3', 'latent_J_kg', 'cLiquid_J_kgK', ...MOULD_NAMES);
  const dT = notNegative('superheat_K', input.superheat_K);
  const school = oneOf('school', input.school ?? 'lumped', ['lumped', 'quadratic'] as const);
  const [Tf, T0] = freezingIn(input);
  const latentEff_J_kg = LATENT_EFFECTIVE.of({ L: v.latent_J_kg, c: v.cLiquid_J_kgK, dT }, school);
  return {
    B_s_mm2: B_CONSTANT.of({
      ...{ PI: Math.PI, rho: v.rhoMetal_kg_m3, Leff: latentEff_J_kg, Tf, T0 },
      ...{ k: v.kMould_W_mK, rhoMould: v.rhoMould_kg_m3, cMould: v.cMould_J_kgK },
    }),
    latentEff_J_kg,
  };
}

const LEAST_EXPONENT = 1;
const MOST_EXPONENT = 2.2;

/**
 * Freezing time by the modulus (formula sol.time). Shake-out is later.
 *
 * @param input.B_s_mm2 Chvorinov constant, input.modulus_mm volume over cooling face, input.exponent 2 where not said
 * @returns time in s
 * @throws {CoreError} E_RANGE for an exponent outside 1 to 2.2
 * @example
 * freezingTime({ B_s_mm2: 2.75, modulus_mm: 7.5 }).time_s // 154.6875
 */
export function freezingTime(input: { B_s_mm2: number; modulus_mm: number; exponent?: number }): { time_s: number } {
  const v = positives(input, 'B_s_mm2', 'modulus_mm');
  const n = within('exponent', input.exponent ?? 2, LEAST_EXPONENT, MOST_EXPONENT);
  return { time_s: FREEZING_TIME.of({ B: v.B_s_mm2, M: v.modulus_mm, n }, n === 2 ? 'square' : 'power') };
}

/**
 * Freezing time of balls, bosses and bars, which freeze sooner than a plate of their modulus (formula
 * sol.shape-correction). Exact for a sphere in a large mould, close for cylinders.
 *
 * @param input metal and mould as in `bConstant`; shape, with radius_mm, or modulus_mm for a plate
 * @returns time in s, that of a plate of the same modulus, and their ratio
 * @throws {CoreError} E_ORDER for a mould that is not colder than freezing, E_KEY for another shape
 * @example
 * curvedFreezing({ shape: 'sphere', rhoMetal_kg_m3: 2400, latentEff_J_kg: 476400, tFreeze_C: 600, tMould_C: 25, kMould_W_mK: 0.6, rhoMould_kg_m3: 1600, cMould_J_kgK: 1170, radius_mm: 30 }).time_s
 * // 183.734234637
 */
export function curvedFreezing(
  input: InMould & { readonly shape: keyof typeof CURVES; readonly radius_mm?: number; readonly modulus_mm?: number },
): { time_s: number; flatTime_s: number; ratio: number } {
  const shape = oneOf('shape', input.shape, ['plate', 'cylinder', 'sphere'] as const);
  const v = positives(input, 'rhoMetal_kg_m3', 'latentEff_J_kg', ...MOULD_NAMES);
  const n = CURVES[shape];
  const size = n === 0 ? positive('modulus_mm', input.modulus_mm) : positive('radius_mm', input.radius_mm);
  const [Tf, T0] = freezingIn(input);
  const M = n === 0 ? size : size / (n + 1);
  const heat = (v.rhoMetal_kg_m3 * v.latentEff_J_kg * (M / 1000)) / (Tf - T0);
  const mould = { k: v.kMould_W_mK, rhoMould: v.rhoMould_kg_m3, cMould: v.cMould_J_kgK };
  const at = (curvature: number): number =>
    CURVED_TIME.of({ heat, PI: Math.PI, n: curvature, r: size / 1000, ...mould });
  const [time_s, flatTime_s] = [at(n), at(0)];
  return { time_s, flatTime_s, ratio: time_s / flatTime_s };
}

/** X of the mould’s half-space, h√(αt)/k: below the first the film alone decides, from the second the mould alone. */
const FILM_ALONE = 0.15;
const MOULD_ALONE = 10;

/**
 * Freezing time in any thick mould with a known film between it and the metal (formula sol.mould-general).
 *
 * @param input metal and mould as in `bConstant`, h_W_m2K of the film, modulus_mm
 * @returns time in s; X, how far the heat has gone against the film; the times of film and mould alone, s; which decides
 * @throws {CoreError} E_ORDER for a mould that is not colder than freezing
 * @example
 * freezingBehindFilm({ rhoMetal_kg_m3: 2400, latentEff_J_kg: 476400, modulus_mm: 5, tFreeze_C: 600, tMould_C: 25, kMould_W_mK: 0.6, rhoMould_kg_m3: 1600, cMould_J_kgK: 1170, h_W_m2K: 600 }).regime
 * // 'mixed'
 */
export function freezingBehindFilm(input: InMould & { readonly h_W_m2K: number; readonly modulus_mm: number }): {
  time_s: number;
  X: number;
  interfaceOnly_s: number;
  mouldOnly_s: number;
  regime: 'interface' | 'mixed' | 'mould';
} {
  const v = positives(input, 'rhoMetal_kg_m3', 'latentEff_J_kg', ...MOULD_NAMES, 'h_W_m2K', 'modulus_mm');
  const [Tf, T0] = freezingIn(input);
  const heat = (v.rhoMetal_kg_m3 * v.latentEff_J_kg * (v.modulus_mm / 1000)) / (Tf - T0);
  const mould = { k: v.kMould_W_mK, rho: v.rhoMould_kg_m3, c: v.cMould_J_kgK };
  const { time_s, X } = timeOfHalfSpace(heat, v.h_W_m2K, mould);
  return {
    time_s,
    X,
    interfaceOnly_s: heat / v.h_W_m2K,
    mouldOnly_s: ((Math.PI / 4) * heat * heat) / (mould.k * mould.rho * mould.c),
    regime: X <= FILM_ALONE ? 'interface' : X >= MOULD_ALONE ? 'mould' : 'mixed',
  };
}

/** From this Biot number on the metal’s own conduction decides. */
const METAL_DECIDES = 1;

export const REGIME_X = /* @__PURE__ */ formula({
  id: 'sol.regime',
  out: 'X',
  title: 'How far heat has gone into the mould, against the film',
  unit: '1',
  expression: 'h * sqrt(k / (rhoMould * cMould) * t) / k',
  symbols: { h: ['film between metal and mould', 'W/m²K'], t: ['time', 's'], ...MOULD },
});

/**
 * Which formula of freezing holds (formula sol.regime). A first estimate of the time is enough; repeat once with the better.
 *
 * @param input film h_W_m2K, mould, time_s estimated, halfWall_mm and kMetal_W_mK of the metal
 * @returns X; the Biot number of the metal; which to use: interface (sol.interface), general (sol.mould-general) or time
 *   (sol.time); whether conduction in the metal decides, so that time goes with the wall squared
 * @throws {CoreError} E_SIGN for figures of nothing
 * @example
 * freezingRegime({ h_W_m2K: 2500, kMould_W_mK: 32, rhoMould_kg_m3: 7700, cMould_J_kgK: 500, time_s: 8, halfWall_mm: 4, kMetal_W_mK: 100 }).use
 * // 'general'
 */
export function freezingRegime(
  input: Pick<InMould, (typeof MOULD_NAMES)[number]> & {
    readonly h_W_m2K: number;
    readonly time_s: number;
    readonly halfWall_mm: number;
    readonly kMetal_W_mK: number;
  },
): { X: number; biotMetal: number; use: 'interface' | 'general' | 'time'; metalLimits: boolean } {
  const v = positives(input, 'h_W_m2K', ...MOULD_NAMES, 'time_s', 'halfWall_mm', 'kMetal_W_mK');
  const X = REGIME_X.of({
    ...{ h: v.h_W_m2K, t: v.time_s },
    ...{ k: v.kMould_W_mK, rhoMould: v.rhoMould_kg_m3, cMould: v.cMould_J_kgK },
  });
  const biotMetal = (v.h_W_m2K * (v.halfWall_mm / 1000)) / v.kMetal_W_mK;
  return {
    ...{ X, biotMetal, metalLimits: biotMetal > METAL_DECIDES },
    use: X <= FILM_ALONE ? 'interface' : X >= MOULD_ALONE ? 'time' : 'general',
  };
}
