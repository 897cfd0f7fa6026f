import { displayScale, type UnitSystem } from '@/core/base/units';
import { laneWords, ROUTES } from '@/core/catalogue/routes';
import { entryAt, type OwnValue, type ProcessEntry, type ProcessValue } from '@/core/process-values';
import { showIn, unitIn } from '../fields/numbers';
import { plainDate, significant } from '../format';

export const KNOWN_WORDS = { claimed: 'claimed', measured: 'measured', assumed: 'assumed' } as const;

export const isOwn = (x: unknown): x is OwnValue => typeof x === 'object' && x !== null && 'known' in x;

/** A value in the units of the screen: its likely figure and band, or the word. */
export function valueWords(value: ProcessValue, unit: string, units: UnitSystem): string {
  if (typeof value === 'string') return value;
  const { factor, zero, unit: as } = displayScale(unit, units);
  const shown = (x: number): string => significant(x * factor + zero, as === unit ? 5 : 4);
  return typeof value === 'number' ? shown(value) : `${shown(value[1])} (${shown(value[0])}–${shown(value[2])})`;
}

/** Unit of a value in the units of the screen. */
export const unitWords = unitIn;

/** How a value is known: “measured, trial 14, 7 Dec 2026”. */
export const knownWords = ({ known, source, date }: Pick<OwnValue, 'known' | 'source' | 'date'>): string =>
  [KNOWN_WORDS[known], source, date === null ? '' : plainDate(date)].filter(Boolean).join(', ');

/** What a history tells of a value. */
export function changeWords(value: unknown, path: string, units: UnitSystem): string {
  if (value === null || value === undefined) return entryAt(path)?.absent === true ? 'none' : 'as in the book';
  if (!isOwn(value)) return typeof value === 'string' ? value : JSON.stringify(value);
  return `${valueWords(value.v, entryAt(path)?.unit ?? '', units)}, ${knownWords(value)}`;
}

/** Name of a route, or of a variant with its route. */
export function partName(part: string): string {
  if (!part.includes('/')) return ROUTES.find((r) => r.id === part)?.name ?? part;
  const { route, variant } = laneWords(part);
  return `${route}, ${variant}`;
}

/** What a path is, in words. */
export function pathWords(path: string): string {
  const entry = entryAt(path);
  if (entry === undefined) return path === 'name' ? 'name of the set' : path;
  return [partName(entry.part), entry.of, entry.words].filter(Boolean).join(': ');
}

/**
 * The value as the texts of its boxes, low, likely and high, in the units of the screen; empty where nobody has given one.
 * A word has one box.
 */
export function textsOf(
  { unit, absent }: Pick<ProcessEntry, 'unit' | 'absent'>,
  value: ProcessValue,
  units: UnitSystem,
): readonly string[] {
  if (absent === true) return ['', '', ''];
  if (typeof value === 'string') return [value];
  return typeof value === 'number' ? ['', showIn(value, unit, units), ''] : value.map((x) => showIn(x, unit, units));
}
