import Papa from 'papaparse';
import type { Evaluation } from '@/core/comparison/board';
import { LINE_IDS } from '@/core/cost';
import { plain } from './plain-cell';

/** The comparison as CSV: a row a lane, units in the head; figures are full, not rounded for the screen. */
export function comparisonCsv(e: Evaluation): string {
  const money = e.currency;
  const fields = [
    'lane',
    'name',
    'verdict',
    `tooling over the programme (${money})`,
    `part price of a usual lot (${money})`,
    `all in a part (${money})`,
    `total (${money})`,
    'first article (calendar days)',
    'last part (calendar days)',
    'positions a pour',
    ...LINE_IDS.map((id) => `line ${id} (${money}/part)`),
    `line first lots and remainder (${money}/part)`,
    `line tooling share (${money}/part)`,
    'first reason',
    'nearest repair',
  ];
  const data = e.lanes.map((lane) => {
    const first = lane.findings.find((f) => f.status === lane.status && f.status !== 'fits');
    return [
      lane.id,
      plain(lane.name),
      lane.status,
      lane.tooling,
      lane.unit,
      lane.allIn,
      lane.total,
      lane.firstArticle_days,
      lane.lastPart_days,
      lane.positions,
      ...LINE_IDS.map((id) => lane.lines[id] ?? null),
      lane.allIn === null || lane.unit === null || lane.tooling === null
        ? null
        : lane.allIn - lane.unit - lane.tooling / e.quantity,
      lane.tooling === null ? null : lane.tooling / e.quantity,
      plain(lane.uncosted ?? first?.reason ?? ''),
      plain(first?.fixes[0] ?? ''),
    ];
  });
  return `${Papa.unparse({ fields, data: [[`# quantity ${e.quantity} pieces, school ${e.school}, rates ${e.rates}, core ${e.coreVersion}`], ...data] }, { newline: '\r\n' })}\r\n`;
}
