import ExcelJS from 'exceljs';
import Papa from 'papaparse';
import { REPLY_FIELDS, replyRows, type Quote, type ReplyIssue, type ReplyRow } from '@/core/quotes';
import { plain } from './plain-cell';

/** Which request, foundry and route a reply sheet is for; the first row names it, so that it finds its way back. */
export interface ReplySheetOf {
  readonly lineId: string;
  readonly title: string;
  readonly foundry: string;
  readonly route: string;
  /** What is filled in before it is sent: the alloy, the lines of work. */
  readonly filled: Readonly<Record<string, string>>;
  /** A quote to be written out as its sheet, in place of an empty one. */
  readonly quote?: Quote;
}

const HEADS = ['key', 'field', 'value', 'unit', 'meaning'] as const;
/** Key of the row that tells which request is answered. */
export const LINE_KEY = 'request.line';
const MOST_LETTERS = 2_000_000;
const MOST_ROWS = 2000;

/** The rows of an empty sheet for one foundry on one route. */
function rowsOf({ lineId, title, foundry, route, filled, quote }: ReplySheetOf): ReplyRow[] {
  const words = `${title}: ${foundry}, ${route}`;
  return [
    { key: LINE_KEY, field: 'Request', value: lineId, unit: '', meaning: `${words}; please leave this row as it is` },
    ...replyRows(quote ?? null).map((row) => ({ ...row, value: filled[row.key] ?? row.value })),
  ];
}

/** The reply sheet as CSV: one row a field. */
export const replyCsv = (of: ReplySheetOf): string =>
  `${Papa.unparse(
    {
      fields: [...HEADS],
      data: rowsOf(of).map((r) => [r.key, plain(r.field), plain(r.value), plain(r.unit), plain(r.meaning)]),
    },
    { newline: '\r\n' },
  )}\r\n`;

const INPUT = { type: 'pattern', pattern: 'solid', fgColor: { argb: 'FFFFF4CC' } } as const;

/** The reply sheet as a workbook: the column of values is the only one to fill in; choices are offered in it. */
export async function replyWorkbook(
  of: ReplySheetOf,
  choicesOf: (key: string) => readonly string[] | null,
): Promise<Uint8Array> {
  const book = new ExcelJS.Workbook();
  book.creator = 'Nine Pours';
  const sheet = book.addWorksheet('Reply');
  sheet.columns = [
    { header: HEADS[0], width: 26 },
    { header: HEADS[1], width: 36 },
    { header: HEADS[2], width: 26 },
    { header: HEADS[3], width: 16 },
    { header: HEADS[4], width: 60 },
  ];
  sheet.getRow(1).font = { bold: true };
  sheet.views = [{ state: 'frozen', ySplit: 1 }];
  for (const r of rowsOf(of)) {
    const row = sheet.addRow([r.key, r.field, r.value, r.unit, r.meaning]);
    row.getCell(1).font = { color: { argb: 'FF8A8072' }, size: 9 };
    if (r.key === LINE_KEY) continue;
    const cell = row.getCell(3);
    cell.fill = INPUT;
    // Texts stay texts: a spreadsheet would make dates of breaks and numbers of ids.
    cell.numFmt = '@';
    const choices = choicesOf(r.key);
    if (choices !== null)
      cell.dataValidation = {
        type: 'list',
        allowBlank: true,
        formulae: [`"${choices.join(',')}"`],
        showErrorMessage: true,
        error: `one of ${choices.join(', ')}`,
      };
  }
  return new Uint8Array(await book.xlsx.writeBuffer());
}

/** What is read of a reply sheet: every row with something in it, and which request it answers. */
export interface ReplySheetRead {
  readonly lineId: string | null;
  readonly rows: readonly { readonly key: string; readonly value: string }[];
  readonly issues: readonly ReplyIssue[];
}

const none = (value: string, message: string): ReplySheetRead => ({
  lineId: null,
  rows: [],
  issues: [{ path: 'file', value, message }],
});

/** Text of a cell, dates as 2027-01-18. */
function textOf(cell: ExcelJS.Cell): string {
  const { value } = cell;
  if (value instanceof Date) return value.toISOString().slice(0, 10);
  if (typeof value === 'number') return String(Number(value.toPrecision(15)));
  return cell.text.trim();
}

async function cellsOf(bytes: Uint8Array): Promise<string[][] | string> {
  const isBook = bytes[0] === 0x50 && bytes[1] === 0x4b;
  if (isBook) {
    const book = new ExcelJS.Workbook();
    try {
      await book.xlsx.load(bytes.slice().buffer);
    } catch {
      return 'the workbook cannot be opened; a reply sheet (XLSX or CSV) is wanted';
    }
    const out: string[][] = [];
    book.worksheets[0]?.eachRow({ includeEmpty: false }, (row) => {
      if (out.length > MOST_ROWS) return;
      const cells: string[] = [];
      row.eachCell({ includeEmpty: true }, (cell, column) => {
        cells[column - 1] = textOf(cell);
      });
      out.push(Array.from(cells, (c) => c ?? ''));
    });
    return out;
  }
  const text = new TextDecoder().decode(bytes).replace(/^\uFEFF/, '');
  if (text.length > MOST_LETTERS || /[^\r\n]{20000}/.test(text))
    return 'lines below 20 000 letters, 2 million in all, are wanted';
  return Papa.parse<string[]>(text, { preview: MOST_ROWS + 1, skipEmptyLines: 'greedy' }).data;
}

const DATES: ReadonlySet<string> = new Set(REPLY_FIELDS.filter((f) => f.kind === 'date').map((f) => f.path));
const DAY_MS = 86_400_000;
/** Day 0 of a spreadsheet's calendar. */
const SHEET_START = Date.UTC(1899, 11, 30);

/** A date that a spreadsheet made a number of, as a date again; any other text as it is. */
const dateOf = (text: string): string =>
  /^\d{5}$/.test(text) ? new Date(SHEET_START + Number(text) * DAY_MS).toISOString().slice(0, 10) : text;

/** Text without the mark that keeps a spreadsheet from taking it for a formula. */
const bare = (text: string): string => text.replace(/^'(?=[=+\-@])/, '');

/**
 * Reads a reply sheet, a workbook or a CSV, row by row. Whether its values make a quote is for whoever reads the rows; here
 * only the sheet itself is refused: one without columns `key` and `value`.
 *
 * @param bytes of the file
 */
export async function readReplySheet(bytes: Uint8Array): Promise<ReplySheetRead> {
  const cells = await cellsOf(bytes);
  if (typeof cells === 'string') return none(`${bytes.length} bytes`, cells);
  const [heads = [], ...data] = cells;
  const at = (name: string): number => heads.findIndex((h) => h.trim().toLowerCase() === name);
  const [keyAt, valueAt] = [at('key'), at('value')];
  if (keyAt < 0 || valueAt < 0)
    return none(
      heads.join(', ').slice(0, 200),
      'a first row with columns key and value, as in the reply sheet, is wanted',
    );
  const rows = data
    .map((row) => ({ key: (row[keyAt] ?? '').trim(), value: bare((row[valueAt] ?? '').trim()) }))
    .map(({ key, value }) => ({ key, value: DATES.has(key) ? dateOf(value) : value }))
    .filter(({ key, value }) => key !== '' && value !== '');
  const line = rows.find((r) => r.key === LINE_KEY)?.value ?? null;
  const given = rows.filter((r) => r.key !== LINE_KEY);
  return {
    lineId: line,
    rows: given,
    issues: given.length === 0 ? [{ path: 'file', value: '', message: 'a value in at least one row is wanted' }] : [],
  };
}
