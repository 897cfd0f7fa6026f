import { FAMILY_MAP } from './data/calendar.data';

/**
 * Row of the family rates an alloy family uses.
 *
 * @example
 * ratesFamily('aluminium') // 'aluminium'
 */
export function ratesFamily(alloyFamily: string): string {
  return FAMILY_MAP[alloyFamily]?.rates ?? alloyFamily;
}

/**
 * Column of the capability tables an alloy family uses.
 *
 * @example
 * capabilityFamily('aluminium') // 'aluminium'
 */
export function capabilityFamily(alloyFamily: string): string {
  return FAMILY_MAP[alloyFamily]?.capability ?? alloyFamily;
}
