import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { bracket } from '@/core/testing/demo-briefs';
import { along, BEYOND, columnScales, scaleOfColumn } from './column-scale';
import { rangeOf } from './range';

const figures = fc.array(fc.double({ min: 1e-3, max: 1e7, noNaN: true }), { minLength: 1, maxLength: 20 });

describe('the scale of a column', () => {
  test('holds every figure it was made of, in their order', () => {
    fc.assert(
      fc.property(figures, (values) => {
        const scale = scaleOfColumn(values);
        if (scale === null) throw new Error('no scale');
        const places = values.toSorted((a, b) => a - b).map((x) => along(scale, x));
        expect(places.every((p) => p >= 0 && p <= 1000)).toBe(true);
        expect(places.toSorted((a, b) => a - b)).toEqual(places);
      }),
    );
  });

  test('begins at nothing while the figures lie together, so that bars compare by their length', () => {
    const scale = scaleOfColumn([5, 10, 20]);
    expect(scale).toEqual({ from: 0, to: 20, log: false });
    if (scale !== null) expect(along(scale, 10)).toBe(2 * along(scale, 5));
  });

  test('goes by ratio where they lie far apart, and ends at a round figure', () => {
    expect(scaleOfColumn([3, 2700])).toEqual({ from: 1, to: 3000, log: true });
  });

  test('is none where there is nothing above zero', () => {
    expect(scaleOfColumn([0, -3, NaN, Infinity])).toBeNull();
  });

  test('says what runs off its end', () => {
    expect(along({ from: 0, to: 10, log: false }, 10.1)).toBe(BEYOND);
    expect(along({ from: 0, to: 10, log: false }, -1)).toBe(0);
  });
});

test.each([1, 30, 2000, 90_000])(
  'on a board at %i pieces every casting left has its place, and ranges lie in order',
  (q) => {
    const board = boardAt(prepareStudy(bracket()), q);
    const scales = columnScales(board.lanes, board.baselines);
    for (const lane of board.lanes.filter((l) => l.status !== 'blocked' && l.money !== null && l.dates !== null)) {
      expect(along(scales.perPart ?? never(), lane.money?.allIn ?? NaN), lane.id).toBeLessThanOrEqual(1000);
      expect(along(scales.leadTime ?? never(), lane.dates?.firstArticle_d ?? NaN), lane.id).toBeLessThanOrEqual(1000);
      const { low = 0, mid = 0, high = 0 } = rangeOf(scales.perPart, { p10: 1, p50: 2, p90: 3 });
      expect([low, mid, high]).toEqual([low, mid, high].toSorted((a, b) => a - b));
    }
  },
);

test('a range has no place without a scale or a band', () => {
  expect(rangeOf(null, { p10: 1, p50: 2, p90: 3 })).toEqual({});
  expect(rangeOf({ from: 0, to: 1, log: false }, undefined)).toEqual({});
});

function never(): never {
  throw new Error('no scale');
}
