import type { Column } from '../../screening';

/** A column of the board: one of what is judged, the name of the lane before them, or the pin behind. */
export interface BoardColumnInfo {
  /** Also the name that keys, styles and tests find its cells by. */
  readonly id: BoardColumn | 'route' | 'pin';
  /** Head of the column; empty where only a reader of screens needs one. */
  readonly title: string;
  /** What its figure is of, small under the head. */
  readonly under: string;
  /** Figure whose working opens; null opens the reasons of the lane. */
  readonly figure: string | null;
  /** The smaller figure of the cell, or null. */
  readonly second: string | null;
  /** What the draws of the cell are of, or null. */
  readonly drawn: 'total' | 'allIn' | 'first' | null;
}

/** What every lane is judged by, in the order of the screen. */
export const COLUMNS = [
  'quantity',
  'tooling',
  'perPart',
  'leadTime',
  'alloy',
  'tolerance',
] as const satisfies readonly Column[];
export type BoardColumn = (typeof COLUMNS)[number];

const JUDGED: Readonly<Record<BoardColumn, Omit<BoardColumnInfo, 'id'>>> = {
  quantity: {
    title: 'Capacity',
    under: 'days for a year’s parts',
    figure: 'yearWorkdays',
    second: null,
    drawn: null,
  },
  tooling: { title: 'Tooling', under: 'whole programme', figure: 'tooling', second: null, drawn: 'total' },
  perPart: { title: 'Cost per part', under: 'total, tools included', figure: 'allIn', second: 'unit', drawn: 'allIn' },
  leadTime: { title: 'Lead time', under: 'first article', figure: 'firstArticle', second: 'lastPart', drawn: 'first' },
  alloy: { title: 'Alloy', under: 'environment, 5 best', figure: null, second: null, drawn: null },
  tolerance: { title: 'Tolerance', under: 'share of the tightest used', figure: null, second: null, drawn: null },
};

/**
 * The columns of the board as they stand from left to right: screen, keys and tests read them here.
 *
 * @example
 * BOARD_COLUMNS.map((c) => c.id).join(' ') // 'route quantity tooling perPart leadTime alloy tolerance pin'
 */
export const BOARD_COLUMNS: readonly BoardColumnInfo[] = [
  { id: 'route', title: 'Route', under: '', figure: 'allIn', second: null, drawn: null },
  ...COLUMNS.map((id) => ({ id, ...JUDGED[id] })),
  { id: 'pin', title: '', under: '', figure: null, second: null, drawn: null },
];

/**
 * Head of a judged column: cells name it where the heads are not shown.
 *
 * @example
 * columnTitle('perPart') // 'Cost per part'
 */
export const columnTitle = (id: BoardColumn): string => JUDGED[id].title;
