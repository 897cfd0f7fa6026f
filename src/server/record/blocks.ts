import type { Cell, Worksheet } from 'exceljs';
import type { Working, WorkingSymbol } from '@/core/equations';
import { sheetFormula } from './formula';

/** How headings look. */
export const HEAD = { bold: true } as const;
const SUM = { top: { style: 'thin' } } as const;
const ANY = 'General';
/** Columns of a sheet of workings. */
export const WORKING_COLUMNS = ['', 'Figure or symbol', 'Value', 'Unit', 'Meaning', 'From'];
export const WORKING_WIDTHS = [4, 24, 16, 16, 64, 12];

/** Titles over columns, with their widths. */
export function headRow(sheet: Worksheet, titles: readonly string[], widths: readonly number[]): void {
  const row = sheet.addRow([...titles]);
  row.font = HEAD;
  widths.forEach((width, i) => (sheet.getColumn(i + 1).width = width));
}

/** A cell that works its value out; what it came to here stands in it until it is worked out again. */
export function put(cell: Cell, formula: string | null, result: number, format: string): void {
  cell.value = formula === null ? result : { formula, result };
  cell.numFmt = format;
}

/** A working as rows: its equation, its symbols, the figure. @returns the row of the figure */
export function addBlock(
  sheet: Worksheet,
  heading: string,
  working: Working,
  from: (s: WorkingSymbol) => string | undefined,
): number {
  const title = sheet.addRow([heading, null, null, null, `${working.equation}: ${working.expression}`]);
  title.font = HEAD;
  const cells = new Map<string, string>();
  for (const s of working.symbols) {
    const row = sheet.addRow([null, s.symbol, null, s.unit, s.meaning, s.source]);
    put(row.getCell(3), from(s) ?? null, s.value, ANY);
    cells.set(s.symbol, `$C$${row.number}`);
  }
  const sum = sheet.addRow([null, working.figure, null, working.unit]);
  put(
    sum.getCell(3),
    sheetFormula(working.expression, (name) => cells.get(name) ?? '#NAME?'),
    working.value,
    ANY,
  );
  sum.getCell(3).border = SUM;
  sum.font = HEAD;
  return sum.number;
}
