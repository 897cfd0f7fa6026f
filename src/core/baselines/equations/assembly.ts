import { likely } from '../../base/figures';
import {
  brief,
  equation,
  figure,
  fx,
  K,
  known,
  m,
  mk,
  money,
  moneyAPart,
  N,
  p,
  perWorkday,
  priced,
  pricedAPart,
  q,
  rate,
  timeEquation,
  titled,
  workday,
} from '../symbols';
import type { OfBaseline } from '../types';

const own = (key: string, meaning: string, unit = '') => rate(`baselines.fabricated.${key}`, meaning, unit);
const ownRates = ({ rates }: OfBaseline) => rates.baselines.fabricated;
const todayOf = ({ facts }: OfBaseline) => facts.brief.today;

export const PIECES = equation({
  figure: 'fabricated.pieces',
  number: '9.6',
  title: 'Pieces of an assembly',
  unit: 'USD',
  expression: {
    of: { bought: 'bought', usual: 'parts * c0' },
    form: (c) => (todayOf(c).partCost_USD === null ? 'usual' : 'bought'),
  },
  symbols: {
    bought: brief('today.partCost_USD', 'pieces, as paid', 'USD'),
    parts: brief('today.parts', 'pieces', 'pieces'),
    c0: own('c0', 'a bought piece'),
  },
  values: (c) => ({
    bought: todayOf(c).partCost_USD ?? 0,
    parts: c.joining.parts,
    c0: likely(ownRates(c).c0),
  }),
});

export const METAL = equation({
  figure: 'fabricated.metal',
  number: '9.6',
  title: 'Metal of an assembly',
  unit: 'USD',
  expression: 'm * p * kMat',
  symbols: { m, p, kMat: own('kMat', 'stock against ingot') },
  values: (c) => ({ m: c.facts.m, p: c.facts.alloy.price_USD_kg[1], kMat: likely(ownRates(c).kMat) }),
});

/** Floor that the assembly takes, in USD a part: nothing where the pieces a year are not known. */
export const FLOOR = equation({
  figure: 'fabricated.floor',
  number: '9.6',
  title: 'Floor an assembly takes',
  unit: 'USD',
  expression: {
    of: { known: 'room * rent / perYear', unknown: '0' },
    form: ({ facts }) => (facts.brief.quantity.perYear === null ? 'unknown' : 'known'),
  },
  symbols: {
    room: brief('today.floor_m2', 'floor it takes', 'm²'),
    rent: own('rent', 'rent of a floor a year'),
    perYear: brief('quantity.perYear', 'pieces a year', 'pieces'),
  },
  values: (c) => ({
    room: todayOf(c).floor_m2 ?? 0,
    rent: likely(ownRates(c).rent),
    perYear: c.facts.brief.quantity.perYear ?? 1,
  }),
});

export const RETURNS = equation({
  figure: 'fabricated.returns',
  number: '9.6',
  title: 'Returns of an assembly',
  unit: 'USD',
  expression: 'back / 100 * repair',
  symbols: {
    back: brief('today.returns_pct', 'returns', '%'),
    repair: brief('today.repair_USD', 'one return', 'USD'),
  },
  values: (c) => ({ back: todayOf(c).returns_pct ?? 0, repair: todayOf(c).repair_USD ?? 0 }),
});

/** Price of an assembly: as paid today, or worked out; with the floor it takes and what comes back. */
export const UNIT = equation({
  figure: 'fabricated.unit',
  number: '9.6',
  ...pricedAPart('price of an assembly'),
  expression: {
    of: {
      paid: 'fx * (paid + space + returns)',
      workedOut: 'fx * (K * (pieces + metal + joining + hardware + stocking) + space + returns)',
    },
    form: (c) => (todayOf(c).cost_USD === null ? 'workedOut' : 'paid'),
  },
  symbols: {
    fx,
    paid: brief('today.cost_USD', 'what a part costs today', 'USD'),
    K,
    pieces: figure('pieces', 'USD', 'pieces'),
    metal: figure('metal', 'USD', 'metal'),
    joining: figure('labour of joining', 'USD', 'joiningCost'),
    hardware: figure('hardware', 'USD', 'hardware'),
    stocking: figure('keeping pieces in stock', 'USD', 'stocking'),
    space: figure('floor it takes', 'USD', 'floor'),
    returns: figure('returns', 'USD', 'returns'),
  },
  values: (c) => ({
    fx: c.rates.currency.perUnit,
    paid: todayOf(c).cost_USD ?? 0,
    K: known(c, 'K'),
    pieces: known(c, 'pieces'),
    metal: known(c, 'metal'),
    joining: known(c, 'joiningCost'),
    hardware: known(c, 'hardware'),
    stocking: known(c, 'stocking'),
    space: known(c, 'floor'),
    returns: known(c, 'returns'),
  }),
});

export const TOOLING = equation({
  figure: 'fabricated.tooling',
  number: '9.6',
  ...priced('jig'),
  expression: 'fx * jig * (1 + mk)',
  symbols: { fx, jig: own('jig', 'jig'), mk },
  values: (c) => ({ fx: c.rates.currency.perUnit, jig: likely(ownRates(c).jig), mk: likely(c.rates.global.mk) }),
});

export const TOTAL = equation({
  figure: 'fabricated.total',
  number: '9.6',
  ...priced('total'),
  expression: 'jig + q * part',
  symbols: { jig: money('jig', 'tooling'), q, part: moneyAPart('an assembly', 'unit') },
  values: (c) => ({ jig: known(c, 'tooling'), q: c.q, part: known(c, 'unit') }),
});

/** The day by which N assemblies exist, by one pair of hands in shifts of eight hours. */
export const DAY = timeEquation({
  figure: 'fabricated.day',
  number: 'T13',
  ...titled('days to the pieces wanted'),
  unit: 'days from the order',
  expression: 'W * (lead + N * minutes / 60 / 8)',
  symbols: {
    W: perWorkday,
    lead: own('time.lead', 'pieces and hardware'),
    N,
    minutes: figure('joining an assembly', 'min', 'joining'),
  },
  values: (c) => ({
    W: workday(c),
    lead: likely(ownRates(c).time.lead),
    N: c.N,
    minutes: known(c, 'joining'),
  }),
});
