import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import type { Brief } from '../brief';
import { partFacts, type PartFacts } from '../part';
import { SHIPPED_RATES } from '../rates';
import { prepareStudy } from '../study';
import { bracket, briefOf } from '../testing/demo-briefs';
import { TRUNNION_ALLOY } from '../testing/trunnion-cap';
import { fabricatedBaseline, machinedBaseline, stampedBaseline, type Baseline } from '.';

const lot = (q: number): number => Math.min(250, q);
const factsOf = (more: Partial<Brief['geometry']>, today: object = {}): PartFacts =>
  partFacts(
    briefOf({ ...bracket(), geometry: { ...bracket().geometry, ...more }, today: { ...bracket().today, ...today } }),
    TRUNNION_ALLOY,
    SHIPPED_RATES,
  ) as PartFacts;

/** Solid parts that fill some of their box. */
const solid = fc
  .record({
    box: fc.tuple(
      fc.integer({ min: 20, max: 300 }),
      fc.integer({ min: 20, max: 200 }),
      fc.integer({ min: 10, max: 150 }),
    ),
    filled: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
    undercuts: fc.integer({ min: 0, max: 3 }),
  })
  .map(({ box, filled, undercuts }) => {
    const [l, w, h] = box;
    const volume = (l * w * h * filled) / 1000;
    return {
      box_mm: box,
      volume_cm3: volume,
      area_cm2: 1.2 * 6 * volume ** (2 / 3),
      undercuts,
      projected_cm2: (0.8 * l * w) / 100,
      wallMin_mm: 5,
      sectionMax_mm: 8,
    };
  });
/** Flat parts of one thickness. */
const flat = fc
  .record({
    length: fc.integer({ min: 20, max: 280 }),
    width: fc.integer({ min: 10, max: 150 }),
    wall: fc.double({ min: 0.5, max: 5, noNaN: true }),
  })
  .map(({ length, width, wall }) => ({
    box_mm: [length, width, wall] as [number, number, number],
    volume_cm3: (0.8 * length * width * wall) / 1000,
    area_cm2: (2 * 0.8 * length * width + 2 * (length + width) * wall) / 100,
    projected_cm2: (0.8 * length * width) / 100,
    wallMin_mm: wall,
    sectionMax_mm: wall,
    form: 'flat' as const,
  }));
const pieces = fc.integer({ min: 1, max: 50_000 });
const value = (b: Baseline, figure: string, q: number): number => b.working(figure, q, q)?.value ?? NaN;

describe.each([
  ['machined from solid', solid, (facts: PartFacts) => machinedBaseline(facts, SHIPPED_RATES, lot)],
  ['stamped from strip', flat, (facts: PartFacts) => stampedBaseline(facts, SHIPPED_RATES, lot)],
] as const)('%s, of any part', (_, part, make) => {
  test('more pieces never cost less in all, and never come sooner', () => {
    fc.assert(
      fc.property(part, pieces, fc.integer({ min: 1, max: 5000 }), (shape, q, more) => {
        const b = make(factsOf(shape));
        expect(b.total(q + more)).toBeGreaterThanOrEqual(b.total(q) - 1e-6);
        expect(b.dayOf(q + more)).toBeGreaterThanOrEqual(b.dayOf(q) - 1e-9);
      }),
      { numRuns: 60 },
    );
  });

  test('the lines add up to the price of a part, and the working gives every figure that is shown', () => {
    fc.assert(
      fc.property(part, pieces, (shape, q) => {
        const b = make(factsOf(shape));
        const sum = Object.values(b.lines(q)).reduce((a, x) => a + x, 0);
        expect(sum).toBeCloseTo(b.unit(q), 8);
        expect(value(b, 'total', q) / b.total(q)).toBeCloseTo(1, 9);
        expect(value(b, 'allIn', q) / (b.total(q) / q)).toBeCloseTo(1, 9);
        expect(value(b, 'tooling', q)).toBeCloseTo(b.tooling(q), 6);
      }),
      { numRuns: 60 },
    );
  });
});

describe('machined from solid', () => {
  test('a part that fills less of its box costs no less to cut, and never less than its metal', () => {
    fc.assert(
      fc.property(solid, fc.double({ min: 0.3, max: 0.95, noNaN: true }), (shape, share) => {
        const thinner = { ...shape, volume_cm3: shape.volume_cm3 * share };
        const [full, thin] = [shape, thinner].map((s) => machinedBaseline(factsOf(s), SHIPPED_RATES, lot));
        if (full === undefined || thin === undefined) return;
        expect(value(thin, 'stock', 1)).toBe(value(full, 'stock', 1));
        expect(value(thin, 'cutting', 1)).toBeGreaterThanOrEqual(value(full, 'cutting', 1) - 1e-9);
        expect(thin.unit(100)).toBeGreaterThan(thin.lines(100)['metal'] ?? NaN);
      }),
      { numRuns: 60 },
    );
  });

  test('undercuts and passages add set-ups, an undercut one at the most', () => {
    fc.assert(
      fc.property(solid, fc.nat(4), (shape, undercuts) => {
        const set = (more: object): number =>
          value(machinedBaseline(factsOf({ ...shape, ...more }), SHIPPED_RATES, lot), 'nSet', 1);
        const now = set({ undercuts });
        const next = set({ undercuts: undercuts + 1 });
        expect([now, now + 1]).toContain(next);
        expect(set({ undercuts, passages: 1 })).toBe(now + 2);
      }),
      { numRuns: 30 },
    );
  });
});

describe('today’s assembly', () => {
  const assembly = (today: object): Baseline | null =>
    fabricatedBaseline(factsOf({}, { how: 'fabricated', ...today }), SHIPPED_RATES);

  test('another part, and another joint of any kind, makes it more expensive', () => {
    const joints = fc.record({
      weld: fc.nat(20),
      bolt: fc.nat(20),
      rivet: fc.nat(20),
      bond: fc.nat(5),
      press: fc.nat(5),
    });
    fc.assert(
      fc.property(
        joints,
        fc.integer({ min: 2, max: 30 }),
        fc.constantFrom('weld', 'bolt', 'rivet', 'bond', 'press'),
        (some, parts, kind) => {
          const now = assembly({ parts, joints: some })?.unit(50) ?? NaN;
          expect(assembly({ parts: parts + 1, joints: some })?.unit(50)).toBeGreaterThan(now);
          expect(assembly({ parts, joints: { ...some, [kind]: some[kind] + 1 } })?.unit(50)).toBeGreaterThan(now);
        },
      ),
      { numRuns: 60 },
    );
  });

  test('stands on the board of a study with the figure the brief gives', () => {
    const study = prepareStudy(briefOf({ ...bracket(), today: { how: 'fabricated', parts: 3, cost_USD: 41.5 } }));
    const found = study.baselines.find((b) => b.id === 'fabricated');
    expect(found?.unit(10)).toBe(41.5);
  });
});
