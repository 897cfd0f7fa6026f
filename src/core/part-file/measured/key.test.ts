import fc from 'fast-check';
import { expect, test } from 'vitest';
import { measuresKey } from './key';

const side = fc.double({ min: -1, max: 1, noNaN: true });
const by = fc.record({
  unit: fc.constantFrom('um', 'mm', 'cm', 'm', 'in', 'ft' as const),
  draw: fc.tuple(side, side, side),
  repair: fc.boolean(),
});

test('a key is plain text of bounded length, one for each way of measuring', () => {
  fc.assert(
    fc.property(by, by, (a, b) => {
      expect(measuresKey(a)).toMatch(/^[\w.,-]{1,160}$/);
      const same = a.unit === b.unit && a.repair === b.repair && a.draw.every((x, i) => x === b.draw[i]);
      expect(measuresKey(a) === measuresKey(b)).toBe(same);
    }),
  );
});

test('a direction of minus nothing is one of nothing', () => {
  const way = { unit: 'mm', repair: false } as const;
  expect(measuresKey({ ...way, draw: [-0, 0, 1] })).toBe(measuresKey({ ...way, draw: [0, -0, 1] }));
});
