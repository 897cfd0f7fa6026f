import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_QUOTES, DEMO_QUOTE_SETTING as SETTING } from '../../server/demo/quotes.data';
import { normaliseQuote, quoteMistakes, type Asked, type MistakeKind, type ModelFigures, type Quote } from '.';

const asked: Asked = {
  ...{ need: 2400, perYear: 480, lot: 160, alloy: 'al-a356' },
  features: [
    { id: 'a', name: 'bore', tol_mm: 0.2, mayMachine: false },
    { id: 'b', name: 'face', tol_mm: 0.2, mayMachine: true },
  ],
};
const model: ModelFigures = { unit: 20, goodPerWorkday: 50, lifeGood: 12_000, mass_kg: 0.72, firstArticle_d: 34 };
const found = DEMO_QUOTES.find((d) => d.quote.id === 'mq-01');
if (found === undefined) throw new Error('mq-01');
/** A quote that says what the model says, in every figure. */
const plain: Quote = {
  ...found.quote,
  ...{ unit: 'each', currency: 'USD', priceBreaks: [{ from: 80, price: 20 }], minOrder: 80, lotCharge: 0, scope: [] },
  tooling: {
    mode: 'separate',
    first: 6000,
    replacement: 4500,
    ownedBy: 'buyer',
    life: { v: 12_000, unit: 'good parts' },
  },
  lead: { first: { v: 34, unit: 'calendar days' }, lot: { v: 10, unit: 'calendar days' } },
  capacity: { v: 50, per: 'day' },
  incomingBad: 0,
};
const kinds = (quote: Quote, by: ModelFigures = model): MistakeKind[] =>
  quoteMistakes(quote, asked, SETTING, [], by).map((m) => m.kind);
const one = (quote: Quote, kind: MistakeKind) => {
  const mistake = quoteMistakes(quote, asked, SETTING, [], model).find((m) => m.kind === kind);
  if (mistake === undefined) throw new Error(`${kind} is not among ${kinds(quote).join(', ')}`);
  return mistake;
};
const at = (price: number): Quote['priceBreaks'] => [{ from: 80, price }];

describe('mistakes in a quote', () => {
  test('are none where it says what the model says, nor within three-fold of it', () => {
    expect(kinds(plain)).toEqual([]);
    const ratio = fc.double({ min: 0.34, max: 2.99, noNaN: true });
    fc.assert(
      fc.property(ratio, ratio, ratio, (a, b, c) => {
        const quote: Quote = {
          ...plain,
          priceBreaks: at(20 * a),
          capacity: { v: 50 * b, per: 'day' },
          tooling: { ...plain.tooling, life: { v: 12_000 * c, unit: 'good parts' } },
        };
        expect(kinds(quote)).toEqual([]);
      }),
    );
  });

  test('a price for a hundred read as each is caught, with what it would come to', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 2, noNaN: true }), (a) => {
        const said: Quote = { ...plain, unit: 'hundred', priceBreaks: at(2000 * a) };
        const slip = one({ ...said, unit: 'each' }, 'price-unit');
        expect(slip.reading?.unit).toBe('hundred');
        const { price } = normaliseQuote(said, asked, SETTING, []);
        expect(slip.effect).toMatchObject({ figure: 'perGoodPart', then: price?.perGoodPart });
        expect(slip.reason).toContain('for a hundred it would be');
      }),
    );
  });

  test('a price by mass read as each is caught by the mass of the part', () => {
    const light = { ...model, mass_kg: 0.05 };
    const slip = quoteMistakes({ ...plain, priceBreaks: at(400) }, asked, SETTING, [], light).find(
      (m) => m.kind === 'price-unit',
    );
    expect(slip?.reading).toMatchObject({ unit: 'kg', quotedMass_kg: 0.05 });
  });

  test('a price that no unit explains is asked about', () => {
    expect(one({ ...plain, priceBreaks: at(200) }, 'price-far').reason).toBe(
      'Read for a piece it is 10 times the model’s 20 USD: ask.',
    );
  });

  test('a mass in pounds taken for kilograms is told', () => {
    const quote: Quote = { ...plain, unit: 'kg', quotedMass_kg: 0.72 / 0.45359237, priceBreaks: at(20 / 1.6) };
    expect(one(quote, 'mass-unit').reading?.quotedMass_kg).toBe(0.72);
    expect(kinds({ ...quote, quotedMass_kg: 0.74 })).not.toContain('mass-unit');
  });

  test('a capacity of a week given for a day, and the other way, is caught', () => {
    const slip = one({ ...plain, capacity: { v: 250, per: 'day' } }, 'capacity-period');
    expect(slip.reading?.capacity).toEqual({ v: 250, per: 'week' });
    expect(slip.effect).toEqual({ figure: 'capacityPerWorkday', now: 250, then: 50 });
    expect(one({ ...plain, capacity: { v: 50, per: 'week' } }, 'capacity-period').reading?.capacity?.per).toBe('day');
    expect(kinds({ ...plain, capacity: { v: 5000, per: 'day' } })).toEqual(['capacity-far']);
  });

  test('a life in shots read as parts is caught', () => {
    const tooling = { ...plain.tooling, cavities: 8, goodShare: 0.94, life: { v: 1600, unit: 'good parts' } as const };
    const slip = one({ ...plain, tooling }, 'life-unit');
    expect(slip.reading?.tooling.life).toEqual({ v: 1600, unit: 'shots' });
    expect(slip.effect?.then).toBeLessThan(slip.effect?.now ?? 0);
  });

  test('weeks read as days, and kinds of days mixed, are caught', () => {
    const weeks = {
      ...plain,
      lead: { first: { v: 5, unit: 'calendar days' }, lot: { v: 2, unit: 'calendar days' } },
    } as const;
    expect(one(weeks, 'lead-unit').reading?.lead?.first.unit).toBe('weeks');
    const mixed = {
      ...plain,
      lead: { first: { v: 34, unit: 'calendar days' }, lot: { v: 10, unit: 'working days' } },
    } as const;
    expect(one(mixed, 'days-mixed').effect).toEqual({ figure: 'leadLot_d', now: 14, then: 10 });
  });

  test('an amortised tool that is listed again is counted once, and told what twice would be', () => {
    const tooling = { ...plain.tooling, mode: 'amortised', over: 2000, inPriceEach: 3 } as const;
    const twice = one({ ...plain, priceBreaks: at(23), tooling }, 'tool-twice');
    expect((twice.effect?.then ?? 0) - (twice.effect?.now ?? 0)).toBeCloseTo(3, 9);
    expect(kinds({ ...plain, tooling: { ...plain.tooling, inPriceEach: 3 } })).toEqual(['tool-twice']);
  });

  test.each<[MistakeKind, Partial<Quote>, RegExp]>([
    [
      'free-tool',
      { tooling: { ...plain.tooling, mode: 'foundry-pays', ownedBy: 'foundry', minTake: 2000 } },
      /at least 2.000 pieces/,
    ],
    ['break-over-lot', { priceBreaks: [{ from: 500, price: 20 }] }, /from 500 pieces a lot; the study has lots of 160/],
    ['expired', { date: '2026-11-23', validDays: 45 }, /until 7 Jan 2027/],
    ['alloy-swapped', { alloy: 'al-44200' }, /another alloy/],
    ['critical-tolerance', { exceptions: [{ feature: 'a', offers_mm: 0.4 }] }, /bore: 0.4 mm offered against 0.2 mm/],
  ])('%s is told', (kind, change, reason) => {
    expect(one({ ...plain, ...change }, kind).reason).toMatch(reason);
  });

  test('a wider size that may be machined, and a closer one, are none', () => {
    expect(kinds({ ...plain, exceptions: [{ feature: 'b', offers_mm: 0.4 }] })).toEqual([]);
    expect(kinds({ ...plain, exceptions: [{ feature: 'a', offers_mm: 0.1 }] })).toEqual([]);
  });

  test('a rate of exchange that is old, or without a date, is told', () => {
    const at = (date: string) => ({ ...SETTING, rates: { ...SETTING.rates, EUR: { rate: 1.09, date } } });
    const of = (date: string): MistakeKind[] =>
      quoteMistakes({ ...plain, currency: 'EUR' }, asked, at(date), [], model).map((m) => m.kind);
    expect(of('2027-02-12')).toEqual([]);
    expect(of('2026-11-12')).toEqual(['rate-undated']);
    expect(of('')).toEqual(['rate-undated']);
  });

  test('of one that was declined are none', () => {
    expect(kinds({ ...plain, decline: { reason: 'too small', counter: null } })).toEqual([]);
  });
});
