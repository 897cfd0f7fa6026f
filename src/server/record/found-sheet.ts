import type { Workbook } from 'exceljs';
import { addBlock, headRow, WORKING_COLUMNS, WORKING_WIDTHS } from './blocks';
import { foundFigures } from './found';
import type { RecordSheet } from './sheet';

/** How the figures of its simulation were found: draws counted, and both programmes where they change places. */
export function addFound(book: Workbook, record: RecordSheet): void {
  const found = foundFigures(record);
  if (found.length === 0) return;
  const sheet = book.addWorksheet('How found');
  sheet.addRow([
    'What the simulations say, and where another would take its place. The draws and the searches themselves are not in this book: their results stand as figures.',
  ]);
  headRow(sheet, WORKING_COLUMNS, WORKING_WIDTHS);
  sheet.views = [{ state: 'frozen', ySplit: 2 }];
  let before = '';
  for (const { sentence: words, working } of found) {
    sheet.addRow([]);
    if (words !== before) sheet.addRow([words]);
    before = words;
    addBlock(sheet, working.title, working, () => undefined);
    if (working.note !== null) sheet.addRow([null, null, null, null, working.note]);
  }
}
