import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { between, refusalOf } from '../../testing/refusal';
import { operatorChart } from '../flow';
import { linesForRate } from '../quantity';
import { dewaxGate, heatIndex, ladleCarry, PREHEAT_ITEMS, preheatGate, spinGuard, steamVolume, workAndRest } from '.';

describe('before the pour', () => {
  test('nothing passes that is a degree too cold or a thousandth too wet', () => {
    for (const item of PREHEAT_ITEMS) {
      const { least_C, mostMoisture } = preheatGate({ item, temp_C: 20 });
      expect(preheatGate({ item, temp_C: least_C, moisture: mostMoisture }).ok).toBe(true);
      expect(preheatGate({ item, temp_C: least_C - 1, moisture: mostMoisture }).ok).toBe(false);
      expect(preheatGate({ item, temp_C: least_C, moisture: mostMoisture + 0.001 }).ok).toBe(false);
    }
    expect(refusalOf(() => preheatGate({ item: 'spoon', temp_C: 300 }))).toBe('E_KEY');
    expect(refusalOf(() => preheatGate({ item: 'tool', temp_C: 300, moisture: 5 }))).toBe('E_RANGE');
    expect(steamVolume({ water_g: 2, temp_C: 700 }).volume_L).toBeCloseTo(8.865, 3);
    expect(refusalOf(() => steamVolume({ water_g: 1, temp_C: 90 }))).toBe('E_RANGE');
  });

  test('a ladle is carried by one or two, no heavier and no fuller than allowed', () => {
    const of = { tare_kg: 9, perPerson_kg: 20, rho_kg_m3: 2400, ladleVolume_cm3: 12_000 };
    fc.assert(
      fc.property(between(0.1, 60), fc.constantFrom(1, 2), (metal_kg, carriers) => {
        const found = ladleCarry({ ...of, metal_kg, carriers });
        expect(found.ok).toBe(metal_kg <= 20 * carriers - 9 + 1e-9 && (found.fill ?? 0) <= 0.85 + 1e-9);
      }),
    );
    expect(refusalOf(() => ladleCarry({ metal_kg: 1, tare_kg: 1, carriers: 3 }))).toBe('E_RANGE');
  });

  test('work in the heat is stopped where the hour’s mean meets the limit', () => {
    fc.assert(
      fc.property(
        between(20, 36),
        between(15, 34),
        between(120, 600),
        fc.boolean(),
        (wbgtWork_C, wbgtRest_C, workRate_W, acclimatised) => {
          const found = workAndRest({ wbgtWork_C, wbgtRest_C, workRate_W, acclimatised });
          const [a, b] = acclimatised ? [56.7, 11.5] : [59.9, 14.1];
          const f = found.workShare;
          const over = f * wbgtWork_C + (1 - f) * wbgtRest_C - (a - b * Math.log10(f * workRate_W + (1 - f) * 115));
          if (f > 0 && f < 1) expect(over).toBeCloseTo(0, 6);
          if (f === 1) expect(over).toBeLessThanOrEqual(1e-9);
          expect(found.work_min_per_h).toBeCloseTo(60 * f, 9);
        },
      ),
    );
    expect(refusalOf(() => workAndRest({ wbgtWork_C: 30, wbgtRest_C: 24, workRate_W: 900 }))).toBe('E_RANGE');
    expect(refusalOf(() => workAndRest({ wbgtWork_C: 30, wbgtRest_C: 24, workRate_W: 100 }))).toBe('E_ORDER');
    expect(heatIndex({ wetBulb_C: 20, globe_C: 40, dryBulb_C: 30, sun: true }).wbgt_C).toBeCloseTo(25, 9);
    expect(refusalOf(() => heatIndex({ wetBulb_C: 20, globe_C: 40, sun: true }))).toBe('E_NOT_A_NUMBER');
  });

  test('a disc spins up to the speed its rim is allowed, its worst piece inside the guard', () => {
    fc.assert(
      fc.property(between(100, 1500), between(60, 250), between(0, 0.9), (rpm, R, inner) => {
        const part = { mass_kg: 4, outerRadius_mm: R, innerRadius_mm: inner * R };
        const found = spinGuard({ rpm, limit_m_s: 10, parts: [part] });
        expect(spinGuard({ rpm: found.rpmMost * 0.999, limit_m_s: 10, parts: [part] }).ok).toBe(true);
        expect(spinGuard({ rpm: found.rpmMost * 1.001, limit_m_s: 10, parts: [part] }).ok).toBe(false);
        // A piece flies off with less than a third of what turns.
        expect(found.fragment_J).toBeLessThan(found.energy_J / 3 + 1e-9);
        expect(spinGuard({ rpm, limit_m_s: 1e3, parts: [part], guard_J: found.fragment_J * 0.99 }).ok).toBe(false);
      }),
    );
    expect(refusalOf(() => spinGuard({ rpm: 500, limit_m_s: 10, parts: [] }))).toBe('E_EMPTY');
  });

  test('a shell is dewaxed quickly, by steam or by flash; the first limit that fails is named', () => {
    const steam = { method: 'autoclave', pressure_kPa: 700, rise_s: 5, release_s: 120, waxMelt_C: 72 };
    const flash = { method: 'flash', tFurnace_C: 950, load_s: 12, waxMelt_C: 72 };
    const fault = (change: object): string => dewaxGate({ ...steam, ...change }).fault;
    expect([
      fault({}),
      fault({ pressure_kPa: 599 }),
      fault({ rise_s: 7.1 }),
      fault({ waxMelt_C: 120 }),
      fault({ release_s: 80 }),
    ]).toEqual(['none', 'pressure', 'rise', 'margin', 'release']);
    expect(dewaxGate({ ...flash, tFurnace_C: 899 }).fault).toBe('furnace');
    expect(dewaxGate({ ...flash, load_s: 15.1 }).fault).toBe('load');
    expect(dewaxGate({ ...flash, load_s: 15 }).ok).toBe(true);
    expect(refusalOf(() => dewaxGate({ ...steam, method: 'oven' }))).toBe('E_KEY');
    expect(refusalOf(() => dewaxGate({ ...steam, pressure_kPa: 1600 }))).toBe('E_RANGE');
  });
});

describe('dies, people and shifts', () => {
  const LINE = { shift_h: 8, attended_s: 70, unattended_s: 150, positions: 2, scrap: 0.06, uptime: 0.85 };

  test('as many as are needed make the rate, one fewer does not', () => {
    fc.assert(
      fc.property(
        between(10, 20_000),
        between(0, 200),
        between(1, 400),
        fc.integer({ min: 1, max: 3 }),
        (wanted, attended_s, unattended_s, shifts) => {
          const of = { ...LINE, wanted_per_day: wanted, attended_s, unattended_s, shifts };
          const found = linesForRate(of);
          expect(found.most_per_day).toBeGreaterThanOrEqual(wanted * (1 - 1e-9));
          expect(found.dieUse).toBeLessThanOrEqual(1 + 1e-9);
          const fewer = found.diesNeeded - 1;
          if (fewer < 1) return;
          const with1 = linesForRate({ ...of, dies: fewer, operators: Math.max(1, found.operatorsNeeded) });
          expect(with1.run_h ?? 0).toBeGreaterThan(8 * shifts - 1e-6);
        },
      ),
    );
    expect(refusalOf(() => linesForRate({ ...LINE, wanted_per_day: 9, lost: 2 }))).toBe('E_ORDER');
    expect(refusalOf(() => linesForRate({ ...LINE, wanted_per_day: 9, shifts: 4 }))).toBe('E_RANGE');
    expect(refusalOf(() => linesForRate({ ...LINE, wanted_per_day: 9, scrap: 1 }))).toBe('E_RANGE');
    expect(refusalOf(() => linesForRate({ ...LINE, wanted_per_day: 9, attended_s: 0, unattended_s: 0 }))).toBe(
      'E_SIGN',
    );
  });

  test('one person at several dies: either the person waits or the dies do', () => {
    fc.assert(
      fc.property(
        between(5, 120),
        between(0, 400),
        between(0, 20),
        fc.integer({ min: 1, max: 12 }),
        (handling_s, machine_s, walk_s, dies) => {
          const c = operatorChart({
            handling_s,
            machine_s,
            walk_s,
            dies,
            wanted_per_h: 20,
            operatorCost: 30,
            dieCost: 9,
          });
          expect(Math.min(c.operatorIdle_s, c.dieIdle_s)).toBeLessThan(1e-9);
          expect(c.operatorIdle_s).toBeGreaterThanOrEqual(-1e-9);
          expect(c.starts_s).toHaveLength(dies);
          if (c.bestDies != null)
            expect(
              operatorChart({ handling_s, machine_s, walk_s, dies: c.bestDies }).rate_per_h,
            ).toBeGreaterThanOrEqual(20 * (1 - 1e-8));
          const costAt = (k: number): number =>
            (30 + 9 * k) / operatorChart({ handling_s, machine_s, walk_s, dies: k }).rate_per_h;
          for (const k of [1, 2, 3, 5, 9]) expect(costAt(k)).toBeGreaterThanOrEqual((c.costEach ?? 0) * (1 - 1e-8));
        },
      ),
      { numRuns: 60 },
    );
    expect(refusalOf(() => operatorChart({ handling_s: 5, machine_s: 5, dies: 0 }))).toBe('E_RANGE');
    expect(refusalOf(() => operatorChart({ handling_s: 5, machine_s: 5, dies: 1001 }))).toBe('E_TOO_LARGE');
  });
});
