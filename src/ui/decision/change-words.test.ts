import fc from 'fast-check';
import { expect, test } from 'vitest';
import { changeName, changeValue } from './change-words';

test.each([
  ['geometry.wallMin_mm', 'Thinnest wall'],
  ['features.2.tol_mm', 'Dimension 3, total tolerance'],
  ['holes.0', 'Hole 1'],
  ['geometry.box_mm.1', 'Box, figure 2'],
  ['leading route', 'leading route'],
])('%s is called %s', (path, name) => {
  expect(changeName(path)).toBe(name);
});

test.each([
  ['geometry.wallMin_mm', 25.4, 'si', '25.4 mm'],
  ['geometry.wallMin_mm', 25.4, 'inch', '1 in'],
  ['geometry.box_mm.0', 50.8, 'inch', '2 in'],
  ['geometry.area_cm2', 6.4516, 'inch', '1 in²'],
  ['surface.Ra_um', 3.2, 'inch', '125.984 µin'],
  ['today.cost_USD', 31.5, 'inch', '31.5 USD'],
  ['quantity.perYear', 12_000, 'inch', '12\u202f000'],
  ['alloy', 'al-a356', 'inch', 'al-a356'],
] as const)('%s of %s reads in %s units as %s', (path, value, system, text) => {
  expect(changeValue(path, value, system)).toBe(text);
});

test('a length reads the same in both systems, to the digits shown', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 5000, noNaN: true }), (mm) => {
      const read = (system: 'si' | 'inch'): number =>
        Number(
          changeValue('geometry.wallMin_mm', mm, system)
            .replace(/ (mm|in)$/, '')
            .replaceAll('\u202f', ''),
        );
      expect(Math.abs(read('inch') * 25.4 - read('si'))).toBeLessThanOrEqual(2e-5 * mm);
    }),
  );
});
