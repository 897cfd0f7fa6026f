import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { prepareStudy, type StudyLane } from '../study';
import { SHIPPED_RATES, type RateSet } from '../rates';
import { bracket, briefOf } from '../testing/demo-briefs';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import {
  laneMoney,
  layoutPlans,
  lotCost,
  lotRun,
  lotsByYear,
  positionLimits,
  ProgrammeCost,
  replacementSets,
  splitLots,
  type LaneModel,
} from '.';
import { likely } from '../base/figures';

const studies = [prepareStudy(bracket()), ...QUILLMERE_PARTS.map((p) => prepareStudy(briefOf(p)))];
const costed: StudyLane[] = studies.flatMap((s) => s.lanes.filter((e) => e.costs.length > 0));

/** T(q) the long way: one lot after another, counting shots, as a clerk would. */
function byHand(cost: ProgrammeCost, q: number, rDisc = 0, perYear: number | null = null): number {
  const { model, plan, lot } = cost;
  let made = 0;
  let parts = 0;
  let shots = 0;
  while (made < q) {
    const Q = Math.min(lot, q - made);
    const stages = made < model.learnPieces ? model.fresh : model.settled;
    const years = perYear === null ? 0 : Math.floor(made / perYear);
    parts += lotCost(model, plan, stages, Q) / (1 + rDisc) ** years;
    shots += lotRun(model, plan, stages, Q).shots;
    made += Q;
  }
  const op = model.rates.operations;
  const g = model.rates.global;
  const sets = Math.max(0, Math.ceil(shots / model.life - 1e-9) - 1);
  const fixtures =
    model.part.nSet * (Math.min(likely(op.cFix), q * likely(op.cSoft)) + likely(op.hProg) * likely(g.Rprog));
  const gauges = model.part.nG * Math.min(likely(g.gaugeUSD), q * likely(g.gaugeHand));
  const tools = plan.C1 * (1 + sets * likely(model.v.tooling.fRep)) + fixtures + gauges;
  return (1 + likely(g.mk)) * tools + model.K * parts;
}

describe('T(q) in closed form', () => {
  test('is the same worked out once and readied for many quantities, for any lane, layout, lot and quantity', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: costed.length - 1 }),
        fc.nat({ max: 60 }),
        fc.integer({ min: 1, max: 700 }),
        fc.array(fc.integer({ min: 1, max: 50_000 }), { minLength: 9, maxLength: 14 }),
        (lane, layout, lot, quantities) => {
          const entry = costed[lane] as StudyLane;
          const { model, plan } = entry.costs[layout % entry.costs.length] as ProgrammeCost;
          const readied = new ProgrammeCost(model, plan, lot, null);
          for (const q of quantities) {
            const once = new ProgrammeCost(model, plan, lot, null).total(q);
            expect(readied.total(q) / once).toBeCloseTo(1, 12);
            expect(laneMoney(readied, q).total / (once * model.rates.currency.perUnit)).toBeCloseTo(1, 12);
          }
        },
      ),
      { numRuns: 150 },
    );
  });

  test('equals buying lot after lot by hand, for any lane, layout, lot and quantity', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: costed.length - 1 }),
        fc.nat({ max: 60 }),
        fc.integer({ min: 1, max: 700 }),
        fc.integer({ min: 1, max: 20_000 }),
        (lane, layout, lot, q) => {
          const entry = costed[lane] as StudyLane;
          const base = entry.costs[layout % entry.costs.length] as ProgrammeCost;
          const cost = new ProgrammeCost(base.model, base.plan, lot, null);
          expect(cost.total(q) / byHand(cost, q)).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: 300 },
    );
  });

  test('discounting takes each lot by the year it starts in', () => {
    const rates: RateSet = {
      ...SHIPPED_RATES,
      global: { ...SHIPPED_RATES.global, rDisc: { v: 0.08, unit: 'per year', basis: 'assumed' } },
    };
    const brief = bracket();
    const plain = prepareStudy(brief).lanes.find((e) => e.lane.id === 'gravity-die/hand')?.costs[0] as ProgrammeCost;
    const cost = prepareStudy(brief, 'published', rates).lanes.find((e) => e.lane.id === 'gravity-die/hand')
      ?.costs[0] as ProgrammeCost;
    expect(cost.total(1999)).toBeCloseTo(byHand(cost, 1999, 0.08, 400), 6);
    expect(cost.total(1999)).toBeLessThan(plain.total(1999));
    expect(cost.total(300)).toBeCloseTo(plain.total(300), 6);
  });

  test('money in another currency is multiplied once, at the end', () => {
    const rates: RateSet = { ...SHIPPED_RATES, currency: { code: 'EUR', perUnit: 0.9 } };
    const at = (r: RateSet) => {
      const entry = prepareStudy(bracket(), 'published', r).lanes.find((e) => e.lane.id === 'green-sand/bench');
      return laneMoney(entry?.costs[0] as ProgrammeCost, 1234);
    };
    const usd = at(SHIPPED_RATES);
    const eur = at(rates);
    for (const key of ['total', 'tooling', 'unit', 'allIn'] as const) expect(eur[key] / usd[key]).toBeCloseTo(0.9, 12);
    expect(eur.lines.metal / usd.lines.metal).toBeCloseTo(0.9, 12);
  });
});

describe('lots', () => {
  test('the pieces of the lots add up, and new lots are those begun before the learning is over', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 1, max: 900 }),
        fc.integer({ min: 1, max: 50_000 }),
        (learn, lot, q) => {
          const s = splitLots(learn, lot, q);
          expect((s.freshFull + s.settledFull) * lot + s.rest).toBe(q);
          let fresh = 0;
          for (let start = 0; start + lot <= q; start += lot) if (start < learn) fresh++;
          expect(s.freshFull).toBe(fresh);
          expect(s.restIsFresh).toBe((s.freshFull + s.settledFull) * lot < learn);
        },
      ),
    );
  });

  const lives = (life: number) => ({ life, option: null, atHand: null });
  test('a set is bought when the shot after its last is needed, not before', () => {
    expect(replacementSets(0, lives(100))).toBe(0);
    expect(replacementSets(100, lives(100))).toBe(0);
    expect(replacementSets(101, lives(100))).toBe(1);
    expect(replacementSets(200, lives(100))).toBe(1);
    expect(replacementSets(0.1 + 0.2, lives(0.3))).toBe(0);
    const left = { ...lives(100), atHand: { variant: 'x', state: 'owned' as const, lifeLeft: 30 } };
    expect([30, 31, 130, 131].map((shots) => replacementSets(shots, left) + 0)).toEqual([0, 1, 1, 2]);
  });
});

describe('lots by the year they are begun in', () => {
  test('are those counted lot by lot, for any lot, year and stretch', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: 300 }),
        fc.nat({ max: 300 }),
        fc.integer({ min: 1, max: 900 }),
        fc.double({ min: 0.3, max: 5000, noNaN: true }),
        (from, many, lot, perYear) => {
          if (((from + many) * lot) / perYear > 1e5) return;
          const counted: number[] = [];
          for (let k = from; k < from + many; k++) {
            const year = Math.floor((k * lot) / perYear);
            while (counted.length <= year) counted.push(0);
            counted[year]!++;
          }
          expect(lotsByYear([from, from + many], lot, perYear)).toEqual(counted);
        },
      ),
    );
  });
});

describe('layouts', () => {
  test('no layout breaks a limit, and the largest that fits is tried where any count is allowed', () => {
    for (const entry of costed) {
      const model = entry.model as LaneModel;
      const { layout } = entry.lane.capability;
      const limits = positionLimits(model);
      const most = Math.min(limits.plate, limits.mass, limits.clamp, limits.slides, layout.nMax ?? Infinity);
      const plans = layoutPlans(model);
      expect(plans.length, entry.lane.id).toBeGreaterThan(0);
      for (const plan of plans) {
        expect(plan.n).toBeLessThanOrEqual(Math.max(1, most));
        if (layout.nAllowed !== 'any') expect(layout.nAllowed).toContain(plan.n);
        if (layout.toolPerPosition) expect(plan.nt).toBe(plan.n);
        else expect(layout.toolCavities ?? [0]).toContain(plan.nt);
      }
      if (layout.nAllowed === 'any') expect(plans.some((p) => p.n === most)).toBe(true);
    }
  });

  test('two slides hold a pressure die to two cavities', () => {
    const many = (undercuts: number) => {
      const brief = briefOf({ ...bracket(), alloy: 'al-46000', geometry: { ...bracket().geometry, undercuts } });
      return (
        prepareStudy(brief)
          .lanes.find((e) => e.lane.id === 'pressure-die/cold')
          ?.costs.map((c) => c.plan.n) ?? []
      );
    };
    expect(Math.max(...many(1))).toBe(4);
    expect(Math.max(...many(2))).toBe(2);
  });
});

describe('more expensive is never cheaper', () => {
  type Raise = (rates: RateSet, by: number) => RateSet;
  const global =
    (key: keyof RateSet['global']): Raise =>
    (rates, by) => {
      const figure = rates.global[key];
      return { ...rates, global: { ...rates.global, [key]: { ...figure, v: likely(figure) * by } } };
    };
  test.each([
    ['moulders', global('Rskill')],
    ['labour', global('Rlab')],
    ['pattern shop', global('Rpat')],
    ['toolroom', global('Rtool')],
    ['machining', global('Rmc')],
    ['inspection', global('Rinsp')],
    ['energy', global('pE')],
    ['overhead', global('oh')],
    ['margin', global('mg')],
    ['mark-up', global('mk')],
    ['strain', global('kStrain')],
  ] as const)('%s up: no lane gets cheaper', (_, raise) => {
    const brief = briefOf(QUILLMERE_PARTS[5]);
    const before = prepareStudy(brief);
    const after = prepareStudy(brief, 'published', raise(SHIPPED_RATES, 1.25));
    let dearer = 0;
    before.lanes.forEach((entry, i) => {
      entry.costs.forEach((cost, k) => {
        const was = cost.total(2400);
        const is = (after.lanes[i]?.costs[k] as ProgrammeCost).total(2400);
        expect(is, entry.lane.id).toBeGreaterThanOrEqual(was - 1e-9);
        if (is > was + 1e-9) dearer++;
      });
    });
    expect(dearer).toBeGreaterThan(0);
  });
});
