import ExcelJS from 'exceljs';
import { describe, expect, test } from 'vitest';
import { normaliseQuote, QUOTE_SCHEMA, readReply, type Quote } from '@/core/quotes';
import { askedOf } from '@/core/comparison/quotes';
import { briefOf } from '@/core/testing/demo-briefs';
import { DEMO_QUOTES, DEMO_QUOTE_SETTING } from '../demo/quotes.data';
import { QUILLMERE_PARTS } from '../demo/quillmere.data';
import { replySheetBook } from '../record';
import { LINE_KEY, readReplySheet, replyCsv, type ReplySheetOf } from './reply-sheet';

const LINE = '3f2c9a04-2c1f-4f0e-9a0e-0c7b6f1d2e3a';
const empty: ReplySheetOf = {
  ...{ lineId: LINE, title: 'Hub', foundry: 'Foundry A', route: 'Green sand, match plate' },
  filled: { alloy: 'al-a356', 'scope.1.line': 'casting' },
};
const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);
const of = ({ id, foundryId, route, variant }: Quote) => ({ id, foundryId, route, variant });
const sent = (quote: Quote): Quote => QUOTE_SCHEMA.parse(JSON.parse(JSON.stringify(quote)));

describe('a reply sheet as a file', () => {
  test.each(['csv', 'xlsx'] as const)('as %s carries every demo quote there and back, to the cent', async (form) => {
    for (const { part, quote, fills } of DEMO_QUOTES) {
      const sheet = { ...empty, filled: {}, quote };
      const bytes = form === 'csv' ? bytesOf(replyCsv(sheet)) : await replySheetBook(sheet);
      const read = await readReplySheet(bytes);
      expect(read).toMatchObject({ lineId: LINE, issues: [] });
      const again = readReply(read.rows, of(quote));
      expect(again.issues, quote.id).toEqual([]);
      expect(again.quote, quote.id).toEqual(sent(quote));
      const brief = briefOf(QUILLMERE_PARTS.find((p) => p['id'] === part) ?? {});
      const figures = (q: Quote) => normaliseQuote(q, askedOf(brief), DEMO_QUOTE_SETTING, fills).price;
      expect(again.quote === null ? null : figures(again.quote)).toEqual(figures(quote));
    }
  });

  test('that is empty has its rows, what was filled in before it went out, and the choices of each', async () => {
    const read = await readReplySheet(await replySheetBook(empty));
    expect(read.rows).toEqual([
      { key: 'alloy', value: 'al-a356' },
      { key: 'scope.1.line', value: 'casting' },
    ]);
    const book = new ExcelJS.Workbook();
    await book.xlsx.load((await replySheetBook(empty)).slice().buffer);
    const choices: Record<string, unknown> = {};
    book.worksheets[0]?.eachRow((row) => {
      const cell = row.getCell(3);
      if (cell.dataValidation?.type === 'list') choices[row.getCell(1).text] = cell.dataValidation.formulae[0];
    });
    expect(choices['unit']).toBe('"each,hundred,kg,lb"');
    expect(choices['scope.1.status']).toBe('"included,excluded,extra"');
    expect(choices['tooling.dropsAfter']).toBe('"yes,no"');
  });

  test('filled in by a spreadsheet, with dates and numbers for texts, reads as it was meant', async () => {
    const book = new ExcelJS.Workbook();
    await book.xlsx.load((await replySheetBook(empty)).slice().buffer);
    const put = (key: string, value: ExcelJS.CellValue): void =>
      book.worksheets[0]?.eachRow((row) => {
        if (row.getCell(1).text === key) row.getCell(3).value = value;
      });
    put('date', new Date(Date.UTC(2027, 0, 18)));
    put('validDays', 60);
    put('incomingBad', 2.5);
    put('tooling.first', 0.1 + 0.2);
    put('remarks', { richText: [{ text: 'as ' }, { text: 'agreed' }] });
    const read = await readReplySheet(new Uint8Array(await book.xlsx.writeBuffer()));
    const value = (key: string): string | undefined => read.rows.find((r) => r.key === key)?.value;
    expect([value('date'), value('validDays'), value('incomingBad')]).toEqual(['2027-01-18', '60', '2.5']);
    expect([value('tooling.first'), value('remarks')]).toEqual(['0.3', 'as agreed']);
  });

  test('keeps what a spreadsheet would take for a formula, and reads it back', async () => {
    const quote: Quote = { ...(DEMO_QUOTES[0] as { quote: Quote }).quote, remarks: '=1+1' };
    const csv = replyCsv({ ...empty, filled: {}, quote });
    expect(csv).toContain("'=1+1");
    const read = await readReplySheet(bytesOf(csv));
    expect(read.rows.find((r) => r.key === 'remarks')?.value).toBe('=1+1');
  });

  test.each<[string, Uint8Array, RegExp]>([
    ['a picture', new Uint8Array([0x89, 0x50, 0x4e, 0x47, 1, 2, 3]), /columns key and value/],
    ['a workbook cut off', new Uint8Array([0x50, 0x4b, 3, 4, 0, 0, 0]), /cannot be opened/],
    ['another table', bytesOf('name,price\nA,3\n'), /columns key and value/],
    ['a sheet without a value', bytesOf('key,value\ndate,\n'), /at least one row/],
    ['a line without end', bytesOf(`key,value\n${'x'.repeat(30_000)}`), /20 000 letters/],
    ['nothing', new Uint8Array(), /columns key and value/],
  ])('%s is refused in words', async (_, bytes, message) => {
    const read = await readReplySheet(bytes);
    expect(read.rows).toEqual([]);
    expect(read.issues[0]?.message).toMatch(message);
  });

  test('names the request it answers in a row of its own', async () => {
    expect(replyCsv(empty)).toContain(`${LINE_KEY},Request,${LINE}`);
    expect((await readReplySheet(bytesOf('key,value\nunit,each\n'))).lineId).toBeNull();
  });
});
