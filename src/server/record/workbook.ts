import ExcelJS, { type Workbook, type Worksheet } from 'exceljs';
import { LINE_IDS } from '@/core/cost';
import { sentence } from '@/core/simulation';
import { shortName } from '@/core/catalogue/routes';
import { LINE_WORDS } from '@/core/cost/equations';
import { placeOf, workingTree, type PlacedWorking, type WorkingSymbol } from '@/core/equations';
import { COMPARISON_COLUMNS } from '@/core/comparison/board';
import { addBlock, HEAD, headRow, put, WORKING_COLUMNS, WORKING_WIDTHS } from './blocks';
import { addFound } from './found-sheet';
import { partsOf, signedId, type RecordSheet } from './sheet';
import { argumentLines, headLines } from './words';

const INPUT_FILL = { type: 'pattern', pattern: 'solid', fgColor: { argb: 'FFFFF4CC' } } as const;
const MONEY = '#,##0.00';

/** Figures of what was signed that the workbook works out, with all they rest on. */
const SIGNED = ['allIn', 'total', 'tooling', 'firstArticle', 'lastPart'] as const;
/** Figures of what is poured. */
const POURED = ['allIn', 'unit', 'total', 'tooling', ...LINE_IDS.map((id) => `line.${id}`)] as const;

/** Where each figure and each input stands in the book. */
interface Places {
  readonly figures: Map<string, string>;
  readonly inputs: Map<string, string>;
}

/**
 * The record as a workbook with live formulas: every figure of the chosen lane is worked out from the sheet of inputs
 * as the core works it out. Choices that hang on the figures (positions in a pour, number of lots) stay as they were.
 */
export async function recordWorkbook(sheet: RecordSheet): Promise<Uint8Array> {
  const book = new ExcelJS.Workbook();
  book.creator = 'Nine Pours';
  book.created = new Date(sheet.decision.createdAt);
  book.calcProperties.fullCalcOnLoad = true;
  const tree = workingTree(
    (id, figure) => sheet.workings.working(id, figure),
    [
      ...SIGNED.map((figure) => [signedId(sheet), figure] as const),
      ...partsOf(sheet).flatMap((id) => POURED.map((figure) => [id, figure] as const)),
    ],
  );
  const first = book.addWorksheet('Decision');
  const lines = book.addWorksheet('Cost lines');
  const inputs = book.addWorksheet('Inputs');
  const workings = book.addWorksheet('Workings');
  const places: Places = { figures: new Map(), inputs: new Map() };
  addInputs(inputs, tree, places);
  addWorkings(workings, tree, places);
  addDecision(first, sheet, places);
  addLines(lines, sheet, places);
  addComparison(book, sheet);
  addFound(book, sheet);
  return new Uint8Array(await book.xlsx.writeBuffer());
}

/**
 * An input is one figure from outside: the same path with the same value is one cell. What is chosen for a lane, and
 * what its route is capable of, is that lane's own.
 */
const inputKey = (s: WorkingSymbol, laneId: string): string =>
  `${s.path === null || s.source === 'route' ? laneId : ''} ${s.source} ${s.path ?? s.meaning} ${s.unit} ${s.value}`;

function addInputs(sheet: Worksheet, tree: readonly PlacedWorking[], places: Places): void {
  sheet.addRow([
    'Every figure from outside that the sums rest on. Change a figure in the yellow column and all moves; positions per pour and the lots of the programme stay as they were chosen.',
  ]);
  headRow(
    sheet,
    ['Figure', 'Used', 'Unit', 'Low', 'High', 'From', 'Basis', 'Kept under'],
    [52, 14, 16, 10, 10, 10, 12, 46],
  );
  sheet.views = [{ state: 'frozen', ySplit: 2 }];
  const several = new Set(tree.map((t) => t.laneId)).size > 1;
  for (const { working, laneId } of tree)
    for (const s of working.symbols) {
      if (s.opens !== null || places.inputs.has(inputKey(s, laneId))) continue;
      const whose = several && (s.path === null || s.source === 'route') ? `, ${shortName(laneId)}` : '';
      const row = sheet.addRow([
        `${s.meaning}${whose}`,
        s.value,
        s.unit,
        s.range?.[0] ?? null,
        s.range?.[1] ?? null,
        s.source,
        s.basis ?? '',
        s.path ?? '',
      ]);
      row.getCell(2).fill = INPUT_FILL;
      places.inputs.set(inputKey(s, laneId), `Inputs!$B$${row.number}`);
    }
}

function addWorkings(sheet: Worksheet, tree: readonly PlacedWorking[], places: Places): void {
  sheet.addRow([
    'Every figure with its equation, its symbols and where they come from; what a figure rests on stands above it.',
  ]);
  headRow(sheet, WORKING_COLUMNS, WORKING_WIDTHS);
  sheet.views = [{ state: 'frozen', ySplit: 2 }];
  const several = new Set(tree.map((t) => t.laneId)).size > 1;
  for (const { laneId, working } of tree) {
    sheet.addRow([]);
    const sum = addBlock(sheet, `${working.title}${several ? `, ${shortName(laneId)}` : ''}`, working, (s) =>
      s.opens === null
        ? places.inputs.get(inputKey(s, laneId))
        : places.figures.get(placeOf(s.opensLane ?? laneId, s.opens)),
    );
    places.figures.set(placeOf(laneId, working.figure), `Workings!$C$${sum}`);
  }
}

function addDecision(sheet: Worksheet, record: RecordSheet, places: Places): void {
  const { currency, workings } = record;
  const id = signedId(record);
  sheet.getColumn(1).width = 26;
  sheet.getColumn(2).width = 18;
  sheet.getColumn(3).width = 14;
  sheet.getColumn(4).width = 90;
  const figure = (name: string, of: string, unit: string, format: string): void => {
    const row = sheet.addRow([name, null, unit]);
    put(row.getCell(2), places.figures.get(placeOf(id, of)) ?? null, workings.working(id, of).value, format);
  };
  for (const [name, text] of headLines(record)) {
    const row = sheet.addRow([name, text]);
    row.getCell(1).font = HEAD;
  }
  sheet.addRow([]);
  sheet.addRow([`${sentence(shortName(id))}: the figures that carry it`]).font = HEAD;
  figure('Total cost per part', 'allIn', `${currency}/part`, MONEY);
  figure('Total cost', 'total', currency, MONEY);
  figure('Tools over the programme', 'tooling', currency, MONEY);
  figure('First article', 'firstArticle', 'days', '0.0');
  figure('Last part', 'lastPart', 'days', '0.0');
  for (const [title, list] of argumentLines(record)) {
    sheet.addRow([]);
    sheet.addRow([title]).font = HEAD;
    for (const text of list) sheet.addRow([null, text]);
  }
}

function addLines(sheet: Worksheet, record: RecordSheet, places: Places): void {
  const parts = partsOf(record);
  headRow(sheet, ['Cost line', `${record.currency}/part`], [44, 16]);
  for (const id of parts) {
    if (parts.length > 1) {
      sheet.addRow([]);
      const { laneId, q } = record.workings.place(id);
      sheet.addRow([`${sentence(shortName(id))}: ${q} pieces on ${shortName(laneId)}`]).font = HEAD;
    }
    addLinesOf(sheet, record, id, places);
  }
}

/** Cost lines of one lane or step, and how they come to its programme. */
function addLinesOf(sheet: Worksheet, { workings, currency }: RecordSheet, id: string, places: Places): void {
  const at = (figure: string): string => places.figures.get(placeOf(id, figure)) ?? '0';
  const value = (figure: string): number => workings.working(id, figure).value;
  const row = (name: string, formula: string, result: number): number => {
    const added = sheet.addRow([name, null]);
    put(added.getCell(2), formula, result, MONEY);
    return added.number;
  };
  const from = sheet.rowCount + 1;
  for (const line of LINE_IDS) row(LINE_WORDS[line] ?? line, at(`line.${line}`), value(`line.${line}`));
  const last = sheet.rowCount;
  const { q } = workings.place(id);
  const [unit_, tools, allIn] = ['unit', 'tooling', 'allIn'].map(value) as [number, number, number];
  const unit = row('A part of a usual lot', `SUM(B${from}:B${last})`, unit_);
  sheet.getCell(`A${unit}`).font = HEAD;
  const share = row('Tooling share', `${at('tooling')}/${q}`, tools / q);
  const rest = row('First lots and remainder', `${at('allIn')}-B${unit}-B${share}`, allIn - unit_ - tools / q);
  const all = row('Total cost per part', `B${unit}+B${share}+B${rest}`, allIn);
  sheet.getCell(`A${all}`).font = HEAD;
  row(`Total cost of ${q} pieces, ${currency}`, `B${all}*${q}`, value('total'));
}

const WIDTH_OF = { text: 18, money: 16, days: 18, count: 12 } as const;
const WIDE: Readonly<Record<string, number>> = { name: 44, reason: 80 };
const FORMAT_OF = { text: undefined, money: MONEY, days: '0.0', count: '0' } as const;

function addComparison(book: Workbook, { decision }: RecordSheet): void {
  const sheet = book.addWorksheet('Comparison');
  const { evaluation } = decision.snapshot;
  const columns = COMPARISON_COLUMNS.filter((c) => c.inWorkbook);
  headRow(
    sheet,
    columns.map((c) => c.heading(evaluation.currency).replace(/^./, (x) => x.toUpperCase())),
    columns.map((c) => WIDE[c.id] ?? WIDTH_OF[c.kind]),
  );
  for (const lane of evaluation.lanes) {
    const row = sheet.addRow(columns.map((c) => c.value(lane, evaluation)));
    columns.forEach((c, i) => {
      const format = FORMAT_OF[c.kind];
      if (format !== undefined) row.getCell(i + 1).numFmt = format;
    });
  }
}
