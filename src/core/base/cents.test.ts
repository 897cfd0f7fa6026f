import fc from 'fast-check';
import { expect, test } from 'vitest';
import { centsThatAdd } from './cents';

const sum = (xs: readonly number[]): number => Math.round(100 * xs.reduce((a, b) => a + b, 0)) + 0;

test('cents that are missing go to those that lost the most', () => {
  expect(centsThatAdd([1 / 3, 1 / 3, 1 / 3], 1)).toEqual([0.34, 0.33, 0.33]);
  expect(centsThatAdd([0.005, 0.995], 1)).toEqual([0.01, 0.99]);
  expect(centsThatAdd([-0.123, 1.123], 1)).toEqual([-0.12, 1.12]);
  expect(centsThatAdd([], 0)).toEqual([]);
});

test('whatever is shared out adds up to the cent, and none is a cent off or more', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -1000, max: 5000, noNaN: true }), { minLength: 1, maxLength: 14 }),
      (amounts) => {
        const total = amounts.reduce((a, b) => a + b, 0);
        const out = centsThatAdd(amounts, total);
        expect(sum(out)).toBe(Math.round(100 * total) + 0);
        out.forEach((x, i) => expect(Math.abs(x - (amounts[i] ?? 0))).toBeLessThan(0.0100001));
      },
    ),
  );
});
