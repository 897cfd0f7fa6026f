import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { bestLayout, prepareStudy } from '../../study';
import { boardAt } from '../board';
import { ownRates, SHIPPED_RATES } from '../../rates';
import { bracket } from '../../testing/demo-briefs';
import { bestLot, lotSizes } from '.';

const brief = bracket();
const study = prepareStudy(brief);
const lane = (id: string) => study.lanes.find((e) => e.lane.id === id) as (typeof study.lanes)[number];
const gravity = lane('gravity-die/hand');

describe('lot sizes', () => {
  test('at the brief’s own lot cost what the board says', () => {
    for (const q of [100, 700, 2000]) {
      const own = lotSizes(study, gravity, q).find((s) => s.lot === 100);
      const onBoard = boardAt(study, q).lanes.find((l) => l.id === 'gravity-die/hand')?.money?.allIn;
      expect(own?.allIn).toBeCloseTo(onBoard ?? NaN, 9);
      expect(own?.positions).toBe(bestLayout(gravity, q)?.cost.plan.n);
    }
  });
  test('pay less for set-ups and more for stock the larger they are', () => {
    const all = lotSizes(study, gravity, 2000);
    expect(all[0]?.lot).toBe(1);
    expect(all.at(-1)?.lot).toBe(800);
    const [small, large] = [all[0], all.at(-1)];
    expect(small?.allIn).toBeGreaterThan(large?.allIn ?? Infinity);
    expect(small?.stock).toBeLessThan(large?.stock ?? 0);
    all.forEach((s, i) => expect(s.days).toBeGreaterThanOrEqual((all[i - 1]?.days ?? 0) - 1e-9));
  });
  test('stock is half a lot at its price for the share of a year it stays', () => {
    const s = lotSizes(study, gravity, 2000).find((x) => x.lot === 100);
    const unit = boardAt(study, 2000).lanes.find((l) => l.id === 'gravity-die/hand')?.money?.unit ?? 0;
    expect(s?.stock).toBeCloseTo((50 * unit * 0.22) / 400, 9);
  });
  test('without a yearly figure keep no stock and go up to the programme', () => {
    const free = prepareStudy(bracket({ quantity: { perYear: null, years: null, lot: 50 } }));
    const all = lotSizes(free, free.lanes.find((e) => e.lane.id === 'gravity-die/hand') as never, 300);
    expect(all.at(-1)?.lot).toBe(300);
    expect(all.every((s) => s.stock === 0 && s.lotsAYear === null)).toBe(true);
  });
});

test('no lot tried costs less than the best, and more expensive stock never makes it larger', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 20_000 }),
      fc.constantFrom(...study.lanes.filter((e) => e.costs.length > 0)),
      (q, entry) => {
        const all = lotSizes(study, entry, q);
        const best = bestLot(all);
        expect(all.every((s) => s.together >= (best?.together ?? Infinity))).toBe(true);
        const dear = prepareStudy(
          brief,
          'published',
          ownRates(SHIPPED_RATES, 'x', 'x', { figures: { 'global.hold': [1, 2, 3] }, holidays: [] }),
        );
        const other = dear.lanes.find((e) => e.lane.id === entry.lane.id) as typeof entry;
        expect(bestLot(lotSizes(dear, other, q))?.lot).toBeLessThanOrEqual(best?.lot ?? 0);
      },
    ),
    { numRuns: 25 },
  );
});

test('there is no best of nothing', () => {
  expect(bestLot([])).toBeNull();
});
