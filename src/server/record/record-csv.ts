import Papa from 'papaparse';
import { LINE_IDS } from '@/core/cost';
import { LINE_WORDS } from '@/core/cost/equations';
import { plain } from '../exchange/plain-cell';
import { foundFigures } from './found';
import { partsOf, signedId, type RecordSheet } from './sheet';
import { argumentLines, headLines } from './words';

/** The record as CSV: part, name, figure, unit; figures are full, not rounded for the screen. */
export function recordCsv(sheet: RecordSheet): string {
  const { decision, currency, workings } = sheet;
  const { evaluation } = decision.snapshot;
  const rows: (string | number | null)[][] = headLines(sheet).map(([name, text]) => ['record', name, plain(text), '']);
  const figure = (part: string, name: string, value: number | null, unit: string): void =>
    void rows.push([part, name, value, unit]);
  const id = signedId(sheet);
  const value = (of: string, name: string): number => workings.working(of, name).value;
  figure('figures', 'total cost per part', value(id, 'allIn'), `${currency}/part`);
  figure('figures', 'total cost', value(id, 'total'), currency);
  figure('figures', 'tooling over the programme', value(id, 'tooling'), currency);
  figure('figures', 'first article', value(id, 'firstArticle'), 'calendar days');
  figure('figures', 'last part', value(id, 'lastPart'), 'calendar days');
  const parts = partsOf(sheet);
  for (const part of parts) {
    const { laneId, q } = workings.place(part);
    const of = parts.length > 1 ? `, ${laneId}` : '';
    if (parts.length > 1) {
      figure('plan', `pieces on ${laneId}`, q, 'pieces');
      figure('plan', `money of ${laneId}`, value(part, 'total'), currency);
    }
    for (const line of LINE_IDS)
      figure(`cost lines${of}`, LINE_WORDS[line] ?? line, value(part, `line.${line}`), `${currency}/part`);
    figure(`cost lines${of}`, 'a part of a usual lot', value(part, 'unit'), `${currency}/part`);
  }
  for (const l of evaluation.lanes) {
    figure('comparison', `${l.id} total cost per part`, l.allIn, `${currency}/part`);
    figure('comparison', `${l.id} first article`, l.firstArticle_days, 'calendar days');
    rows.push(['comparison', `${l.id} verdict`, l.status, '']);
  }
  for (const [title, lines] of argumentLines(sheet))
    lines.forEach((text, i) => rows.push([title.toLowerCase(), `${i + 1}`, plain(text), '']));
  foundFigures(sheet).forEach(({ working }, i) => {
    const part = `how found ${i + 1}`;
    rows.push([part, plain(working.title), working.value, working.unit]);
    for (const s of working.symbols) rows.push([part, plain(`${s.symbol}: ${s.meaning}`), s.value, s.unit]);
  });
  return `${Papa.unparse({ fields: ['part', 'name', 'value', 'unit'], data: rows }, { newline: '\r\n' })}\r\n`;
}
