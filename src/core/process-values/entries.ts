import type { Triple } from '../base/figures';
import { BANDS, CHOICES, LISTS, PROCESS_UNITS, PROCESS_WORDS, SLOTS } from './data/words.data';
import { CAPABILITY_FAMILIES } from '../catalogue/routes';
import { emptyOf, lackingMetals, metalPlace } from './metals';
import { capabilityPath, processPath } from './path';
import { BOOK_PROCESS } from './book';
import type { ProcessEntry, ProcessTable, ProcessValue } from './types';

type Node = Readonly<Record<string, unknown>>;
const isNode = (x: unknown): x is Node => typeof x === 'object' && x !== null && !Array.isArray(x);
const isNumbers = (x: unknown): x is readonly number[] => Array.isArray(x) && x.every((n) => typeof n === 'number');

/** Ways that the book knows to free an undercut, or to make a passage. */
const MODES: Readonly<Record<string, readonly string[]>> = {
  undercut: modesOf('undercut'),
  passages: modesOf('passages'),
};

function modesOf(key: 'undercut' | 'passages'): readonly string[] {
  return [...new Set(Object.values(BOOK_PROCESS).flatMap((c) => c[key]?.mode ?? []))].sort();
}

const METALS: ReadonlySet<string> = new Set(CAPABILITY_FAMILIES);

interface Found {
  readonly names: readonly string[];
  readonly value: ProcessValue;
  readonly unit: string;
  readonly basis: ProcessEntry['basis'];
  readonly note: string;
  readonly choices?: readonly string[];
}

/** What holds for the values inside a node. */
interface Of {
  readonly basis: ProcessEntry['basis'];
  readonly unit: string;
}

const told = (key: string, names: readonly string[], from: Readonly<Record<string, string>>): string | undefined =>
  from[`${names.at(-2) ?? ''}.${key}`] ?? from[key];

/** Every value in a capability, in the order it is written. */
function found(capability: Node): Found[] {
  const out: Found[] = [];
  const walk = (node: unknown, names: readonly string[], of: Of, note: string): void => {
    const key = names.at(-1) ?? '';
    const add = (value: ProcessValue, more: Partial<Found> = {}): void =>
      void out.push({ names, value, unit: of.unit, basis: of.basis, note, ...more });
    if (LISTS.has(key)) {
      if (node !== undefined) add(isNumbers(node) ? node.join(', ') : typeof node === 'string' ? node : '');
    } else if (typeof node === 'number') add(node);
    else if (typeof node === 'boolean') {
      if (key in CHOICES) add(node ? 'yes' : 'no', { choices: CHOICES[key] ?? [] });
    } else if (typeof node === 'string') {
      const choices = key === 'mode' ? MODES[names[0] ?? ''] : CHOICES[key];
      if (choices !== undefined) add(node, { choices, unit: '' });
    } else if (isNumbers(node)) {
      if (BANDS.has(names[0] ?? '') || BANDS.has(key))
        add([node[0] ?? NaN, node[1] ?? NaN, node[2] ?? NaN] satisfies Triple);
      else node.forEach((n, i) => walk(n, [...names, String(i)], of, note));
    } else if (Array.isArray(node)) node.forEach((item, i) => walk(item, [...names, String(i)], of, note));
    else if (isNode(node)) {
      const inner: Of = {
        basis: (node['basis'] as Of['basis'] | undefined) ?? of.basis,
        unit: of.unit,
      };
      const said = typeof node['note'] === 'string' ? node['note'] : note;
      if (isNumbers(node['v']) || typeof node['v'] === 'number')
        out.push({
          names,
          value: node['v'] as ProcessValue,
          unit: typeof node['unit'] === 'string' ? node['unit'] : of.unit,
          basis: inner.basis,
          note: said,
        });
      for (const [name, item] of Object.entries(node)) {
        if (name === 'v' || name === 'basis' || name === 'unit' || name === 'note') continue;
        const unit = told(name, [...names, name], PROCESS_UNITS) ?? inner.unit;
        walk(item, [...names, name], { ...inner, unit }, said);
      }
    }
  };
  walk(capability, [], { basis: 'rule', unit: '' }, '');
  return out;
}

/** Keys whose values are words about the route, or told elsewhere. */
const NOT_VALUES: ReadonlySet<string> = new Set(['conditions']);

/**
 * Every process value of a table, route by route and variant by variant, in the order it is read.
 *
 * @param table of the book, or one with own values in it
 * @example
 * processEntries({ spin: { sectionRatioMax: { v: 5, basis: 'rule' } } })[0]?.path // '["spin"].sectionRatioMax'
 */
export function processEntries(table: ProcessTable): ProcessEntry[] {
  return Object.entries(table).flatMap(([part, capability]) =>
    found(Object.fromEntries(Object.entries(capability).filter(([key]) => !NOT_VALUES.has(key)))).map(
      ({ names, ...rest }): ProcessEntry => ({
        path: processPath(part, capabilityPath(names)),
        part,
        ...wordsFor(names),
        ...rest,
      }),
    ),
  );
}

/** Tables whose own name says what the values in them are of. */
const GROUPS: ReadonlySet<string> = new Set(['shopClaim', 'specialistClaim']);

/** What a value is of, and what it is, in words. */
function wordsFor(names: readonly string[]): { of: string; words: string } {
  const at = /^\d+$/.test(names.at(-1) ?? '') ? Number(names.at(-1)) : null;
  const list = at === null ? names : names.slice(0, -1);
  const [table = ''] = list;
  const key = list.at(-1) ?? '';
  const of: string[] = [];
  if (GROUPS.has(table)) of.push(PROCESS_WORDS[table] ?? table);
  // The names of metals stand between the name of a table and that of a value, or at the end.
  const metal = list.slice(1).find((name) => name === 'any' || METALS.has(name));
  if (metal !== undefined) of.push(metal === 'any' ? 'all metals' : metal.replaceAll('-', ' '));
  const named = list.filter((name) => name !== metal && !/^\d+$/.test(name));
  const own = named
    .map((name, i) => told(name, named.slice(0, i + 1), PROCESS_WORDS))
    .filter((words) => words !== undefined);
  const last = key === 'possible' || (key === 'ok' && metal === undefined) ? own[0] : own.at(-1);
  const slot = at === null ? undefined : (SLOTS[named.at(-1) ?? ''] ?? SLOTS[table])?.[at];
  const words = last ?? key;
  return { of: of.join(', '), words: slot === undefined ? words : `${words}, ${slot}` };
}

let listed: ReadonlyMap<string, ProcessEntry> | null = null;

/**
 * Every process value of the book by its path; listed once.
 *
 * @example
 * bookEntries().get('["spin"].sectionRatioMax')?.unit // ': 1'
 */
export const bookEntries = (): ReadonlyMap<string, ProcessEntry> =>
  (listed ??= new Map(processEntries(BOOK_PROCESS).map((entry) => [entry.path, entry])));

let absent: ReadonlyMap<string, ProcessEntry> | null = null;

/**
 * Every value for a metal that the book's tables have no figure of, by its path; listed once. A team that pours the
 * metal there may give it.
 *
 * @example
 * absentEntries().get('["pressure-die"].wallMin.steel[1]')?.absent // true
 */
export const absentEntries = (): ReadonlyMap<string, ProcessEntry> =>
  (absent ??= new Map(
    Object.entries(BOOK_PROCESS).flatMap(([part, capability]) =>
      lackingMetals(part, capability).map((names): [string, ProcessEntry] => {
        const path = processPath(part, capabilityPath(names));
        const shape = metalPlace(names)?.table.shape ?? 'one';
        const unit = told(names.at(-1) ?? '', names, PROCESS_UNITS) ?? unitOn(names);
        const entry = { path, part, ...wordsFor(names), value: emptyOf(shape), unit, basis: 'shop', note: '' } as const;
        return [path, { ...entry, absent: true }];
      }),
    ),
  ));

/** The unit that the last name on the way has. */
const unitOn = (names: readonly string[]): string =>
  names.map((name, i) => told(name, names.slice(0, i + 1), PROCESS_UNITS)).findLast((unit) => unit !== undefined) ?? '';

/**
 * A value that may be given: one of the book's, or one for a metal that the book's table lacks.
 *
 * @returns undefined for a path that leads nowhere
 * @example
 * entryAt('["spin"].nothing') // undefined
 */
export const entryAt = (path: string): ProcessEntry | undefined => bookEntries().get(path) ?? absentEntries().get(path);
