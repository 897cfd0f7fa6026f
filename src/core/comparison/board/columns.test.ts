import fc from 'fast-check';
import { expect, test } from 'vitest';
import { isFigure } from '../../study/workings';
import { demoBriefs } from '../../../server/demo/seed';
import { bracket } from '../../testing/demo-briefs';
import { BOARD_COLUMNS, COLUMNS, COMPARISON_COLUMNS, evaluate } from '.';

test('the board has its name first, what is judged in order, and the pin last; heads and ids stand once', () => {
  expect(BOARD_COLUMNS.map((c) => c.id)).toEqual(['route', ...COLUMNS, 'pin']);
  expect(new Set(BOARD_COLUMNS.map((c) => c.title)).size).toBe(BOARD_COLUMNS.length);
  expect(new Set(COMPARISON_COLUMNS.map((c) => c.id)).size).toBe(COMPARISON_COLUMNS.length);
});

test('every figure that a column opens has a working', () => {
  const figures = BOARD_COLUMNS.flatMap((c) => [c.figure, c.second]).filter((f) => f !== null);
  expect(figures.length).toBeGreaterThan(4);
  expect(figures.filter((f) => !isFigure(f))).toEqual([]);
});

test('a money column names its currency, a column of days its unit', () => {
  for (const { kind, heading, id } of COMPARISON_COLUMNS) {
    if (kind === 'money') expect(heading('XYZ'), id).toContain('XYZ');
    if (kind === 'days') expect(heading('XYZ'), id).toContain('days');
  }
});

test('the lines of a casting lane add up to its all-in price, at any quantity of any demo part', () => {
  const lines = COMPARISON_COLUMNS.filter((c) => c.id.startsWith('line.'));
  const at = (id: string) => COMPARISON_COLUMNS.find((c) => c.id === id)?.value;
  fc.assert(
    fc.property(fc.constantFrom(...demoBriefs()), fc.integer({ min: 1, max: 50_000 }), (brief, quantity) => {
      const answer = evaluate(brief, { quantity });
      for (const lane of answer.lanes) {
        const allIn = at('allIn')?.(lane, answer);
        if (lane.kind !== 'route' || typeof allIn !== 'number') continue;
        const sum = lines.reduce((s, c) => s + Number(c.value(lane, answer) ?? 0), 0);
        expect(sum / allIn).toBeCloseTo(1, 9);
      }
    }),
    { numRuns: 20 },
  );
});

test('a lane that does not fit says why, and one that fits says nothing', () => {
  const answer = evaluate(bracket(), { quantity: 500 });
  const reason = COMPARISON_COLUMNS.find((c) => c.id === 'reason');
  for (const lane of answer.lanes) expect(reason?.value(lane, answer) === '').toBe(lane.status === 'fits');
});
