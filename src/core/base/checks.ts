import { refuse } from './errors';

/**
 * A finite number, or refused as E_NOT_A_NUMBER.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @returns the number
 * @example
 * finite('mass', 2.5) // 2.5
 */
export function finite(field: string, value: unknown): number {
  return typeof value === 'number' && Number.isFinite(value)
    ? value
    : refuse('E_NOT_A_NUMBER', field, value, 'a finite number');
}

/**
 * A finite number above zero; zero and below are refused as E_SIGN.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @returns the number
 * @example
 * positive('mass', 2.5) // 2.5
 */
export function positive(field: string, value: unknown): number {
  const n = finite(field, value);
  return n > 0 ? n : refuse('E_SIGN', field, value, 'a number above 0');
}

/**
 * A finite number of zero or more; below zero is refused as E_SIGN.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @returns the number
 * @example
 * notNegative('scrap', 0) // 0
 */
export function notNegative(field: string, value: unknown): number {
  const n = finite(field, value);
  return n >= 0 ? n : refuse('E_SIGN', field, value, '0 or more');
}

/**
 * A number within [low, high], both allowed; outside is refused as E_RANGE.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @param low, high limits, in the unit of the value
 * @returns the number
 * @example
 * within('share', 0.4, 0, 1) // 0.4
 */
export function within(field: string, value: unknown, low: number, high: number): number {
  const n = finite(field, value);
  return n >= low && n <= high ? n : refuse('E_RANGE', field, value, `${low} to ${high}`);
}

/**
 * A whole number of at least `least`; a fraction or a smaller number is refused as E_RANGE.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @param least the smallest accepted
 * @returns the number
 * @example
 * wholeNumber('pieces', 12, 1) // 12
 */
export function wholeNumber(field: string, value: unknown, least = 0): number {
  const n = finite(field, value);
  return Number.isInteger(n) && n >= least ? n : refuse('E_RANGE', field, value, `a whole number from ${least}`);
}

/**
 * A scrap share: 0 or more and below 1, else E_RANGE.
 *
 * @param field path of the field, for the refusal
 * @param value what was given, a share
 * @returns the share
 * @example
 * scrapShare('scrap', 0.05) // 0.05
 */
export function scrapShare(field: string, value: unknown): number {
  const n = finite(field, value);
  return n >= 0 && n < 1 ? n : refuse('E_RANGE', field, value, 'a share from 0 to below 1');
}

/**
 * Several numbers above zero, each by its name; refused as `positive` does.
 *
 * @param input what was given, by name
 * @param names of those that must be above zero
 * @returns the numbers by name
 * @example
 * positives({ mass: 2.5, time: 3 }, 'mass', 'time').time // 3
 */
export function positives<K extends string>(
  input: Readonly<Partial<Record<K, unknown>>>,
  ...names: readonly K[]
): Record<K, number> {
  for (const name of names) finite(name, input[name]);
  return Object.fromEntries(names.map((name) => [name, positive(name, input[name])])) as Record<K, number>;
}

/**
 * A list, empty or not; otherwise E_NOT_A_NUMBER.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @returns the list
 * @example
 * listOf('cores', []).length // 0
 */
export function listOf<T>(field: string, value: readonly T[] | undefined): readonly T[] {
  return Array.isArray(value) ? (value as readonly T[]) : refuse('E_NOT_A_NUMBER', field, value, 'a list');
}

/**
 * A list with at least one member; otherwise E_NOT_A_NUMBER for no list and E_EMPTY for an empty one.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @returns the list
 * @example
 * filled('factors', [1, 2]) // [1, 2]
 */
export function filled<T>(field: string, value: readonly T[] | undefined): readonly T[] {
  if (!Array.isArray(value)) return refuse('E_NOT_A_NUMBER', field, value, 'a list');
  return value.length > 0 ? (value as readonly T[]) : refuse('E_EMPTY', field, '[]', 'at least one entry');
}

/**
 * One of the words given, else E_KEY.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @param words those accepted
 * @returns the word
 * @example
 * oneOf('kind', 'time', ['time', 'cost']) // 'time'
 */
export function oneOf<T extends string>(field: string, value: unknown, words: readonly T[]): T {
  return words.includes(value as T) ? (value as T) : refuse('E_KEY', field, value, words.join(' | '));
}

/**
 * Refused as E_ORDER where two inputs contradict each other.
 *
 * @param holds whether they agree
 * @param field path of the one that is refused
 * @param value of it
 * @param accepted what would be accepted
 * @example
 * inOrder(20 < 600, 'tMould_C', 20, 'below the freezing temperature') // undefined
 */
export function inOrder(holds: boolean, field: string, value: unknown, accepted: string): void {
  if (!holds) refuse('E_ORDER', field, value, accepted);
}

/**
 * A share of 0 to 1, both allowed; outside is refused as E_RANGE.
 *
 * @param field path of the field, for the refusal
 * @param value what was given
 * @returns the share
 * @example
 * shareOf('heatShare', 0.9) // 0.9
 */
export const shareOf = (field: string, value: unknown): number => within(field, value, 0, 1);

/** Noise allowed before a limit counts as passed: a limit met exactly is met. */
export const LIMIT_GUARD = 1e-9;

/** Noise allowed before rounding a count up, so that 0.1 + 0.2 style error never buys one tool too many. */
const GUARD = 1e-9;

/**
 * Whole units needed for x, with the guard against floating noise.
 *
 * @param x a count, not yet whole
 * @returns whole units
 * @example
 * ceilGuarded(3.0000000000001) // 3
 */
export function ceilGuarded(x: number): number {
  return Math.ceil(x - GUARD * Math.max(1, Math.abs(x)));
}

/**
 * Whole units that fit in x, with the same guard.
 *
 * @param x a count, not yet whole
 * @returns whole units
 * @example
 * floorGuarded(2.9999999999999) // 3
 */
export function floorGuarded(x: number): number {
  return Math.floor(x + GUARD * Math.max(1, Math.abs(x)));
}
