import type { KeyboardEvent } from 'react';
import { BOARD_COLUMNS, type BoardColumnInfo, type BoardLane } from '@/core/comparison/board';
import type { LaneActs } from './lane-acts';

/** What the keys of the board do. */
export interface BoardActs extends LaneActs {
  readonly lanes: readonly BoardLane[];
}

const COLUMN = new Map<string, BoardColumnInfo>(BOARD_COLUMNS.map((c) => [c.id, c]));
const place = (cell: HTMLElement): number => BOARD_COLUMNS.findIndex((c) => c.id === cell.dataset['column']);

/** Arrow keys walk lanes and cells; w opens a working, h how sure it is, y the reasons, p pins, v shows variants. */
export function walk(event: KeyboardEvent<HTMLElement>, acts: BoardActs): void {
  const cell = (event.target as HTMLElement).closest<HTMLElement>('[role=gridcell]');
  const row = cell?.closest<HTMLElement>('[role=row]');
  if (cell == null || row == null || event.ctrlKey || event.metaKey || event.altKey) return;
  const column = COLUMN.get(cell.dataset['column'] ?? '');
  const at = place(cell);
  const laneId = row.dataset['lane'] ?? '';
  const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[role=row]')].filter((r) =>
    r.querySelector('[data-column]'),
  );
  const line = rows.indexOf(row);
  const focus = (r: HTMLElement | undefined, c: number): void => {
    const cells = [...(r?.querySelectorAll<HTMLElement>('[data-column]') ?? [])];
    (cells.find((x) => place(x) === c) ?? cells.filter((x) => place(x) <= c).at(-1))?.focus();
  };
  const go: Record<string, () => void> = {
    ArrowDown: () => focus(rows[line + 1], at),
    ArrowUp: () => focus(rows[line - 1], at),
    ArrowRight: () => focus(row, at + 1),
    ArrowLeft: () => focus(row, Math.max(0, at - 1)),
    y: () => acts.onOpen(laneId, null),
    p: () => acts.onPin(laneId),
    v: () => acts.onExpand(laneId.split('/')[0] ?? ''),
    h: () => {
      if (column?.drawn != null) acts.onSpread(laneId, column.drawn);
    },
    w: () => open(false),
    W: () => open(true),
    Enter: () => open(event.shiftKey),
  };
  const open = (second: boolean): void => {
    const lane = acts.lanes.find((l) => l.id === laneId);
    const figure = (second ? column?.second : null) ?? column?.figure ?? null;
    if (lane !== undefined && (lane.money === null || figure === null)) acts.onOpen(laneId, null);
    else if (figure !== null) acts.onOpen(laneId, figure);
  };
  const act = go[event.key];
  if (act === undefined || (event.key === 'Enter' && event.target !== cell)) return;
  event.preventDefault();
  act();
}

/** Keeps one cell of the grid in the tab order: the one last used. */
export function rove(event: { currentTarget: HTMLElement; target: EventTarget }): void {
  const cell = (event.target as HTMLElement).closest<HTMLElement>('[role=gridcell]');
  if (cell === null) return;
  for (const other of event.currentTarget.querySelectorAll<HTMLElement>('[role=gridcell][tabindex="0"]'))
    other.tabIndex = -1;
  cell.tabIndex = 0;
}
