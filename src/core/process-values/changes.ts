import type { Figure, ValueSource } from '../base/figures';
import type { Capability } from '../catalogue/routes';
import { ABOVE_ZERO, LISTS, LOSS_MOST, LOSSES, MOST, SHARES, WHOLE } from './data/words.data';
import { beginMetal, metalPlace, type MetalPlace } from './metals';
import { entryAt } from './entries';
import { capabilityPath, processNames } from './path';
import type { OwnValue, OwnValues, ProcessEntry, ProcessTable, ProcessValue, ValueSources } from './types';

const CEILING = 1e7;

/** Least and most of a value, in its unit. */
function limits(path: string): { readonly least: number; readonly most: number; readonly whole: boolean } {
  const names = processNames(path).slice(1);
  const has = (set: ReadonlySet<string>): boolean => names.some((name) => set.has(name));
  const most = names.map((name) => MOST[name]).find((n) => n !== undefined);
  const isLoss = LOSSES.has(names.at(-1) ?? '');
  return {
    least: has(ABOVE_ZERO) ? Number.MIN_VALUE : 0,
    most: most ?? (isLoss ? LOSS_MOST : has(SHARES) ? 1 : CEILING),
    whole: has(WHOLE) && !names.includes('extraMin') && !names.includes('extraLoss'),
  };
}

/**
 * What is wrong with a value given in place of the book's, in words that say what would be accepted; null when nothing is.
 *
 * @param entry the value it would replace
 * @example
 * refusedValue({ path: '["spin"].yield.zinc', value: [0.5, 0.6, 0.7] }, [0.6, 0.5, 0.7]) // 'low ≤ likely ≤ high is wanted'
 */
export function refusedValue(entry: Pick<ProcessEntry, 'path' | 'value' | 'choices'>, value: unknown): string | null {
  if (entry.choices !== undefined)
    return typeof value === 'string' && entry.choices.includes(value)
      ? null
      : `one of ${entry.choices.join(', ')} is wanted`;
  const key = processNames(entry.path).at(-1) ?? '';
  if (LISTS.has(key))
    return listOf(key, value) === null ? `whole numbers from ${leastOf(key)}, rising, or “any”, are wanted` : null;
  const band = Array.isArray(entry.value);
  const triple = Array.isArray(value);
  const numbers: readonly unknown[] = triple ? value : [value];
  if (band && numbers.length !== 3) return 'three figures are wanted: low, likely and high';
  if (triple && !band && !(numbers.length === 3 && numbers.every(Number.isFinite)))
    return 'one figure is wanted, or three: low, likely and high';
  const { least, most, whole } = limits(entry.path);
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

/** A printed mould has a tool of no cavities. */
const leastOf = (key: string): number => (key === 'toolCavities' ? 0 : 1);

/** The positions of a list, or `any`; null for what is neither. */
function listOf(key: string, value: unknown): readonly number[] | 'any' | null {
  if (value === 'any') return 'any';
  if (typeof value !== 'string' && typeof value !== 'number') return null;
  const numbers = String(value)
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  const rising = numbers.every(
    (n, i) => Number.isInteger(n) && n >= leastOf(key) && n <= 5000 && (i === 0 || n > (numbers[i - 1] ?? 0)),
  );
  return numbers.length > 0 && rising ? numbers : null;
}

/**
 * The figure by which a single value is judged: the likely one of those given.
 *
 * @example
 * singleOf([3, 4, 6]) // 4
 */
export const singleOf = (v: ProcessValue): number | string => (typeof v === 'object' ? v[1] : v);

type Holder = Record<string, unknown>;

const isFigure = (x: unknown): x is Figure => typeof x === 'object' && x !== null && !Array.isArray(x) && 'v' in x;

/**
 * A capability with values in place of its own, each by its path in it. Only what is on the way to a value is copied. A
 * figure for a metal that a table lacks begins there; any other path that leads nowhere is left out.
 *
 * @param capability of a route, a variant or a lane
 * @param values by path in the capability, with whose they are
 * @example
 * putValues({ sectionRatioMax: { v: 5, basis: 'rule' } }, { sectionRatioMax: { v: 6, known: 'measured', source: '', date: null } }).sectionRatioMax?.v
 * // 6
 */
export function putValues<C extends Partial<Capability>>(
  capability: C,
  values: Readonly<Record<string, Pick<OwnValue, 'v'>>>,
): C {
  const root: Holder = { ...capability };
  const fresh = new Set<object>([root]);
  const begun = new Map<string, { place: MetalPlace; values: Map<string, unknown> }>();
  for (const [path, { v }] of Object.entries(values)) {
    const names = processNames(path);
    const place = metalPlace(names);
    if (place !== null && lacks(capability, place)) {
      const key = [...place.table.names, place.metal].join('.');
      const given = begun.get(key) ?? { place, values: new Map<string, unknown>() };
      given.values.set(place.slot, place.table.shape === 'band' ? v : singleOf(v));
      begun.set(key, given);
      continue;
    }
    let holder = root;
    let known = true;
    for (const name of names.slice(0, -1)) {
      const was = holder[name];
      if (typeof was !== 'object' || was === null) {
        known = false;
        break;
      }
      if (!fresh.has(was)) {
        const copy = (Array.isArray(was) ? [...(was as unknown[])] : { ...was }) as Holder;
        fresh.add(copy);
        holder[name] = copy;
      }
      holder = holder[name] as Holder;
    }
    const last = names.at(-1) ?? '';
    const was = holder[last];
    if (!known || was === undefined) continue;
    if (LISTS.has(last)) holder[last] = listOf(last, v);
    else if (typeof was === 'boolean') holder[last] = v === 'yes';
    else if (isFigure(was)) holder[last] = { ...was, v: typeof was.v === 'number' ? singleOf(v) : v, basis: 'shop' };
    else holder[last] = typeof was === 'number' ? singleOf(v) : v;
  }
  for (const { place, values: given } of begun.values()) beginMetal(root, place, given);
  return root as C;
}

/** Whether the table of a capability has nothing of a metal. */
function lacks(capability: object, { table, metal }: MetalPlace): boolean {
  const found = table.names.reduce<unknown>((node, name) => (node as Holder | undefined)?.[name], capability);
  return (found as Holder | undefined)?.[metal] === undefined;
}

/**
 * A table with own values in place of the book's.
 *
 * @param own values that the table would take; a path it does not have is left out
 * @example
 * ownProcess({}, {}) // {}
 */
export function ownProcess(table: ProcessTable, own: OwnValues): ProcessTable {
  const byPart = new Map<string, Record<string, OwnValue>>();
  for (const [path, value] of Object.entries(own)) {
    const [part = '', ...names] = processNames(path);
    const values = byPart.get(part) ?? {};
    values[capabilityPath(names)] = value;
    byPart.set(part, values);
  }
  if (byPart.size === 0) return table;
  return Object.fromEntries(
    Object.entries(table).map(([part, capability]) => [part, putValues(capability, byPart.get(part) ?? {})]),
  );
}

/**
 * Whose the values of a lane are: those of its route, of which its variant has none of its own, and those of its variant.
 *
 * @param laneId "route/variant"
 * @param variant what the variant has of its own
 * @param who name of the set
 * @example
 * sourcesOf('spin/organic-rubber', {}, {}, 'Ours') // undefined
 */
export function sourcesOf(
  laneId: string,
  variant: Partial<Capability>,
  own: OwnValues,
  who: string,
): ValueSources | undefined {
  const out: Record<string, ValueSource> = {};
  for (const [path, { v, known, source, date }] of Object.entries(own)) {
    const [part = '', ...names] = processNames(path);
    const mine = part === laneId || (part === laneId.split('/')[0] && !((names[0] ?? '') in variant));
    if (!mine) continue;
    const range = typeof v === 'object' && typeof entryAt(path)?.value === 'number' ? { range: v } : {};
    out[capabilityPath(names)] = { who, known, source, date, ...range };
  }
  return Object.keys(out).length === 0 ? undefined : out;
}
