import { BOOK_PROCESS } from './book';
import type { CapabilityFamily } from '../catalogue/routes';
import { ownProcess } from './changes';
import { processEntries } from './entries';
import { lanesOf } from './lanes';
import { claimLacks, metalPlace, tablesLacking } from './metals';
import { processNames, processPath } from './path';
import { PROCESS_WORDS } from './data/words.data';
import type { OwnValues, ProcessValue } from './types';

/** Keys of one limit that must rise in this order, and the part of a path they stand in. */
const RISING: readonly (readonly string[])[] = [
  ['min', 'max', 'exceptional', 'specialist'],
  ['massLimit_kg', 'massLimitExceptional_kg', 'massLimitSpecialist_kg'],
  ['maxClamp_MN', 'clampExceptional_MN', 'clampSpecialist_MN'],
];
const STEPPED: ReadonlySet<string> = new Set(['mass_kg', 'undercut', 'passages', 'layout', 'size_mm']);
/** Lists whose numbers must rise: exceptional before usual, best before usual, from before to. */
const LISTS_RISE: ReadonlySet<string> = new Set(['wallMin', 'Ra_um', 'wins', 'plausible']);

/** A value that contradicts another one of its route. */
export interface Disorder {
  readonly path: string;
  readonly value: ProcessValue;
  readonly message: string;
}

/**
 * Own values that contradict the others of their route: a usual limit beyond the exceptional one, an exceptional wall
 * thicker than the usual one, a metal said to be poured that a table has no figure of.
 *
 * @param own values in place of the book's
 * @returns each with what would be accepted; empty where all is in order
 * @example
 * disorders({}) // []
 */
export function disorders(own: OwnValues): Disorder[] {
  if (Object.keys(own).length === 0) return [];
  const values = new Map(processEntries(ownProcess(BOOK_PROCESS, own)).map((e) => [e.path, e.value]));
  const out: Disorder[] = [];
  for (const path of Object.keys(own)) {
    const value = values.get(path);
    if (typeof value !== 'number') continue;
    const [part = '', table = '', ...rest] = processNames(path);
    const key = rest[0] ?? '';
    const at = (names: readonly string[]): number | null => {
      const found = values.get(
        processPath(
          part,
          [table, ...names].map((n, i) => (i === 0 ? n : /^\d+$/.test(n) ? `[${n}]` : `.${n}`)).join(''),
        ),
      );
      return typeof found === 'number' ? found : null;
    };
    if (STEPPED.has(table)) {
      const steps = RISING.find((list) => list.includes(key)) ?? [];
      const i = steps.indexOf(key);
      const tail = rest.slice(1);
      // The least of the sizes is one figure; it has no side to compare with.
      if (table === 'size_mm' && key === 'min') continue;
      const before =
        i > 0 && !(table === 'size_mm' && steps[i - 1] === 'min') ? at([steps[i - 1] ?? '', ...tail]) : null;
      const after = i >= 0 && i + 1 < steps.length ? at([steps[i + 1] ?? '', ...tail]) : null;
      if (before !== null && value < before)
        out.push({ path, value, message: `at least ${before}, the limit below it, is wanted` });
      else if (after !== null && value > after)
        out.push({ path, value, message: `at most ${after}, the limit above it, is wanted` });
    }
    const slot = rest.at(-1);
    const list = rest.length > 1 ? rest.at(-2) : table;
    if (slot !== undefined && /^[01]$/.test(slot) && (LISTS_RISE.has(table) || LISTS_RISE.has(list ?? ''))) {
      const other = at([...rest.slice(0, -1), slot === '0' ? '1' : '0']);
      if (other !== null && (slot === '0' ? value > other : value < other))
        out.push({
          path,
          value,
          message:
            slot === '0'
              ? `at most ${other}, the figure beside it, is wanted`
              : `at least ${other}, the figure beside it, is wanted`,
        });
    }
  }
  return [...out, ...unfinished(own), ...unfounded(own)];
}

const wordsOf = (names: readonly string[]): string =>
  PROCESS_WORDS[names.slice(-2).join('.')] ?? PROCESS_WORDS[names.at(-1) ?? ''] ?? names.join(' ');

/** Claims of a width for a metal that the book has none of, with a figure still to be given. */
function unfinished(own: OwnValues): Disorder[] {
  const claims = new Map<string, { path: string; values: Map<string, unknown> }>();
  for (const [path, { v }] of Object.entries(own)) {
    const [part = '', ...names] = processNames(path);
    const place = metalPlace(names);
    if (place?.table.shape !== 'claim') continue;
    const book = (BOOK_PROCESS[part]?.specialistClaim ?? {}) as Readonly<Record<string, unknown>>;
    if (book[place.metal] !== undefined) continue;
    const key = `${part} ${place.metal}`;
    const claim = claims.get(key) ?? { path, values: new Map<string, unknown>() };
    claim.values.set(place.slot, v);
    claims.set(key, claim);
  }
  return [...claims.values()].flatMap(({ path, values }) => {
    const missing = claimLacks(values).map((key) => wordsOf([key]));
    return missing.length === 0
      ? []
      : [{ path, value: own[path]?.v ?? '', message: `with it, ${missing.join(' and ')} of the claim are wanted` }];
  });
}

/** Metals said to be poured in a lane that has no figures of them. */
function unfounded(own: OwnValues): Disorder[] {
  const poured = Object.entries(own).flatMap(([path, { v }]) => {
    const [part = '', table, metal, key] = processNames(path);
    return table === 'families' && key === 'ok' && v !== 'no'
      ? [{ path, v, part, metal: metal as CapabilityFamily }]
      : [];
  });
  if (poured.length === 0) return [];
  const lanes = lanesOf(ownProcess(BOOK_PROCESS, own), {}, '');
  return poured.flatMap(({ path, v, part, metal }) => {
    const missing = new Map<string, string[]>();
    for (const lane of lanes) {
      if (lane.id !== part && lane.route.id !== part) continue;
      if (lane.capability.families[metal]?.ok === 'no') continue;
      for (const { names } of tablesLacking(lane.capability, metal)) {
        // A variant with a table of its own is told there, any other at its route.
        const isOwn = (names[0] ?? '') in lane.variant.capability;
        const where = isOwn ? `${lane.route.name}, ${lane.variant.name}` : lane.route.name;
        const words = missing.get(where) ?? [];
        if (!words.includes(wordsOf(names))) missing.set(where, [...words, wordsOf(names)]);
      }
    }
    if (missing.size === 0) return [];
    const words = [...missing].map(([where, tables]) => `under ${where}: ${tables.join(', ')}`).join('; ');
    return [{ path, value: v, message: `with it, values of ${metal.replaceAll('-', ' ')} are wanted ${words}` }];
  });
}
