import { DISPLAY_UNITS, toDisplay, toStored, type Dimension, type UnitSystem } from '@/core/base/units';

/** A typed figure: a number in stored units, null for nothing, or the text itself where it cannot be read. */
export type Typed = number | null | string;

/** Reads a typed figure. Spaces between thousands and one decimal comma are understood. */
export function readFigure(text: string, dimension: Dimension | null, system: UnitSystem): Typed {
  const trimmed = text.trim().replace(/[\s\u202f\u00a0]/g, '');
  if (trimmed === '') return null;
  const plain = /^[^.,]*,[^.,]*$/.test(trimmed) ? trimmed.replace(',', '.') : trimmed;
  const number = Number(plain.replace('\u2212', '-'));
  if (!/\d/.test(plain) || !Number.isFinite(number)) return text;
  return dimension === null ? number : toStored(number, dimension, system);
}

/** Text of a stored figure in the units of the screen: enough digits to type it again, none beyond. */
export function showFigure(value: Typed | undefined, dimension: Dimension | null, system: UnitSystem): string {
  if (value === null || value === undefined) return '';
  if (typeof value === 'string') return value;
  const shown = dimension === null ? value : toDisplay(value, dimension, system);
  if (dimension === null || system === 'si') return String(Number(shown.toPrecision(12)));
  return String(Number(shown.toPrecision(6)));
}

/** Unit of a dimension on the screen. */
export const unitOf = (dimension: Dimension, system: UnitSystem): string => DISPLAY_UNITS[system][dimension].unit;
