import fc from 'fast-check';
import { expect, test } from 'vitest';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import { bracket, briefOf } from '../testing/demo-briefs';
import { estimatedArea, withEstimates } from './estimates';

test('a block is its own box, and a ball is never undercut', () => {
  expect(estimatedArea(1000, [100, 100, 100])).toBeCloseTo(600, 9);
  fc.assert(
    fc.property(fc.double({ min: 1e-3, max: 1e5, noNaN: true }), fc.double({ min: 1, max: 5, noNaN: true }), (v, k) => {
      const side = Math.cbrt(1000 * v) * k;
      expect(estimatedArea(v, [side, side, side])).toBeGreaterThanOrEqual((36 * Math.PI * v * v) ** (1 / 3) * 0.999999);
    }),
  );
});

test('of the measured demo parts it comes to 0.5 to 2.1 times what was measured', () => {
  const ratios = QUILLMERE_PARTS.map(briefOf).flatMap(({ geometry: g }) =>
    g.area_cm2 === null || g.volume_cm3 === null || g.box_mm === null
      ? []
      : [estimatedArea(g.volume_cm3, g.box_mm) / g.area_cm2],
  );
  expect(ratios.length).toBeGreaterThan(5);
  expect(Math.min(...ratios)).toBeGreaterThan(0.5);
  expect(Math.max(...ratios)).toBeLessThan(2.1);
});

test('what is said stays; what cannot be estimated is left unknown', () => {
  const said = bracket();
  expect(withEstimates(said)).toEqual({ brief: said, estimated: [] });
  const open = { ...said, geometry: { ...said.geometry, area_cm2: null } };
  expect(withEstimates(open).estimated).toEqual(['geometry.area_cm2']);
  expect(withEstimates(open).brief.geometry.area_cm2).toBeGreaterThan(0);
  const boxless = { ...said, geometry: { ...said.geometry, area_cm2: null, box_mm: null } };
  expect(withEstimates(boxless).estimated).toEqual([]);
});
