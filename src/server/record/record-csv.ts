import Papa from 'papaparse';
import { LINE_IDS } from '@/core/cost';
import { LINE_WORDS } from '@/core/workings';
import { plain } from '../exchange/plain-cell';
import type { RecordSheet } from './sheet';
import { argumentLines, headLines } from './words';

/** The record as CSV: part, name, figure, unit; figures are full, not rounded for the screen. */
export function recordCsv(sheet: RecordSheet): string {
  const { decision, lane, currency } = sheet;
  const { evaluation, plan } = decision.frozen;
  const rows: (string | number | null)[][] = headLines(sheet).map(([name, text]) => ['record', name, plain(text), '']);
  const figure = (part: string, name: string, value: number | null, unit: string): void =>
    void rows.push([part, name, value, unit]);
  const { money, dates } = lane;
  if (money !== null && dates !== null) {
    figure('figures', 'all in', money.allIn, `${currency}/part`);
    figure('figures', 'programme', money.total, currency);
    figure('figures', 'tooling over the programme', money.tooling, currency);
    figure('figures', 'first article', dates.firstArticle_d, 'calendar days');
    figure('figures', 'last part', dates.lastPart_d, 'calendar days');
    for (const id of LINE_IDS) figure('cost lines', LINE_WORDS[id] ?? id, money.lines[id], `${currency}/part`);
    figure('cost lines', 'a part of a usual lot', money.unit, `${currency}/part`);
  }
  for (const step of plan?.steps ?? []) {
    figure('plan', `pieces on ${step.laneId}`, step.pieces, 'pieces');
    figure('plan', `money of ${step.laneId}`, step.total, currency);
  }
  for (const l of evaluation.lanes) {
    figure('comparison', `${l.id} all in`, l.allIn, `${currency}/part`);
    figure('comparison', `${l.id} first article`, l.firstArticle_days, 'calendar days');
    rows.push(['comparison', `${l.id} verdict`, l.status, '']);
  }
  for (const [title, lines] of argumentLines(sheet))
    lines.forEach((text, i) => rows.push([title.toLowerCase(), `${i + 1}`, plain(text), '']));
  return `${Papa.unparse({ fields: ['part', 'name', 'value', 'unit'], data: rows }, { newline: '\r\n' })}\r\n`;
}
