import Papa from 'papaparse';
import { COMPARISON_COLUMNS, type Evaluation } from '@/core/comparison/board';
import { plain } from './plain-cell';

/** The comparison as CSV: a row a lane, units in the head; figures are full, not rounded for the screen. */
export function comparisonCsv(e: Evaluation): string {
  const fields = COMPARISON_COLUMNS.map((column) => column.heading(e.currency));
  const data = e.lanes.map((lane) =>
    COMPARISON_COLUMNS.map(({ value }) => {
      const cell = value(lane, e);
      return typeof cell === 'string' ? plain(cell) : cell;
    }),
  );
  const head = `# quantity ${e.quantity} pieces, school ${e.school}, rates ${e.rates}, core ${e.coreVersion}`;
  return `${Papa.unparse({ fields, data: [[head], ...data] }, { newline: '\r\n' })}\r\n`;
}
