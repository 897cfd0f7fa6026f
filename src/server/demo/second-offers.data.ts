import type { Quote } from '@/core/quotes';
import { DEMO_QUOTES, type DemoQuote } from './quotes.data';

/** Second offers, made after the first ones were talked over: of which quote, and what it says in its place. */
const SECOND: readonly (readonly [first: string, id: string, change: (first: Quote) => Partial<Quote>])[] = [
  [
    'qt-03',
    'sq-01',
    (first) => ({
      priceBreaks: first.priceBreaks.map(({ from, price }) => ({ from, price: Number((price * 0.72).toFixed(2)) })),
      remarks: 'Second offer: poured on the furan line that is free until summer.',
    }),
  ],
  [
    'qt-21',
    'sq-02',
    (first) => ({
      priceBreaks: first.priceBreaks.map(({ from, price }) => ({ from, price: Number((price * 0.92).toFixed(2)) })),
      remarks: 'Second offer: two cavities in the die, for the whole programme.',
    }),
  ],
  [
    'mq-10',
    'sq-03',
    (first) => ({
      tooling: { ...first.tooling, minTake: 2500, penalty: 0 },
      remarks: 'Second offer: 2 500 to be taken in place of 20 000.',
    }),
  ],
];

/** The second offers of the demo world: on three studies they change what leads. Every figure is invented. */
export const DEMO_SECOND_OFFERS: readonly DemoQuote[] = SECOND.map(([first, id, change]) => {
  const found = DEMO_QUOTES.find((d) => d.quote.id === first);
  if (found === undefined) throw new Error(first);
  return { ...found, quote: { ...found.quote, id, date: '2027-02-08', ...change(found.quote) } };
});
