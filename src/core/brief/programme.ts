import type { Brief } from './schema';

/**
 * Pieces over the life of the part: a year's pieces × years, whole; null when either is not known.
 *
 * @param brief of the part
 * @returns pieces over all years; null where the brief does not say
 * @example
 * lifetimeQuantity({ ...brief, quantity: { ...brief.quantity, perYear: 200, years: 3 } }) // 600
 */
export function lifetimeQuantity(brief: Brief): number | null {
  const { perYear, years } = brief.quantity;
  return perYear === null || years === null ? null : Math.max(1, Math.round(perYear * years));
}

/**
 * Pieces over the life at the low and high demand; null when not known.
 *
 * @example
 * demandBand(brief) // null
 */
export function demandBand(brief: Brief): readonly [number, number] | null {
  const { demand, years } = brief.quantity;
  if (demand === null || years === null) return null;
  return [Math.max(1, Math.round(demand[0] * years)), Math.max(1, Math.round(demand[2] * years))];
}

/** A lot that no programme fills, pieces: where nothing is said of lots or years, the whole programme is one. */
export const ENDLESS_LOT = 1e9;

/**
 * Pieces an order: as given, else a quarter of a year's pieces, else the whole programme.
 *
 * @param brief of the part
 * @param q pieces in all
 * @returns pieces a lot
 * @example
 * lotSize({ ...brief, quantity: { ...brief.quantity, lot: 50 } }, 500) // 50
 */
export function lotSize(brief: Brief, q: number): number {
  const { lot, perYear } = brief.quantity;
  if (lot !== null) return lot;
  return perYear === null ? q : Math.max(1, Math.ceil(perYear / 4));
}

/**
 * Draft in degrees that the part allows: true = as much as the route wants (null here), false = none.
 *
 * @param allowed of the brief: whether, or how many degrees
 * @returns degrees, or null where none are named
 * @example
 * draftDegrees(true) // null
 */
export function draftDegrees(allowed: boolean | number): number | null {
  return allowed === true ? null : allowed === false ? 0 : allowed;
}
