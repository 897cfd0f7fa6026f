import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { DEMO_QUOTES } from '../../server/demo/quotes.data';
import {
  CAPACITY_PERIODS,
  LEAD_UNITS,
  LIFE_UNITS,
  PRICE_UNITS,
  QUOTE_SCHEMA,
  readReply,
  replyRows,
  type Quote,
} from '.';

const of = ({ id, foundryId, route, variant }: Quote) => ({ id, foundryId, route, variant });
const again = (quote: Quote) => readReply(replyRows(quote), of(quote));

/** What a quote is after its values were left empty that say nothing. */
const plain = (quote: Quote): Quote => QUOTE_SCHEMA.parse(JSON.parse(JSON.stringify(quote)));

const money = fc.double({ min: 0, max: 1e6, noNaN: true });
const pieces = fc.integer({ min: 0, max: 1_000_000 });
const words = fc
  .string({ minLength: 1, maxLength: 30 })
  .filter((text) => text.trim() === text && !text.includes('\u0000'));
const time = fc.record({ v: fc.integer({ min: 0, max: 300 }), unit: fc.constantFrom(...LEAD_UNITS) });
/** A share that a sheet can say: per cent of some digits. */
const share = fc.integer({ min: 0, max: 9000 }).map((n) => n / 10_000);

const quotes: fc.Arbitrary<Quote> = fc.record(
  {
    ...{ id: fc.constant('q'), foundryId: fc.constant('f'), route: fc.constant('spin'), variant: fc.constant('x') },
    date: fc.constantFrom('2027-01-18', '2026-11-02'),
    validDays: fc.integer({ min: 0, max: 365 }),
    unit: fc.constantFrom(...PRICE_UNITS),
    quotedMass_kg: fc.double({ min: 0.001, max: 500, noNaN: true }),
    currency: fc.constantFrom('USD', 'EUR', 'CAD'),
    priceBreaks: fc
      .uniqueArray(pieces, { minLength: 1, maxLength: 5 })
      .chain((froms) =>
        fc.tuple(...[...froms].sort((a, b) => a - b).map((from) => money.map((price) => ({ from, price })))),
      ),
    ...{ minOrder: pieces, lotCharge: money },
    tooling: fc.record(
      {
        mode: fc.constantFrom('separate' as const, 'foundry-pays' as const, 'amortised' as const),
        ...{ first: money, replacement: money, ownedBy: fc.constantFrom('buyer' as const, 'foundry' as const) },
        life: fc.record({ v: fc.integer({ min: 1, max: 1e6 }), unit: fc.constantFrom(...LIFE_UNITS) }),
        ...{
          cavities: fc.integer({ min: 1, max: 64 }),
          goodShare: fc.integer({ min: 1, max: 10_000 }).map((n) => n / 10_000),
          perTool: fc.integer({ min: 1, max: 64 }),
        },
        ...{
          over: pieces,
          inPriceEach: money,
          dropsAfter: fc.boolean(),
          balanceDue: fc.boolean(),
          minTake: pieces,
          penalty: money,
        },
      },
      { requiredKeys: ['mode', 'first', 'replacement', 'ownedBy', 'over', 'inPriceEach'] },
    ),
    clause: fc.record({
      ...{ metal: words, share, date: fc.constant('2027-02') },
      ...{ baseValue: fc.integer({ min: 1, max: 500 }), todayValue: fc.integer({ min: 1, max: 500 }) },
    }),
    alloy: fc.option(words),
    scope: fc.array(
      fc.oneof(
        fc.record({ line: words, status: fc.constantFrom('included' as const, 'excluded' as const) }),
        fc.record({ line: words, status: fc.constant('extra' as const), price: money }),
      ),
      { maxLength: 6 },
    ),
    exceptions: fc.array(fc.record({ feature: words, offers_mm: fc.double({ min: 0.01, max: 20, noNaN: true }) }), {
      maxLength: 3,
    }),
    lead: fc.option(fc.record({ first: time, lot: time })),
    capacity: fc.option(
      fc.record({ v: fc.integer({ min: 1, max: 10_000 }), per: fc.constantFrom(...CAPACITY_PERIODS) }),
    ),
    incomingBad: share,
    decline: fc.constant(null),
    maxPieces: fc.option(pieces),
    remarks: fc.oneof(fc.constant(''), words),
    recommends: words,
  },
  {
    requiredKeys: [
      'id',
      'foundryId',
      'route',
      'variant',
      'date',
      'validDays',
      'unit',
      'quotedMass_kg',
      'currency',
      'priceBreaks',
      'minOrder',
      'lotCharge',
      'tooling',
      'alloy',
      'scope',
      'exceptions',
      'lead',
      'capacity',
      'incomingBad',
      'decline',
      'maxPieces',
      'remarks',
    ],
  },
);

describe('a reply sheet', () => {
  test.each(DEMO_QUOTES.map((d) => [d.quote.id, d.quote] as const))(
    'says all of %s, and reads back the same',
    (_, quote) => {
      const { quote: read, issues } = again(quote);
      expect(issues).toEqual([]);
      expect(read).toEqual(plain(quote));
    },
  );

  test('of any quote reads back the same, its rows in any order', () => {
    fc.assert(
      fc.property(quotes, fc.integer(), (quote, seed) => {
        const rows = [...replyRows(quote)].sort(
          (a, b) => ((a.key.length * 31 + seed) % 17) - ((b.key.length * 31 + seed) % 17),
        );
        const { quote: read, issues } = readReply(rows, of(quote));
        expect(issues).toEqual([]);
        expect(read).toEqual(plain(quote));
      }),
      { numRuns: 300 },
    );
  });

  test('that is empty names what is wanted, row by row', () => {
    const { quote, issues } = readReply(replyRows(null), { id: 'q', foundryId: 'f', route: 'r', variant: 'v' });
    expect(quote).toBeNull();
    expect(issues.map((i) => [i.path, i.message])).toEqual(
      expect.arrayContaining([
        ['Date of the quote', 'a value is wanted'],
        ['Price is for', 'a value is wanted'],
        ['Tool', 'a value is wanted'],
      ]),
    );
  });

  test('every row has its words, and every key stands once', () => {
    const rows = replyRows(null);
    expect(new Set(rows.map((r) => r.key)).size).toBe(rows.length);
    expect(new Set(rows.map((r) => r.field)).size).toBe(rows.length);
    expect(rows.every((r) => r.field !== '' && r.value === '')).toBe(true);
  });

  const demo = DEMO_QUOTES.find((d) => d.quote.id === 'mq-06')?.quote;
  if (demo === undefined) throw new Error('mq-06');
  const withRow = (key: string, value: string) =>
    readReply([...replyRows(demo).filter((r) => r.key !== key), { key, value }], of(demo));

  test.each([
    ['unit', 'each part', 'Price is for', 'one of each, hundred, kg, lb is wanted'],
    ['validDays', 'two months', 'Valid for', 'a number (days) is wanted'],
    ['incomingBad', 'few', 'Bad pieces you allow for', 'a number (%) is wanted'],
    ['tooling.dropsAfter', 'perhaps', 'Price falls once it is paid off', 'yes or no is wanted'],
    ['priceBreaks.2.price', 'on request', 'Price break 2: price', 'a number (currency) is wanted'],
    ['date', '18 January', 'Date of the quote', 'a date such as 2027-01-18 is wanted'],
    ['currency', 'dollars', 'Currency', 'three capital letters such as EUR are wanted'],
    ['priceBreaks.2.from', '50', 'Price break 2: from', 'more than the break before is wanted'],
    ['colour', 'red', 'colour', 'a key of the reply sheet is wanted'],
  ])('with %s of “%s” is refused at its row', (key, value, path, message) => {
    const { quote, issues } = withRow(key, value);
    expect(quote).toBeNull();
    expect(issues).toContainEqual({ path, value, message });
  });

  test('reads figures as people write them', () => {
    expect(withRow('tooling.first', '12,500').quote?.tooling.first).toBe(12_500);
    expect(withRow('tooling.first', '12 500,50').quote?.tooling.first).toBe(12_500.5);
    expect(withRow('incomingBad', '3.5 %').quote?.incomingBad).toBe(0.035);
    expect(withRow('tooling.dropsAfter', 'Y').quote?.tooling.dropsAfter).toBe(true);
  });
});
