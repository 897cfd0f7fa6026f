import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { between, refusalOf } from '../../testing/refusal';
import { CoreError } from '../../base/errors';
import {
  bConstant,
  curvedFreezing,
  dieBalance,
  dieFreezing,
  dieWallCooling,
  dieWarmUp,
  freezingBehindFilm,
  freezingTime,
  shakeOut,
  shellFreezing,
} from '.';
import { heatOfFilm, scaledErfc, timeOfHalfSpace } from './half-space';

const METAL = { rhoMetal_kg_m3: 2400, latentEff_J_kg: 476_400, tFreeze_C: 600 };
const SAND = { tMould_C: 25, kMould_W_mK: 0.6, rhoMould_kg_m3: 1600, cMould_J_kgK: 1170 };

describe('a thick mould', () => {
  test('freezes a plate by the film alone, by the mould alone, and never sooner than either', () => {
    fc.assert(
      fc.property(between(1, 60), between(50, 60_000), (modulus_mm, h_W_m2K) => {
        const found = freezingBehindFilm({ ...METAL, ...SAND, modulus_mm, h_W_m2K });
        expect(found.time_s).toBeGreaterThanOrEqual(found.interfaceOnly_s * (1 - 1e-9));
        expect(found.time_s).toBeGreaterThanOrEqual(found.mouldOnly_s * (1 - 1e-9));
        // Both resistances one after the other would be slower than they are together.
        expect(found.time_s).toBeLessThanOrEqual(
          (Math.sqrt(found.interfaceOnly_s) + Math.sqrt(found.mouldOnly_s)) ** 2 * 1.6,
        );
      }),
    );
  });

  test('with a film that hides nothing is Chvorinov’s', () => {
    const B = bConstant({
      ...{ rhoMetal_kg_m3: 2400, latent_J_kg: 390_000, cLiquid_J_kgK: 1080, superheat_K: 80, tFreeze_C: 600 },
      ...SAND,
    });
    expect(B.latentEff_J_kg).toBe(METAL.latentEff_J_kg);
    const { time_s } = freezingTime({ B_s_mm2: B.B_s_mm2, modulus_mm: 8 });
    const { time_s: behind } = freezingBehindFilm({ ...METAL, ...SAND, modulus_mm: 8, h_W_m2K: 5e6 });
    expect(behind / time_s).toBeCloseTo(1, 3);
    expect(curvedFreezing({ ...METAL, ...SAND, shape: 'plate', modulus_mm: 8 }).time_s / time_s).toBeCloseTo(1, 9);
  });

  test('freezes a ball before a bar, and a bar before a plate of the same modulus', () => {
    fc.assert(
      fc.property(between(2, 80), (M) => {
        const time = (shape: 'plate' | 'cylinder' | 'sphere', n: number): number =>
          curvedFreezing({ ...METAL, ...SAND, shape, radius_mm: n * M, modulus_mm: M }).time_s;
        expect(time('sphere', 3)).toBeLessThan(time('cylinder', 2));
        expect(time('cylinder', 2)).toBeLessThan(time('plate', 1));
      }),
    );
  });

  test('behind its film has taken up more heat the longer it is touched, the series joining the whole', () => {
    fc.assert(
      fc.property(between(1e-5, 40), between(1.0001, 1.5), (X, times) => {
        expect(heatOfFilm(X * times)).toBeGreaterThan(heatOfFilm(X));
        expect(scaledErfc(X * times)).toBeLessThan(scaledErfc(X));
      }),
    );
    expect(heatOfFilm(1e-3 * (1 + 1e-9)) / heatOfFilm(1e-3 * (1 - 1e-9))).toBeCloseTo(1, 5);
    expect(scaledErfc(2 - 1e-12) / scaledErfc(2)).toBeCloseTo(1, 10);
    const mould = { k: 0.6, rho: 1600, c: 1170 };
    const { time_s, X } = timeOfHalfSpace(10_000, 600, mould);
    expect((heatOfFilm(X) * 0.6 * 0.6) / (600 * (0.6 / (1600 * 1170)))).toBeCloseTo(10_000, 4);
    expect((600 * Math.sqrt((0.6 / (1600 * 1170)) * time_s)) / 0.6).toBeCloseTo(X, 9);
  });

  test('is opened the later the colder the casting is wanted, by every law', () => {
    const of = {
      ...{ freeze_s: 155, tFreeze_C: 585, tMould_C: 25, latentEff_J_kg: 530_000, cSolid_J_kgK: 1020, modulus_mm: 9 },
      ...{ coolConstant_s_mm2: 12, hCool_W_m2K: 40, rhoMetal_kg_m3: 2600 },
    };
    fc.assert(
      fc.property(
        fc.constantFrom('half-space', 'exponential', 'film'),
        between(80, 500),
        between(1, 60),
        (law, at, more) => {
          const time = (tKnock_C: number): number => shakeOut({ ...of, law, tKnock_C }).time_s;
          expect(time(at)).toBeGreaterThan(time(at + more));
          expect(time(at)).toBeGreaterThan(155);
        },
      ),
    );
    expect(shakeOut({ ...of, family: 'aluminium', grade: 'abrupt' }).tKnock_C).toBeCloseTo(195, 9);
    expect(refusalOf(() => shakeOut({ ...of, family: 'wood' }))).toBe('E_KEY');
  });
});

describe('a shell', () => {
  const SHELL = {
    ...{ rhoMetal_kg_m3: 7000, latentEff_J_kg: 300_000, modulus_mm: 4, tFreeze_C: 1450, shell_mm: 8, kShell_W_mK: 1.2 },
    ...{ rhoShell_kg_m3: 1900, cShell_J_kgK: 1100, tShell_C: 950, tAmbient_C: 25, hAir_W_m2K: 15, emissivity: 0.8 },
  };
  test('hands on at its face what comes through it', () => {
    fc.assert(
      fc.property(between(3, 15), between(0, 60), between(0.1, 1), (shell_mm, hAir_W_m2K, emissivity) => {
        try {
          const { tOuter_C: T, flux_W_m2 } = shellFreezing({
            ...SHELL,
            modulus_mm: 15,
            shell_mm,
            hAir_W_m2K,
            emissivity,
          });
          const leaves = hAir_W_m2K * (T - 25) + emissivity * 5.670374419e-8 * ((T + 273.15) ** 4 - 298.15 ** 4);
          expect(flux_W_m2 / leaves).toBeCloseTo(1, 6);
        } catch (error) {
          expect((error as CoreError).issue.code).toBe('E_NO_SOLUTION');
        }
      }),
    );
  });

  test('that loses no heat, is hotter than freezing or takes all the heat itself is refused', () => {
    expect(refusalOf(() => shellFreezing({ ...SHELL, hAir_W_m2K: 0, emissivity: 0 }))).toBe('E_NO_SOLUTION');
    expect(refusalOf(() => shellFreezing({ ...SHELL, tShell_C: 1500 }))).toBe('E_ORDER');
    expect(refusalOf(() => shellFreezing({ ...SHELL, tShell_C: 10 }))).toBe('E_ORDER');
    expect(refusalOf(() => shellFreezing({ ...SHELL, modulus_mm: 1 }))).toBe('E_NO_SOLUTION');
  });
});

describe('a die', () => {
  const WARM = {
    ...{ shot_kg: 1.6, heatShare: 0.9, cLiquid_J_kgK: 1140, superheat_K: 90, latent_J_kg: 430_000, cSolid_J_kgK: 1020 },
    ...{ tFreeze_C: 585, tEject_C: 480, die_kg: 60, cDie_J_kgK: 500, tStart_C: 120, tAmbient_C: 20, cycle_s: 170 },
    ...{ loss_W_K: 16, windowLow_C: 280, windowHigh_C: 380 },
  };

  test('warms as it does pour by pour', () => {
    fc.assert(
      fc.property(
        fc.record({
          cycle_s: between(30, 600),
          loss_W_K: between(2, 60),
          water_W_K: between(0, 40),
          tStart_C: between(20, 400),
        }),
        fc.integer({ min: 0, max: 60 }),
        (own, cycles) => {
          const found = dieWarmUp({ ...WARM, ...own, cycles });
          const C = WARM.die_kg * WARM.cDie_J_kgK;
          const U = own.loss_W_K + own.water_W_K;
          let T = own.tStart_C;
          let [low, high]: [number | null, number | null] = [null, null];
          for (let n = 0; n <= cycles; n++) {
            if (low === null && T >= WARM.windowLow_C) low = n;
            if (high === null && T > WARM.windowHigh_C) high = n;
            if (n < cycles) T = 20 + (T + (found.heat_kJ * 1000) / C - 20) * Math.exp((-U * own.cycle_s) / C);
          }
          expect(found.after_C).toBeCloseTo(T, 6);
          if (low !== null) expect(found.warmUpPours).toBe(low);
          else expect(found.warmUpPours ?? Infinity).toBeGreaterThan(cycles);
          if (high !== null) expect(found.waterFrom).toBe(high);
        },
      ),
    );
  });

  test('runs where heat in and heat out are even, with the water it is given or without', () => {
    fc.assert(
      fc.property(
        between(100, 3000),
        between(40, 400),
        between(5, 60),
        between(150, 450),
        (heat_kJ, cycle_s, loss_W_K, tWanted_C) => {
          const b = dieBalance({ heat_kJ, cycle_s, loss_W_K, tAmbient_C: 20, tWanted_C });
          const dry = dieBalance({ heat_kJ, cycle_s: b.dryCycle_s, loss_W_K, tAmbient_C: 20, tWanted_C });
          expect(Math.abs(dry.surplus_kW)).toBeLessThan(1e-9);
          expect(dry.steady_C).toBeCloseTo(tWanted_C, 6);
          if (b.verdict === 'water') expect(b.water_kg_s * 4.186 * 15).toBeCloseTo(b.surplus_kW, 9);
          else expect(b.water_kg_s).toBe(0);
        },
      ),
    );
  });

  test.each([
    [{ tEject_C: 600 }, 'E_ORDER'],
    [{ tStart_C: 585 }, 'E_ORDER'],
    [{ heatShare: 1.2 }, 'E_RANGE'],
    [{ cycles: 2.5 }, 'E_RANGE'],
    [{ spray_kJ: 5000 }, 'E_NO_SOLUTION'],
    [{ loss_W_K: 0 }, 'E_NO_SOLUTION'],
    [{ die_kg: 0 }, 'E_SIGN'],
    [{ die_kg: undefined }, 'E_NOT_A_NUMBER'],
  ] as const)('of %j is refused as %s', (change, code) => {
    expect(refusalOf(() => dieWarmUp({ ...WARM, ...change } as never))).toBe(code);
  });

  test('freezes the sooner the colder it is, by its wall or its film', () => {
    const of = { rhoMetal_kg_m3: 2400, latent_J_kg: 390_000, cLiquid_J_kgK: 1080, tPour_C: 720, tFreeze_C: 600 };
    fc.assert(
      fc.property(between(50, 500), between(1, 80), between(500, 20_000), (tDie_C, more, h_W_m2K) => {
        const time = (T: number, school: 'lumped' | 'two-stage'): number =>
          dieFreezing({ ...of, tDie_C: T, h_W_m2K, modulus_mm: 4, school }).time_s;
        expect(time(tDie_C, 'lumped')).toBeLessThan(time(tDie_C + more, 'lumped'));
        expect(time(tDie_C, 'two-stage')).toBeLessThanOrEqual(time(tDie_C, 'lumped'));
      }),
    );
    expect(dieWallCooling({ model: 'square', gamma_s_mm2: 0.2, wall_mm: 3 }).time_s).toBeCloseTo(1.8, 9);
    expect(refusalOf(() => dieWallCooling({ wall_mm: 3, family: 'steel' }))).toBe('E_KEY');
    expect(refusalOf(() => dieFreezing({ ...of, tDie_C: 600, h_W_m2K: 1000, modulus_mm: 4 }))).toBe('E_ORDER');
  });
});
