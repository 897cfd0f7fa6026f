import ExcelJS from 'exceljs';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { ALLOYS } from '@/core/catalogue/alloys';
import { screenParts, type BoughtPart } from '@/core/comparison/parts-list';
import { SHIPPED_RATES } from '@/core/rates';
import { BOUGHT_PARTS } from '../demo/bought-parts.data';
import { partsCsv, readPartsSheet } from '.';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const byId = (a: BoughtPart, b: BoughtPart): number => a.id.localeCompare(b.id);

describe('a sheet of bought parts', () => {
  test('that was written is read again to the letter', async () => {
    const csv = partsCsv(screenParts(BOUGHT_PARTS, SHIPPED_RATES), 'USD');
    const read = await readPartsSheet(bytes(csv), ALLOYS);
    expect(read.issues).toEqual([]);
    expect(read.parts.toSorted(byId)).toEqual([...BOUGHT_PARTS].sort(byId));
  });

  test('finds its columns by other heads, in any order, and alloys by designation; a workbook too', async () => {
    const heads = ['Qty', 'Description', 'Item', 'Grade', 'Stock', 'Diameter [mm]', 'y', 'Thickness_mm', 'Weight (kg)', 'Price', 'Process']; // prettier-ignore
    const line = ['1,200', 'knob', 'K-7', 'en 12844 zp3 / zp0400 (ingot en 1774 zl0400)', 'Bar', '42', '42', '22,5', '0.05', '$6.40', 'Turned']; // prettier-ignore
    const wanted = {
      ...{ id: 'K-7', name: 'knob', material: 'zn-alloy-3', form: 'bar', stock_mm: [42, 42, 22.5], way: 'turned' },
      ...{ finished_kg: 0.05, today_USD: 6.4, perYear: 1200, pieces: 1, toothed: false, guessed: [] },
    };
    const csv = [heads, line].map((row) => row.map((cell) => `"${cell}"`).join(';')).join('\n');
    expect(await readPartsSheet(bytes(`\uFEFF${csv}`), ALLOYS)).toEqual({ parts: [wanted], issues: [] });
    const book = new ExcelJS.Workbook();
    const sheet = book.addWorksheet('ledger');
    sheet.addRow(heads);
    sheet.addRow([1200, ...line.slice(1, 5), 42, { formula: 'F2', result: 42 }, 22.5, 0.05, 6.4, 'Turned']);
    const file = new Uint8Array(await book.xlsx.writeBuffer());
    expect(await readPartsSheet(file, ALLOYS)).toEqual({ parts: [wanted], issues: [] });
  });

  test('names what is wrong by line, column and value, and reads the right lines all the same', async () => {
    const csv = partsCsv(screenParts(BOUGHT_PARTS, SHIPPED_RATES), 'USD').split('\r\n');
    const broken = [
      csv[0],
      (csv[1] ?? '').replace(/plate,240/, 'cheese,240'),
      csv[2],
      'x,y,unobtainium,bar,1,2,three,1,1,1,milled',
    ];
    const read = await readPartsSheet(bytes(broken.join('\r\n')), ALLOYS);
    expect(read.parts).toHaveLength(1);
    expect(read.issues).toContainEqual({
      path: 'line 2, form',
      value: 'cheese',
      message: 'one of bar, plate, tube is wanted',
    });
    expect(read.issues).toContainEqual({ path: 'line 4, height mm', value: 'three', message: 'a number is wanted' });
  });

  test('without what a part needs says which columns are wanted', async () => {
    const read = await readPartsSheet(bytes('name,alloy\nx,y'), ALLOYS);
    expect(read.parts).toEqual([]);
    expect(read.issues[0]?.message).toContain('part no, form, length mm');
  });

  test('whatever it is, comes to parts and issues and never to an error', async () => {
    await fc.assert(
      fc.asyncProperty(fc.uint8Array({ maxLength: 400 }), async (raw) => {
        const read = await readPartsSheet(raw, ALLOYS);
        expect(read.parts.length + read.issues.length).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
    const zip = await readPartsSheet(new Uint8Array([0x50, 0x4b, 3, 4, 0, 0]), ALLOYS);
    expect(zip.issues[0]?.message).toContain('workbook');
  });
});
