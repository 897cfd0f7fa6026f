import ExcelJS from 'exceljs';
import Papa from 'papaparse';
import { writtenFigure } from '@/core/base/written-figure';
import type { BriefIssue } from '@/core/brief';
import type { Alloy } from '@/core/catalogue/alloys';
import { BOUGHT_PART_SCHEMA, GUESSABLE, type BoughtPart, type ScreenedPart } from '@/core/comparison/parts-list';
import { plain } from './plain-cell';

/** Columns of a list of bought parts: what each is, other words for it, and units that its head may name. */
const COLUMNS = [
  ['id', 'part no', ['part number', 'number', 'no', 'id', 'item', 'sku']],
  ['name', 'name', ['description', 'part', 'part name']],
  ['material', 'alloy', ['material', 'metal', 'grade']],
  ['form', 'form', ['stock', 'stock form']],
  ['x', 'length mm', ['length', 'x', 'diameter', 'x mm', 'stock x mm', 'diameter mm']],
  ['y', 'width mm', ['width', 'y', 'y mm', 'stock y mm']],
  ['z', 'height mm', ['height', 'thickness', 'z', 'z mm', 'stock z mm', 'thickness mm']],
  ['finished_kg', 'finished kg', ['mass', 'weight', 'finished', 'mass kg', 'weight kg', 'finished mass kg']],
  ['today_USD', 'today usd', ['today', 'cost', 'price', 'cost usd', 'price usd', 'today cost usd']],
  ['perYear', 'pieces a year', ['per year', 'a year', 'quantity', 'qty', 'annual', 'yearly']],
  ['way', 'way', ['made', 'process', 'how', 'made by']],
  ['pieces', 'pieces in it', ['pieces', 'parts', 'parts in it']],
  ['toothed', 'toothed', ['threaded', 'gear', 'toothed or threaded']],
  ['guessed', 'guessed', ['guess']],
] as const;
type Column = (typeof COLUMNS)[number][0];
/** Without these there is no part. */
const WANTED: readonly Column[] = [
  ...(['id', 'name', 'material', 'form', 'x', 'y', 'z'] as const),
  ...(['finished_kg', 'today_USD', 'perYear', 'way'] as const),
];

const MOST_LETTERS = 4_000_000;
const MOST_LINES = 20_000;

/** A head in plain words: “Length [mm]” and “length_mm” are “length mm”. */
const plainHead = (head: string): string =>
  head
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** What is read of a list, and what is wrong with it. */
export interface PartsSheetResult {
  readonly parts: readonly BoughtPart[];
  readonly issues: readonly BriefIssue[];
}

const none = (value: string, message: string, path = 'file'): PartsSheetResult => ({
  parts: [],
  issues: [{ path, value, message }],
});

/** A figure of a cell, or its text where it is none: that is refused by name. */
const numberOf = (cell: string): number | string => writtenFigure(cell) ?? cell;

const yes = (cell: string): boolean => /^(y|yes|true|1|x|ja|oui)$/i.test(cell);

/** Rows of a workbook's first sheet, as texts. */
async function rowsOfBook(bytes: Uint8Array): Promise<string[][] | null> {
  const book = new ExcelJS.Workbook();
  try {
    // Its types ask for a buffer of their own making; what it reads is bytes.
    await book.xlsx.load(bytes.slice().buffer);
  } catch {
    return null;
  }
  const sheet = book.worksheets[0];
  if (sheet === undefined) return [];
  const out: string[][] = [];
  sheet.eachRow({ includeEmpty: false }, (row) => {
    if (out.length > MOST_LINES + 1) return;
    const cells: string[] = [];
    row.eachCell({ includeEmpty: true }, (cell, column) => {
      cells[column - 1] = cell.text.trim();
    });
    out.push(Array.from(cells, (c) => c ?? ''));
  });
  return out;
}

/**
 * Reads a list of bought parts from a CSV or a workbook. Columns are found by their heads, in any order; alloys by their
 * name, designation or id. What is wrong is named by line, column and value; the right lines are read all the same.
 *
 * @param bytes of the file
 * @param alloys of the table and of the team's own
 */
export async function readPartsSheet(bytes: Uint8Array, alloys: readonly Alloy[]): Promise<PartsSheetResult> {
  const book = bytes[0] === 0x50 && bytes[1] === 0x4b;
  let rows: string[][];
  if (book) {
    const read = await rowsOfBook(bytes);
    if (read === null) return none('', 'a workbook that can be opened, or a CSV, is wanted');
    rows = read;
  } else {
    const text = new TextDecoder().decode(bytes).replace(/^\uFEFF/, '');
    if (text.length > MOST_LETTERS || /[^\r\n]{20000}/.test(text) || text.includes('\u0000'))
      return none(`${text.length} letters`, `a CSV of at most ${MOST_LETTERS} letters is wanted`);
    rows = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data.map((row) => row.map((c) => c.trim()));
  }
  if (rows.length > MOST_LINES + 1) return none(`${rows.length} lines`, `at most ${MOST_LINES} parts are wanted`);
  const [heads = [], ...lines] = rows;
  const place = new Map<Column, number>();
  heads.forEach((head, i) => {
    const words = plainHead(head);
    const column = COLUMNS.find(([, name, others]) => words === name || (others as readonly string[]).includes(words));
    if (column !== undefined && !place.has(column[0])) place.set(column[0], i);
  });
  const missing = WANTED.filter((column) => !place.has(column));
  if (missing.length > 0)
    return none(
      heads.join(', ').slice(0, 200),
      `a column for ${missing.map((column) => COLUMNS.find(([id]) => id === column)?.[1]).join(', ')} is wanted`,
      'line 1',
    );
  const byWords = new Map<string, string>();
  for (const alloy of [...alloys].reverse())
    for (const words of [...alloy.designations, alloy.name, alloy.id]) byWords.set(plainHead(words), alloy.id);
  const parts: BoughtPart[] = [];
  const issues: BriefIssue[] = [];
  lines.forEach((line, i) => {
    const cell = (column: Column): string => line[place.get(column) ?? -1] ?? '';
    const raw = {
      ...{ id: cell('id'), name: cell('name') },
      material: byWords.get(plainHead(cell('material'))) ?? cell('material'),
      form: cell('form').toLowerCase(),
      stock_mm: [numberOf(cell('x')), numberOf(cell('y')), numberOf(cell('z'))],
      finished_kg: numberOf(cell('finished_kg')),
      today_USD: numberOf(cell('today_USD')),
      perYear: numberOf(cell('perYear')),
      way: cell('way').toLowerCase(),
      ...(cell('pieces') === '' ? {} : { pieces: numberOf(cell('pieces')) }),
      toothed: yes(cell('toothed')),
      guessed: cell('guessed')
        .split(/[;,]/)
        .map((word) => word.trim())
        .filter((word) => (GUESSABLE as readonly string[]).includes(word)),
    };
    const read = BOUGHT_PART_SCHEMA.safeParse(raw);
    if (!read.success) {
      for (const issue of read.error.issues.slice(0, 3)) {
        const key = issue.path[0] === 'stock_mm' ? (['x', 'y', 'z'] as const)[Number(issue.path[1])] : issue.path[0];
        const column = COLUMNS.find(([id]) => id === key);
        issues.push({
          path: `line ${i + 2}, ${column?.[1] ?? String(key)}`,
          value: column === undefined ? '' : cell(column[0]),
          message: wanted(issue),
        });
      }
      return;
    }
    if (!alloys.some(({ id }) => id === read.data.material))
      issues.push({
        path: `line ${i + 2}, alloy`,
        value: cell('material'),
        message: 'the name, designation or id of an alloy is wanted',
      });
    else parts.push(read.data);
  });
  return { parts, issues };
}

function wanted(issue: { readonly code: string; readonly message: string; readonly values?: unknown }): string {
  if (issue.code === 'invalid_type') return 'a number is wanted';
  return issue.code === 'invalid_value' && Array.isArray(issue.values)
    ? `one of ${issue.values.map(String).join(', ')} is wanted`
    : issue.message;
}

/** The screened list as CSV: what was told of each part, and what the screen says. It can be read again. */
export function partsCsv(list: readonly ScreenedPart[], currency: string): string {
  const money = (x: number | null | undefined): number | string =>
    x === null || x === undefined || !Number.isFinite(x) ? '' : Number(x.toFixed(2));
  const data = list.map((s) => [
    ...[plain(s.part.id), plain(s.part.name), plain(s.alloyName), s.part.form, ...s.part.stock_mm],
    ...[s.part.finished_kg, s.part.today_USD, s.part.perYear, s.part.way, s.part.pieces],
    ...[s.part.toothed ? 'yes' : '', s.part.guessed.join('; ')],
    ...[s.rank ?? '', money(s.saving?.[0]), money(s.saving?.[1]), money(s.saving?.[2])],
    ...[money(s.guess), money(s.tool), money(s.stockMoney), money(s.boughtToKept), s.leftOut ?? ''],
  ]);
  const fields = [
    ...COLUMNS.map(([, name]) => name),
    ...['rank', `saving a year low ${currency}`, `saving a year likely ${currency}`, `saving a year high ${currency}`],
    ...[`casting guess ${currency}`, `tool guess ${currency}`, `stock money ${currency}`, 'bought to kept', 'left out'],
  ];
  return `${Papa.unparse({ fields, data }, { newline: '\r\n' })}\r\n`;
}
