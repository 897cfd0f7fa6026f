import type { Band } from '@/core/simulation';
import { along, type ColumnScale } from './column-scale';

/** Places of a band on the scale of its column, per mille; nothing where either is missing. */
export function rangeOf(
  scale: ColumnScale | null,
  band: Band | undefined,
): { readonly low?: number; readonly mid?: number; readonly high?: number } {
  if (scale === null || band === undefined) return {};
  return { low: along(scale, band.p10), mid: along(scale, band.p50), high: along(scale, band.p90) };
}
