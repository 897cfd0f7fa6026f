import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { askedOf } from '../comparison/quotes';
import { briefOf } from '../testing/demo-briefs';
import { recompute } from '../testing/recompute';
import { DEMO_QUOTES, DEMO_QUOTE_SETTING as SETTING } from '../../server/demo/quotes.data';
import { QUILLMERE_PARTS } from '../../server/demo/quillmere.data';
import CASES from './cases/quillmere.json';
import {
  BESIDE_FIGURES,
  normaliseQuote,
  QUOTE_FIGURES,
  QUOTE_SCHEMA,
  quoteWorking,
  type Asked,
  type NormalisedPrice,
  type Quote,
} from '.';

interface Normalised extends Readonly<Record<string, unknown>> {
  readonly declined: boolean;
  readonly flags: readonly string[];
}
const EXPECTED = CASES as unknown as Readonly<
  Record<string, { readonly normalised?: Normalised; readonly atBrief?: Readonly<Record<string, number>> | null }>
>;

function askedFor(part: string): Asked {
  const found = QUILLMERE_PARTS.find((p) => p['id'] === part);
  if (found === undefined) throw new Error(part);
  return askedOf(briefOf(found));
}

const CENT = 0.005;
/** What each stated value is called here. */
const NAMES: Readonly<Record<string, keyof NormalisedPrice>> = {
  bought: 'bought',
  lot: 'lot',
  lots: 'lots',
  unitAsQuoted_USD: 'unitAsQuoted',
  unitAfterClause_USD: 'unitAfterClause',
  amortisedTakenOut_USD: 'amortisedTakenOut',
  scopeExtra_USD: 'scopeExtra',
  scopeFilled_USD: 'scopeFilled',
  unitComparable_USD: 'unitComparable',
  tools: 'tools',
  tooling_USD: 'tooling',
  surplus_USD: 'surplus',
  lotCharges_USD: 'lotCharges',
  programme_USD: 'programme',
  perGoodPart_USD: 'perGoodPart',
  leadFirst_d: 'leadFirst_d',
  leadLot_d: 'leadLot_d',
  capacityPerWorkday: 'capacityPerWorkday',
  workdaysForAYear: 'workdaysForAYear',
};

describe('the quotes of the demo world', () => {
  test.each(DEMO_QUOTES.map((d) => [d.quote.id, d] as const))(
    '%s comes to its stated values, to the cent',
    (id, demo) => {
      const asked = askedFor(demo.part);
      const parsed = QUOTE_SCHEMA.parse(demo.quote);
      expect(parsed).toEqual(demo.quote);
      const found = normaliseQuote(demo.quote, asked, SETTING, demo.fills);
      const { normalised, atBrief } = EXPECTED[id] ?? {};
      if (normalised === undefined) {
        if (atBrief == null) return void expect(found.price).toBeNull();
        expect(found.price?.lot).toBe(atBrief['lot']);
        expect(found.price?.lots).toBe(atBrief['lots']);
        expect(found.price?.tools).toBe(atBrief['tools']);
        expect(found.price?.unitComparable).toBeCloseTo(atBrief['unit'] ?? NaN, 9);
        expect(found.price?.tooling).toBeCloseTo(atBrief['tooling'] ?? NaN, 6);
        expect(found.price?.programme).toBeCloseTo(atBrief['total'] ?? NaN, 6);
        return void expect(found.price?.perGoodPart).toBeCloseTo(atBrief['perPart'] ?? NaN, 3);
      }
      expect(new Set(found.flags)).toEqual(new Set(normalised.flags));
      expect(found.validUntil).toBe(normalised['validUntil']);
      if (normalised.declined) {
        expect(found.price).toBeNull();
        return void expect(found.counter).toEqual(normalised['counter']);
      }
      const { price } = found;
      if (price === null) throw new Error('no price');
      for (const [name, key] of Object.entries(NAMES))
        expect(Math.abs(Number(price[key]) - Number(normalised[name])), `${id} ${name}`).toBeLessThanOrEqual(CENT);
      expect(Math.floor((price.lifeGood ?? 0) + 1e-9)).toBe(normalised['lifeGood']);
      expect(price.scopeGaps).toEqual(normalised['scopeGaps']);
      expect(
        price.exceptions.map((e) => ({
          ...{ feature: e.feature, drawing: e.drawing_mm, offers: e.offers_mm },
          ...{ mayMachine: e.mayMachine, looser: e.looser },
        })),
      ).toEqual(normalised['exceptions']);
    },
  );

  test('every figure opens, and comes out of its symbols', () => {
    for (const { part, quote, fills } of DEMO_QUOTES) {
      if (quote.decline !== null) continue;
      const asked = askedFor(part);
      const open = (figure: string) => quoteWorking(quote, asked, SETTING, fills, figure);
      for (const figure of QUOTE_FIGURES) {
        if (figure === 'capacity' || figure === 'workdaysForAYear') if (quote.capacity === null) continue;
        const w = open(figure);
        expect(Math.abs(recompute(w) - w.value), `${quote.id} ${figure}`).toBeLessThanOrEqual(
          1e-9 * Math.max(1, Math.abs(w.value)),
        );
        for (const s of w.symbols) {
          expect(s.unit, `${figure} ${s.symbol}`).not.toBe('');
          if (s.opens !== null) expect(open(s.opens).value, `${figure} opens ${s.opens}`).toBeCloseTo(s.value, 9);
        }
      }
    }
  });

  test('held against the model every figure opens to the quote’s own or to the model’s', () => {
    const model = { allIn: 31.5, unit: 27.25 };
    const { quote, fills, part } = DEMO_QUOTES.find((d) => d.quote.decline === null) ?? DEMO_QUOTES[0]!;
    const open = (figure: string) => quoteWorking(quote, askedFor(part), SETTING, fills, figure, model);
    expect(BESIDE_FIGURES.length).toBeGreaterThan(2);
    for (const figure of BESIDE_FIGURES) {
      const w = open(figure);
      expect(recompute(w)).toBeCloseTo(w.value, 9);
      for (const s of w.symbols) {
        const [, ofModel] = /^model\.(.+)$/.exec(s.opens ?? '') ?? [];
        expect(s.value).toBeCloseTo(
          ofModel === undefined ? open(s.opens ?? '').value : model[ofModel as keyof typeof model],
          9,
        );
      }
    }
    expect(() => quoteWorking(quote, askedFor(part), SETTING, fills, 'againstModel')).toThrow(/figure.*againstModel/);
  });
});

const base = DEMO_QUOTES.find((d) => d.quote.id === 'mq-01');
if (base === undefined) throw new Error('mq-01');
const asked = askedFor(base.part);
const per = (quote: Quote, of: Asked = asked): NormalisedPrice => {
  const { price } = normaliseQuote(quote, of, SETTING, base.fills);
  if (price === null) throw new Error('no price');
  return price;
};

describe('a quote made comparable', () => {
  const money = fc.double({ min: 0.01, max: 5000, noNaN: true });

  test('is the same said by the piece, by the hundred, by the kilogram and by the pound', () => {
    fc.assert(
      fc.property(money, fc.double({ min: 0.01, max: 50, noNaN: true }), (price, mass) => {
        const said = (unit: Quote['unit'], x: number): number =>
          per({ ...base.quote, unit, quotedMass_kg: mass, priceBreaks: [{ from: 1, price: x }] }).unitAsQuoted;
        for (const other of [
          said('hundred', price * 100),
          said('kg', price / mass),
          said('lb', (price / mass) * 0.45359237),
        ])
          expect(other / said('each', price)).toBeCloseTo(1, 9);
      }),
    );
  });

  test('in another currency is the same times the rate, tool and charges with it', () => {
    const inEuro = per({ ...base.quote, currency: 'EUR' });
    const plain = per(base.quote);
    const rate = SETTING.rates['EUR']?.rate ?? NaN;
    for (const key of ['unitAsQuoted', 'tooling', 'lotCharges'] as const)
      expect(inEuro[key]).toBeCloseTo(plain[key] * rate, 9);
    expect(inEuro.scopeFilled).toBe(plain.scopeFilled);
  });

  test('keeps the tool for every year that the programme begins, whoever pays it; without a figure of a year, for one', () => {
    const years = fc.integer({ min: 1, max: 30 });
    fc.assert(
      fc.property(years, money, fc.constantFrom('separate', 'foundry-pays', 'none'), (n, upkeepYear, mode) => {
        const tooling = { ...base.quote.tooling, mode };
        const without = per({ ...base.quote, tooling }, { ...asked, perYear: asked.need / n });
        const kept = { ...base.quote, tooling: { ...tooling, upkeepYear } };
        const price = per(kept, { ...asked, perYear: asked.need / n });
        expect(price.upkeep / upkeepYear).toBeCloseTo(n, 9);
        expect(price.programme - without.programme).toBeCloseTo(price.upkeep, 4);
        expect(per(kept, { ...asked, perYear: null }).upkeep).toBeCloseTo(upkeepYear, 9);
      }),
    );
  });

  test('counts an amortised tool once, whatever it is spread over', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20_000 }), fc.boolean(), fc.boolean(), (over, dropsAfter, balanceDue) => {
        const first = 6000;
        const inPriceEach = first / over;
        const price = per({
          ...base.quote,
          unit: 'each',
          priceBreaks: [{ from: 1, price: 20 + inPriceEach }],
          tooling: {
            mode: 'amortised',
            first,
            replacement: 0,
            ownedBy: 'buyer',
            over,
            inPriceEach,
            dropsAfter,
            balanceDue,
          },
        });
        expect(price.unitAfterClause - price.amortisedTakenOut).toBeCloseTo(20, 6);
        expect(price.tooling).toBeCloseTo(balanceDue || price.bought >= over ? first : price.bought * inPriceEach, 6);
        expect(price.surplus).toBeCloseTo(dropsAfter ? 0 : Math.max(0, price.bought - over) * inPriceEach, 6);
      }),
    );
  });

  test('takes the break of the lot, never one above it, and a larger lot never a dearer one', () => {
    const breaks = fc
      .uniqueArray(fc.integer({ min: 1, max: 5000 }), { minLength: 1, maxLength: 6 })
      .map((froms) => [...froms].sort((a, b) => a - b));
    fc.assert(
      fc.property(breaks, fc.integer({ min: 1, max: 6000 }), (froms, lot) => {
        const priceBreaks = froms.map((from, i) => ({ from, price: 100 - i }));
        const price = per({ ...base.quote, unit: 'each', minOrder: 0, priceBreaks }, { ...asked, lot });
        expect(price.lot).toBe(Math.max(lot, froms[0] ?? 0));
        expect(price.unitAsQuoted).toBe(priceBreaks.findLast((b) => b.from <= price.lot)?.price);
        const larger = per({ ...base.quote, unit: 'each', minOrder: 0, priceBreaks }, { ...asked, lot: lot + 500 });
        expect(larger.unitAsQuoted).toBeLessThanOrEqual(price.unitAsQuoted);
      }),
    );
  });

  test('of who would make fewer than are needed has no price', () => {
    const { price, flags } = normaliseQuote({ ...base.quote, maxPieces: 1000 }, asked, SETTING, []);
    expect(price).toBeNull();
    expect(flags).toContain('fewer-than-needed');
  });

  test.each([
    [{ currency: 'CHF' }, /currency.*CHF.*rate to USD/],
    [{ unit: 'kg' }, /quotedMass_kg.*mass/],
    [{ priceBreaks: [] }, /priceBreaks.*price/],
    [{ incomingBad: 1 }, /incomingBad.*share/],
  ] as const)('with %j is refused', (change, message) => {
    expect(() => per({ ...base.quote, ...change })).toThrow(message);
  });

  test.each([
    [{ unit: 'lb' }, 'quotedMass_kg'],
    [{ priceBreaks: [] }, 'priceBreaks'],
    [
      {
        priceBreaks: [
          { from: 5, price: 1 },
          { from: 5, price: 2 },
        ],
      },
      'priceBreaks.1.from',
    ],
    [{ scope: [{ line: 'freight', status: 'extra' }] }, 'scope.0.price'],
    [{ tooling: { mode: 'amortised' } }, 'tooling.over'],
    [{ date: '2027-02-30' }, 'date'],
    [{ currency: 'euro' }, 'currency'],
  ])('that says %j is named at its place', (change, path) => {
    const read = QUOTE_SCHEMA.safeParse({ ...base.quote, ...change });
    expect(read.success ? [] : read.error.issues.map((i) => i.path.join('.'))).toContain(path);
  });
});
