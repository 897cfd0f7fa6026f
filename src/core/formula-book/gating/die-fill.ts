import { finite, inOrder, positives, within } from '../../base/checks';
import { formula } from '../formula';

const MOST_SOLID = 60;

export const DIE_FILL_TIME = /* @__PURE__ */ formula({
  id: 'gate.die-fill-time',
  out: 'time_s',
  title: 'Fill time of a pressure die',
  unit: 's',
  expression: 'k * (Ti - Tflow + S * Z) / (Tflow - Td) * w',
  symbols: {
    k: ['constant of metal and die steel', 's/mm'],
    Ti: ['metal at the gate', '°C'],
    Tflow: ['least temperature at which it flows', '°C'],
    S: ['solid allowed at the end of fill', '%'],
    Z: ['what a per cent of solid is worth', 'K/%'],
    Td: ['die', '°C'],
    w: ['thin typical wall', 'mm'],
  },
});

/**
 * Fill time of a pressure die’s cavity, walls from 0.8 to 6 mm (formula gate.die-fill-time).
 *
 * @param input.k_s_mm of metal and die steel: 0.0346 aluminium or zinc on hot-work steel, 0.0312 zinc on pre-hardened steel, 0.0252
 *   magnesium; input.tMetal_C, tFlow_C, tDie_C; input.solid_pct allowed: 5 thin and cosmetic, 15 to 30 usual; input.Z_K_pct; input.wall_mm
 * @returns time in s
 * @throws {CoreError} E_RANGE for more than 60 % solid, E_ORDER for a die that is not colder than metal flows at
 * @example
 * dieFillTime({ k_s_mm: 0.0346, tMetal_C: 640, tFlow_C: 570, tDie_C: 220, solid_pct: 20, Z_K_pct: 4.8, wall_mm: 2.5 }).time_s
 * // 0.0410257142857
 */
export function dieFillTime(input: {
  readonly k_s_mm: number;
  readonly tMetal_C: number;
  readonly tFlow_C: number;
  readonly tDie_C: number;
  readonly solid_pct: number;
  readonly Z_K_pct: number;
  readonly wall_mm: number;
}): { time_s: number } {
  const v = positives(input, 'k_s_mm', 'Z_K_pct', 'wall_mm');
  const Ti = finite('tMetal_C', input.tMetal_C);
  const Tflow = finite('tFlow_C', input.tFlow_C);
  const Td = finite('tDie_C', input.tDie_C);
  const S = within('solid_pct', input.solid_pct, 0, MOST_SOLID);
  inOrder(Td < Tflow, 'tDie_C', Td, `below the ${Tflow} °C at which metal flows`);
  inOrder(Ti >= Tflow, 'tMetal_C', Ti, `at least the ${Tflow} °C at which metal flows`);
  return { time_s: DIE_FILL_TIME.of({ k: v.k_s_mm, Ti, Tflow, S, Z: v.Z_K_pct, Td, w: v.wall_mm }) };
}
