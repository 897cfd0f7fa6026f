// @vitest-environment jsdom
import type { KeyboardEvent } from 'react';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { BOARD_COLUMNS, type BoardLane } from '@/core/comparison/board';
import { rove, walk, type BoardActs } from './board-keys';

const LANES = ['gravity-die/hand', 'green-sand/bench', 'spin/vertical'];
/** The second lane has only its first two cells: it is barred. */
const COLUMNS = BOARD_COLUMNS.map((c) => c.id);

let acts: BoardActs;
let grid: HTMLElement;
beforeEach(() => {
  grid = document.createElement('div');
  grid.innerHTML = `<div role="row"><span>head</span></div>${LANES.map(
    (lane, i) =>
      `<div role="row" data-lane="${lane}">${COLUMNS.slice(0, i === 1 ? 2 : undefined)
        .map((column) => `<div role="gridcell" tabindex="-1" data-column="${column}"><button>x</button></div>`)
        .join('')}</div>`,
  ).join('')}`;
  document.body.replaceChildren(grid);
  acts = {
    lanes: LANES.map((id, i) => ({ id, money: i === 1 ? null : {} }) as unknown as BoardLane),
    onOpen: vi.fn(),
    onPin: vi.fn(),
    onExpand: vi.fn(),
    onSpread: vi.fn(),
  };
});

const cell = (lane: number, column: string): HTMLElement => {
  const found = grid.querySelector<HTMLElement>(`[data-lane="${LANES[lane]}"] [data-column="${column}"]`);
  if (found === null) throw new Error(`no cell ${column} in ${LANES[lane]}`);
  return found;
};
function press(target: HTMLElement, key: string, more: Partial<KeyboardEvent> = {}) {
  const preventDefault = vi.fn();
  walk({ key, target, currentTarget: grid, preventDefault, ...more } as unknown as KeyboardEvent<HTMLElement>, acts);
  return preventDefault;
}
const at = (): [string | undefined, string | undefined] => {
  const focused = document.activeElement as HTMLElement;
  return [focused.closest<HTMLElement>('[role=row]')?.dataset['lane'], focused.dataset['column']];
};
const [first = '', second = ''] = COLUMNS;
const last = COLUMNS.at(-1) ?? '';
const withFigure = BOARD_COLUMNS.find((c) => c.figure !== null);
const withSecond = BOARD_COLUMNS.find((c) => c.second !== null && c.second !== undefined);
const drawn = BOARD_COLUMNS.find((c) => c.drawn !== null && c.drawn !== undefined);

describe('arrow keys', () => {
  test('walk from cell to cell and stay on the board', () => {
    press(cell(0, first), 'ArrowRight');
    expect(at()).toEqual([LANES[0], second]);
    press(cell(0, second), 'ArrowLeft');
    expect(at()).toEqual([LANES[0], first]);
    press(cell(0, first), 'ArrowLeft');
    expect(at()).toEqual([LANES[0], first]);
    press(cell(2, first), 'ArrowUp');
    expect(at()).toEqual([LANES[1], first]);
  });

  test('into a lane of fewer cells go to its last before', () => {
    press(cell(0, last), 'ArrowDown');
    expect(at()).toEqual([LANES[1], second]);
  });

  test('past the last lane leave the hand where it is', () => {
    cell(2, first).focus();
    press(cell(2, first), 'ArrowDown');
    expect(at()).toEqual([LANES[2], first]);
  });
});

describe('letters', () => {
  test('open reasons, pin, and show variants of the lane', () => {
    press(cell(2, first), 'y');
    press(cell(2, first), 'p');
    press(cell(2, first), 'v');
    expect(acts.onOpen).toHaveBeenCalledWith(LANES[2], null);
    expect(acts.onPin).toHaveBeenCalledWith(LANES[2]);
    expect(acts.onExpand).toHaveBeenCalledWith('spin');
  });

  test('w and Enter open the figure of the column, W and Shift Enter the one below it', () => {
    press(cell(0, withFigure?.id ?? ''), 'w');
    expect(acts.onOpen).toHaveBeenLastCalledWith(LANES[0], withFigure?.figure);
    press(cell(0, withSecond?.id ?? ''), 'W');
    expect(acts.onOpen).toHaveBeenLastCalledWith(LANES[0], withSecond?.second);
    press(cell(0, withSecond?.id ?? ''), 'Enter', { shiftKey: true });
    expect(acts.onOpen).toHaveBeenLastCalledWith(LANES[0], withSecond?.second);
  });

  test('a lane without money opens its reasons instead', () => {
    press(cell(1, first), 'w');
    expect(acts.onOpen).toHaveBeenCalledWith(LANES[1], null);
  });

  test('h shows how sure a figure is that is drawn, and does nothing elsewhere', () => {
    press(cell(0, drawn?.id ?? ''), 'h');
    expect(acts.onSpread).toHaveBeenCalledWith(LANES[0], drawn?.drawn);
    const plain = BOARD_COLUMNS.find((c) => c.drawn === null || c.drawn === undefined);
    press(cell(0, plain?.id ?? ''), 'h');
    expect(acts.onSpread).toHaveBeenCalledTimes(1);
  });

  test('with a modifier, unknown, or Enter on a button within a cell are left to the browser', () => {
    expect(press(cell(0, first), 'p', { ctrlKey: true })).not.toHaveBeenCalled();
    expect(press(cell(0, first), 'z')).not.toHaveBeenCalled();
    const button = cell(0, first).querySelector('button');
    if (button === null) throw new Error('no button');
    expect(press(button, 'Enter')).not.toHaveBeenCalled();
    expect(acts.onOpen).not.toHaveBeenCalled();
  });
});

test('one cell of the grid is in the tab order: the one last used', () => {
  rove({ currentTarget: grid, target: cell(0, first) });
  rove({ currentTarget: grid, target: cell(2, second).querySelector('button') ?? grid });
  expect([...grid.querySelectorAll('[tabindex="0"]')]).toEqual([cell(2, second)]);
  rove({ currentTarget: grid, target: grid });
  expect([...grid.querySelectorAll('[tabindex="0"]')]).toEqual([cell(2, second)]);
});
