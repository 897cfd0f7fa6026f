import { likely } from '../../base/figures';
import {
  brief,
  equation,
  equationsFor,
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
import { computed, type ListOf } from '../../equations';
import type { PieceKind } from '../../rates';
import type { OfBaseline } from '../types';
import { inAYear } from './any';

const own = (key: string, meaning: string, unit = '') => rate(`baselines.fabricated.${key}`, meaning, unit);
const ownRates = ({ rates }: OfBaseline) => rates.baselines.fabricated;
const todayOf = ({ facts }: OfBaseline) => facts.brief.today;

/** Kinds of piece of an assembly with how many of each; those that are not named are cut. */
function piecesOf(c: OfBaseline): readonly (readonly [PieceKind, number])[] {
  const { turned = 0, stamped = 0, bought = 0, cut } = todayOf(c).partKinds ?? {};
  const rest = Math.max(0, c.joining.parts - turned - stamped - bought - (cut ?? 0));
  const all: readonly (readonly [PieceKind, number])[] = [
    ['cut', (cut ?? 0) + rest],
    ['turned', turned],
    ['stamped', stamped],
    ['bought', bought],
  ];
  return all.filter(([, count]) => count > 0);
}
type OfPiece = OfBaseline & { readonly piece: PieceKind };
const countOf = (c: OfBaseline, piece: PieceKind): number => piecesOf(c).find(([kind]) => kind === piece)?.[1] ?? 0;

/** Pieces of one kind. */
export const OF_KIND = equationsFor<OfPiece>()({
  figure: 'fabricated.kind.{kind}',
  number: '9.6',
  title: ({ piece }) => `Pieces of an assembly: ${piece}`,
  unit: 'USD',
  expression: 'n * c0',
  symbols: {
    n: {
      ...brief('', '', 'pieces'),
      meaning: ({ piece }: OfPiece): string => `pieces: ${piece}`,
      path: ({ facts, piece }: OfPiece): string =>
        facts.brief.today.partKinds?.[piece] === undefined ? 'today.parts' : `today.partKinds.${piece}`,
      plainly: { meaning: 'pieces of the kind', path: 'today.partKinds' },
    },
    c0: {
      ...own('', 'one such piece'),
      path: ({ piece }: OfPiece): string => `baselines.fabricated.c0ByKind.${piece}`,
      plainly: { path: 'baselines.fabricated.c0ByKind', unit: 'USD' },
    },
  },
  plainly: { title: 'Pieces of an assembly, of one kind' },
  values: (c) => ({ n: countOf(c, c.piece), c0: likely(ownRates(c).c0ByKind[c.piece]) }),
});
const EACH_KIND: ListOf<OfBaseline, OfBaseline> = {
  meaning: 'pieces of each kind',
  unit: 'USD',
  written: 'kind1 + kind2 + …',
  values: (c) => piecesOf(c).map(([piece]) => OF_KIND.value({ ...c, piece })),
  each: (c) =>
    piecesOf(c).map(([piece]) =>
      computed(`kind_${piece}`, `pieces: ${piece}`, OF_KIND.value({ ...c, piece }), 'USD', `kind.${piece}`),
    ),
};

export const PIECES = equation({
  figure: 'fabricated.pieces',
  number: '9.6',
  title: 'Pieces of an assembly',
  unit: 'USD',
  expression: {
    of: { bought: 'bought', usual: 'sum(kind)' },
    form: (c) => (todayOf(c).partCost_USD === null ? 'usual' : 'bought'),
  },
  lists: { kind: EACH_KIND },
  symbols: {
    bought: brief('today.partCost_USD', 'pieces, as paid', 'USD'),
  },
  values: (c) => ({ bought: todayOf(c).partCost_USD ?? 0 }),
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

const shiftH = own('time.capacity.shiftH', 'hours a shift');
const avail = own('time.capacity.avail', 'share of the shift that is work');
export const { UNITS, SHIFTS, MACHINES } = inAYear(
  'fabricated',
  'people',
  { expression: 'minutes / 60', symbols: { minutes: figure('joining an assembly', 'min', 'joining') } },
  ({ facts }) => ({ machines: facts.brief.quantity.capacity?.fabricated?.people }),
  {
    symbols: { h: shiftH, avail, most: figure('one shift', 'shifts') },
    values: (c) => {
      const { capacity } = ownRates(c).time;
      return { h: likely(capacity.shiftH), avail: likely(capacity.avail), most: 1 };
    },
  },
  (c) => ({ minutes: known(c, 'joining') }),
  (c) => likely(ownRates(c).time.capacity.peopleMax),
);

/** The day by which N assemblies exist, by as many people as a year’s assemblies ask for. */
export const DAY = timeEquation({
  figure: 'fabricated.day',
  number: 'T13',
  ...titled('days to the pieces wanted'),
  unit: 'days from the order',
  expression: 'W * (lead + N * minutes / 60 / (h * avail * people))',
  symbols: {
    W: perWorkday,
    lead: own('time.lead', 'pieces and hardware'),
    N,
    minutes: figure('joining an assembly', 'min', 'joining'),
    h: shiftH,
    avail,
    people: figure('people', 'people', 'machines'),
  },
  values: (c) => ({
    h: likely(ownRates(c).time.capacity.shiftH),
    avail: likely(ownRates(c).time.capacity.avail),
    people: known(c, 'machines'),
    W: workday(c),
    lead: likely(ownRates(c).time.lead),
    N: c.N,
    minutes: known(c, 'joining'),
  }),
});
