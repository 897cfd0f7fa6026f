import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { power } from './power';

describe('a power', () => {
  test('is that of the machine, to a few parts in 10¹³', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-6, max: 1e6, noNaN: true }),
        fc.double({ min: -8, max: 8, noNaN: true }),
        (x, y) => Math.abs(power(x, y) / Math.pow(x, y) - 1) < 1e-12,
      ),
      { numRuns: 500 },
    );
  });
  test('at its ends', () => {
    expect([power(1, 3.7), power(5, 0), power(0, 2), power(4, 0.5), power(2, 10)]).toEqual([
      1,
      1,
      0,
      expect.closeTo(2, 12),
      expect.closeTo(1024, 9),
    ]);
    expect(power(-1, 0.5)).toBeNaN();
    expect(power(0, -1)).toBe(Infinity);
    expect(power(10, 400)).toBe(Infinity);
    expect(power(10, -400)).toBe(0);
  });
});
