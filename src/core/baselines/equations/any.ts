import { likely } from '../../base/figures';
import type { SymbolOf } from '../../equations';
import type { OfBaseline } from '../types';
import {
  brief,
  equation,
  figure,
  fx,
  K,
  known,
  lot,
  money,
  priced,
  pricedAPart,
  q,
  rate,
  timeEquation,
  titled,
} from '../symbols';

/** Price factor of what is not cast: no fit of alloy and route adds to it. */
export const PRICE_FACTOR = equation({
  figure: 'baseline.K',
  number: '2.4',
  title: 'Price factor',
  unit: '–',
  expression: {
    of: { usual: '(1 + oh) * (1 + mg)', ground: '(1 + oh) * (1 + mg) * (1 + kSpec)' },
    form: ({ ground }) => (ground ? 'ground' : 'usual'),
  },
  symbols: {
    oh: rate('global.oh', 'overhead'),
    mg: rate('global.mg', 'margin on parts'),
    kSpec: rate('global.kSpec', 'ground or sparked, not cut: work of a few shops'),
  },
  values: ({ rates: { global: g } }) => ({ oh: likely(g.oh), mg: likely(g.mg), kSpec: likely(g.kSpec) }),
});

const figuresOf = (id: string) => ({
  units: figure('machines and shifts that a year’s pieces fill', 'units', 'units'),
  shifts: figure('shifts a day', 'shifts', 'shifts'),
  machines: figure(id === 'fabricated' ? 'people' : id === 'machined' ? 'machines' : 'presses', '', 'machines'),
});

/**
 * How many machines and shifts fit a year’s pieces into a year (T13): shifts first, then machines. A study may set them.
 * @param each figure of the hours a piece takes @param rates shift, working share, most shifts
 */
export const inAYear = (
  id: 'machined' | 'stamped' | 'strip' | 'fabricated',
  words: string,
  each: { readonly expression: string; readonly symbols: Readonly<Record<string, SymbolOf<OfBaseline>>> },
  own: (c: OfBaseline) => { readonly machines?: number | undefined; readonly shifts?: number | undefined },
  hours: {
    readonly symbols: Readonly<Record<'h' | 'avail' | 'most', SymbolOf<OfBaseline>>>;
    readonly values: (c: OfBaseline) => Record<'h' | 'avail' | 'most', number>;
  },
  values: (c: OfBaseline) => Record<string, number>,
  most: (c: OfBaseline) => number,
) => {
  const perYear = brief('quantity.perYear', 'pieces a year', 'pieces');
  const days = rate('calendar.workDaysYear', 'working days of a year');
  const { units, shifts } = figuresOf(id);
  const said = (key: string, meaning: string, unit: string) =>
    brief(`quantity.capacity.${id === 'strip' ? 'stamped' : id}.${key}`, meaning, unit);
  return {
    UNITS: timeEquation({
      figure: `${id}.units`,
      number: 'T13',
      ...titled(`${words} and shifts that a year’s pieces fill`),
      unit: 'units',
      expression: {
        of: { known: `max(1, ceil(perYear * (${each.expression}) / (days * h * avail)))`, unknown: '1' },
        form: ({ facts }) => (facts.brief.quantity.perYear === null ? 'unknown' : 'known'),
      },
      symbols: { perYear, days, h: hours.symbols.h, avail: hours.symbols.avail, ...each.symbols },
      values: (c) => {
        const { h, avail } = hours.values(c);
        const perYear = c.facts.brief.quantity.perYear ?? 0;
        return { perYear, days: likely(c.rates.calendar.workDaysYear), h, avail, ...values(c) };
      },
    }),
    SHIFTS: timeEquation({
      figure: `${id}.shifts`,
      number: 'T13',
      ...titled('shifts a day'),
      unit: 'shifts',
      expression: { of: { said: 'said', usual: 'min(most, units)' }, form: (c) => (own(c).shifts ? 'said' : 'usual') },
      symbols: { said: said('shifts', 'shifts a day', 'shifts'), most: hours.symbols.most, units },
      values: (c) => ({ said: own(c).shifts ?? 0, most: hours.values(c).most, units: known(c, 'units') }),
    }),
    MACHINES: timeEquation({
      figure: `${id}.machines`,
      number: 'T13',
      ...titled(words),
      unit: words,
      expression: {
        of: { said: 'said', usual: 'ceil(units / shifts)' },
        form: (c) => (own(c).machines ? 'said' : 'usual'),
      },
      symbols: {
        said: said(id === 'machined' ? 'machines' : id === 'fabricated' ? 'people' : 'presses', words, words),
        units,
        shifts,
      },
      note: (c) => {
        const shops = Math.ceil(known(c, 'machines') / most(c));
        return shops > 1 ? `One shop has at most ${most(c)}: the work is shared by ${shops} shops.` : null;
      },
      values: (c) => ({ said: own(c).machines ?? 0, units: known(c, 'units'), shifts: known(c, 'shifts') }),
    }),
  };
};

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
export const inLots = (id: 'machined' | 'stamped' | 'strip', number: string, tools: string, piece: string) => ({
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
