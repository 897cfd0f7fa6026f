import { RAIL_MAX } from '@/core/comparison/board';

const DECADES = Math.log10(RAIL_MAX);

/** Place of a quantity on the rail, 0 to 1, logarithmic. */
export const placeOf = (q: number): number => Math.min(1, Math.max(0, Math.log10(Math.max(1, q)) / DECADES));

/** Quantity at a place of the rail, rounded to what a hand can mean there: two to three significant digits. */
export function quantityAt(place: number): number {
  const q = 10 ** (Math.min(1, Math.max(0, place)) * DECADES);
  const step = 10 ** Math.max(0, Math.floor(Math.log10(q)) - 2);
  return Math.min(RAIL_MAX, Math.max(1, Math.round(q / step) * step));
}

/** Next quantity one small step (1 % or 1 piece) or one large step (a quarter decade) away. */
export function stepped(q: number, direction: 1 | -1, large: boolean): number {
  if (large) return Math.min(RAIL_MAX, Math.max(1, Math.round(q * 10 ** (direction * 0.25))));
  return Math.min(RAIL_MAX, Math.max(1, q + direction * Math.max(1, Math.round(q * 0.01))));
}
