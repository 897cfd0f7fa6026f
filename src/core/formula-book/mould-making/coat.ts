import { finite, inOrder, notNegative, positive, positives } from '../../base/checks';
import { refuse } from '../../base/errors';
import { formula } from '../formula';
import { EJECTION_TIME } from '../solidification/die';

export const COATED_FILM = /* @__PURE__ */ formula({
  id: 'mould.coat',
  out: 'h_W_m2K',
  title: 'Film between metal and a coated die',
  unit: 'W/m²K',
  expression: '1 / (1 / bare + s / 1000 / k)',
  symbols: {
    bare: ['film without a coat', 'W/m²K'],
    s: ['coat', 'mm'],
    k: ['conductivity of the coat', 'W/mK'],
  },
});

/**
 * A die coat as a valve for heat (formula mould.coat): dwell from its thickness, and its thickness for a dwell. The film decides, the die
 * is held at its temperature.
 *
 * @param input.hBare_W_m2K without a coat; input.coat_mm, 0 allowed; input.kCoat_W_mK; casting: density, heat of freezing, specific heats,
 *   modulus_mm, tPour_C, tFreeze_C, tEject_C; tDie_C; wanted_s
 * @returns film, W/m²K; dwell with and without the coat, s; coat for the wanted dwell, mm
 * @throws {CoreError} E_ORDER for metal poured below freezing, ejected above it or not above the die; E_NO_SOLUTION for a dwell shorter than
 *   a bare die’s
 * @example
 * dieCoat({ rhoMetal_kg_m3: 2400, cLiquid_J_kgK: 1140, latent_J_kg: 430000, cSolid_J_kgK: 1020, tPour_C: 710, tFreeze_C: 590, tDie_C: 310, hBare_W_m2K: 4000, coat_mm: 0.4, kCoat_W_mK: 0.2, tEject_C: 500, modulus_mm: 6 }).dwell_s
 * // 78.4017324116
 */
export function dieCoat(input: {
  readonly hBare_W_m2K: number;
  readonly coat_mm: number;
  readonly kCoat_W_mK: number;
  readonly rhoMetal_kg_m3: number;
  readonly latent_J_kg: number;
  readonly cLiquid_J_kgK: number;
  readonly cSolid_J_kgK: number;
  readonly modulus_mm: number;
  readonly tPour_C: number;
  readonly tFreeze_C: number;
  readonly tEject_C: number;
  readonly tDie_C: number;
  readonly wanted_s?: number;
}): { h_W_m2K: number; dwell_s: number; bareDwell_s: number; coatNeeded_mm?: number } {
  const metal = ['rhoMetal_kg_m3', 'latent_J_kg', 'cLiquid_J_kgK', 'cSolid_J_kgK', 'modulus_mm'] as const;
  const v = positives(input, 'hBare_W_m2K', 'kCoat_W_mK', ...metal);
  const s = notNegative('coat_mm', input.coat_mm);
  const wanted = input.wanted_s === undefined ? null : positive('wanted_s', input.wanted_s);
  const [Tp, Tf] = [finite('tPour_C', input.tPour_C), finite('tFreeze_C', input.tFreeze_C)];
  const [Te, Td] = [finite('tEject_C', input.tEject_C), finite('tDie_C', input.tDie_C)];
  inOrder(Tp >= Tf, 'tPour_C', Tp, `at least the freezing temperature, ${Tf} °C`);
  inOrder(Te <= Tf, 'tEject_C', Te, `at most the freezing temperature, ${Tf} °C`);
  inOrder(Te > Td, 'tEject_C', Te, `above the die’s ${Td} °C`);
  const h_W_m2K = COATED_FILM.of({ bare: v.hBare_W_m2K, s, k: v.kCoat_W_mK });
  const dwellAt = (h: number): number =>
    EJECTION_TIME.of({
      ...{ rho: v.rhoMetal_kg_m3, M: v.modulus_mm, h, L: v.latent_J_kg, c: v.cLiquid_J_kgK, cSolid: v.cSolid_J_kgK },
      ...{ Tp, Tf, Td, Te },
    });
  const bareDwell_s = dwellAt(v.hBare_W_m2K);
  const plain = { h_W_m2K, dwell_s: dwellAt(h_W_m2K), bareDwell_s };
  if (wanted === null) return plain;
  if (wanted < bareDwell_s * (1 - 1e-9))
    return refuse('E_NO_SOLUTION', 'wanted_s', wanted, `at least the bare die’s ${bareDwell_s} s`);
  // Dwell goes with one over the film.
  const film = (v.hBare_W_m2K * bareDwell_s) / wanted;
  return { ...plain, coatNeeded_mm: Math.max(0, v.kCoat_W_mK * (1 / film - 1 / v.hBare_W_m2K) * 1000) };
}
