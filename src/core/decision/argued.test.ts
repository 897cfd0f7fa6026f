import { describe, expect, test } from 'vitest';
import { boardAt, type BoardLane } from '../comparison/board';
import { prepareStudy } from '../study';
import { plain } from '../explanation';
import { bracket } from '../testing/demo-briefs';
import { workingOf } from '../study/workings';
import { carryingFigures, isReason, keptSimulation, suggestedActions } from '.';

const ORDER = '2027-01-04';
const study = prepareStudy(bracket());
const board = boardAt(study, 2000, ORDER);
const lane = (id: string | null): BoardLane => board.lanes.find((l) => l.id === id) as BoardLane;

describe('the figures that carry a choice', () => {
  test('are five, each with a working that comes to what is told', () => {
    const figures = carryingFigures(study, board, lane(board.leader));
    expect(figures.map((f) => f.name)).toEqual([
      'Total cost per part',
      'Total cost',
      'Tooling',
      'First article',
      'Ahead',
    ]);
    for (const f of figures) {
      const { value, unit } = workingOf(study, f.laneId, 2000, f.figure);
      const shown = unit.startsWith('days') ? value / 7 : Math.abs(value);
      const told = Number(/[\d\u202f.]+/.exec(plain(f.explanation))?.[0].replaceAll('\u202f', ''));
      expect(told, `${f.name}: ${plain(f.explanation)}`).toBeCloseTo(shown, told >= 1000 ? -0.5 : 0);
    }
  });

  test('of a more expensive lane say how far it is behind the cheapest', () => {
    const last = carryingFigures(study, board, lane(board.second)).at(-1);
    expect(last?.name).toBe('Behind');
    expect(plain(last?.explanation ?? [])).toContain('over the cheapest');
  });
});

describe('how sure a choice was', () => {
  const by = { seed: 7, spread: 'pert', demand: false } as const;
  test('is the same to the digit by the same seed, and another by another', () => {
    const once = keptSimulation(study, board, ORDER, board.leader ?? '', by, 400);
    expect(keptSimulation(study, board, ORDER, board.leader ?? '', by, 400)).toEqual(once);
    const other = keptSimulation(study, board, ORDER, board.leader ?? '', { ...by, seed: 8 }, 400);
    expect(other?.allIn).not.toEqual(once?.allIn);
  });
  test('tells what would overturn the leader, and nothing of the kind for another', () => {
    const first = keptSimulation(study, board, ORDER, board.leader ?? '', by, 400);
    expect(first?.flips.some((f) => f.includes('pieces over the life'))).toBe(true);
    expect(first?.against?.laneId).toBe(board.second);
    const second = keptSimulation(study, board, ORDER, board.second ?? '', by, 400);
    expect(second?.flips).toEqual([]);
    expect(second?.cheapest?.share).toBeLessThan(first?.cheapest?.share ?? 0);
  });
  test('a lane without money has none', () => {
    expect(keptSimulation(study, board, ORDER, 'spin/organic-rubber', by, 100)).toBeNull();
  });
});

describe('what is to be done next', () => {
  test('orders the tool, and measures the first article on its day', () => {
    const actions = suggestedActions(study, lane(board.leader), ORDER);
    expect(actions[1]).toMatchObject({ what: expect.stringContaining('Order the tool for') as unknown, by: ORDER });
    expect(actions.at(-1)?.what).toBe('Measure and approve the first article');
    expect(actions.every((a) => a.what.trim() === a.what && !/:\s*$/.test(a.what))).toBe(true);
    expect(actions.length).toBeLessThanOrEqual(7);
  });
  test('of a plan orders both tools, the second by the day it may wait until', () => {
    const plan = { first: 'plaster/printed', then: board.leader ?? '', waits_d: 10 };
    const actions = suggestedActions(study, lane(board.leader), ORDER, plan);
    expect(actions[1]?.what).toBe('Order the tool for plaster, printed pattern');
    expect(actions[2]).toMatchObject({ by: '2027-01-14' });
  });
});

test('a reason is a sentence, not a nod', () => {
  expect(['', '  ', 'ok', 'Cheap enough'].map(isReason)).toEqual([false, false, false, false]);
  expect(isReason('Least all in.')).toBe(true);
});
