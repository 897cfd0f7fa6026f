import { ceilGuarded, LIMIT_GUARD, oneOf, positive, positives, wholeNumber } from '../../base/checks';
import { G } from '../constants';
import { formula } from '../formula';
import { safetyOf } from './lift';

const SAFETY = 2;
/** Coefficients of a beam under an even load: its moment, its sag. */
const BEAMS = { simple: { moment: 8, sag: 5 }, fixed: { moment: 12, sag: 1 } } as const;
const SAG_384 = 384;

export const CORE_STRESS = /* @__PURE__ */ formula({
  id: 'force.core-bending',
  out: 'stress_MPa',
  title: 'Bending stress of a core',
  unit: 'MPa',
  expression: 'w / 1000 * L * L / k / Z',
  symbols: {
    w: ['load', 'N/m'],
    L: ['span', 'mm'],
    k: ['8 for ends that rest, 12 for ends held', '1'],
    Z: ['section modulus', 'mm³'],
  },
});

export const CORE_SAG = /* @__PURE__ */ formula({
  id: 'force.core-bending',
  out: 'sag_mm',
  title: 'Sag of a core',
  unit: 'mm',
  expression: 'k * w / 1000 * L * L * L * L / (384 * E * I)',
  symbols: {
    k: ['5 for ends that rest, 1 for ends held', '1'],
    w: ['load', 'N/m'],
    L: ['span', 'mm'],
    E: ['stiffness of the core', 'MPa'],
    I: ['second moment of area', 'mm⁴'],
  },
});

/**
 * Whether a long core sags or breaks between its prints, and where a chaplet must stand (formula force.core-bending). No
 * stiffening rod; every span by itself; strength as it is warm under metal.
 *
 * @param input.rho_kg_m3 of metal, rhoCore_kg_m3; form round (the usual, diameter_mm) or rectangle (width_mm, height_mm along gravity);
 *   length_mm between prints; chaplets evenly between (0); ends simple (the usual) or fixed; E_MPa, strength_MPa; safety (2);
 *   sagLimit_mm
 * @returns load in N/m and what it is; span, mm; stress, MPa; sag, mm; greatest span, mm, and what limits it; chaplets needed; whether
 *   both limits hold
 * @throws {CoreError} E_KEY for unknown words, E_RANGE for chaplets that are not whole or a safety below 1
 * @example
 * coreBending({ rho_kg_m3: 7000, rhoCore_kg_m3: 1650, diameter_mm: 30, length_mm: 420, E_MPa: 2500, strength_MPa: 2.4, sagLimit_mm: 0.3 }).ok
 * // true
 */
export function coreBending(input: {
  readonly rho_kg_m3: number;
  readonly rhoCore_kg_m3: number;
  readonly form?: 'round' | 'rectangle';
  readonly diameter_mm?: number;
  readonly width_mm?: number;
  readonly height_mm?: number;
  readonly length_mm: number;
  readonly chaplets?: number;
  readonly ends?: 'simple' | 'fixed';
  readonly E_MPa: number;
  readonly strength_MPa: number;
  readonly safety?: number;
  readonly sagLimit_mm: number;
}): {
  load_N_m: number;
  governs: 'metal' | 'own-weight';
  span_mm: number;
  stress_MPa: number;
  sag_mm: number;
  spanMost_mm: number;
  limit: 'strength' | 'sag';
  chapletsNeeded: number;
  ok: boolean;
} {
  const material = ['rho_kg_m3', 'rhoCore_kg_m3', 'E_MPa', 'strength_MPa'] as const;
  const v = positives(input, ...material, 'length_mm', 'sagLimit_mm');
  const form = oneOf('form', input.form ?? 'round', ['round', 'rectangle'] as const);
  const beam = BEAMS[oneOf('ends', input.ends ?? 'simple', ['simple', 'fixed'] as const)];
  const { A, I, Z } = sectionOf(form, input);
  const chaplets = wholeNumber('chaplets', input.chaplets ?? 0);
  const safety = safetyOf(input.safety ?? SAFETY);
  const lifted = v.rho_kg_m3 - v.rhoCore_kg_m3;
  const load_N_m = (G * A * Math.max(lifted, v.rhoCore_kg_m3)) / 1e6;
  const w = load_N_m / 1000;
  const span_mm = v.length_mm / (chaplets + 1);
  const stress_MPa = CORE_STRESS.of({ w: load_N_m, L: span_mm, k: beam.moment, Z });
  const sag_mm = CORE_SAG.of({ k: beam.sag, w: load_N_m, L: span_mm, E: v.E_MPa, I });
  const allowed = v.strength_MPa / safety;
  const byStrength = Math.sqrt((beam.moment * Z * allowed) / w);
  const bySag = ((SAG_384 * v.E_MPa * I * v.sagLimit_mm) / (beam.sag * w)) ** 0.25;
  const spanMost_mm = Math.min(byStrength, bySag);
  return {
    ...{ load_N_m, governs: lifted >= v.rhoCore_kg_m3 ? 'metal' : 'own-weight' },
    ...{ span_mm, stress_MPa, sag_mm, spanMost_mm, limit: byStrength <= bySag ? 'strength' : 'sag' },
    chapletsNeeded: Math.max(0, ceilGuarded(v.length_mm / spanMost_mm) - 1),
    ok: stress_MPa <= allowed + LIMIT_GUARD && sag_mm <= v.sagLimit_mm + LIMIT_GUARD,
  };
}

/** Area in mm², second moment in mm⁴ and section modulus in mm³ of a core. */
function sectionOf(
  form: 'round' | 'rectangle',
  input: { readonly diameter_mm?: number; readonly width_mm?: number; readonly height_mm?: number },
): { A: number; I: number; Z: number } {
  if (form === 'round') {
    const d = positive('diameter_mm', input.diameter_mm);
    const I = (Math.PI * d ** 4) / 64;
    return { A: (Math.PI / 4) * d * d, I, Z: I / (d / 2) };
  }
  const b = positive('width_mm', input.width_mm);
  const h = positive('height_mm', input.height_mm);
  const I = (b * h ** 3) / 12;
  return { A: b * h, I, Z: I / (h / 2) };
}
