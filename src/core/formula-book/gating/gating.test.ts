import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { between, refusalOf } from '../../testing/refusal';
import {
  capillaryHead,
  chokeArea,
  effectiveHead,
  fillTime,
  fillWindow,
  flowLength,
  gateVelocity,
  gatingAreas,
  pouredMass,
  reachOfPositions,
  runnerReynolds,
  sprueTaper,
  ventArea,
} from '.';

const RUN = {
  ...{ rho_kg_m3: 6600, latent_J_kg: 110_000, stopFraction: 0.3, cLiquid_J_kgK: 500, superheat_K: 20, h_W_m2K: 2000 },
  ...{ tFreeze_C: 385, tMould_C: 90 },
};

describe('a mould fills', () => {
  test('through a choke in the time it was worked out for, whatever the head', () => {
    fc.assert(
      fc.property(
        between(0.1, 300),
        between(1, 60),
        between(20, 600),
        between(0.3, 1),
        (poured_kg, fillTime_s, head_mm, discharge) => {
          const { area_mm2, velocity_m_s } = chokeArea({ poured_kg, rho_kg_m3: 2400, fillTime_s, head_mm, discharge });
          expect((area_mm2 / 1e6) * discharge * velocity_m_s * fillTime_s * 2400).toBeCloseTo(poured_kg, 6);
        },
      ),
    );
  });

  test('from a head that is the sprue’s for a top gate, and the less the more stands above the gate', () => {
    fc.assert(
      fc.property(
        between(60, 500),
        between(0.05, 0.99),
        between(0, 1),
        fc.constantFrom('mean-height', 'exact'),
        (h, tall, above, school) => {
          const castHeight_mm = tall * h;
          const at = (p: number): number =>
            effectiveHead({ sprueHeight_mm: h, castHeight_mm, aboveGate_mm: p, school }).head_mm;
          expect(at(0)).toBeCloseTo(h, 6);
          expect(at(above * castHeight_mm)).toBeLessThanOrEqual(h + 1e-9);
          expect(at(castHeight_mm)).toBeLessThanOrEqual(at(above * castHeight_mm) + 1e-9);
          expect(at(castHeight_mm)).toBeGreaterThan(0);
        },
      ),
    );
    const of = { sprueHeight_mm: 100, castHeight_mm: 80 };
    expect(refusalOf(() => effectiveHead({ ...of, aboveGate_mm: 90 }))).toBe('E_ORDER');
  });

  test('by rules that are named, grey iron’s with its jump at 450 kg', () => {
    const iron = (mass_kg: number): number =>
      fillTime({ rule: 'grey-iron', mass_kg, section_mm: 20, fluidity: 1 }).time_s;
    expect(iron(449.9) / iron(450)).toBeGreaterThan(2.5);
    const ductile = (section_mm: number): number => fillTime({ rule: 'ductile-iron', mass_kg: 100, section_mm }).time_s;
    const times = [9.9, 10, 25, 25.1].map(ductile);
    [20.8, 26.7, 26.7, 29.7].forEach((wanted, k) => expect(times[k]).toBeCloseTo(wanted, 9));
    expect(fillTime({ rule: 'brass', mass_kg: 8 }).time_s).toBeCloseTo(3.8, 9);
    expect(refusalOf(() => fillTime({ rule: 'wood', mass_kg: 8 }))).toBe('E_KEY');
    expect(refusalOf(() => fillTime({ rule: 'steel', mass_kg: 60_000 }))).toBe('E_RANGE');
    expect(refusalOf(() => fillTime({ rule: 'wall-mass', mass_kg: 5, section_mm: 6 }))).toBe('E_NOT_A_NUMBER');
  });

  test('within a window whose least time keeps the speed at the gates', () => {
    fc.assert(
      fc.property(
        between(10, 5000),
        between(20, 2000),
        between(0.2, 2),
        between(1, 90),
        (volume_cm3, gateArea_mm2, limit_m_s, thinFreeze_s) => {
          const w = fillWindow({ volume_cm3, gateArea_mm2, limit_m_s, thinFreeze_s, freezeShare: 0.4 });
          const v = gateVelocity({ volume_cm3, gateArea_mm2, limit_m_s, fillTime_s: w.least_s });
          expect(v.velocity_m_s).toBeCloseTo(limit_m_s, 9);
          expect(v.ok).toBe(true);
          expect(w.feasible).toBe(w.least_s <= w.most_s * (1 + 1e-9));
        },
      ),
    );
    expect(
      refusalOf(() => fillWindow({ volume_cm3: 1, gateArea_mm2: 1, limit_m_s: 1, thinFreeze_s: 1, freezeShare: 0 })),
    ).toBe('E_SIGN');
  });

  test('with areas in their ratio, the smallest the choke', () => {
    fc.assert(
      fc.property(
        fc.tuple(between(0.2, 6), between(0.2, 6), between(0.2, 6)),
        fc.integer({ min: 1, max: 6 }),
        (ratio, gates) => {
          const a = gatingAreas({ choke_mm2: 200, ratio, runners: 2, gates });
          const all = [a.sprue_mm2, 2 * a.runnerEach_mm2, a.gateTotal_mm2];
          expect(Math.min(...all)).toBeCloseTo(200, 6);
          all.forEach((x, i) => expect(x / a.sprue_mm2).toBeCloseTo((ratio[i] ?? 0) / ratio[0], 6));
          expect(gates * a.gateEach_mm2).toBeCloseTo(a.gateTotal_mm2, 6);
        },
      ),
    );
    expect(refusalOf(() => gatingAreas({ choke_mm2: 200, ratio: [1, 2], runners: 1, gates: 1 }))).toBe('E_LENGTH');
  });

  test('and what is poured is parts, feeders and runners', () => {
    const of = { count: 8, partVolume_cm3: 22.5, feederVolume_cm3: 60, runnerVolume_cm3: 75, rho_kg_m3: 2680 };
    const { poured_kg, charge_kg } = pouredMass({ ...of, meltLoss: 0, spill: 0 });
    expect(charge_kg).toBe(poured_kg);
    expect(refusalOf(() => pouredMass({ ...of, count: 0, meltLoss: 0, spill: 0 }))).toBe('E_RANGE');
    expect(refusalOf(() => pouredMass({ ...of, meltLoss: 1, spill: 0 }))).toBe('E_RANGE');
    expect(refusalOf(() => sprueTaper({ chokeArea_mm2: 100, basinHead_mm: 50, totalHead_mm: 50 }))).toBe('E_ORDER');
    const run = { rho_kg_m3: 2400, viscosity_Pa_s: 0.0012, diameter_mm: 16 };
    expect(runnerReynolds({ ...run, velocity_m_s: 0.01 }).regime).toBe('laminar');
    expect(runnerReynolds({ ...run, velocity_m_s: 5 }).regime).toBe('turbulent-broken-skin');
  });
});

describe('metal reaches', () => {
  const places = fc.array(
    fc.record({
      path_mm: between(0, 400),
      inCavity_mm: between(0, 120),
      wall_mm: between(0.6, 5),
      velocity_m_s: between(0.1, 2),
    }),
    { minLength: 1, maxLength: 12 },
  );

  test('the more places the hotter it is, and all of them at the superheat that is named', () => {
    fc.assert(
      fc.property(places, between(0, 60), (positions, superheat_K) => {
        const at = (dT: number) =>
          reachOfPositions({ ...RUN, superheat_K: dT, runnerVelocity_m_s: 0.8, runnerWall_mm: 4, positions });
        const found = at(superheat_K);
        expect(at(superheat_K + 15).good).toBeGreaterThanOrEqual(found.good);
        const there = at(found.superheatNeeded_K);
        expect(there.good).toBe(positions.length);
        if (found.superheatNeeded_K > 0) expect(Math.max(...there.ratio)).toBeCloseTo(1, 6);
        expect(found.firstMisrun === null).toBe(found.good === positions.length);
      }),
    );
  });

  test('as far in one wall as it runs there', () => {
    const one = flowLength({ ...RUN, velocity_m_s: 0.4, wall_mm: 1.6, path_mm: 30 });
    const [ratio] = reachOfPositions({
      ...{ ...RUN, runnerVelocity_m_s: 0.8, runnerWall_mm: 4 },
      positions: [{ path_mm: 0, inCavity_mm: 30, wall_mm: 1.6, velocity_m_s: 0.4 }],
    }).ratio;
    expect(ratio).toBeCloseTo(one.ratio, 12);
    expect(flowLength({ ...RUN, velocity_m_s: 0.4, wall_mm: 1.6, path_mm: one.length_mm }).risk).toBe('raised');
    const of = { ...RUN, runnerVelocity_m_s: 0.8, runnerWall_mm: 4 };
    expect(refusalOf(() => reachOfPositions({ ...of, positions: [] }))).toBe('E_EMPTY');
    expect(
      refusalOf(() =>
        reachOfPositions({
          ...of,
          stopFraction: 0,
          superheat_K: 0,
          positions: [{ path_mm: 1, inCavity_mm: 1, wall_mm: 1 }],
        }),
      ),
    ).toBe('E_NO_SOLUTION');
    expect(refusalOf(() => flowLength({ ...RUN, tMould_C: 400, velocity_m_s: 1, wall_mm: 1, path_mm: 1 }))).toBe(
      'E_ORDER',
    );
  });

  test('a thin wall the harder the thinner it is, one that it wets without a push', () => {
    const head = (wall_mm: number, contactAngle_deg: number): number =>
      capillaryHead({ surfaceTension_N_m: 0.9, rho_kg_m3: 2400, wall_mm, contactAngle_deg }).head_mm;
    expect(head(1, 160)).toBeCloseTo(2 * head(2, 160), 9);
    expect(head(1, 60)).toBe(0);
    expect(refusalOf(() => head(1, 200))).toBe('E_RANGE');
  });
});

describe('gas gets out', () => {
  const GAS = { volume_cm3: 1900, fillTime_s: 5, tCavity_C: 250, tGas_C: 350, vent: 'round', diameter_mm: 5 } as const;
  test('at the speed of its back pressure, said either way', () => {
    fc.assert(
      fc.property(between(0.05, 10), between(0.3, 1), (pressure_kPa, discharge) => {
        const byPressure = ventArea({ ...GAS, by: 'pressure', pressure_kPa, discharge });
        fc.pre(byPressure.speed_m_s <= 100);
        const bySpeed = ventArea({ ...GAS, by: 'speed', limit_m_s: byPressure.speed_m_s, discharge });
        expect(bySpeed.back_kPa).toBeCloseTo(pressure_kPa, 6);
        expect(bySpeed.area_mm2).toBeCloseTo(byPressure.area_mm2, 6);
      }),
    );
    expect(refusalOf(() => ventArea({ ...GAS, tGas_C: 200, limit_m_s: 10 }))).toBe('E_ORDER');
    expect(refusalOf(() => ventArea({ ...GAS, limit_m_s: 120 }))).toBe('E_RANGE');
    expect(refusalOf(() => ventArea({ ...GAS, by: 'pressure', pressure_kPa: 11 }))).toBe('E_RANGE');
  });
});
