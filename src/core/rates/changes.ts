import type { Figure, Triple } from '../base/figures';
import { isPlainDate } from '../base/plain-date';
import { coefficientsOf, namesOf, type Coefficient } from './coefficients';
import type { RateSet } from './types';

/** A shop's own figure for one coefficient: three for an uncertain one, one for a choice. */
export type OwnFigure = Triple | number;

/** What makes a rate set a shop's own: figures by path, and the days on which it is shut. */
export interface OwnFigures {
  readonly figures: Readonly<Record<string, OwnFigure>>;
  /** ISO dates. */
  readonly holidays: readonly string[];
}

/** Coefficients that divide or that nothing runs without: zero is refused. */
const ABOVE_ZERO = new Set([
  'P', 'Pspindle', 'eta', 'aMrr', 'aFin', 'featuresPerSetup', 'tapMinor', 'cap', 'capDay', 'avail', 'share',
  'capPours', 'capKg', 'shift_h', 'shiftH', 'workdaysPerWeek', 'calendarPerWorkday', 'perUnit', 'n', 'workDaysYear', 'bigTool_h',
  'shiftsMax', 'pressAvail', 'lifeFactor', 'mRef_kg', 'years',
  'shifts', 'batch', 'maxThickness', 'maxRatio', 'airCut', 'kStock', 'kMat', 'skeleton',
]); // prettier-ignore
/** Shares of pieces or of a day: at most 1, and those of scrap below it. */
const SHARES = new Set(['sampleShare', 'eta', 'avail', 'pressAvail', 'share', 'tapMinor', 'omega', 'kRet', 'kChip']);
const SCRAP = new Set(['sMach', 'sIns', 'scrap']);
const SCRAP_MAX = 0.9;
const WHOLE = new Set(['shifts', 'n', 'batch', 'workdaysPerWeek']);
const MOST: Readonly<Record<string, number>> = { shift_h: 12, shiftH: 12, workdaysPerWeek: 7, shifts: 3 };
const CEILING = 1e7;
/** Every name above: a test finds each in the shipped set, so that one renamed there is not forgotten here. */
export const LIMITED: readonly string[] = [...ABOVE_ZERO, ...SHARES, ...SCRAP, ...WHOLE, ...Object.keys(MOST)];

/**
 * Least and most a coefficient may be, in its unit.
 *
 * @example
 * limitsOf('global.Rlab').whole // false
 */
export function limitsOf(path: string): { readonly least: number; readonly most: number; readonly whole: boolean } {
  const last = namesOf(path).at(-1) ?? '';
  const whole = WHOLE.has(last);
  return {
    least: whole ? 1 : ABOVE_ZERO.has(last) || path.startsWith('metals.') ? Number.MIN_VALUE : 0,
    most: MOST[last] ?? (SCRAP.has(last) ? SCRAP_MAX : SHARES.has(last) ? 1 : CEILING),
    whole,
  };
}

/**
 * What is wrong with a figure given for a coefficient, in words that say what would be accepted; null when nothing is.
 * @param entry the coefficient in the set it is changed in
 * @example
 * refusedFigure(entries[0], 'dear') !== null // true
 */
export function refusedFigure(entry: Pick<Coefficient, 'path' | 'value'>, value: unknown): string | null {
  const triple = typeof entry.value !== 'number';
  const numbers: readonly unknown[] = Array.isArray(value) ? value : [value];
  if (Array.isArray(value) !== triple || (triple && numbers.length !== 3))
    return triple ? 'three figures are wanted: low, likely and high' : 'one figure is wanted';
  const { least, most, whole } = limitsOf(entry.path);
  for (const x of numbers) {
    if (typeof x !== 'number' || !Number.isFinite(x)) return 'a number is wanted';
    if (x < least) return least === Number.MIN_VALUE ? 'a figure above 0 is wanted' : `at least ${least} is wanted`;
    if (x > most) return `at most ${most} is wanted`;
    if (whole && !Number.isInteger(x)) return 'a whole number is wanted';
  }
  const [low, likely, high] = numbers as number[];
  return triple && !((low as number) <= (likely as number) && (likely as number) <= (high as number))
    ? 'low ≤ likely ≤ high is wanted'
    : null;
}

/**
 * A rate set with a shop's own figures in the place of its own. Paths that the set does not have, figures it would
 * refuse and days that are none are left out, so that what an older edition stored does no harm.
 * @param id, name of the new set
 * @example
 * ownRates(rates, 'ours', 'Our shop', { figures: { 'global.Rlab': 41 }, holidays: [] }).name // 'Our shop'
 */
export function ownRates(
  base: RateSet,
  id: string,
  name: string,
  own: OwnFigures,
  currency = base.currency.code,
): RateSet {
  const known = new Map(coefficientsOf(base).map((e) => [e.path, e]));
  const set = structuredClone(base);
  for (const [path, value] of Object.entries(own.figures)) {
    const entry = known.get(path);
    if (entry !== undefined && refusedFigure(entry, value) === null) put(set, namesOf(path), value);
  }
  return {
    ...set,
    id,
    name,
    currency: { ...set.currency, code: currency },
    calendar: { ...set.calendar, holidays: own.holidays.filter(isPlainDate).sort() },
  };
}

function put(root: object, names: readonly string[], value: OwnFigure): void {
  const last = names.at(-1) as string;
  type Holder = Record<string, unknown>;
  const holder = names.slice(0, -1).reduce<Holder>((at, name) => at[name] as Holder, root as Holder);
  const was = holder[last];
  holder[last] = typeof was === 'number' ? value : ({ ...(was as Figure), v: value, basis: 'shop' } satisfies Figure);
}
