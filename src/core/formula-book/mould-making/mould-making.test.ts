import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { between, refusalOf } from '../../testing/refusal';
import { dieCoat, dryProof, plasterDrying, shellThickness, vulcanisingTime } from '.';
import { middleLag } from './vulcanise';

describe('drying', () => {
  const OVEN = {
    wall_mm: 45,
    volume_cm3: 9000,
    powder_kg: 6,
    mixWater_kg: 6.6,
    tOven_C: 200,
    h_W_m2K: 30,
    kDry_W_mK: 0.32,
  };

  test('takes four times as long from one side as from two, where the plaster decides, and as long again for each mould', () => {
    fc.assert(
      fc.property(between(30, 150), between(0.2, 0.4), (wall_mm, kDry_W_mK) => {
        const at = (sides: number): number =>
          plasterDrying({ ...OVEN, wall_mm, kDry_W_mK, h_W_m2K: 1e9, sides }).wall_h;
        expect(at(1) / at(2)).toBeCloseTo(4, 4);
      }),
    );
    const two = plasterDrying({ ...OVEN, moulds: 2, ovenPower_kW: 0.4 });
    const four = plasterDrying({ ...OVEN, moulds: 4, ovenPower_kW: 0.4 });
    expect(two.limit).toBe('oven');
    expect((four.oven_h ?? 0) / (two.oven_h ?? 1)).toBeCloseTo(2, 9);
  });

  test.each([
    [{ tOven_C: 95 }, 'E_ORDER'],
    [{ goal: 'bound', tOven_C: 160 }, 'E_ORDER'],
    [{ mixWater_kg: 1 }, 'E_NO_SOLUTION'],
    [{ sides: 3 }, 'E_RANGE'],
    [{ goal: 'all' }, 'E_KEY'],
    [{ volume_cm3: undefined }, 'E_NOT_A_NUMBER'],
  ])('with %j is refused as %s', (change, code) => {
    expect(refusalOf(() => plasterDrying({ ...OVEN, ...change } as never))).toBe(code);
  });

  test('is found out by weighing: dry mass, water left and hours to go, whatever they are', () => {
    fc.assert(
      fc.property(
        between(0.5, 40),
        between(0.05, 0.8),
        between(0.5, 12),
        between(0.4, 2.5),
        fc.integer({ min: 4, max: 8 }),
        (D, wet, tau, apart, n) => {
          const weighings = Array.from({ length: n }, (_, i) => ({
            time_h: i * apart * tau * 0.4,
            mass_kg: D * (1 + wet * Math.exp(-i * apart * 0.4)),
          }));
          const found = dryProof({ weighings, last: n });
          expect(found.dryMass_kg / D).toBeCloseTo(1, 4);
          expect((found.tau_h ?? 0) / tau).toBeCloseTo(1, 3);
          const left = wet * Math.exp(-(n - 1) * apart * 0.4);
          expect(found.moisture).toBeCloseTo(left, 4);
          expect(found.dry).toBe(found.moisture <= 0.005);
          if (!found.dry) expect(left * Math.exp(-found.left_h / tau)).toBeCloseTo(0.005, 4);
        },
      ),
      { numRuns: 40 },
    );
  });

  test.each([
    [
      [
        [0, 5],
        [1, 4.8],
      ],
      {},
      'E_LENGTH',
    ],
    [
      [
        [0, 5],
        [1, 4.8],
        [1, 4.7],
      ],
      {},
      'E_ORDER',
    ],
    [
      [
        [0, 5],
        [1, 4.8],
        [2, 4.9],
      ],
      {},
      'E_NO_SOLUTION',
    ],
    [
      [
        [0, 5],
        [1, 4.8],
        [2, 4.5],
        [3, 4.1],
      ],
      {},
      'E_NO_SOLUTION',
    ],
    [
      [
        [0, 5],
        [1, 4.8],
        [2, 4.7],
      ],
      { last: 2 },
      'E_RANGE',
    ],
    [
      [
        [0, 5],
        [1, 4.8],
        [2, 4.7],
      ],
      { last: 5 },
      'E_LENGTH',
    ],
    [
      [
        [0, 5],
        [1, 4.4],
        [2, 4.2],
        [3, 4.13],
      ],
      { scale_kg: 0.1 },
      'E_NO_SOLUTION',
    ],
  ] as const)('weighed as %j with %j is refused as %s', (list, more, code) => {
    const weighings = list.map(([time_h, mass_kg]) => ({ time_h, mass_kg }));
    expect(refusalOf(() => dryProof({ weighings, ...more }))).toBe(code);
  });
});

describe('a shell', () => {
  const COATS = { prime: 2, primeCoat_mm: 0.7, backup: 5, backupCoat_mm: 1.1 };

  test('of the thickness that is needed stands at its strength over the safety', () => {
    fc.assert(
      fc.property(between(20, 300), between(5, 120), between(1.5, 6), (radius_mm, pressure_kPa, strength_MPa) => {
        const found = shellThickness({ ...COATS, strength_MPa, radius_mm, pressure_kPa });
        const R = radius_mm + (found.needed_mm ?? 0);
        const stress = ((pressure_kPa / 1000) * (R * R + radius_mm * radius_mm)) / (R * R - radius_mm * radius_mm);
        expect(stress * 3).toBeCloseTo(strength_MPa, 6);
        expect(found.ok).toBe(found.thickness_mm >= (found.needed_mm ?? 0) - 1e-9);
        const again = shellThickness({
          ...COATS,
          backup: found.backupNeeded ?? 0,
          strength_MPa,
          radius_mm,
          pressure_kPa,
        });
        expect(again.ok).toBe(true);
      }),
    );
  });

  test.each([
    [{ prime: 0 }, 'E_RANGE'],
    [{ backup: 2.5 }, 'E_RANGE'],
    [{ strength_MPa: 0.01, radius_mm: 90, pressure_kPa: 40 }, 'E_NO_SOLUTION'],
    [{ strength_MPa: 4, radius_mm: 90, rho_kg_m3: 7000, head_mm: 200, surge: 4 }, 'E_RANGE'],
    [{ strength_MPa: 4, radius_mm: 90, pressure_kPa: 40, safety: 0.5 }, 'E_RANGE'],
  ])('with %j is refused as %s', (change, code) => {
    expect(refusalOf(() => shellThickness({ ...COATS, ...change }))).toBe(code);
  });
});

describe('rubber', () => {
  const RUBBER = {
    kMould_W_mK: 0.25,
    rhoMould_kg_m3: 1450,
    cMould_J_kgK: 1350,
    tStart_C: 25,
    tRef_C: 150,
    refTime_min: 12,
  };

  /** The middle of a slab by small steps of time and place. */
  function byGrid(thickness_mm: number, tPlaten_C: number, seconds: number): number {
    const cells = 41;
    const dx = thickness_mm / 1000 / (cells - 1);
    const alpha = 0.25 / (1450 * 1350);
    const dt = (0.4 * dx * dx) / alpha;
    let T = Array.from({ length: cells }, (_, i) => (i === 0 || i === cells - 1 ? tPlaten_C : 25));
    for (let t = 0; t < seconds; t += dt)
      T = T.map((x, i) => (i === 0 || i === cells - 1 ? x : x + 0.4 * ((T[i - 1] ?? 0) - 2 * x + (T[i + 1] ?? 0))));
    return T[(cells - 1) / 2] ?? NaN;
  }

  test('is as warm in its middle as a grid of it says, and cured when it has had its dose', () => {
    for (const [thickness_mm, tPlaten_C] of [
      [12, 150],
      [32, 155],
    ] as const) {
      const found = vulcanisingTime({ ...RUBBER, thickness_mm, tPlaten_C });
      expect(found.centre_C).toBeCloseTo(byGrid(thickness_mm, tPlaten_C, found.time_min * 60), 0);
    }
  });

  test('of no thickness is cured as a sheet is, a thicker one never sooner', () => {
    fc.assert(
      fc.property(between(2, 40), between(1.01, 2), between(135, 175), (thickness_mm, times, tPlaten_C) => {
        const at = (t: number) => vulcanisingTime({ ...RUBBER, thickness_mm: t, tPlaten_C });
        expect(at(thickness_mm * times).time_min).toBeGreaterThan(at(thickness_mm).time_min);
        expect(at(0.01).lag_min).toBeLessThan(0.01);
      }),
      { numRuns: 15 },
    );
    expect(middleLag(0)).toBe(1);
    expect(middleLag(1e-3 + 1e-9)).toBeCloseTo(1, 9);
  });

  test.each([
    [{ tPlaten_C: 200 }, 'E_RANGE'],
    [{ doubling_K: 3 }, 'E_RANGE'],
    [{ tStart_C: 160 }, 'E_ORDER'],
  ])('with %j is refused as %s', (change, code) => {
    expect(refusalOf(() => vulcanisingTime({ ...RUBBER, thickness_mm: 20, tPlaten_C: 150, ...change }))).toBe(code);
  });
});

describe('the coat of a die', () => {
  const DIE = {
    ...{ hBare_W_m2K: 5000, kCoat_W_mK: 0.25, rhoMetal_kg_m3: 2400, latent_J_kg: 430_000, cLiquid_J_kgK: 1140 },
    ...{ cSolid_J_kgK: 1020, tPour_C: 700, tFreeze_C: 585, tEject_C: 480, tDie_C: 330, modulus_mm: 4 },
  };

  test('as thick as a dwell wants gives that dwell', () => {
    fc.assert(
      fc.property(between(5.3, 120), (wanted_s) => {
        const { coatNeeded_mm = NaN } = dieCoat({ ...DIE, coat_mm: 0, wanted_s });
        expect(dieCoat({ ...DIE, coat_mm: coatNeeded_mm }).dwell_s).toBeCloseTo(wanted_s, 6);
      }),
    );
    expect(refusalOf(() => dieCoat({ ...DIE, coat_mm: 0, wanted_s: 1 }))).toBe('E_NO_SOLUTION');
    expect(refusalOf(() => dieCoat({ ...DIE, coat_mm: 0, tEject_C: 320 }))).toBe('E_ORDER');
  });
});
