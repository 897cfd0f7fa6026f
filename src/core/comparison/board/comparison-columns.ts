import { LINE_IDS } from '../../cost';
import type { EvaluatedLane, Evaluation } from './evaluate';

/** A column of the comparison as a table: CSV, workbook and paper read it here. */
export interface ComparisonColumn {
  readonly id: string;
  /** Head with its unit, for tables of data. */
  readonly heading: (currency: string) => string;
  /** Shorter head for paper, or null where paper does not have the column. */
  readonly onPaper: ((currency: string) => string) | null;
  /** Whether the workbook has it. */
  readonly inWorkbook: boolean;
  readonly kind: 'text' | 'money' | 'days' | 'count';
  /** Full, not rounded: money in the evaluation's currency, times in calendar days; null where there is none. */
  readonly value: (lane: EvaluatedLane, of: Evaluation) => string | number | null;
}

/** The finding that decides a lane's verdict. */
const deciding = (lane: EvaluatedLane) => lane.findings.find((f) => f.status === lane.status && f.status !== 'fits');

/**
 * Why a lane stands as it does: why it has no money, or the first reason of its verdict; empty where it fits.
 *
 * @example
 * reasonOf({ uncosted: null, findings: [], status: 'fits' }) // ''
 */
export const reasonOf = (lane: EvaluatedLane): string => lane.uncosted ?? deciding(lane)?.reason ?? '';

const money = (
  id: string,
  words: string,
  value: ComparisonColumn['value'],
  more: Partial<ComparisonColumn> = {},
): ComparisonColumn => ({
  id,
  heading: (currency) => `${words} (${currency})`,
  onPaper: null,
  inWorkbook: false,
  kind: 'money',
  value,
  ...more,
});

const onlyCsv = { onPaper: null, inWorkbook: false } as const;

/** A lane's share of the tools, a part. */
const toolingShare = (lane: EvaluatedLane, of: Evaluation): number | null =>
  lane.tooling === null ? null : lane.tooling / of.quantity;

/** The columns of the comparison, from left to right. */
export const COMPARISON_COLUMNS: readonly ComparisonColumn[] = [
  { id: 'lane', heading: () => 'lane', ...onlyCsv, kind: 'text', value: (l) => l.id },
  { id: 'name', heading: () => 'name', onPaper: null, inWorkbook: true, kind: 'text', value: (l) => l.name },
  { id: 'verdict', heading: () => 'verdict', onPaper: null, inWorkbook: true, kind: 'text', value: (l) => l.status },
  money('tooling', 'tooling over the programme', (l) => l.tooling, {
    inWorkbook: true,
    onPaper: (c) => `tooling, ${c}`,
  }),
  money('unit', 'part price of a usual lot', (l) => l.unit),
  money('allIn', 'total cost per part', (l) => l.allIn, { inWorkbook: true, onPaper: (c) => `total, ${c} per part` }),
  money('total', 'total', (l) => l.total, { inWorkbook: true }),
  {
    id: 'firstArticle',
    heading: () => 'first article (calendar days)',
    onPaper: () => 'first article, weeks',
    inWorkbook: true,
    kind: 'days',
    value: (l) => l.firstArticle_days,
  },
  {
    id: 'lastPart',
    heading: () => 'last part (calendar days)',
    onPaper: () => 'last part, weeks',
    inWorkbook: true,
    kind: 'days',
    value: (l) => l.lastPart_days,
  },
  { id: 'positions', heading: () => 'positions per pour', ...onlyCsv, kind: 'count', value: (l) => l.positions },
  ...LINE_IDS.map((id): ComparisonColumn => ({
    id: `line.${id}`,
    heading: (c) => `line ${id} (${c}/part)`,
    ...onlyCsv,
    kind: 'money',
    value: (l) => l.lines[id] ?? null,
  })),
  {
    id: 'line.firstLots',
    heading: (c) => `line first lots and remainder (${c}/part)`,
    ...onlyCsv,
    kind: 'money',
    value: (l, of) =>
      l.allIn === null || l.unit === null || l.tooling === null ? null : l.allIn - l.unit - l.tooling / of.quantity,
  },
  {
    id: 'line.tooling',
    heading: (c) => `line tooling share (${c}/part)`,
    ...onlyCsv,
    kind: 'money',
    value: toolingShare,
  },
  { id: 'reason', heading: () => 'first reason', onPaper: null, inWorkbook: true, kind: 'text', value: reasonOf },
  {
    id: 'fix',
    heading: () => 'nearest fix',
    ...onlyCsv,
    kind: 'text',
    value: (l) => deciding(l)?.fixes[0] ?? '',
  },
  { id: 'foundry', heading: () => 'foundry', ...onlyCsv, kind: 'text', value: (l) => l.foundry ?? null },
];
