import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { SHIPPED_RATES } from '../../rates';
import { recompute } from '../../testing/recompute';
import cases from './cases/quillmere.json';
import { BOUGHT_PART_SCHEMA, SCREEN_FIGURES, screenParts, screenWorking, WAYS, type BoughtPart } from '.';

interface Expected {
  readonly boughtToKept: number;
  readonly stock_kg: number;
  readonly stockMoney_USD: number;
  readonly castingGuess_USD?: number;
  readonly toolGuess_USD?: number;
  readonly saving_USD_year: number | null;
  readonly rank?: number;
  readonly leftOut?: string;
}
const PARTS = cases.map((c) => BOUGHT_PART_SCHEMA.parse(c.part));
const EXPECTED = new Map(cases.map((c) => [c.part.id, c.expected as Expected]));
const found = screenParts(PARTS, SHIPPED_RATES);

describe('a list of forty bought parts', () => {
  test.each(found.map((s) => [s.part.name, s] as const))('%s is screened as worked by hand', (_, s) => {
    const e = EXPECTED.get(s.part.id);
    if (e === undefined) throw new Error('no case');
    expect(s.stock_kg ?? NaN).toBeCloseTo(e.stock_kg, 3);
    expect(s.boughtToKept ?? NaN).toBeCloseTo(e.boughtToKept, 1);
    expect(s.stockMoney ?? NaN).toBeCloseTo(e.stockMoney_USD, 1);
    expect(s.leftOut).toBe(e.leftOut ?? null);
    expect(s.rank).toBe(e.rank ?? null);
    if (e.saving_USD_year === null) return expect(s.saving).toBeNull();
    expect(Math.abs((s.guess ?? NaN) - (e.castingGuess_USD ?? NaN))).toBeLessThan(0.006);
    expect(Math.abs((s.tool ?? NaN) - (e.toolGuess_USD ?? NaN))).toBeLessThan(0.6);
    expect(Math.abs((s.saving?.[1] ?? NaN) - e.saving_USD_year)).toBeLessThan(0.6);
  });

  test('stands by what is saved, those left out last with the reason', () => {
    const savings = found.flatMap((s) => (s.saving === null ? [] : [s.saving[1]]));
    expect(savings).toEqual(savings.toSorted((a, b) => b - a));
    expect(found.slice(savings.length).every((s) => (s.leftOut ?? '').length > 10)).toBe(true);
    expect(found.filter((s) => s.part.guessed.length > 0).map((s) => s.confidence)).toEqual([1 - 1 / 6]);
  });

  test('opens every figure down to what is on screen', () => {
    for (const s of found)
      for (const figure of SCREEN_FIGURES) {
        if (s.guess === null && ['saving', 'guess', 'tool'].includes(figure)) continue;
        const w = screenWorking(s.part, SHIPPED_RATES, figure);
        expect(recompute(w), `${s.part.name} ${figure}`).toBeCloseTo(w.value, 6);
        if (figure === 'saving' && s.saving !== null) expect(w.value).toBe(s.saving[1]);
        if (figure === 'stock') expect(w.value).toBe(s.stock_kg);
      }
  });
});

const anyPart = fc.record<BoughtPart>({
  id: fc.string({ minLength: 1, maxLength: 8 }),
  name: fc.constant('part'),
  material: fc.constantFrom('al-a356', 'zn-alloy-3', 'steel-4140', 'pb-sb4', 'cheese'),
  form: fc.constantFrom('bar', 'plate', 'tube'),
  stock_mm: fc.tuple(
    fc.double({ min: 21, max: 500, noNaN: true }),
    fc.double({ min: 1, max: 500, noNaN: true }),
    fc.double({ min: 1, max: 500, noNaN: true }),
  ),
  finished_kg: fc.double({ min: 0.001, max: 50, noNaN: true }),
  today_USD: fc.double({ min: 0.01, max: 5000, noNaN: true }),
  perYear: fc.integer({ min: 0, max: 100_000 }),
  way: fc.constantFrom(...WAYS),
  pieces: fc.integer({ min: 1, max: 20 }),
  toothed: fc.boolean(),
  guessed: fc.constant([]),
});

describe('any list', () => {
  test('comes back whole, its bands in order, no stock lighter than what is kept of it', () => {
    fc.assert(
      fc.property(fc.array(anyPart, { maxLength: 30 }), (parts) => {
        const all = screenParts(parts, SHIPPED_RATES);
        expect(all.map((s) => s.part).toSorted(by)).toEqual([...parts].sort(by));
        for (const s of all) {
          expect((s.saving === null) === (s.leftOut !== null) && (s.saving === null) === (s.rank === null)).toBe(true);
          if (s.saving === null) continue;
          expect(s.saving[0]).toBeLessThanOrEqual(s.saving[1]);
          expect(s.saving[1]).toBeLessThanOrEqual(s.saving[2]);
          expect(s.boughtToKept).toBeGreaterThanOrEqual(1);
        }
      }),
    );
  });

  test('a part that costs more today saves more', () => {
    fc.assert(
      fc.property(anyPart, fc.double({ min: 1.01, max: 4, noNaN: true }), (part, times) => {
        const [one] = screenParts([part], SHIPPED_RATES);
        const [dear] = screenParts([{ ...part, today_USD: part.today_USD * times }], SHIPPED_RATES);
        if (one?.saving == null || dear?.saving == null) return;
        expect(dear.saving[1]).toBeGreaterThanOrEqual(one.saving[1]);
      }),
    );
  });
});

const by = (a: BoughtPart, b: BoughtPart): number => JSON.stringify(a).localeCompare(JSON.stringify(b));
