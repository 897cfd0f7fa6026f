import { finite, inOrder, notNegative, positives, shareOf } from '../../base/checks';
import { refuse } from '../../base/errors';
import { STEFAN_BOLTZMANN, ZERO_C_K } from '../constants';
import { formula } from '../formula';

/** From this share on the shell itself takes most of the heat: it is a mould, not a wall. */
const SOAKS_TOO_MUCH = 0.7;
const ROUNDS = 200;

export const SHELL_TIME = /* @__PURE__ */ formula({
  id: 'sol.shell',
  out: 'time_s',
  title: 'Freezing time in a thin preheated shell',
  unit: 's',
  expression: '(rho * Leff * M / 1000 - soak) / q',
  symbols: {
    rho: ['density of the metal', 'kg/m³'],
    Leff: ['heat of freezing with the superheat in it', 'J/kg'],
    M: ['modulus', 'mm'],
    soak: ['heat that the shell itself takes', 'J/m²'],
    q: ['heat that leaves the outer face', 'W/m²'],
  },
});

/**
 * Freezing time in a thin preheated ceramic shell, which hands its heat on to the air (formula sol.shell). First power of
 * the modulus; within about 12 % up to a soak of 0.4 of the heat, 15 to 35 % short up to 0.7.
 *
 * @param input metal; modulus_mm; shell: thickness, conductivity, density, specific heat and temperature; air: temperature and
 *   film; emissivity of the outer face, in the units of their names
 * @returns time in s; outer face in °C; heat flux in W/m²; share of the heat that the shell soaks up
 * @throws {CoreError} E_ORDER for a shell hotter than freezing or colder than the air, E_NO_SOLUTION where no heat leaves or
 *   the shell soaks up 0.7 of it and more
 * @example
 * shellFreezing({ rhoMetal_kg_m3: 7000, latentEff_J_kg: 300000, modulus_mm: 4, tFreeze_C: 1450, shell_mm: 8, kShell_W_mK: 1.2, rhoShell_kg_m3: 1900, cShell_J_kgK: 1100, tShell_C: 950, tAmbient_C: 25, hAir_W_m2K: 15, emissivity: 0.8 }).tOuter_C
 * // 863.58408874
 */
export function shellFreezing(input: {
  readonly rhoMetal_kg_m3: number;
  readonly latentEff_J_kg: number;
  readonly modulus_mm: number;
  readonly tFreeze_C: number;
  readonly shell_mm: number;
  readonly kShell_W_mK: number;
  readonly rhoShell_kg_m3: number;
  readonly cShell_J_kgK: number;
  readonly tShell_C: number;
  readonly tAmbient_C: number;
  readonly hAir_W_m2K: number;
  readonly emissivity: number;
}): { time_s: number; tOuter_C: number; flux_W_m2: number; soakShare: number } {
  const metal = ['rhoMetal_kg_m3', 'latentEff_J_kg', 'modulus_mm'] as const;
  const v = positives(input, ...metal, 'shell_mm', 'kShell_W_mK', 'rhoShell_kg_m3', 'cShell_J_kgK');
  const Tf = finite('tFreeze_C', input.tFreeze_C);
  const Ts = finite('tShell_C', input.tShell_C);
  const Ta = finite('tAmbient_C', input.tAmbient_C);
  const h = notNegative('hAir_W_m2K', input.hAir_W_m2K);
  const emissivity = shareOf('emissivity', input.emissivity);
  inOrder(Ts <= Tf, 'tShell_C', Ts, `at most the freezing temperature, ${Tf} °C`);
  inOrder(Ts >= Ta, 'tShell_C', Ts, `at least the ambient ${Ta} °C`);
  const s = v.shell_mm / 1000;
  const radiated = (T: number): number => emissivity * STEFAN_BOLTZMANN * ((T + ZERO_C_K) ** 4 - (Ta + ZERO_C_K) ** 4);
  let [low, high] = [Ta, Tf];
  for (let i = 0; i < ROUNDS; i++) {
    const middle = (low + high) / 2;
    const left = (v.kShell_W_mK * (Tf - middle)) / s - h * (middle - Ta) - radiated(middle);
    if (left > 0) low = middle;
    else high = middle;
  }
  const tOuter_C = (low + high) / 2;
  const flux_W_m2 = (v.kShell_W_mK * (Tf - tOuter_C)) / s;
  if (h === 0 && emissivity === 0)
    refuse('E_NO_SOLUTION', 'hAir_W_m2K', h, 'a film or an emissivity by which heat leaves');
  const soak = v.rhoShell_kg_m3 * v.cShell_J_kgK * s * ((Tf + tOuter_C) / 2 - Ts);
  const soakShare = soak / (v.rhoMetal_kg_m3 * v.latentEff_J_kg * (v.modulus_mm / 1000));
  if (soakShare >= SOAKS_TOO_MUCH)
    refuse(
      'E_NO_SOLUTION',
      'shell_mm',
      v.shell_mm,
      'a thinner or hotter shell, or sol.b-constant with the shell as mould',
    );
  return {
    time_s: SHELL_TIME.of({
      ...{ rho: v.rhoMetal_kg_m3, Leff: v.latentEff_J_kg, M: v.modulus_mm },
      ...{ soak, q: flux_W_m2 },
    }),
    ...{ tOuter_C, flux_W_m2, soakShare },
  };
}
