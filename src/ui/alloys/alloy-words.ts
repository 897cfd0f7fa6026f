import { inUnitsOf, KG_PER_POUND, type UnitSystem } from '@/core/base/units';
import { significant } from '../format';

/** A figure of an alloy in the units of the screen; a dash of words where the table has none. */
export function alloyFigure(value: number | null, unit: string, system: UnitSystem, digits = 4): string {
  if (value === null) return 'not known';
  const shown = inUnitsOf(value, unit, system) ?? { value, unit };
  return `${significant(shown.value, digits)} ${shown.unit}`;
}

/** Price of metal by the mass unit of the screen. @param price USD a kilogram */
export const metalPrice = (price: number, system: UnitSystem): string =>
  system === 'si' ? `${significant(price, 3)} USD/kg` : `${significant(price * KG_PER_POUND, 3)} USD/lb`;
