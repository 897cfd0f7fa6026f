import { HEAD_WORDS } from './paste-words.data';
import { EMPTY_ROWS, REPLY_FIELDS, REPLY_LISTS, type ReplyList } from './reply-fields.data';
import { isReplyKey, readReply, type ReplyIssue } from './reply';
import type { Quote } from './types';

/** What a column of a pasted table may stand for: a key of the reply sheet, `foundry` or `route`. */
export interface PasteField {
  readonly key: string;
  readonly words: string;
}

const LISTS = Object.keys(REPLY_LISTS) as ReplyList[];

/** Everything that a column may stand for, in the order of the reply sheet. */
export const PASTE_FIELDS: readonly PasteField[] = [
  { key: 'foundry', words: 'Foundry or supplier' },
  { key: 'route', words: 'Route' },
  ...REPLY_FIELDS.map((f) => ({ key: f.path, words: f.words })),
  ...LISTS.flatMap((list) =>
    Array.from({ length: EMPTY_ROWS[list] }, (_, i) =>
      REPLY_LISTS[list].map((f) => ({
        key: `${list}.${i + 1}.${f.path}`,
        words: f.words.replace('{n}', String(i + 1)),
      })),
    ).flat(),
  ),
];

const plain = (head: string): string =>
  head
    .toLowerCase()
    .replace(/\([^)]*\)|\[[^\]]*\]/g, ' ')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

const BY_HEAD: ReadonlyMap<string, string> = new Map([
  ...Object.entries(HEAD_WORDS).flatMap(([key, all]) => all.map((words): [string, string] => [plain(words), key])),
  ...PASTE_FIELDS.map((f): [string, string] => [plain(f.words), f.key]),
]);

/**
 * What the columns of a table stand for, by their heads: keys of the reply sheet, or words for them. Each key is given to
 * the first column that has it.
 *
 * @returns a key a column, null for one that is not known
 * @example
 * guessColumns(['Supplier', 'MOQ', 'Colour']) // ['foundry', 'minOrder', null]
 */
export function guessColumns(heads: readonly string[]): (string | null)[] {
  const taken = new Set<string>();
  return heads.map((head) => {
    const bare = head.trim();
    const key = isReplyKey(bare) ? bare : (BY_HEAD.get(plain(head)) ?? null);
    if (key === null || taken.has(key)) return null;
    taken.add(key);
    return key;
  });
}

/** A row of a pasted table, read as a quote. */
export interface PastedQuote {
  /** Place in the table, from 1. */
  readonly row: number;
  /** Null where the foundry named is none of the list: it is a supplier by its name. */
  readonly foundryId: string | null;
  readonly supplier: string;
  /** Empty where no route is named, or one that is not known. */
  readonly laneId: string;
  readonly texts: Readonly<Record<string, string>>;
  readonly quote: Quote | null;
  readonly issues: readonly ReplyIssue[];
}

/** Who and what a row may name. */
export interface PasteNames {
  readonly foundries: readonly { readonly id: string; readonly name: string }[];
  /** Lanes, with the words for each. */
  readonly lanes: readonly { readonly id: string; readonly words: string }[];
}

const letters = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]+/g, '');

/** The one of a list that a text names: by its id, its whole name, or the beginning of it where no other begins so. */
function named<T extends { readonly id: string; readonly name: string }>(
  list: readonly T[],
  text: string,
): T | undefined {
  const asked = letters(text);
  if (asked === '') return undefined;
  const exact = list.find((one) => letters(one.id) === asked || letters(one.name) === asked);
  const begun = list.filter((one) => letters(one.name).startsWith(asked));
  return exact ?? (begun.length === 1 ? begun[0] : undefined);
}

/**
 * Reads the rows of a pasted table as quotes. What is wrong is named row by row; nothing is guessed but what stands for
 * all rows where a row says nothing.
 *
 * @param keys what each column stands for; null for one that is left out
 * @param rows cells of each row
 * @param forAll texts by key that hold where a row says nothing: a date, a currency, a foundry
 * @param names foundries and lanes that rows may name
 * @example
 * pastedQuotes(['currency'], [['USD']], {}, { foundries: [], lanes: [] })[0]?.quote // null
 */
export function pastedQuotes(
  keys: readonly (string | null)[],
  rows: readonly (readonly string[])[],
  forAll: Readonly<Record<string, string>>,
  { foundries, lanes }: PasteNames,
): PastedQuote[] {
  return rows.flatMap((cells, i): PastedQuote[] => {
    const said: Record<string, string> = {};
    keys.forEach((key, at) => {
      const text = (cells[at] ?? '').trim();
      if (key !== null && text !== '') said[key] = text;
    });
    if (Object.keys(said).length === 0) return [];
    const { foundry: who = '', route: way = '', ...texts }: Record<string, string> = { ...forAll, ...said };
    // One price without a quantity holds from the first piece.
    if (texts['priceBreaks.1.price'] !== undefined) texts['priceBreaks.1.from'] ??= '1';
    const foundry = named(foundries, who);
    const lane = named(
      lanes.map(({ id, words }) => ({ id, name: words })),
      way,
    );
    const [route = '', variant = ''] = (lane?.id ?? '').split('/');
    const issues: ReplyIssue[] = [
      ...(who === '' ? [{ path: 'Foundry or supplier', value: '', message: 'a name is wanted' }] : []),
      ...(lane === undefined
        ? [{ path: 'Route', value: way, message: 'a route with its variant, as the lists name it, is wanted' }]
        : []),
    ];
    const filled = Object.entries(texts).filter(([, text]) => text !== '');
    const read = readReply(
      filled.map(([key, value]) => ({ key, value })),
      { id: 'new', foundryId: foundry?.id ?? 'other', route: route || 'none', variant: variant || 'none' },
    );
    return [
      {
        row: i + 1,
        foundryId: foundry?.id ?? null,
        supplier: foundry === undefined ? who : foundry.name,
        laneId: lane?.id ?? '',
        texts: Object.fromEntries(filled),
        quote: issues.length === 0 ? read.quote : null,
        issues: [...issues, ...read.issues],
      },
    ];
  });
}
