import type { TableValue } from '../equations';
import type { Figure } from '../base/figures';
import { namesOf } from './coefficients';
import type { RateSet } from './types';

/**
 * What a figure of a table says of itself.
 *
 * @example
 * tableValue(undefined) // undefined
 */
export function tableValue(figure: Figure | undefined): TableValue | undefined {
  if (figure === undefined) return undefined;
  const { v, basis, unit, note } = figure;
  return { basis, unit, range: typeof v === 'number' ? null : [v[0], v[2]], note: note ?? null };
}

/**
 * The coefficient a rate set keeps under a path; undefined for one it does not list.
 *
 * @param rates a rate set
 * @param path of a figure
 * @returns undefined where the set has none
 * @example
 * rateAt(rates, 'global.Rlab') === rates.global.Rlab // true
 */
export function rateAt(rates: RateSet, path: string): Figure | undefined {
  let node: unknown = rates;
  for (const name of namesOf(path)) node = (node as Readonly<Record<string, unknown>> | undefined)?.[name];
  return node as Figure | undefined;
}
