import type { OwnFigure } from '@/core/rates';
import { laneWords } from '@/core/routes';
import { significant } from '../format';

/** How a figure of a rate set is told: its likely value, and its band where it has one. */
export function figureWords(value: unknown): string {
  if (value === null || value === undefined) return 'as shipped';
  if (typeof value === 'number') return significant(value, 5);
  if (typeof value === 'string') return value;
  if (Array.isArray(value) && value.every((x) => typeof x === 'number'))
    return value.length === 3
      ? `${significant(value[1] as number, 5)} (${significant(value[0] as number, 5)} to ${significant(value[2] as number, 5)})`
      : value.join(', ');
  return Array.isArray(value) ? (value.length === 0 ? 'none' : value.join(', ')) : JSON.stringify(value);
}

/** The likely value of a figure. */
export const likelyFigure = (value: OwnFigure): number => (typeof value === 'number' ? value : value[1]);

/** A lane's part of a rate set in words; null for a part that is no lane. */
export function lanePartName(part: string): string | null {
  if (!part.includes('/')) return null;
  const { route, variant } = laneWords(part);
  return `${route}, ${variant}`;
}
