import { likely } from '../base/figures';
import { describe, expect, test } from 'vitest';
import { prepareStudy } from '../study';
import { TRUNNION_ALLOY, trunnionBrief } from '../testing/trunnion-cap';
import { partFacts, type PartFacts } from '../part';
import { SHIPPED_RATES } from '../rates';
import { bracket, briefOf } from '../testing/demo-briefs';
import { fabricatedBaseline, machinedBaseline, stampedBaseline, type Baseline } from '.';

const facts = partFacts(trunnionBrief(), TRUNNION_ALLOY, SHIPPED_RATES) as PartFacts;
/** A figure of a baseline, by its working. */
const of = (b: Baseline, figure: string): number => b.working(figure, 100, 100)?.value ?? NaN;
const lot = (q: number): number => Math.min(250, q);

describe('machined from solid, the trunnion cap by hand', () => {
  const m = machinedBaseline(facts, SHIPPED_RATES, lot);
  // Block 124 × 84 × 54 mm; removal limited by the metal at 1.2 · 90; finish 0.65 · 90 cm²/min at κ 0.873.
  const stock = (124 * 84 * 54) / 1000;
  const rate = 1.2 * 90;
  const finishing = (480 / (0.65 * 90)) * facts.kappa;
  // Bore 35 s, face 18 s, the plain length cut as a face 18 s, two drilled holes of Ø9 × 15.
  const drilled = 2 * (6 + ((Math.PI / 4) * 81 * 15 * 0.7) / 300);
  const cutting = ((stock - 150) / rate + finishing) * 1.5 + (35 + 18 + 18 + drilled) / 60;
  test('stock, rates and minutes', () => {
    expect(of(m, 'stock')).toBeCloseTo(stock, 9);
    expect(of(m, 'removal')).toBeCloseTo(rate, 9);
    expect(of(m, 'cutting')).toBeCloseTo(cutting, 9);
    expect(of(m, 'nSet')).toBe(2);
    expect(of(m, 'minutes')).toBeCloseTo(cutting + 2 * 1.2, 9);
  });
  test('lines add up to the price, T is tools, set-ups and pieces', () => {
    const sum = Object.values(m.lines(1000)).reduce((a, b) => a + b, 0);
    expect(sum).toBeCloseTo(m.unit(1000), 9);
    const K = 1.15 * 1.12;
    const setUps = 4 * 2 * 0.9 * 75;
    expect(m.total(1000)).toBeCloseTo(m.tooling(1000) + K * (setUps + 1000 * of(m, 'piece')), 6);
    expect(m.tooling(1000)).toBeCloseTo(1.1 * ((3 + 3 * (facts.c - 1)) * 75 + 2 * 450), 9);
    expect(m.tooling(10)).toBeCloseTo(1.1 * ((3 + 3 * (facts.c - 1)) * 75 + 2 * 50), 9);
  });
  test('dates', () => {
    const hours = 3 + 3 * (facts.c - 1) + 2 * 0.9 + (100 * of(m, 'minutes')) / 60;
    expect(m.dayOf(100)).toBeCloseTo(1.4 * (5 + 4 + hours / (8 * 0.75)), 9);
  });
  test('round parts start from bar; passages and heavy parts are barred', () => {
    const round = partFacts(
      briefOf({ ...trunnionBrief(), geometry: { ...trunnionBrief().geometry, form: 'round' } }),
      TRUNNION_ALLOY,
      SHIPPED_RATES,
    ) as PartFacts;
    expect(of(machinedBaseline(round, SHIPPED_RATES, lot), 'stock')).toBeCloseTo(
      ((Math.PI / 4) * 124 ** 2 * 54) / 1000,
      9,
    );
    const hollow = partFacts(
      briefOf({ ...trunnionBrief(), geometry: { ...trunnionBrief().geometry, passages: 3 } }),
      TRUNNION_ALLOY,
      SHIPPED_RATES,
    ) as PartFacts;
    expect(machinedBaseline(hollow, SHIPPED_RATES, lot).barred).toContain('3 inner passages');
    const heavy = partFacts(
      briefOf({
        ...trunnionBrief(),
        geometry: { ...trunnionBrief().geometry, volume_cm3: 30_000, box_mm: [400, 400, 300], area_cm2: 8000 },
      }),
      TRUNNION_ALLOY,
      SHIPPED_RATES,
    ) as PartFacts;
    expect(machinedBaseline(heavy, SHIPPED_RATES, lot).barred).toContain('at most 60 kg');
  });
});

describe('stamped', () => {
  const flat = (more: object = {}, alloy = 'al-a356') =>
    partFacts(
      briefOf({
        ...bracket(),
        alloy,
        geometry: {
          ...bracket().geometry,
          volume_cm3: 12,
          area_cm2: 130,
          wallMin_mm: 2,
          sectionMax_mm: 2,
          box_mm: [90, 60, 3],
          form: 'flat',
          ...more,
        },
      }),
      { ...TRUNNION_ALLOY, family: alloy === 'al-a356' ? 'aluminium' : 'zinc' },
      SHIPPED_RATES,
    ) as PartFacts;
  test('only flat parts of one thickness in metals that come as strip', () => {
    expect(stampedBaseline(flat(), SHIPPED_RATES, lot).barred).toBeNull();
    expect(stampedBaseline(flat({ sectionMax_mm: 5 }), SHIPPED_RATES, lot).barred).toContain('one strip');
    expect(
      stampedBaseline(flat({ wallMin_mm: 8, sectionMax_mm: 8, box_mm: [90, 60, 9] }), SHIPPED_RATES, lot).barred,
    ).toContain('thicker than strip');
    expect(stampedBaseline(flat({}, 'zn-alloy-3'), SHIPPED_RATES, lot).barred).toContain('not stamped');
  });
  test('tool hours by perimeter, holes and bends', () => {
    const s = stampedBaseline(flat(), SHIPPED_RATES, lot);
    expect(of(s, 'forms')).toBe(0);
    expect(of(s, 'hours')).toBeCloseTo(40 + (2 * 2 * 150) / 100, 9);
    const bent = stampedBaseline(flat({ box_mm: [90, 60, 20] }), SHIPPED_RATES, lot);
    expect(of(bent, 'forms')).toBe(3);
    expect(of(bent, 'hours')).toBeCloseTo(40 + 6 + 3 * 18, 9);
    // 400 a year at 1.5 s a stroke: one press, one shift of 8 h of which 65 % are worked.
    const { tStroke, capDay, buy } = SHIPPED_RATES.baselines.stamped;
    const run = (4000 * likely(tStroke)) / 3600 / (8 * 0.65);
    expect(s.dayOf(4000)).toBeCloseTo(1.4 * (likely(buy) + 46 / likely(capDay) + 3 + run), 9);
  });
});

describe('stamped from cents', () => {
  const blank = (more: object = {}) =>
    partFacts(
      briefOf({
        ...bracket(),
        alloy: 'steel-wcb',
        geometry: {
          ...bracket().geometry,
          volume_cm3: 1 / 7.85,
          area_cm2: 5.4,
          box_mm: [20, 12, 0.8],
          wallMin_mm: 0.8,
          sectionMax_mm: 0.8,
          projected_cm2: 2,
          coredHoles: 1,
          form: 'flat',
        },
        quantity: { perYear: 500_000, years: 5, lot: 10_000 },
        ...more,
      }),
      { ...TRUNNION_ALLOY, family: 'steel', density_kg_m3: 7850, price_USD_kg: [0.9, 0.9, 0.9] },
      SHIPPED_RATES,
    ) as PartFacts;
  const small = stampedBaseline(blank(), SHIPPED_RATES, () => 10_000);

  test('a blank of a gram: stroke and tidying by the check, some cents in all', () => {
    const piece = (figure: string) => small.working(figure, 900_000, 900_000)?.value ?? NaN;
    expect(piece('finishing')).toBeCloseTo(0.00325, 9);
    expect(piece('pours')).toBeCloseTo(0.0076, 4);
    expect(small.unit(900_000)).toBeLessThan(0.05);
  });
  test('single dies for few, one strip tool where it has earned its price', () => {
    const dies = small.working('hours', 1000, 1000)?.value ?? NaN;
    const strip = small.working('hours', 1_000_000, 1_000_000)?.value ?? NaN;
    expect(strip).toBeGreaterThan(dies);
    expect(small.tooling(1_000_000)).toBeGreaterThan(small.tooling(1000));
    expect(small.unit(1_000_000)).toBeLessThan(small.unit(1000));
  });
  test('T never falls, and neither tool ever costs more than the one that is taken', () => {
    const thick = blank({ geometry: { ...blank().brief.geometry, box_mm: [400, 320, 0.8] } });
    const wide = stampedBaseline(thick, SHIPPED_RATES, () => 10_000);
    let last = 0;
    for (let q = 1; q < 2e6; q = Math.ceil(q * 1.7)) {
      expect(small.total(q)).toBeGreaterThanOrEqual(last);
      last = small.total(q);
    }
    // A strip wider than a strip tool takes is stamped by single dies at any quantity.
    expect(wide.tooling(1_000_000)).toBe(wide.tooling(10));
  });
  test('silver comes as strip; its skeleton goes back at its worth', () => {
    const silver = prepareStudy(
      briefOf({ ...bracket(), alloy: 'ag-925', geometry: blank().brief.geometry }),
    ).baselines.find((b) => b.id === 'stamped');
    expect(silver?.barred).toBeNull();
    const w = silver?.working('metal', 100, 100);
    expect(w?.symbols.map((s) => s.symbol)).toContain('kChip');
  });
  test('a year’s pieces fit a year, with shifts first and then presses; a study may say what there is', () => {
    const many = blank({ quantity: { perYear: 9_000_000, years: 1, lot: 100_000 } });
    const busy = stampedBaseline(many, SHIPPED_RATES, () => 100_000);
    const at = (b: Baseline, figure: string) => b.working(figure, 1000, 1000)?.value ?? NaN;
    expect(at(busy, 'shifts')).toBe(2);
    expect(at(busy, 'machines')).toBeGreaterThan(1);
    const crowd = blank({ quantity: { perYear: 10_000_000, years: 1, lot: 100_000 }, bends: 40 });
    const shared = stampedBaseline(crowd, SHIPPED_RATES, () => 100_000).working('machines', 10, 10);
    expect(shared?.value).toBeGreaterThan(6);
    expect(shared?.note).toContain('One shop has at most 6');
    const one = blank({
      quantity: { perYear: 9_000_000, years: 1, lot: 100_000, capacity: { stamped: { presses: 1, shifts: 1 } } },
    });
    const slow = stampedBaseline(one, SHIPPED_RATES, () => 100_000);
    expect(at(slow, 'machines')).toBe(1);
    expect(slow.dayOf(9_000_000)).toBeGreaterThan(busy.dayOf(9_000_000));
  });
});

describe('metals that are ground', () => {
  const hard = (more: object = {}, alloy: object = {}) =>
    machinedBaseline(
      partFacts(briefOf({ ...bracket(), ...more }), { ...TRUNNION_ALLOY, ...alloy }, SHIPPED_RATES) as PartFacts,
      SHIPPED_RATES,
      lot,
    );
  test('take three times the minutes, and the price of a few shops', () => {
    const [cut, ground] = [hard(), hard({ needs: { hardness_HRC: 58 } })];
    expect(of(ground, 'cutting')).toBeCloseTo(3 * of(cut, 'cutting'), 9);
    expect(of(ground, 'K')).toBeCloseTo(1.35 * of(cut, 'K'), 9);
    expect(ground.warning).toBe('Ground or sparked, not cut.');
    expect(cut.warning).toBeNull();
    expect(hard({ needs: { hardness_HRC: 45 } }).warning).toBeNull();
    expect(hard({}, { machinability: 4 }).warning).not.toBeNull();
  });
  test('reach no undercut and no passage', () => {
    const undercut = { geometry: { ...bracket().geometry, undercuts: 1 } };
    expect(hard({ ...undercut, needs: { hardened: true } }).barred).toContain('wheel');
    expect(hard(undercut).barred).toBeNull();
  });
});

describe('today’s assembly', () => {
  const today = (more: object) =>
    partFacts(
      briefOf({ ...bracket(), today: { how: 'fabricated', parts: 7, joints: { weld: 10, bolt: 2 }, ...more } }),
      TRUNNION_ALLOY,
      SHIPPED_RATES,
    ) as PartFacts;
  test('the brief’s own figure goes before the computed one', () => {
    expect(fabricatedBaseline(today({ cost_USD: 168 }), SHIPPED_RATES)?.unit(100)).toBe(168);
    const computed = fabricatedBaseline(today({}), SHIPPED_RATES);
    const minutes = 10 * 4 + 2 * 1.2 + 1.5 * 6 * (Math.cbrt(90 * 60 * 40) / 100);
    const m = 60 * 2.68e-3;
    const sum = 7 * 4 + m * 3.2 * 2.2 + (minutes / 60) * 36 + (10 * 0.25 + 2 * 0.35) + 0.25 * 7;
    expect(computed?.unit(100)).toBeCloseTo(1.15 * 1.12 * sum, 9);
    expect(computed?.total(10)).toBeCloseTo(350 * 1.1 + 10 * 1.15 * 1.12 * sum, 9);
  });
  test('a single part that is not fabricated has none', () => {
    const facts = partFacts(bracket(), TRUNNION_ALLOY, SHIPPED_RATES) as PartFacts;
    expect(fabricatedBaseline(facts, SHIPPED_RATES)).toBeNull();
    expect(prepareStudy(bracket()).baselines.map((b) => b.id)).toEqual(['machined', 'stamped']);
  });
});
