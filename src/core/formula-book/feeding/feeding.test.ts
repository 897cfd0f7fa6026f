import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { between, refusalOf } from '../../testing/refusal';
import { coredHole, draftSizes, MACHINING_GRADES, rawSize } from '../allowances';
import { castingTolerance } from '../tolerance';
import { chillEffect, feedDistance, feederByModulus, feederByShrinkage, feederCount, filterArea } from '.';

describe('a feeder', () => {
  test('has the modulus that it was made for: its volume over the faces that cool', () => {
    fc.assert(
      fc.property(
        between(2, 80),
        between(1, 2),
        between(0.5, 3),
        fc.boolean(),
        (castModulus_mm, factor, heightRatio, baseCools) => {
          const f = feederByModulus({ castModulus_mm, factor, heightRatio, baseCools });
          const [D, H] = [f.diameter_mm, f.height_mm];
          const faces = Math.PI * D * H + (Math.PI / 4) * D * D * (baseCools ? 2 : 1);
          expect((f.volume_cm3 * 1000) / faces).toBeCloseTo(factor * castModulus_mm, 6);
          expect(f.riserModulus_mm).toBeCloseTo(factor * castModulus_mm, 9);
        },
      ),
    );
    expect(refusalOf(() => feederByModulus({ castModulus_mm: 10, factor: 0.9 }))).toBe('E_RANGE');
    expect(refusalOf(() => feederByModulus({ castModulus_mm: 10, heightRatio: 4 }))).toBe('E_RANGE');
  });

  test('as large as it must be gives just what shrinks, its own shrinkage with it', () => {
    fc.assert(
      fc.property(between(10, 9000), between(0.01, 0.12), between(0.13, 0.6), (castVolume_cm3, shrink, efficiency) => {
        const { riserAtLeast_cm3: Vr } = feederByShrinkage({ castVolume_cm3, shrink, efficiency });
        expect(efficiency * Vr).toBeCloseTo(shrink * (castVolume_cm3 + Vr), 6);
        const own = feederByShrinkage({ castVolume_cm3, shrink, efficiency, riserVolume_cm3: Vr });
        expect(own.enough).toBe(true);
        expect((own.feedable_cm3 ?? 0) / castVolume_cm3).toBeCloseTo(1, 9);
      }),
    );
    expect(
      feederByShrinkage({ castVolume_cm3: 9, shrink: 0, efficiency: 0.2, riserVolume_cm3: 1 }).feedable_cm3,
    ).toBeNull();
    expect(refusalOf(() => feederByShrinkage({ castVolume_cm3: 9, shrink: 0.2, efficiency: 0.14 }))).toBe(
      'E_NO_SOLUTION',
    );
  });

  test('reaches farther in what freezes over a short range, and farther to a chilled end', () => {
    const at = (family: string, freezing: string, end: string, shape = 'plate'): number =>
      feedDistance({ family, freezing, shape, thickness_mm: 20, end }).distance_mm;
    for (const family of ['aluminium', 'copper', 'precious'])
      expect(at(family, 'short', 'natural')).toBeGreaterThan(at(family, 'long', 'natural'));
    for (const shape of ['plate', 'bar'])
      expect(at('steel', 'short', 'chilled', shape)).toBeGreaterThan(at('steel', 'short', 'natural', shape));
    expect(at('steel', 'short', 'none', 'bar')).toBeCloseTo(24, 9);
    expect(refusalOf(() => feedDistance({ family: 'aluminium', shape: 'plate', thickness_mm: 9, end: 'none' }))).toBe(
      'E_KEY',
    );
  });

  test('is one of as many as cover the length, and one fewer do not', () => {
    fc.assert(
      fc.property(between(50, 5000), between(30, 300), between(10, 400), between(5, 200), (length_mm, D, e, m) => {
        const of = { length_mm, riserDiameter_mm: D, endDistance_mm: e, midDistance_mm: m };
        const { count, covered_mm } = feederCount(of);
        expect(covered_mm).toBeGreaterThanOrEqual(length_mm - 1e-6);
        if (count > 1) expect(covered_mm - D - 2 * m).toBeLessThan(length_mm + 1e-6);
      }),
    );
  });

  test('may be spared by a chill that makes a place freeze as its faces did', () => {
    const of = {
      ...{ volume_cm3: 400, coolingArea_cm2: 340, rhoMetal_kg_m3: 2400, latentEff_J_kg: 476_400, heatShare: 0.5 },
      ...{ cChill_J_kgK: 500, chillRise_K: 350 },
    };
    fc.assert(
      fc.property(between(0, 340), between(1, 4), (chillArea_cm2, chillFactor) => {
        const found = chillEffect({ ...of, chillArea_cm2, chillFactor });
        expect(found.modulus_mm).toBeLessThanOrEqual(found.plainModulus_mm + 1e-9);
      }),
    );
    expect(refusalOf(() => chillEffect({ ...of, chillArea_cm2: 400 }))).toBe('E_ORDER');
    expect(refusalOf(() => chillEffect({ ...of, chillArea_cm2: 40, chillFactor: 5 }))).toBe('E_RANGE');
  });

  test('and a filter is as large as the hardest of its limits', () => {
    fc.assert(
      fc.property(
        between(0.5, 300),
        between(2, 40),
        between(0.5, 4),
        between(0.05, 0.25),
        between(20, 2000),
        (m, t, capacity, v, choke) => {
          const f = filterArea({
            ...{
              poured_kg: m,
              rho_kg_m3: 2400,
              fillTime_s: t,
              capacity_kg_cm2: capacity,
              approach_m_s: v,
              choke_mm2: choke,
            },
            filterArea_cm2: 42,
          });
          expect(f.area_cm2).toBe(Math.max(f.byCapacity_cm2, f.byFlow_cm2, f.byChoke_cm2 ?? 0));
          expect(((f.side_mm - 10) / 10) ** 2).toBeCloseTo(f.area_cm2, 6);
          expect((f.count ?? 0) * 42).toBeGreaterThanOrEqual(f.area_cm2 * (1 - 1e-9));
        },
      ),
    );
  });
});

describe('sizes', () => {
  test('of raw castings hold their finished size inside the allowance and the tolerance', () => {
    fc.assert(
      fc.property(
        between(12, 900),
        between(1, 3),
        fc.constantFrom(8, 9, 10, 11),
        fc.constantFrom(...MACHINING_GRADES),
        fc.constantFrom('one-side', 'outside-both', 'step'),
        (finished_mm, times, ctGrade, rmaGrade, kind) => {
          const r = rawSize({ finished_mm, largest_mm: finished_mm * times, ctGrade, rmaGrade, kind });
          const faces = kind === 'one-side' ? 1 : kind === 'step' ? 0 : 2;
          expect(r.raw_mm - finished_mm).toBeCloseTo(faces * r.rma_mm + r.ct_mm / 2, 9);
          const own = castingTolerance({ nominal_mm: r.raw_mm, grade: ctGrade }).total_mm;
          expect(r.ct_mm).toBeGreaterThanOrEqual(own - 1e-9);
          const bore = rawSize({
            finished_mm: finished_mm + 60,
            largest_mm: 3000,
            ctGrade,
            rmaGrade: 'A',
            kind: 'inside-both',
          });
          expect(bore.raw_mm).toBeLessThan(finished_mm + 60);
        },
      ),
    );
    const of = { finished_mm: 20, largest_mm: 320, ctGrade: 10, rmaGrade: 'G', kind: 'outside-both' };
    expect(refusalOf(() => rawSize({ ...of, finished_mm: 400 }))).toBe('E_ORDER');
    expect(refusalOf(() => rawSize({ ...of, rmaGrade: 'I' }))).toBe('E_KEY');
    expect(refusalOf(() => rawSize({ ...of, finished_mm: 6, kind: 'inside-both' }))).toBe('E_RANGE');
  });

  test('grow by draft as it is laid, and shrink less where a core holds them back', () => {
    fc.assert(
      fc.property(
        between(20, 200),
        between(5, 80),
        between(0, 5),
        fc.constantFrom(1, 2),
        (nominal_mm, height_mm, draft_deg, sides) => {
          const at = (mode: string) => draftSizes({ nominal_mm, height_mm, draft_deg, sides, mode });
          expect(at('add').small_mm).toBeCloseTo(nominal_mm, 9);
          expect(at('subtract').large_mm).toBeCloseTo(nominal_mm, 9);
          const mean = at('mean');
          expect((mean.small_mm + mean.large_mm) / 2).toBeCloseTo(nominal_mm, 9);
          expect(mean.large_mm - mean.small_mm).toBeCloseTo(sides * mean.offset_mm, 9);
        },
      ),
    );
    expect(refusalOf(() => draftSizes({ nominal_mm: 4, height_mm: 90, draft_deg: 5, mode: 'subtract' }))).toBe(
      'E_RANGE',
    );
    expect(refusalOf(() => draftSizes({ nominal_mm: 4, height_mm: 9, draft_deg: 50, mode: 'add' }))).toBe('E_RANGE');
    expect(coredHole({ hole_mm: 30, shrink: 0.013, restraint: 1 }).core_mm).toBe(30);
    expect(refusalOf(() => coredHole({ hole_mm: 30, shrink: 1.3 }))).toBe('E_RANGE');
  });
});
