import { likely } from '../../base/figures';
import { equation, figure, fx, K, known, lot, money, priced, pricedAPart, q, rate } from '../symbols';

/** Price factor of what is not cast: no fit of alloy and route adds to it. */
export const PRICE_FACTOR = equation({
  figure: 'baseline.K',
  number: '2.4',
  title: 'Price factor',
  unit: '–',
  expression: '(1 + oh) * (1 + mg)',
  symbols: { oh: rate('global.oh', 'overhead'), mg: rate('global.mg', 'margin on parts') },
  values: ({ rates: { global: g } }) => ({ oh: likely(g.oh), mg: likely(g.mg) }),
});

/** The total over all pieces. */
export const ALL_IN = equation({
  figure: 'baseline.allIn',
  number: '9',
  ...pricedAPart('total cost per part'),
  expression: 'T / q',
  symbols: { T: money('total of the programme', 'total'), q },
  values: (c) => ({ T: known(c, 'total'), q: c.q }),
});

/** Equations of what is made lot after lot: its tools, a set-up a lot and every piece. */
export const inLots = (id: 'machined' | 'stamped', number: string, tools: string, piece: string) => ({
  UNIT: equation({
    figure: `${id}.unit`,
    number,
    ...pricedAPart('price of a part'),
    expression: 'fx * K * (setUp / min(lot, q) + piece)',
    symbols: {
      fx,
      K,
      setUp: figure('set-up of a lot', 'USD', 'setUp'),
      lot,
      q,
      piece: figure(piece, 'USD', 'piece'),
    },
    values: (c) => ({
      fx: c.rates.currency.perUnit,
      K: known(c, 'K'),
      setUp: known(c, 'setUp'),
      lot: c.lot,
      q: c.q,
      piece: known(c, 'piece'),
    }),
  }),
  TOTAL: equation({
    figure: `${id}.total`,
    number,
    ...priced('total'),
    expression: 'tools + fx * K * (ceil(q / lot) * setUp + q * piece)',
    symbols: {
      tools: money(tools, 'tooling'),
      fx,
      K,
      q,
      lot,
      setUp: figure('set-up of a lot', 'USD', 'setUp'),
      piece: figure(piece, 'USD', 'piece'),
    },
    values: (c) => ({
      tools: known(c, 'tooling'),
      fx: c.rates.currency.perUnit,
      K: known(c, 'K'),
      q: c.q,
      lot: c.lot,
      setUp: known(c, 'setUp'),
      piece: known(c, 'piece'),
    }),
  }),
});
