import ExcelJS from 'exceljs';
import { HyperFormula } from 'hyperformula';
import { describe, expect, test } from 'vitest';
import { demoBriefs } from '../src/server/demo/seed';
import { foundFigures } from '../src/server/record/found';
import { recordCsv } from '../src/server/record/record-csv';
import { recordSheet } from '../src/server/record/sheet';
import { recordWorkbook } from '../src/server/record/workbook';
import { sampleDecision } from '../src/server/testing/sample-decision';
import { lifetimeQuantity } from '../src/core/brief';

type Cells = (string | number | boolean | null)[][];

/** The sheets of a workbook as a calculator takes them: formulas with an equals sign, results left out. */
async function cellsOf(bytes: Uint8Array): Promise<Record<string, Cells>> {
  const book = new ExcelJS.Workbook();
  await book.xlsx.load(bytes.buffer as ArrayBuffer);
  return Object.fromEntries(
    book.worksheets.map((sheet) => {
      const cells: Cells = [];
      sheet.eachRow({ includeEmpty: true }, (row, r) => {
        const out: Cells[number] = (cells[r - 1] = []);
        row.eachCell({ includeEmpty: true }, (cell, c) => {
          const value = cell.value;
          if (value !== null && typeof value === 'object' && 'formula' in value) out[c - 1] = `=${value.formula}`;
          else if (typeof value === 'string') out[c - 1] = value.startsWith('=') ? `'${value}` : value;
          else out[c - 1] = typeof value === 'number' ? value : null;
        });
      });
      return [sheet.name, cells];
    }),
  );
}

const find = (cells: Cells, name: string): number => cells.findIndex((row) => row[0] === name);

describe('the workbook of a record, worked out by another program', () => {
  // A route of each kind: sand, shell, metal mould, pressure die, rubber.
  const kinds = [
    'Pier foot',
    'Tripod hinge lug',
    'Gear head body, sealed',
    'Hand controller shell',
    'Setting-scale knob',
  ];
  const briefs = demoBriefs().filter((b) => kinds.includes(b.title));
  test.each(briefs.map((b) => [b.title, b] as const))('%s: the same cents', async (_, brief) => {
    const quantity = lifetimeQuantity(brief) ?? 100;
    const sheet = recordSheet(sampleDecision(brief, quantity));
    if (sheet === null) throw new Error('not readable');
    const { money, dates } = sheet.lane;
    if (money === null || dates === null) throw new Error('no money');
    const cells = await cellsOf(await recordWorkbook(sheet));
    const engine = HyperFormula.buildFromSheets(cells, { licenseKey: 'gpl-v3', smartRounding: false });
    const read = (name: string, row: string): unknown => {
      const id = engine.getSheetId(name) ?? -1;
      return engine.getCellValue({ sheet: id, row: find(cells[name] ?? [], row), col: 1 });
    };
    const close = (got: unknown, wanted: number): void => expect(got).toBeCloseTo(wanted, 6);
    close(read('Decision', 'Total cost per part'), money.allIn);
    close(read('Decision', 'Total cost'), money.total);
    close(read('Decision', 'Tools over the programme'), money.tooling);
    close(read('Decision', 'First article'), dates.firstArticle_d);
    close(read('Cost lines', 'A part of a usual lot'), money.unit);
    close(read('Cost lines', 'Total cost per part'), money.allIn);
    // How its simulation was found: every figure there is worked out again from the symbols above it.
    const found = foundFigures(sheet);
    expect(found.length).toBeGreaterThan(3);
    const how = cells['How found'] ?? [];
    const sums = how.flatMap((row, i) => (String(row[2]).startsWith('=') ? [i] : []));
    const id = engine.getSheetId('How found') ?? -1;
    expect(sums).toHaveLength(found.length);
    sums.forEach((row, i) => {
      const { value } = found[i]!.working;
      const got = engine.getCellValue({ sheet: id, row, col: 2 }) as number;
      expect(Math.abs(got - value), found[i]?.working.title).toBeLessThanOrEqual(1e-6 * Math.max(1, Math.abs(value)));
    });
    engine.destroy();
  });

  test('a two-step plan: both steps, what they share, and the plan itself', async () => {
    const found = demoBriefs().find((b) => b.title.startsWith('Gear head'));
    if (found === undefined) throw new Error('no gear head');
    const brief = { ...found, plan: { first: 'gravity-die/hand', then: 'permanent-mould/tilt', pieces: 300 } };
    const decision = sampleDecision(brief, 18_000, { plan: true, laneId: 'permanent-mould/tilt' });
    const sheet = recordSheet(decision);
    const plan = decision.snapshot.plan;
    if (sheet === null || plan == null) throw new Error('not readable');
    const cells = await cellsOf(await recordWorkbook(sheet));
    const engine = HyperFormula.buildFromSheets(cells, { licenseKey: 'gpl-v3', smartRounding: false });
    const read = (name: string, row: number): unknown =>
      engine.getCellValue({ sheet: engine.getSheetId(name) ?? -1, row, col: 1 });
    const decided = (row: string): unknown => read('Decision', find(cells['Decision'] ?? [], row));
    expect(decided('Total cost per part')).toBeCloseTo(plan.allIn, 6);
    expect(decided('Total cost')).toBeCloseTo(plan.total, 6);
    expect(decided('First article')).toBeCloseTo(plan.firstArticle_d, 6);
    expect(decided('Last part')).toBeCloseTo(plan.lastPart_d, 6);
    // Each step is a block of its own, and the blocks come to the plan.
    const lines = cells['Cost lines'] ?? [];
    const steps = lines.flatMap((row, i) => (/^Total cost of/.test(String(row[0])) ? [i] : []));
    expect(steps).toHaveLength(2);
    const sums = steps.map((i) => read('Cost lines', i) as number);
    expect(sums[0]).toBeCloseTo(plan.steps[0]?.total ?? NaN, 6);
    expect((sums[0] ?? 0) + (sums[1] ?? 0) - plan.reused).toBeCloseTo(plan.total, 6);
    engine.destroy();
    const csv = recordCsv(sheet);
    expect(csv).toContain(`figures,total cost,${plan.total},USD`);
    expect(csv).toContain('"cost lines, gravity-die/hand","metal, less its return"');
  });

  test('a changed input moves what rests on it, and a text that looks like a formula stays a text', async () => {
    const brief = demoBriefs()[0];
    if (brief === undefined) throw new Error('no brief');
    const sheet = recordSheet(sampleDecision(brief, 400));
    if (sheet === null) throw new Error('not readable');
    const cells = await cellsOf(await recordWorkbook(sheet));
    expect(cells['Decision']?.flat()).toContain("'=Sand would do. (Bram, 5 Jan 2027)");
    const inputs = cells['Inputs'] ?? [];
    const engine = HyperFormula.buildFromSheets(cells, { licenseKey: 'gpl-v3', smartRounding: false });
    const at = (name: string, row: string) => ({
      sheet: engine.getSheetId(name) ?? -1,
      row: find(cells[name] ?? [], row),
      col: 1,
    });
    const before = engine.getCellValue(at('Decision', 'Total cost per part')) as number;
    const row = inputs.findIndex((r) => r[2] === 'USD/h' && typeof r[1] === 'number');
    engine.setCellContents({ sheet: engine.getSheetId('Inputs') ?? -1, row, col: 1 }, 3 * (inputs[row]?.[1] as number));
    expect(engine.getCellValue(at('Decision', 'Total cost per part'))).toBeGreaterThan(before + 0.01);
    engine.destroy();
  });
});
