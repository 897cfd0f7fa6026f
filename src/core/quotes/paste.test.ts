import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { LANES, laneWords } from '../catalogue/routes';
import { DEMO_QUOTES } from '../../server/demo/quotes.data';
import { FOUNDRIES } from '../../server/demo/foundries.data';
import { guessColumns, PASTE_FIELDS, pastedQuotes, QUOTE_SCHEMA, replyRows, type PasteNames } from '.';

const NAMES: PasteNames = {
  foundries: [...FOUNDRIES.map(({ id, name }) => ({ id, name })), { id: 's-s', name: 'Shop S – lathe bench' }],
  lanes: [
    ...LANES.map(({ id }) => ({ id, words: Object.values(laneWords(id)).join(', ') })),
    { id: 'machined/machined', words: 'Machined from solid' },
  ],
};

/** A quote as a row of a table: its head words and its cells. */
const rowOf = ({ quote }: (typeof DEMO_QUOTES)[number]): Record<string, string> => ({
  foundry: NAMES.foundries.find((f) => f.id === quote.foundryId)?.name ?? quote.foundryId,
  route: NAMES.lanes.find((l) => l.id === `${quote.route}/${quote.variant}`)?.words ?? '',
  ...Object.fromEntries(replyRows(quote).flatMap((r) => (r.value === '' ? [] : [[r.key, r.value]]))),
});

describe('a pasted table', () => {
  const rows = DEMO_QUOTES.map(rowOf);
  const keys = [...new Set(rows.flatMap((r) => Object.keys(r)))];

  test.each([
    ['keys', (key: string) => key],
    ['words', (key: string) => PASTE_FIELDS.find((f) => f.key === key)?.words ?? key],
  ])('of every demo quote under %s reads as those quotes, its columns in any order', (_, head) => {
    fc.assert(
      fc.property(fc.shuffledSubarray(keys, { minLength: keys.length }), (order) => {
        const found = pastedQuotes(
          guessColumns(order.map(head)),
          rows.map((r) => order.map((key) => r[key] ?? '')),
          {},
          NAMES,
        );
        expect(found.flatMap((f) => f.issues)).toEqual([]);
        found.forEach(({ quote }, i) => {
          const sent = QUOTE_SCHEMA.parse(JSON.parse(JSON.stringify(DEMO_QUOTES[i]?.quote)));
          expect({ ...quote, id: '', foundryId: '' }).toEqual({ ...sent, id: '', foundryId: '' });
        });
      }),
      { numRuns: 5 },
    );
  });

  test('tells row by row what is wrong, keeps what was typed, and reads the right rows all the same', () => {
    const heads = ['Supplier', 'Process', 'Unit price (EUR)', 'MOQ', 'Tooling [EUR]', 'Curr.', 'Colour'];
    const found = pastedQuotes(
      guessColumns(heads),
      [
        ['Foundry D', 'Gravity die, ladled by hand', '24,50', '100', '6 500', 'EUR', 'red'],
        ['Somebody new', 'green-sand/bench', 'twenty', '', '2100', 'USD', ''],
        ['', '', '', '', '', '', ''],
        ['Foundry D', 'by magic', '3', '', '', 'EUR', ''],
      ],
      { date: '2027-01-18', validDays: '60', unit: 'each', 'tooling.mode': 'separate' },
      NAMES,
    );
    expect(guessColumns(heads)).toEqual([
      'foundry',
      'route',
      'priceBreaks.1.price',
      'minOrder',
      'tooling.first',
      'currency',
      null,
    ]);
    expect(found.map((f) => f.row)).toEqual([1, 2, 4]);
    const [first, second, third] = found;
    expect(first?.quote).toMatchObject({
      ...{ currency: 'EUR', priceBreaks: [{ from: 1, price: 24.5 }], minOrder: 100, tooling: { first: 6500 } },
    });
    expect(first?.foundryId).toBe(FOUNDRIES.find((f) => f.name.startsWith('Foundry D'))?.id);
    expect(second).toMatchObject({ foundryId: null, supplier: 'Somebody new', quote: null });
    expect(second?.issues).toContainEqual({
      ...{ path: 'Price break 1: price', value: 'twenty', message: 'a number (currency) is wanted' },
    });
    expect(second?.texts['priceBreaks.1.price']).toBe('twenty');
    expect(third?.issues[0]).toMatchObject({ path: 'Route', value: 'by magic' });
  });
});
