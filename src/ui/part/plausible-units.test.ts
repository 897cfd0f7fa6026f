import fc from 'fast-check';
import { expect, test } from 'vitest';
import { LENGTH_UNITS, MM_PER_UNIT } from '@/core/part-file/readers';
import { plausibleUnits } from './plausible-units';

const side = fc.double({ min: 1e-4, max: 1e6, noNaN: true });

test('the likely unit is always offered, and no other that would make a pin or a ship of it', () => {
  fc.assert(
    fc.property(side, side, side, fc.constantFrom(...LENGTH_UNITS), (x, y, z, likely) => {
      const offered = plausibleUnits([x, y, z], likely);
      expect(offered).toContain(likely);
      for (const unit of offered.filter((u) => u !== likely)) {
        const longest = Math.max(x, y, z) * MM_PER_UNIT[unit];
        expect(longest).toBeGreaterThanOrEqual(3);
        expect(longest).toBeLessThanOrEqual(6000);
      }
    }),
  );
});

test('a hub of 150 may be millimetres, centimetres or inches, not micrometres or metres', () => {
  expect(plausibleUnits([150, 130, 60], 'mm')).toEqual(['mm', 'cm', 'in']);
});
