import { writtenFigure } from '../base/written-figure';
import { EMPTY_ROWS, REPLY_FIELDS, REPLY_LISTS, type ReplyField, type ReplyList } from './reply-fields.data';
import { QUOTE_SCHEMA } from './schema';
import type { Quote } from './types';

/** A row of the reply sheet. */
export interface ReplyRow {
  readonly key: string;
  readonly field: string;
  readonly value: string;
  readonly unit: string;
  readonly meaning: string;
}

/** What is wrong in a reply sheet: the row, the value and what would be accepted. */
export interface ReplyIssue {
  readonly path: string;
  readonly value: string;
  readonly message: string;
}

type Node = Readonly<Record<string, unknown>>;
const PER_CENT = 100;
/** Digits that a share keeps as per cent. */
const DIGITS = 12;

const at = (node: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((x, name) => (typeof x === 'object' && x !== null ? (x as Node)[name] : undefined), node);

function textOf(value: unknown, kind: ReplyField['kind']): string {
  if (value === undefined || value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number')
    return String(kind === 'percent' ? Number((value * PER_CENT).toPrecision(DIGITS)) : value);
  return typeof value === 'string' ? value : '';
}

const LISTS = Object.keys(REPLY_LISTS) as ReplyList[];
const numbered = (words: string, n: number): string => words.replace('{n}', String(n));

function rowOf(of: ReplyField, key: string, words: string, value: unknown): ReplyRow {
  const choices = of.choices === undefined ? '' : `one of ${of.choices.join(', ')}`;
  return {
    key,
    field: words,
    value: textOf(value, of.kind),
    unit: of.unit,
    meaning: [of.meaning, choices].filter(Boolean).join('; '),
  };
}

/**
 * The rows of a reply sheet: filled in as a quote says, or empty to be filled in.
 *
 * @param quote as received; null for an empty sheet
 * @returns a row a field, those that repeat at the end
 * @example
 * replyRows(null)[0]?.key // 'date'
 */
export function replyRows(quote: Quote | null): readonly ReplyRow[] {
  const single = REPLY_FIELDS.map((f) => rowOf(f, f.path, f.words, at(quote, f.path)));
  const lists = LISTS.flatMap((list) => {
    const said = (at(quote, list) as readonly unknown[] | undefined) ?? [];
    const n = quote === null ? EMPTY_ROWS[list] : said.length;
    return Array.from({ length: n }, (_, i) =>
      REPLY_LISTS[list].map((f) =>
        rowOf(f, `${list}.${i + 1}.${f.path}`, numbered(f.words, i + 1), at(said[i], f.path)),
      ),
    ).flat();
  });
  return [...single, ...lists];
}

/** A value read from its text, or what would be accepted. */
function valueOf(f: ReplyField, text: string): { readonly value: unknown } | { readonly wanted: string } {
  switch (f.kind) {
    case 'number':
    case 'percent': {
      const number = writtenFigure(f.kind === 'percent' ? text.replace(/%$/, '') : text);
      if (number === null) return { wanted: `a number${f.unit === '' ? '' : ` (${f.unit})`} is wanted` };
      return { value: f.kind === 'percent' ? Number((number / PER_CENT).toPrecision(DIGITS)) : number };
    }
    case 'yes-no':
      return /^(yes|y|no|n)$/i.test(text) ? { value: /^y/i.test(text) } : { wanted: 'yes or no is wanted' };
    case 'choice': {
      const found = f.choices?.find((choice) => choice.toLowerCase() === text.toLowerCase());
      return found === undefined ? { wanted: `one of ${(f.choices ?? []).join(', ')} is wanted` } : { value: found };
    }
    default:
      return { value: text };
  }
}

function put(root: Record<string, unknown>, path: string, value: unknown): void {
  const names = path.split('.');
  let node = root;
  for (const name of names.slice(0, -1)) node = (node[name] ??= {}) as Record<string, unknown>;
  node[names.at(-1) ?? ''] = value;
}

const BY_KEY: ReadonlyMap<string, ReplyField> = new Map(REPLY_FIELDS.map((f) => [f.path, f]));

/** The field that a key is of: one of its own, or one of a list with its place, from 0. */
function fieldOf(key: string): { readonly field: ReplyField; readonly list?: readonly [ReplyList, number] } | null {
  const own = BY_KEY.get(key);
  if (own !== undefined) return { field: own };
  const [, list = '', n = '', path = ''] = /^(\w+)\.(\d{1,3})\.(\w+)$/.exec(key) ?? [];
  const of = LISTS.find((name) => name === list);
  const found = of === undefined ? undefined : REPLY_LISTS[of].find((f) => f.path === path);
  return of === undefined || found === undefined || Number(n) < 1 ? null : { field: found, list: [of, Number(n) - 1] };
}

/**
 * Whether a key is one of the reply sheet.
 *
 * @example
 * isReplyKey('priceBreaks.2.price') // true
 */
export const isReplyKey = (key: string): boolean => fieldOf(key) !== null;

/**
 * Reads the rows of a reply sheet as a quote. What is wrong is named by its row, value and what would be accepted; nothing
 * is guessed.
 *
 * @param rows key and value of each, in any order; rows without a value say nothing
 * @param of which quote it is: id, foundry, route and variant
 * @returns the quote, null where anything is wrong
 * @example
 * readReply([{ key: 'date', value: 'soon' }], { id: 'q', foundryId: 'f', route: 'r', variant: 'v' }).quote // null
 */
export function readReply(
  rows: readonly { readonly key: string; readonly value: string }[],
  of: Pick<Quote, 'id' | 'foundryId' | 'route' | 'variant'>,
): { readonly quote: Quote | null; readonly issues: readonly ReplyIssue[] } {
  const raw: Record<string, unknown> = { ...of, tooling: {} };
  const issues: ReplyIssue[] = [];
  const lists = new Map<ReplyList, Map<number, Record<string, unknown>>>();
  const wordsAt = new Map<string, string>();
  for (const { key, value } of rows) {
    const text = value.trim();
    if (key.trim() === '' || text === '') continue;
    const found = fieldOf(key.trim());
    if (found === null) {
      issues.push({ path: key, value: text, message: 'a key of the reply sheet is wanted' });
      continue;
    }
    const { field, list } = found;
    const words = list === undefined ? field.words : numbered(field.words, list[1] + 1);
    const read = valueOf(field, text);
    if ('wanted' in read) {
      issues.push({ path: words, value: text, message: read.wanted });
      continue;
    }
    if (list === undefined) {
      put(raw, field.path, read.value);
      wordsAt.set(field.path, words);
    } else {
      const [name, place] = list;
      const items = lists.get(name) ?? new Map<number, Record<string, unknown>>();
      lists.set(name, items);
      const item = items.get(place) ?? {};
      items.set(place, item);
      item[field.path] = read.value;
    }
  }
  for (const name of LISTS) raw[name] = [...(lists.get(name) ?? [])].sort(([a], [b]) => a - b).map(([, item]) => item);
  if (issues.length > 0) return { quote: null, issues };
  const declined = at(raw, 'decline') !== undefined;
  if (declined) complete(raw);
  const read = QUOTE_SCHEMA.safeParse(raw);
  if (read.success) return { quote: read.data, issues };
  return {
    quote: null,
    issues: read.error.issues.map((issue) => {
      const path = issue.path.map(String).join('.');
      const value = at(raw, path);
      return {
        path: wordsAt.get(path) ?? BY_KEY.get(path)?.words ?? listWords(issue.path) ?? path,
        value: typeof value === 'string' || typeof value === 'number' ? String(value) : '',
        message: value === undefined ? 'a value is wanted' : issue.message,
      };
    }),
  };
}

/** A decline tells only its reason: what a price would need is none. */
function complete(raw: Record<string, unknown>): void {
  raw['unit'] ??= 'each';
  raw['currency'] ??= 'USD';
  const tooling = raw['tooling'] as Record<string, unknown>;
  tooling['mode'] ??= 'none';
  const decline = raw['decline'] as Record<string, unknown>;
  const counter = decline['counter'] as Record<string, unknown> | undefined;
  decline['counter'] =
    counter === undefined
      ? null
      : { alloy: null, price: null, unit: null, toolFirst: null, currency: raw['currency'], why: '', ...counter };
}

function listWords(path: readonly PropertyKey[]): string | undefined {
  const [list, n, name] = path;
  const of = LISTS.find((one) => one === list);
  const field = of === undefined ? undefined : REPLY_LISTS[of].find((f) => f.path === name);
  return field === undefined ? undefined : numbered(field.words, Number(n) + 1);
}
