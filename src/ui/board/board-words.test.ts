import { thousands } from './spread-cells';
import { describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import type { Finding } from '@/core/screening';
import { findingFigures, findingValue, sentence } from './finding-words';
import { leastSpare, orderLanes } from './lane-order';

const board = boardAt(prepareStudy(bracket()), 2000, '2027-01-04');

describe('the order of the lanes', () => {
  test.each([
    ['total', (l: (typeof board.lanes)[number]) => l.money?.total ?? 0],
    ['first', (l: (typeof board.lanes)[number]) => l.dates?.firstArticle_d ?? 0],
    ['spare', (l: (typeof board.lanes)[number]) => -leastSpare(l)],
  ] as const)('by %s', (order, key) => {
    const { open, out } = orderLanes(board, order);
    const keys = open.map(key);
    expect(keys).toEqual([...keys].sort((a, b) => a - b));
    expect(open.length + out.length).toBe(9);
    expect(new Set([...open, ...out].map((l) => l.routeId)).size).toBe(9);
    for (const lane of out) expect(lane.status === 'blocked' || lane.money === null).toBe(true);
  });
  test('each route is shown by its cheapest surviving variant', () => {
    for (const lane of orderLanes(board, 'total').open) {
      for (const other of board.lanes.filter(
        (l) => l.routeId === lane.routeId && l.status !== 'blocked' && l.money !== null,
      )) {
        expect(lane.money?.total).toBeLessThanOrEqual(other.money?.total ?? Infinity);
      }
    }
  });
});

describe('figures of a finding', () => {
  const f = { value: 5, limit: 6.35, unit: 'mm' } as Finding;
  test('in the units of the screen', () => {
    expect(findingFigures(f, 'si')).toBe('5 mm against 6.35 mm');
    expect(findingFigures(f, 'inch')).toBe('0.197 in against 0.25 in');
    expect(findingValue(2, 'kg', 'inch')).toBe('4.41 lb');
    expect(findingValue(6.3, 'µm', 'inch')).toBe('248 µin');
    expect(findingValue(1.5, 'deg', 'inch')).toBe('1.5°');
    expect(findingValue(4.2, 'ratio', 'si')).toBe('4.2 : 1');
    expect(findingValue(null, 'mm', 'si')).toBe('not known');
    expect(findingValue('special', 'word', 'si')).toBe('special');
  });
  test('words have no figures', () => {
    expect(findingFigures({ value: 'asked', limit: 'no', unit: 'word' } as Finding, 'si')).toBe('');
  });
  test('a reason is a sentence', () => {
    expect(sentence('solder only')).toBe('Solder only.');
    expect(sentence('Rubber chars.')).toBe('Rubber chars.');
  });
});

test('the band of a programme is told short enough for a cell', () => {
  const band = (p10: number, p90: number) => ({ p10, p50: p10, p90 });
  expect(thousands(band(514_321, 622_000), 'USD')).toBe('514 to 622 k USD');
  expect(thousands(band(900, 1250), 'USD')).toBe('900 to 1\u202f250 USD');
  expect(thousands(band(12_340_000, 20_100_000), 'EUR')).toBe('12.3 to 20.1 M EUR');
});
