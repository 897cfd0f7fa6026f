import { inOrder, notNegative, positives, shareOf, within } from '../../base/checks';
import { formula } from '../formula';

const MOST_FACTOR = 4;

export const CHILLED_MODULUS = /* @__PURE__ */ formula({
  id: 'feed.chill',
  out: 'modulus_mm',
  title: 'Modulus of a chilled place',
  unit: 'mm',
  expression: '10 * V / (A + (k - 1) * chilled)',
  symbols: {
    V: ['volume', 'cm³'],
    A: ['cooling face', 'cm²'],
    k: ['how often a chilled face counts', '1'],
    chilled: ['chilled part of it', 'cm²'],
  },
});

export const CHILL_MASS = /* @__PURE__ */ formula({
  id: 'feed.chill',
  out: 'chill_kg',
  title: 'Mass of the chill',
  unit: 'kg',
  expression: 'rho * V / 1000000 * Leff * share / (c * rise)',
  symbols: {
    rho: ['density of the metal', 'kg/m³'],
    V: ['volume', 'cm³'],
    Leff: ['heat of freezing with the superheat in it', 'J/kg'],
    share: ['share of the heat that the chill takes', '1'],
    c: ['specific heat of the chill', 'J/kgK'],
    rise: ['rise of the chill', 'K'],
  },
});

/**
 * What a chill does to the modulus of a place, and its mass (formula feed.chill). Coated, dry, above the dew point; half to
 * one times as thick as the section.
 *
 * @param input.volume_cm3; input.coolingArea_cm2, of it chillArea_cm2; input.chillFactor 2 where not said (dry, outside; 3 cooled
 *   or massive); input.heatShare it must take; input.cChill_J_kgK and chillRise_K; density and heat of the metal
 * @returns modulus with and without it, mm; mass of the chill, kg
 * @throws {CoreError} E_RANGE for a factor outside 1 to 4, E_ORDER for more chilled than there is
 * @example
 * chillEffect({ volume_cm3: 400, coolingArea_cm2: 340, chillArea_cm2: 60, rhoMetal_kg_m3: 2400, latentEff_J_kg: 476400, heatShare: 0.5, cChill_J_kgK: 500, chillRise_K: 350 }).modulus_mm
 * // 10
 */
export function chillEffect(input: {
  readonly volume_cm3: number;
  readonly coolingArea_cm2: number;
  readonly chillArea_cm2: number;
  readonly chillFactor?: number;
  readonly heatShare: number;
  readonly cChill_J_kgK: number;
  readonly chillRise_K: number;
  readonly rhoMetal_kg_m3: number;
  readonly latentEff_J_kg: number;
}): { modulus_mm: number; plainModulus_mm: number; chill_kg: number } {
  const size = ['volume_cm3', 'coolingArea_cm2'] as const;
  const v = positives(input, ...size, 'cChill_J_kgK', 'chillRise_K', 'rhoMetal_kg_m3', 'latentEff_J_kg');
  const chilled = notNegative('chillArea_cm2', input.chillArea_cm2);
  const share = shareOf('heatShare', input.heatShare);
  const k = within('chillFactor', input.chillFactor ?? 2, 1, MOST_FACTOR);
  inOrder(chilled <= v.coolingArea_cm2, 'chillArea_cm2', chilled, `at most the ${v.coolingArea_cm2} cm² that cool`);
  const modulus = (part: number): number =>
    CHILLED_MODULUS.of({ V: v.volume_cm3, A: v.coolingArea_cm2, k, chilled: part });
  return {
    modulus_mm: modulus(chilled),
    plainModulus_mm: modulus(0),
    chill_kg: CHILL_MASS.of({
      ...{ rho: v.rhoMetal_kg_m3, V: v.volume_cm3, Leff: v.latentEff_J_kg },
      ...{ share, c: v.cChill_J_kgK, rise: v.chillRise_K },
    }),
  };
}
