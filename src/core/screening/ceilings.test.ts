import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { LANES } from '../catalogue/routes';
import { ceilingOf, stepped } from './ceilings';
import { gravity } from './types';

describe('a limit in three steps', () => {
  test('never grows milder as the value grows, and tells the step that decides', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 1000 }), { minLength: 5, maxLength: 5 }), (five) => {
        const [a = 0, usual = 0, exceptional = 0, specialist = 0, b = 0] = [...five].sort((x, y) => x - y);
        const at = (value: number) => stepped(value, { usual, exceptional, specialist });
        expect(gravity(at(b).status)).toBeGreaterThanOrEqual(gravity(at(a).status));
        for (const value of [a, usual, exceptional, specialist, b]) {
          const { status, limit, strains } = at(value);
          expect(strains).toBe(status === 'tight' || status === 'special');
          expect(value <= limit).toBe(status === 'fits');
        }
      }),
    );
  });
  test('rises from step to step on every route', () => {
    for (const { id, capability: c } of LANES) {
      for (const of of [c.mass_kg, c.undercut, c.passages]) {
        const { usual, exceptional, specialist } = ceilingOf(of);
        expect(usual <= exceptional && exceptional <= specialist, id).toBe(true);
      }
      for (const i of [0, 1, 2] as const)
        expect(
          c.size_mm.max[i] <= c.size_mm.exceptional[i] && c.size_mm.exceptional[i] <= c.size_mm.specialist[i],
          id,
        ).toBe(true);
      expect(1 <= c.sectionFactor.exceptional && c.sectionFactor.exceptional <= c.sectionFactor.specialist, id).toBe(
        true,
      );
    }
  });
});
