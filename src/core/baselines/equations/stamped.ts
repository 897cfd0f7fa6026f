import { likely } from '../../base/figures';
import {
  brief,
  equation,
  figure,
  fx,
  known,
  L,
  m,
  mk,
  N,
  ofFamily,
  p,
  perWorkday,
  priced,
  rate,
  timeEquation,
  titled,
  W,
  workday,
} from '../symbols';
import type { OfBaseline } from '../types';
import { inLots } from './any';

const own = (key: string, meaning: string, unit = '') => rate(`baselines.stamped.${key}`, meaning, unit);
const ownRates = ({ rates }: OfBaseline) => rates.baselines.stamped;
const hours = figure('hours of the press tool', 'h', 'hours');
const forms = figure('bends', 'bends', 'forms');
const Rpress = own('Rpress', 'press');

/** Bends: as the brief says; else three of a part that stands higher than twice its wall, none of a flat one. */
export const BENDS = equation({
  figure: 'stamped.forms',
  number: '9.5',
  title: 'Bends of a piece',
  unit: 'bends',
  expression: {
    of: { said: 'said', formed: '3', flat: '0' },
    form: ({ facts: { brief: of, w, H: height } }) =>
      of.bends !== undefined ? 'said' : w !== null && height > 2 * w ? 'formed' : 'flat',
  },
  symbols: { said: brief('bends', 'bends', 'bends') },
  note: ({ facts }) =>
    facts.brief.bends === undefined ? 'The brief says none: taken from its height against its wall.' : null,
  values: ({ facts }) => ({ said: facts.brief.bends ?? 0 }),
});

export const HOURS = equation({
  figure: 'stamped.hours',
  number: '9.5',
  title: 'Hours of the press tool',
  unit: 'h',
  expression: 'h0 + hP * 2 * (L + W) / 100 + hHole * nH + hForm * forms',
  symbols: {
    h0: own('h0', 'hours whatever the part'),
    hP: own('hP', 'hours by outline'),
    L,
    W,
    hHole: own('hHole', 'hours a hole'),
    nH: brief('geometry.coredHoles', 'holes', 'holes'),
    hForm: own('hForm', 'hours a bend'),
    forms,
  },
  values: (c) => ({
    h0: likely(ownRates(c).h0),
    hP: likely(ownRates(c).hP),
    L: c.facts.L,
    W: c.facts.W,
    hHole: likely(ownRates(c).hHole),
    nH: c.facts.nH,
    hForm: likely(ownRates(c).hForm),
    forms: known(c, 'forms'),
  }),
});

export const TOOLING = equation({
  figure: 'stamped.tooling',
  number: '9.5',
  ...priced('press tool'),
  expression: 'fx * (1 + mk) * (hours * Rtool + m0)',
  symbols: { fx, mk, hours, Rtool: rate('global.Rtool', 'toolmaker'), m0: own('m0', 'steel and bought parts') },
  values: (c) => ({
    fx: c.rates.currency.perUnit,
    mk: likely(c.rates.global.mk),
    hours: known(c, 'hours'),
    Rtool: likely(c.rates.global.Rtool),
    m0: likely(ownRates(c).m0),
  }),
});

export const METAL = equation({
  figure: 'stamped.metal',
  number: '9.5',
  title: 'Strip of a piece',
  unit: 'USD',
  expression: 'm * skeleton * p * kStock',
  symbols: {
    m,
    skeleton: own('skeleton', 'strip against piece'),
    p,
    kStock: ofFamily('kStock', 'strip against ingot'),
  },
  values: (c) => ({
    m: c.facts.m,
    skeleton: likely(ownRates(c).skeleton),
    p: c.facts.alloy.price_USD_kg[1],
    kStock: likely(c.rates.families[c.facts.ratesFamily]?.kStock),
  }),
});

export const STROKES = equation({
  figure: 'stamped.pours',
  number: '9.5',
  title: 'Strokes of the press, a piece',
  unit: 'USD',
  expression: '(1 + forms) * tStroke / 3600 * Rpress',
  symbols: { forms, tStroke: own('tStroke', 'one stroke'), Rpress },
  values: (c) => ({
    forms: known(c, 'forms'),
    tStroke: likely(ownRates(c).tStroke),
    Rpress: likely(ownRates(c).Rpress),
  }),
});

export const FINISHING = equation({
  figure: 'stamped.finishing',
  number: '9.5',
  title: 'Deburring a piece',
  unit: 'USD',
  expression: 'tDeburr / 60 * Rlab',
  symbols: { tDeburr: own('tDeburr', 'deburring'), Rlab: rate('global.Rlab', 'labour') },
  values: (c) => ({ tDeburr: likely(ownRates(c).tDeburr), Rlab: likely(c.rates.global.Rlab) }),
});

export const PIECE = equation({
  figure: 'stamped.piece',
  number: '9.5',
  title: 'A stamped piece',
  unit: 'USD',
  expression: 'metal + pours + finishing',
  symbols: {
    metal: figure('strip', 'USD', 'metal'),
    pours: figure('strokes of the press', 'USD', 'pours'),
    finishing: figure('deburring', 'USD', 'finishing'),
  },
  values: (c) => ({ metal: known(c, 'metal'), pours: known(c, 'pours'), finishing: known(c, 'finishing') }),
});

export const SET_UP = equation({
  figure: 'stamped.setUp',
  number: '9.5',
  title: 'Set-up of a lot',
  unit: 'USD',
  expression: 'hSU * Rpress',
  symbols: { hSU: own('hSU', 'setting up'), Rpress },
  values: (c) => ({ hSU: likely(ownRates(c).hSU), Rpress: likely(ownRates(c).Rpress) }),
});

export const { UNIT, TOTAL } = inLots('stamped', '9.5', 'press tool', 'a piece');

/** The day by which N pieces exist: the tool bought and made, three days of trials, then 4 000 pieces a day. */
export const DAY = timeEquation({
  figure: 'stamped.day',
  number: 'T13',
  ...titled('days to the pieces wanted'),
  unit: 'days from the order',
  expression: 'W * (buy + hours / cap + 3 + N / 4000)',
  symbols: {
    W: perWorkday,
    buy: own('buy', 'steel and strip'),
    hours,
    cap: own('capDay', 'tool hours a working day'),
    N,
  },
  values: (c) => ({
    W: workday(c),
    buy: likely(ownRates(c).buy),
    hours: known(c, 'hours'),
    cap: likely(ownRates(c).capDay),
    N: c.N,
  }),
});
