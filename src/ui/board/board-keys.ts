import type { KeyboardEvent } from 'react';
import type { BoardLane } from '@/core/comparison/board';
import type { DrawnFigure } from '@/core/simulation';
import type { LaneActs } from './lane-row';

/** What the keys of the board do. */
export interface BoardActs extends LaneActs {
  readonly lanes: readonly BoardLane[];
}

const FIGURE_OF_COLUMN: Readonly<Record<string, string>> = {
  '0': 'allIn',
  '1': 'yearWorkdays',
  '2': 'tooling',
  '3': 'allIn',
  '4': 'firstArticle',
};

/** The smaller figure of a cell, opened with Shift. */
const SECOND_FIGURE: Readonly<Record<string, string>> = { '3': 'unit', '4': 'lastPart' };

/** What the draws of a cell are of. */
const DRAWN_OF_COLUMN: Readonly<Record<string, DrawnFigure>> = { '2': 'total', '3': 'allIn', '4': 'first' };

/** Arrow keys walk lanes and cells; w opens a working, h how sure it is, y the reasons, p pins, v shows variants. */
export function walk(event: KeyboardEvent<HTMLElement>, acts: BoardActs): void {
  const cell = (event.target as HTMLElement).closest<HTMLElement>('[role=gridcell]');
  const row = cell?.closest<HTMLElement>('[role=row]');
  if (cell == null || row == null || event.ctrlKey || event.metaKey || event.altKey) return;
  const col = Number(cell.dataset['col'] ?? 0);
  const laneId = row.dataset['lane'] ?? '';
  const rows = [...event.currentTarget.querySelectorAll<HTMLElement>('[role=row]')].filter((r) =>
    r.querySelector('[data-col]'),
  );
  const at = rows.indexOf(row);
  const focus = (r: HTMLElement | undefined, c: number): void => {
    const cells = [...(r?.querySelectorAll<HTMLElement>('[data-col]') ?? [])];
    const to =
      cells.find((x) => Number(x.dataset['col']) === c) ?? cells.filter((x) => Number(x.dataset['col']) <= c).at(-1);
    to?.focus();
  };
  const go: Record<string, () => void> = {
    ArrowDown: () => focus(rows[at + 1], col),
    ArrowUp: () => focus(rows[at - 1], col),
    ArrowRight: () => focus(row, col + 1),
    ArrowLeft: () => focus(row, Math.max(0, col - 1)),
    y: () => acts.onOpen(laneId, null),
    p: () => acts.onPin(laneId),
    v: () => acts.onExpand(laneId.split('/')[0] ?? ''),
    h: () => {
      const drawn = DRAWN_OF_COLUMN[String(col)];
      if (drawn !== undefined) acts.onSpread(laneId, drawn);
    },
    w: () => open(false),
    W: () => open(true),
    Enter: () => open(event.shiftKey),
  };
  const open = (second: boolean): void => {
    const lane = acts.lanes.find((l) => l.id === laneId);
    const figure = (second ? SECOND_FIGURE[String(col)] : undefined) ?? FIGURE_OF_COLUMN[String(col)];
    if (lane !== undefined && (lane.money === null || figure === undefined)) acts.onOpen(laneId, null);
    else if (figure !== undefined) acts.onOpen(laneId, figure);
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
