import fc from 'fast-check';
import { expect, test } from 'vitest';
import { placeOf, quantityAt, stepped } from './scale';

test('ends and decades lie where they should', () => {
  expect(placeOf(1)).toBe(0);
  expect(placeOf(1_000_000)).toBe(1);
  expect(placeOf(1000)).toBeCloseTo(0.5, 12);
  expect(quantityAt(0.5)).toBe(1000);
});

test('a step moves and stays on the rail', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1_000_000 }), fc.boolean(), (q, large) => {
      const up = stepped(q, 1, large);
      const down = stepped(q, -1, large);
      expect(up > q || q === 1_000_000).toBe(true);
      expect(down < q || q === 1).toBe(true);
      expect(up <= 1_000_000 && down >= 1).toBe(true);
    }),
  );
});

test('place and quantity agree within the rounding', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (x) => {
      expect(Math.abs(placeOf(quantityAt(x)) - x)).toBeLessThan(0.06);
    }),
  );
});
