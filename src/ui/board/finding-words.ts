import type { Finding, FindingUnit } from '@/core/screening';
import { inUnitsOf, type UnitSystem } from '@/core/base/units';
import { significant } from '../format';

const PLAIN: Partial<Record<FindingUnit, string>> = {
  deg: '°',
  days: ' d',
  pieces: ' pieces',
  shots: ' shots',
  ratio: ' : 1',
  V: ' V',
};

/** A figure of a finding in the units of the screen. */
export function findingValue(value: number | string | null, unit: FindingUnit, system: UnitSystem): string {
  if (value === null) return 'not known';
  if (typeof value === 'string') return value;
  const shown = inUnitsOf(value, unit, system);
  if (shown !== null) return `${significant(shown.value, 3)} ${shown.unit}`;
  return `${significant(value, 3)}${PLAIN[unit] ?? ''}`;
}

/** "5 mm against 6 mm", or nothing where words are compared. */
export function findingFigures(f: Finding, system: UnitSystem): string {
  if (typeof f.value !== 'number' || typeof f.limit !== 'number') return '';
  return `${findingValue(f.value, f.unit, system)} against ${findingValue(f.limit, f.unit, system)}`;
}

/** A reason as a sentence: capital first, full stop last. */
export const sentence = (text: string): string =>
  text.charAt(0).toUpperCase() + text.slice(1) + (/[.!?]$/.test(text) ? '' : '.');
