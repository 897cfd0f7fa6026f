import { displayScale, type UnitSystem } from '@/core/base/units';
import type { OwnFigure } from '@/core/rates';
import { laneWords } from '@/core/catalogue/routes';
import { significant } from '../format';

/** How a figure of a rate set is shown, in the units of the screen: its likely value, and its band where it has one. */
export function figureWords(value: unknown, unit = '', units: UnitSystem = 'si'): string {
  const { factor, zero } = displayScale(unit, units);
  const shown = (x: number): string => significant(x * factor + zero, 5);
  if (value === null || value === undefined) return 'as shipped';
  if (typeof value === 'number') return shown(value);
  if (typeof value === 'string') return value;
  if (!Array.isArray(value)) return JSON.stringify(value);
  const [low, likely, high] = value as readonly unknown[];
  return typeof low === 'number' && typeof likely === 'number' && typeof high === 'number'
    ? `${shown(likely)} (${shown(low)}–${shown(high)})`
    : value.length === 0
      ? 'none'
      : value.join(', ');
}

/** The likely value of a figure. */
export const likelyFigure = (value: OwnFigure): number => (typeof value === 'number' ? value : value[1]);

/** A lane's part of a rate set in words; null for a part that is no lane. */
export function lanePartName(part: string): string | null {
  if (!part.includes('/')) return null;
  const { route, variant } = laneWords(part);
  return `${route}, ${variant}`;
}
