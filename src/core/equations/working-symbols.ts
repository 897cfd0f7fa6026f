import { likely, type Basis, type Figure } from '../base/figures';
import type { Source, WorkingSymbol } from './working';

function make(
  symbol: string,
  meaning: string,
  value: number,
  unit: string,
  source: Source,
  more: Partial<WorkingSymbol> = {},
): WorkingSymbol {
  return {
    symbol,
    meaning,
    value,
    unit,
    source,
    basis: null,
    range: null,
    path: null,
    opens: null,
    opensLane: null,
    note: null,
    ...more,
  };
}

/**
 * A value of the brief.
 *
 * @example
 * fromBrief('V', 'volume', 12, 'cm³', 'geometry.volume_cm3').path // 'geometry.volume_cm3'
 */
export const fromBrief = (symbol: string, meaning: string, value: number, unit: string, path: string): WorkingSymbol =>
  make(symbol, meaning, value, unit, 'brief', { path });

/**
 * A coefficient of the rate set; one that the variant does not list is 0 and says so.
 *
 * @example
 * fromRate('R', 'labour', { v: [30, 40, 60], basis: 'assumed' }, 'global.Rlab').range // [30, 60]
 */
export const fromRate = (
  symbol: string,
  meaning: string,
  figure: Figure | undefined,
  path: string,
  unit = '',
): WorkingSymbol =>
  make(symbol, meaning, likely(figure), figure?.unit ?? unit, 'rate', {
    path,
    basis: figure?.basis ?? null,
    range: figure === undefined || typeof figure.v === 'number' ? null : [figure.v[0], figure.v[2]],
    note: figure === undefined ? 'not used on this route' : (figure.note ?? null),
  });

/**
 * A property of the alloy.
 *
 * @example
 * fromAlloy('rho', 'density', 2680, 'kg/m³', 'alloys.x.density_kg_m3', 'standard').basis // 'standard'
 */
export const fromAlloy = (
  symbol: string,
  meaning: string,
  value: number,
  unit: string,
  path: string,
  basis: string | undefined,
  range: readonly [number, number] | null = null,
): WorkingSymbol =>
  make(symbol, meaning, value, unit, 'alloy', { path, basis: (basis ?? null) as Basis | null, range });

/**
 * A capability figure of the route.
 *
 * @example
 * fromRoute('w', 'least wall', 3, 'mm', 'wall.min', 'rule').source // 'route'
 */
export const fromRoute = (
  symbol: string,
  meaning: string,
  value: number,
  unit: string,
  path: string,
  basis: Basis,
  range: readonly [number, number] | null = null,
): WorkingSymbol => make(symbol, meaning, value, unit, 'route', { path, basis, range });

/**
 * A figure computed elsewhere; `opens` names its own working.
 *
 * @example
 * computed('T', 'total', 120, 'USD', 'total').opens // 'total'
 */
export const computed = (
  symbol: string,
  meaning: string,
  value: number,
  unit: string,
  opens: string | null = null,
): WorkingSymbol => make(symbol, meaning, value, unit, 'computed', { opens });

/**
 * A choice made by computing all (positions, cavities) or by the hand on the rail (quantity).
 *
 * @example
 * chosen('n', 'positions', 4, 'positions').source // 'choice'
 */
export const chosen = (symbol: string, meaning: string, value: number, unit: string): WorkingSymbol =>
  make(symbol, meaning, value, unit, 'choice');
