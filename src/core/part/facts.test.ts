import fc from 'fast-check';
import { expect, test } from 'vitest';
import { SHIPPED_RATES } from '../rates';
import { bracket, briefOf } from '../testing/demo-briefs';
import { TRUNNION_ALLOY } from '../testing/trunnion-cap';
import { partFacts, type PartFacts } from '.';

const facts = (geometry: object, more: object = {}): PartFacts =>
  partFacts(
    briefOf({ ...bracket(), geometry: { ...bracket().geometry, ...geometry }, ...more }),
    TRUNNION_ALLOY,
    SHIPPED_RATES,
  ) as PartFacts;

test('the surface index of a cube is 1, whatever its size', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 40, noNaN: true }), (side) => {
      const f = facts({
        volume_cm3: side ** 3,
        area_cm2: 6 * side ** 2,
        box_mm: [side * 10, side * 10, side * 10],
        projected_cm2: side ** 2,
        wallMin_mm: 1,
        sectionMax_mm: 2,
      });
      expect(f.S).toBeCloseTo(1, 9);
    }),
  );
});

test('difficulty rises with holes, passages, undercuts, dimensions and a face, from 1 to 5 and no further', () => {
  const plain = facts({});
  expect(facts({ coredHoles: 4 }).c - plain.c).toBeCloseTo(0.2, 9);
  expect(facts({ passages: 2 }).c - plain.c).toBeCloseTo(0.6, 9);
  expect(facts({ undercuts: 3 }).c - plain.c).toBeCloseTo(0.75, 9);
  expect(facts({}, { needs: { ...bracket().needs, cosmeticFace: true } }).c - plain.c).toBeCloseTo(0.3, 9);
  expect(
    facts({}, { features: [{ id: 'a', nominal_mm: 9, tol_mm: 1 }], holes: [{ dia_mm: 9, depth_mm: 9, tol_mm: 0.1 }] })
      .nD,
  ).toBe(2);
  expect(facts({ undercuts: 90 }).c).toBe(5);
  expect(facts({ undercuts: 90 }).kappa).toBe(1.75);
});

test('what is missing is named by its path, the alloy too', () => {
  expect(partFacts(briefOf({ title: 'x' }), null, SHIPPED_RATES)).toEqual({
    missing: ['alloy', 'geometry.volume_cm3', 'geometry.area_cm2', 'geometry.box_mm'],
  });
  expect(partFacts(bracket({ geometry: { volume_cm3: 3 } }), TRUNNION_ALLOY, SHIPPED_RATES)).toEqual({
    missing: ['geometry.area_cm2', 'geometry.box_mm'],
  });
});
