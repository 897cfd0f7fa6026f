import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { between, refusalOf } from '../../testing/refusal';
import {
  chapletsFor,
  copeLift,
  coreBending,
  dieOpening,
  dieShot,
  flaskClamps,
  lowPressure,
  spinClamp,
  spinPressure,
  spinSpeed,
} from '.';

describe('a flask', () => {
  test('is clamped evenly round its joint, each clamp facing another, none above its share', () => {
    fc.assert(
      fc.property(
        between(1, 50_000),
        between(200, 3000),
        between(200, 2500),
        between(150, 2500),
        between(100, 800),
        (lift_N, capacity_N, length_mm, width_mm, spacing_mm) => {
          const c = flaskClamps({ lift_N, capacity_N, length_mm, width_mm, spacing_mm });
          expect(c.clamps % 2).toBe(0);
          expect(c.load_N).toBeLessThanOrEqual(capacity_N * (1 + 1e-9));
          expect(c.pitch_mm ?? 0).toBeLessThanOrEqual(spacing_mm * (1 + 1e-9));
          expect(c.places_mm).toHaveLength(c.clamps);
          for (const [x, y] of c.places_mm) {
            expect(x >= -1e-9 && x <= length_mm + 1e-9 && y >= -1e-9 && y <= width_mm + 1e-9).toBe(true);
            expect(Math.min(x, length_mm - x, y, width_mm - y)).toBeLessThan(1e-6);
          }
          c.places_mm.slice(0, c.clamps / 2).forEach(([x, y], i) => {
            const [over, across] = c.places_mm[i + c.clamps / 2] ?? [NaN, NaN];
            expect(x + over).toBeCloseTo(length_mm, 6);
            expect(y + across).toBeCloseTo(width_mm, 6);
          });
        },
      ),
    );
  });

  test('is lifted by what stands above its faces and by its cores, and held by as much weight', () => {
    const of = { rho_kg_m3: 2400, surfaces: [{ area_cm2: 600, head_mm: 120 }], copeMass_kg: 0, safety: 1 };
    const plain = copeLift({ ...of, cores: [] });
    const cored = copeLift({ ...of, cores: [{ volume_cm3: 1000, rho_kg_m3: 1600 }] });
    expect(cored.coreLift_N).toBeCloseTo(0.8 * 9.80665, 9);
    expect(cored.weight_kg - plain.weight_kg).toBeCloseTo(0.8, 9);
    expect(copeLift({ ...of, cores: [{ volume_cm3: 1000, rho_kg_m3: 7000 }] }).coreLift_N).toBe(0);
    expect(refusalOf(() => copeLift({ ...of, safety: 0.9, cores: [] }))).toBe('E_RANGE');
    expect(refusalOf(() => copeLift({ ...of, surfaces: undefined as never, cores: [] }))).toBe('E_NOT_A_NUMBER');
  });
});

describe('a core', () => {
  test('of its greatest span stands at one limit and keeps the other', () => {
    fc.assert(
      fc.property(
        fc.record({ rho_kg_m3: between(2000, 8000), rhoCore_kg_m3: between(1400, 1800), E_MPa: between(800, 5000) }),
        between(8, 80),
        between(0.3, 4),
        between(0.05, 2),
        fc.constantFrom('simple', 'fixed'),
        (metal, diameter_mm, strength_MPa, sagLimit_mm, ends) => {
          const of = { ...metal, diameter_mm, strength_MPa, sagLimit_mm, ends, length_mm: 500 };
          const { spanMost_mm, limit, chapletsNeeded } = coreBending(of);
          const there = coreBending({ ...of, length_mm: spanMost_mm });
          expect(there.ok).toBe(true);
          const use = limit === 'sag' ? there.sag_mm / sagLimit_mm : (there.stress_MPa * 2) / strength_MPa;
          expect(use).toBeCloseTo(1, 6);
          expect(coreBending({ ...of, chaplets: chapletsNeeded }).ok).toBe(true);
          if (chapletsNeeded > 0) expect(coreBending({ ...of, chaplets: chapletsNeeded - 1 }).ok).toBe(false);
        },
      ),
    );
  });

  test('that does not float needs no chaplet', () => {
    const of = { rho_kg_m3: 7000, immersed_cm3: 1200, printArea_cm2: 8, printBearing_MPa: 0.05, chapletCapacity_N: 60 };
    expect(chapletsFor({ ...of, coreMass_kg: 9 })).toMatchObject({ net_N: 0, chaplets: 0 });
    expect(chapletsFor({ ...of, coreMass_kg: 2.3, printArea_cm2: 0 }).chaplets).toBe(1);
    expect(refusalOf(() => chapletsFor({ ...of, coreMass_kg: -1 }))).toBe('E_SIGN');
  });
});

describe('a die and a disc', () => {
  test('open with the pressure on their shadow', () => {
    const of = {
      pressure_MPa: 60,
      partArea_cm2: 110,
      cavities: 2,
      runnerShare: 0.25,
      overflowShare: 0.1,
      biscuitArea_cm2: 38,
    };
    fc.assert(
      fc.property(between(0, 44), between(0, 60), (wedge_deg, area_cm2) => {
        const plain = dieOpening({ ...of, slides: [] });
        const slid = dieOpening({ ...of, slides: [{ area_cm2, wedge_deg }] });
        expect(slid.opening_kN - plain.opening_kN).toBeCloseTo(6 * area_cm2 * Math.tan((wedge_deg * Math.PI) / 180), 6);
        expect(slid.lock_kN / slid.opening_kN).toBeCloseTo(1.2, 9);
      }),
    );
    expect(refusalOf(() => dieOpening({ ...of, cavities: 1.5, slides: [] }))).toBe('E_RANGE');
    expect(refusalOf(() => dieOpening({ ...of, slides: [{ area_cm2: 4, wedge_deg: 45 }] }))).toBe('E_RANGE');
  });

  test('a shot that the sleeve does not hold is refused', () => {
    const of = {
      ...{ partVolume_cm3: 95, cavities: 2, overflowShare: 0.15, runnerVolume_cm3: 90, plunger_mm: 70, biscuit_mm: 25 },
      ...{ rho_kg_m3: 2600, fillTime_s: 0.045, gateArea_mm2: 120 },
    };
    expect(dieShot({ ...of, stroke_mm: 350 }).sleeveFill).toBeLessThan(1);
    expect(refusalOf(() => dieShot({ ...of, stroke_mm: 50 }))).toBe('E_RANGE');
  });

  test('the speed for a pressure gives that pressure, and the force on a flooded disc is its pressure over its face', () => {
    fc.assert(
      fc.property(
        between(2000, 9000),
        between(20, 400),
        between(40, 200),
        between(0, 0.9),
        (rho_kg_m3, pressure_kPa, radius_mm, inner) => {
          const innerRadius_mm = inner * radius_mm;
          const { rpm, gForce } = spinSpeed({ rho_kg_m3, pressure_kPa, radius_mm, innerRadius_mm });
          const there = spinPressure({ rho_kg_m3, rpm, radius_mm, innerRadius_mm });
          expect(there.pressure_kPa / pressure_kPa).toBeCloseTo(1, 9);
          expect(there.gForce / gForce).toBeCloseTo(1, 9);
          let force = 0;
          const rings = 400;
          const wide = (radius_mm - innerRadius_mm) / rings;
          for (let i = 0; i < rings; i++) {
            const r = innerRadius_mm + (i + 0.5) * wide;
            const p = spinPressure({ rho_kg_m3, rpm, radius_mm: r, innerRadius_mm }).pressure_kPa;
            force += (p * 2 * Math.PI * r * wide) / 1e6;
          }
          const whole = spinClamp({ rho_kg_m3, rpm, outerRadius_mm: radius_mm, innerRadius_mm }).force_kN;
          expect(force / whole).toBeCloseTo(1, 3);
        },
      ),
      { numRuns: 25 },
    );
    expect(refusalOf(() => spinSpeed({ rho_kg_m3: 6600, pressure_kPa: 60, radius_mm: 20, innerRadius_mm: 30 }))).toBe(
      'E_ORDER',
    );
    expect(refusalOf(() => spinClamp({ rho_kg_m3: 6600, rpm: 500, outerRadius_mm: 90, areaShare: 2 }))).toBe('E_RANGE');
  });

  test('a low-pressure furnace asks for more as its bath sinks', () => {
    const of = { rho_kg_m3: 2380, lift_mm: 600, castHeight_mm: 180, poured_kg: 6, furnaceArea_cm2: 5000, over_kPa: 20 };
    const at = (shots: number): number => lowPressure({ ...of, shots }).fill_kPa;
    expect(at(20)).toBeGreaterThan(at(0));
    expect(at(20) - at(10)).toBeCloseTo(at(10) - at(0), 9);
    expect(refusalOf(() => at(-1))).toBe('E_SIGN');
  });
});
