import {
  ceilGuarded,
  finite,
  LIMIT_GUARD,
  notNegative,
  positive,
  positives,
  wholeNumber,
  within,
} from '../../base/checks';
import { refuse } from '../../base/errors';
import { G } from '../constants';
import { formula } from '../formula';

const SEAL_MM = 0.3;
const SAFETY = 3;
const SURGE = 1.3;
const MOST_SURGE = 3;

export const SHELL_THICKNESS = /* @__PURE__ */ formula({
  id: 'mould.shell-thickness',
  out: 'thickness_mm',
  title: 'Thickness of the shell',
  unit: 'mm',
  expression: 'prime * primeCoat + backup * backupCoat + seal * sealCoat',
  symbols: {
    prime: ['prime coats', '1'],
    primeCoat: ['a prime coat', 'mm'],
    backup: ['back-up coats', '1'],
    backupCoat: ['a back-up coat', 'mm'],
    seal: ['seal coats', '1'],
    sealCoat: ['a seal coat', 'mm'],
  },
});

export const SHELL_HOOP = /* @__PURE__ */ formula({
  id: 'mould.shell-thickness',
  out: 'hoop_MPa',
  title: 'Stress at the inside of the shell',
  unit: 'MPa',
  expression: 'p / 1000 * ((r + s) * (r + s) + r * r) / ((r + s) * (r + s) - r * r)',
  symbols: {
    p: ['pressure of the metal', 'kPa'],
    r: ['inside radius of the largest round', 'mm'],
    s: ['thickness of the shell', 'mm'],
  },
});

/**
 * Coats of a shell, its thickness and whether it holds (formula mould.shell-thickness). Round, closed shells; flat panels are weaker
 * by far: brace or curve them.
 *
 * @param input.prime and backup coats, with primeCoat_mm and backupCoat_mm; seal (1) of sealCoat_mm (0.3); wanted_mm; for strength:
 *   strength_MPa with safety (3), radius_mm, and pressure_kPa, or rho_kg_m3 and head_mm with surge (1.3)
 * @returns coats and thickness, mm; with strength the load, kPa, stress, MPa, and thickness needed, mm; with either the back-up coats
 *   needed and whether it holds
 * @throws {CoreError} E_RANGE for counts that are not whole, no prime coat, a safety below 1 or a surge outside 1 to 3; E_NO_SOLUTION
 *   where no thickness holds
 * @example
 * shellThickness({ prime: 2, primeCoat_mm: 0.8, backup: 3, backupCoat_mm: 1, seal: 0, wanted_mm: 6.5 }).backupNeeded // 5
 */
export function shellThickness(input: {
  readonly prime: number;
  readonly primeCoat_mm: number;
  readonly backup: number;
  readonly backupCoat_mm: number;
  readonly seal?: number;
  readonly sealCoat_mm?: number;
  readonly wanted_mm?: number;
  readonly strength_MPa?: number;
  readonly safety?: number;
  readonly radius_mm?: number;
  readonly pressure_kPa?: number;
  readonly rho_kg_m3?: number;
  readonly head_mm?: number;
  readonly surge?: number;
}): {
  coats: number;
  thickness_mm: number;
  load_kPa?: number;
  hoop_MPa?: number;
  needed_mm?: number;
  backupNeeded?: number;
  ok?: boolean;
} {
  const each = positives(input, 'primeCoat_mm', 'backupCoat_mm');
  const sealCoat = positive('sealCoat_mm', input.sealCoat_mm ?? SEAL_MM);
  const wanted = input.wanted_mm === undefined ? null : positive('wanted_mm', input.wanted_mm);
  const prime = wholeNumber('prime', input.prime, 1);
  const backup = wholeNumber('backup', input.backup);
  const seal = wholeNumber('seal', input.seal ?? 1);
  const coat = { primeCoat: each.primeCoat_mm, backupCoat: each.backupCoat_mm, sealCoat };
  const thickness_mm = SHELL_THICKNESS.of({ prime, backup, seal, ...coat });
  const plain = { coats: prime + backup + seal, thickness_mm };
  const strong = input.strength_MPa === undefined ? null : strengthOf(input, thickness_mm);
  if (strong === null && wanted === null) return plain;
  const least = Math.max(strong?.needed_mm ?? 0, wanted ?? 0);
  return {
    ...plain,
    ...(strong === null ? {} : { load_kPa: strong.load_kPa, hoop_MPa: strong.hoop_MPa, needed_mm: strong.needed_mm }),
    backupNeeded: Math.max(0, ceilGuarded((least - prime * coat.primeCoat - seal * sealCoat) / coat.backupCoat)),
    ok: (strong?.holds ?? true) && (wanted === null || thickness_mm >= wanted - LIMIT_GUARD),
  };
}

/** Load of a shell, its stress at a thickness, and the thickness at which it holds. */
function strengthOf(
  input: {
    readonly strength_MPa?: number;
    readonly safety?: number;
    readonly radius_mm?: number;
    readonly pressure_kPa?: number;
    readonly rho_kg_m3?: number;
    readonly head_mm?: number;
    readonly surge?: number;
  },
  thickness_mm: number,
): { load_kPa: number; hoop_MPa: number; needed_mm: number; holds: boolean } {
  const v = positives(input, 'strength_MPa', 'radius_mm');
  const safety = finite('safety', input.safety ?? SAFETY);
  if (safety < 1) refuse('E_RANGE', 'safety', safety, 'at least 1');
  const load_kPa = input.pressure_kPa === undefined ? standing(input) : positive('pressure_kPa', input.pressure_kPa);
  const S = (v.strength_MPa * 1000) / (safety * load_kPa);
  if (S <= 1) refuse('E_NO_SOLUTION', 'strength_MPa', v.strength_MPa, 'a strength above safety times the pressure');
  const hoop_MPa = SHELL_HOOP.of({ p: load_kPa, r: v.radius_mm, s: thickness_mm });
  return {
    ...{ load_kPa, hoop_MPa, needed_mm: v.radius_mm * (Math.sqrt((S + 1) / (S - 1)) - 1) },
    holds: hoop_MPa * safety <= v.strength_MPa + LIMIT_GUARD,
  };
}

function standing(input: { readonly rho_kg_m3?: number; readonly head_mm?: number; readonly surge?: number }): number {
  const rho = positive('rho_kg_m3', input.rho_kg_m3);
  const head = notNegative('head_mm', input.head_mm);
  return (within('surge', input.surge ?? SURGE, 1, MOST_SURGE) * rho * G * head) / 1e6;
}
