import { describe, expect, test } from 'vitest';
import { likely } from '../base/figures';
import { findAlloy, type Alloy } from '../catalogue/alloys';
import { findLane, type Lane } from '../catalogue/routes';
import type { LaneInputs } from '../cost';
import { SHIPPED_RATES, type Film, type StepRates } from '../rates';
import { HAND_POUR } from './equations/floor';
import { WAIT } from './equations/steps';

const alloyOf = (id: string): Alloy => findAlloy(id) as Alloy;

describe('pours a shift by hand (T7a)', () => {
  const pours = (heat: number, M: number): number => {
    const facts = { alloy: { pour_C: { 'gravity-die': [heat, heat] } } };
    const lane = findLane('gravity-die/hand');
    const model = { facts, lane, rates: SHIPPED_RATES } as unknown as LaneInputs;
    return 200 * HAND_POUR.value({ model, plan: { M } });
  };
  test.each([
    ['aluminium', 715, 0.7, 197],
    ['aluminium bronze', 1135, 2, 73],
    ['the same, twice the ladle', 1135, 4, 52],
    ['zinc', 430, 2, 300],
    ['iron', 1315, 2, 52],
  ])('%s at %d °C, %d kg', (_, heat, M, want) => {
    // Within the whole number of pours that the check is printed to.
    expect(Math.abs(pours(heat, M) - want)).toBeLessThan(1);
  });
  test('a hotter metal and a bigger ladle never pour more', () => {
    for (const M of [0.5, 2, 3, 8])
      for (let heat = 300; heat < 1600; heat += 50) {
        expect(pours(heat + 50, M)).toBeLessThanOrEqual(pours(heat, M));
        expect(pours(heat, M * 1.5)).toBeLessThanOrEqual(pours(heat, M));
      }
  });
});

/** Hours that a step of a lane waits, of a part so high and so thick in a metal. */
function wait(
  laneId: string,
  wait_h: StepRates['wait_h'],
  alloyId: string,
  t: number,
  H = 40,
  more: object = {},
): number {
  const alloy = alloyOf(alloyId);
  const family = SHIPPED_RATES.families[alloy.family] === undefined ? 'steel' : alloy.family;
  const facts = { alloy, family: alloy.family, ratesFamily: family, t, w: null, H };
  const v = SHIPPED_RATES.variants[laneId];
  const model = {
    facts,
    lane: findLane(laneId) as Lane,
    rates: SHIPPED_RATES,
    v,
    family: {},
    grain: null,
    condition: null,
    ...more,
  };
  const step = {
    id: 'x',
    name: 'x',
    per: 'lot',
    touch: null,
    crew: null,
    wait_h,
    overlaps: [],
  } as unknown as StepRates;
  const plan = { n: 1, cycle_s: 0, castingsPerPour: 1 };
  return WAIT.value({ model: model as unknown as LaneInputs, plan, step, touch_min: 0 });
}

describe('cooling before knock-out (T3a), at a section of 10 mm', () => {
  test.each([
    ['shell', 'al-a356', 1.2],
    ['shell', 'mg-az91', 1.3],
    ['shell', 'cu-silicon-bronze', 1.6],
    ['shell', 'iron-gjl-250', 2.8],
    ['shell', 'ss-cf8m', 3.4],
    ['shell', 'n07718', 4],
    ['shell', 'ti-6al-4v', 3.7],
    ['flask', 'al-a356', 0.4],
    ['flask', 'sn-tin', 0.5],
    ['flask', 'ag-925', 0.27],
    ['flask', 'ss-cf8m', 2.1],
  ] as const)('%s, %s: %d h', (kind, alloy, hours) => {
    const lane = kind === 'shell' ? 'shell-investment/wax-die' : 'flask-investment/rubber-mould';
    expect(wait(lane, `cooling.${kind}`, alloy, 10)).toBeCloseTo(hours, 9);
  });
  test('a fine grain is cooled in less than half the time', () => {
    const fine = { grain: SHIPPED_RATES.grain.fine };
    expect(wait('shell-investment/wax-die', 'cooling.shell', 'n07718', 10, 40, fine)).toBeCloseTo(4 * 0.45, 9);
  });
});

describe('drying of plaster (T3a), by the wall of the mould', () => {
  const cover = findLane('plaster/resin')?.capability.layout.cover_mm ?? 0;
  const hours = (wall: number, more: object = {}): number =>
    wait('plaster/resin', 'drying.plaster', 'al-a356', 8, 2 * (wall - cover), more);
  test.each([
    [35, 12],
    [50, 20],
    [75, 37],
    [100, 57],
    [150, 104],
  ])('%d mm: %d h', (wall, want) => {
    expect(Math.round(hours(wall))).toBe(want);
  });
  test('a wall is never taken thinner than its floor, and magnesium dries for two days at least', () => {
    expect(hours(10)).toBe(hours(30));
    const held = { condition: SHIPPED_RATES.conditions['plaster|magnesium'] };
    expect(hours(35, held)).toBe(48);
    expect(hours(100, held)).toBeCloseTo(1.6 * hours(100), 9);
  });
});

describe('dwell in a mould that takes heat through a film (6.4)', () => {
  /** Freezing through the film and cooling to ejection, s a mm of section: its modulus is half of it. */
  const rows: readonly (readonly [string, Film, string, number, number, number, number, number])[] = [
    ['aluminium', 'gravity', 'al-a356', 715, 585, 320, 460, 1250],
    ['aluminium', 'pressure', 'al-46000', 665, 567.5, 220, 350, 8000],
    ['magnesium', 'gravity', 'mg-az91', 710, 532.5, 300, 420, 1500],
    ['magnesium', 'pressure', 'mg-az91', 655, 532.5, 220, 330, 8000],
    ['zinc', 'gravity', 'zn-alloy-3', 435, 384, 180, 260, 2000],
    ['zinc', 'pressure', 'zn-alloy-3', 415, 384, 170, 250, 8000],
    ['copper', 'gravity', 'cu-al-bronze-c95400', 1130, 1032.5, 300, 850, 3500],
    ['copper', 'pressure', 'cu-yellow-brass', 950, 885, 300, 600, 5000],
    ['tin', 'gravity', 'sn-pewter', 320, 269.5, 120, 180, 2500],
    ['tin', 'pressure', 'sn-pewter', 320, 269.5, 110, 170, 8000],
    ['lead', 'gravity', 'pb-sb4', 360, 275.5, 140, 200, 2500],
    ['lead', 'pressure', 'pb-sb4', 340, 275.5, 120, 190, 8000],
    ['grey-iron', 'gravity', 'iron-gjl-250', 1310, 1160, 350, 900, 1000],
    ['precious', 'gravity', 'ag-925', 975, 847.5, 200, 600, 3500],
  ];
  test.each(rows)('%s, %s', (family, film, id, pour, freeze, die, eject, h) => {
    const {
      densityLiquid_kg_m3: rho,
      density_kg_m3: solid,
      latentHeat_kJ_kg: L,
      cpLiquid_kJ_kgK: cl,
      cpSolid_kJ_kgK: cs,
    } = alloyOf(id);
    const M = 0.5e-3;
    const freezing = (rho * M * (L * 1000 + cl * 1000 * (pour - freeze))) / (h * (freeze - die));
    const cooling = ((solid * cs * 1000 * M) / h) * Math.log((freeze - die) / (eject - die));
    const told = likely(SHIPPED_RATES.families[family]?.dwell?.[film]);
    expect(Math.abs((freezing + cooling) / told - 1)).toBeLessThan(0.005);
  });
  test.each([
    ['gravity-die/hand', 'aluminium', 33.6],
    ['gravity-die/hand', 'copper', 6.06],
    ['permanent-mould/tilt', 'aluminium', 25.2],
    ['permanent-mould/low-pressure', 'copper', 6.97],
    ['pressure-die/cold', 'aluminium', 11.4],
    ['pressure-die/hot', 'zinc', 5.99],
    ['spin/silicone-rubber', 'zinc', 43.2],
  ])('%s, %s: a wall of 6 mm stays %d s', (lane, family, seconds) => {
    const cycle = SHIPPED_RATES.variants[lane]?.cycle;
    const dwell = SHIPPED_RATES.families[family]?.dwell?.[cycle?.film ?? 'gravity'];
    expect(6 * likely(cycle?.kShut) * likely(dwell)).toBeCloseTo(seconds, seconds < 10 ? 1 : 0);
  });
});
