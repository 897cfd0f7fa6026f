import { DISPLAY_UNITS, displayScale, toDisplay, toStored, type Dimension, type UnitSystem } from '@/core/base/units';

/** A typed figure: a number in stored units, null for nothing, or the text itself where it cannot be read. */
export type Typed = number | null | string;

/** Thousands parted by commas, as where the decimal mark is a point. */
const COMMAS = /^[-\u2212+]?[1-9]\d{0,2}(,\d{3})+(\.\d*)?$/;
/** Thousands parted by points, as where the decimal mark is a comma; without a comma it could be either. */
const POINTS = /^[-\u2212+]?[1-9]\d{0,2}(\.\d{3})+,\d*$/;

/** What was typed with a decimal point and without marks between thousands. */
function plainDigits(text: string, system: UnitSystem): string {
  const bare = text.trim().replace(/[\s\u202f\u00a0]/g, '');
  // “1,250” alone could be either: where inches are used it is a thousand and more, elsewhere one and a quarter.
  if (COMMAS.test(bare) && (system === 'inch' || /,.*[,.]/.test(bare))) return bare.replaceAll(',', '');
  if (POINTS.test(bare)) return bare.replaceAll('.', '').replace(',', '.');
  return /^[^.,]*,[^.,]*$/.test(bare) ? bare.replace(',', '.') : bare;
}

/**
 * Reads a typed figure. Spaces, commas or points between thousands and one decimal comma are understood.
 * @returns a number in stored units, null for nothing, or the text itself where it cannot be read
 */
export function readFigure(text: string, dimension: Dimension | null, system: UnitSystem): Typed {
  const plain = plainDigits(text, system);
  if (plain === '') return null;
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

/** Reads a figure typed in the screen's unit for one it is written in (min/dm², kg per shift); as {@link readFigure}. */
export function readIn(text: string, unit: string, system: UnitSystem): Typed {
  const typed = readFigure(text, null, system);
  if (typeof typed !== 'number') return typed;
  const { factor, zero } = displayScale(unit, system);
  return (typed - zero) / factor;
}

/** Text of a figure of a written unit in the unit of the screen, to be typed over. */
export function showIn(value: Typed | undefined, unit: string, system: UnitSystem): string {
  if (typeof value !== 'number') return value ?? '';
  const { factor, zero } = displayScale(unit, system);
  const digits = system === 'si' || displayScale(unit, system).unit === unit ? 12 : 6;
  return String(Number((value * factor + zero).toPrecision(digits)));
}

/** A typed text as the figure it stands for: one that was not touched is the figure itself, to the last digit. */
export const readOver = (text: string, was: number | undefined, unit: string, system: UnitSystem): Typed =>
  was !== undefined && text === showIn(was, unit, system) ? was : readIn(text, unit, system);

/** The screen's unit for a written one. */
export const unitIn = (unit: string, system: UnitSystem): string => displayScale(unit, system).unit;

/** Unit of a dimension on the screen. */
export const unitOf = (dimension: Dimension, system: UnitSystem): string => DISPLAY_UNITS[system][dimension].unit;
