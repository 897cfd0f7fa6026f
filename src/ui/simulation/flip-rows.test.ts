import { describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { plain } from '@/core/explanation';
import { StudyWorkings } from '@/core/phased-plans';
import { briefFlips, laneFlips } from '@/core/simulation';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import type { SimulationDepth } from '@/workers/simulation.protocol';
import { rungPlace } from './flip-rung';
import { flipRows, type FlipRow } from './flip-rows';

const Q = 500;
const study = prepareStudy(bracket());
const board = boardAt(study, Q, '2027-01-04');
const leader = board.leader ?? '';

/** A search gone through to its end. */
function drained<T>(steps: Generator<unknown, T, void>): T {
  for (let step = steps.next(); ; step = steps.next()) if (step.done) return step.value;
}
const depth: SimulationDepth = {
  leader,
  ...drained(laneFlips(study, board, leader)),
  briefFlips: drained(briefFlips(study, Q)),
  second: null,
  movers: [],
};
const rows = flipRows(depth, study.rates, new StudyWorkings(study, Q));
const row = (key: RegExp): FlipRow => {
  const found = rows.find((r) => key.test(r.key));
  if (found === undefined) throw new Error(`no row ${String(key)} among ${rows.map((r) => r.key).join(', ')}`);
  return found;
};

describe('what would change the choice, a row an input', () => {
  test('the nearest comes first; what lies within its range before what does not', () => {
    expect(rows.length).toBeGreaterThan(4);
    const within = rows.map((r) => r.within);
    expect(within.indexOf(false)).toBeGreaterThanOrEqual(within.lastIndexOf(true));
    for (const group of [true, false]) {
      const near = rows.filter((r) => r.within === group).map((r) => r.near);
      expect(near).toEqual([...near].sort((a, b) => a - b));
    }
  });

  test('each says its value of today with a unit, the route it flips to, and opens its working', () => {
    for (const r of rows) {
      expect(r.now, r.key).toMatch(/\d/);
      expect(r.name.length, r.key).toBeGreaterThan(2);
      if (r.at.length === 0) continue;
      expect(r.to, r.key).not.toBe(leader);
      expect(r.figures.length, r.key).toBeGreaterThan(0);
      expect(plain(r.explanation)).toContain(r.figures[0]?.text ?? '–');
    }
  });

  test('the quantity can be set on the rail, and flips where the board does', () => {
    const { quantities } = row(/^quantity /);
    expect(quantities.length).toBeGreaterThan(0);
    for (const q of quantities) {
      const around = [q - 1, q, q + 1].filter((x) => x >= 1).map((x) => boardAt(study, x, null).leader);
      expect(new Set(around).size, `at ${q}: ${around.join(', ')}`).toBeGreaterThan(1);
    }
  });

  test('the range of a figure stands about its likely value', () => {
    const ranged = rows.flatMap((r) => (r.range === null ? [] : [r.range]));
    expect(ranged.length).toBeGreaterThan(0);
    for (const [low, high] of ranged) {
      expect(low).toBeLessThanOrEqual(1);
      expect(high).toBeGreaterThanOrEqual(1);
    }
  });
});

test('a rung has today’s value in its middle, and what is out of its reach at its end', () => {
  expect(rungPlace(1)).toBe(50);
  expect(rungPlace(2)).toBeCloseTo(75, 6);
  expect(rungPlace(0.5)).toBeCloseTo(25, 6);
  expect([rungPlace(100), rungPlace(0.001), rungPlace(0), rungPlace(-3)]).toEqual([100, 0, 0, 0]);
});
