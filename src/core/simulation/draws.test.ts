import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Triple } from '../base/figures';
import { correlation, pert, ranksOf, triangular } from '../formula-book/uncertainty';
import { fillDraws, streamOf, uniformAt, valueAt } from './draws';

const range = fc
  .tuple(
    fc.double({ min: 0, max: 1, noNaN: true }),
    fc.double({ min: 0, max: 500, noNaN: true }),
    fc.double({ min: 0.01, max: 900, noNaN: true }),
  )
  .map(([share, low, wide]): Triple => [low, Math.min(low + wide, Math.max(low, low + share * wide)), low + wide]);
const share = fc.double({ min: 1e-6, max: 1 - 1e-6, noNaN: true });

describe('a draw from low, likely and high', () => {
  test('is the beta-PERT of the book to a millionth of its width', () => {
    fc.assert(
      fc.property(range, share, (r, u) => {
        const [exact] = pert({ range: r, u: [u] }).values;
        expect(Math.abs(valueAt(r, 'pert', u) - exact!)).toBeLessThanOrEqual(1e-6 * (r[2] - r[0]));
      }),
      { seed: 11, numRuns: 400 },
    );
  });
  test('is the triangle of the book, and the figure itself where it has no width', () => {
    fc.assert(
      fc.property(range, share, (r, u) => {
        expect(valueAt(r, 'triangle', u)).toBe(triangular({ range: r, u: [u] }).values[0]);
        expect(valueAt([r[1], r[1], r[1]], 'pert', u)).toBe(r[1]);
      }),
    );
  });
  test('rises with its share', () => {
    fc.assert(
      fc.property(range, share, share, (r, u, v) => {
        const [low, high] = u < v ? [u, v] : [v, u];
        expect(valueAt(r, 'pert', low)).toBeLessThanOrEqual(valueAt(r, 'pert', high));
      }),
    );
  });
});

describe('streams of draws', () => {
  const N = 20_000;
  const draws = (seed: number, name: string): number[] => {
    const stream = streamOf(seed, name);
    return Array.from({ length: N }, (_, i) => uniformAt(stream, i));
  };
  test('are even over 0 to 1', () => {
    for (const name of ['global.Rlab', 'metals.al-a356', 'variants["spin/silicone-rubber"].tooling.h0']) {
      const bins = new Array<number>(100).fill(0);
      for (const u of draws(7, name)) {
        expect(u > 0 && u < 1).toBe(true);
        bins[Math.floor(u * 100)]!++;
      }
      // Chi squared of 99 degrees of freedom: 149 is passed by one in a thousand.
      expect(bins.reduce((s, b) => s + (b - N / 100) ** 2 / (N / 100), 0)).toBeLessThan(149);
    }
  });
  test('of different names, seeds and neighbouring draws have nothing to do with each other', () => {
    const names = ['a', 'b', 'ab', 'ba', 'global.Rlab', 'global.Rlab2'];
    const lists = [...names.map((n) => draws(1, n)), draws(2, 'a'), draws(3, 'a')];
    for (let i = 0; i < lists.length; i++)
      for (let j = 0; j < i; j++) expect(Math.abs(correlation(lists[i]!, lists[j]!))).toBeLessThan(0.03);
    const one = lists[0]!;
    for (const lag of [1, 2, 7])
      expect(Math.abs(correlation(one.slice(lag), one.slice(0, N - lag)))).toBeLessThan(0.03);
    expect(ranksOf(one).reduce((s, r) => s + r, 0)).toBe((N * (N + 1)) / 2);
  });
  test('hang on seed, name and number alone: a stretch drawn by itself is the same', () => {
    const whole = new Float64Array(300);
    const part = new Float64Array(300);
    fillDraws(whole, [1, 2, 5], 'pert', streamOf(9, 'x'), 0, 300);
    fillDraws(part, [1, 2, 5], 'pert', streamOf(9, 'x'), 100, 200);
    expect(part.subarray(100, 200)).toEqual(whole.subarray(100, 200));
    expect(whole[150]).toBe(valueAt([1, 2, 5], 'pert', uniformAt(streamOf(9, 'x'), 150)));
  });
  test('made many at once are those made one by one, wherever they begin and end', () => {
    fc.assert(
      fc.property(range, fc.integer(), fc.nat({ max: 5000 }), fc.nat({ max: 3000 }), (r, seed, from, more) => {
        const stream = streamOf(seed, 'x');
        const to = from + more;
        const list = new Float64Array(to + 1).fill(-1);
        fillDraws(list, r, 'pert', stream, from, to);
        for (let i = from; i < to; i++) {
          const off = Math.abs(list[i]! - valueAt(r, 'pert', uniformAt(stream, i)));
          if (!(off <= 1e-12 * r[2])) expect(off, `draw ${i}`).toBeLessThanOrEqual(1e-12 * r[2]);
        }
        expect([list[from - 1] ?? -1, list[to]]).toEqual([-1, -1]);
      }),
      { numRuns: 100 },
    );
  });
});
