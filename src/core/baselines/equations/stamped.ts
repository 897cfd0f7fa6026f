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
import { inAYear, inLots } from './any';

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
  title: 'Strip of a piece, less what its skeleton is worth',
  unit: 'USD',
  expression: 'm * skeleton * p * kStock - m * (skeleton - 1) * p * kChip',
  symbols: {
    kChip: ofFamily('kChip', 'skeleton against ingot'),
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
    kChip: likely(c.rates.families[c.facts.ratesFamily]?.kChip),
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

/** Deburring in bulk; by hand only where a piece is long, or has a face to be seen. */
export const FINISHING = equation({
  figure: 'stamped.finishing',
  number: '9.5',
  title: 'Deburring and packing a piece',
  unit: 'USD',
  expression: {
    of: { bulk: 'm * kTumble + kPack', hand: 'm * kTumble + kPack + tDeburr / 60 * Rlab' },
    form: (c) => {
      const { L: length, W: width, brief: of } = c.facts;
      const seen = of.needs.cosmeticFace === true || of.surface.cosmetic === true;
      return Math.max(length, width) > likely(ownRates(c).handFrom) || seen ? 'hand' : 'bulk';
    },
  },
  symbols: {
    m,
    kTumble: own('kTumble', 'deburring and washing in bulk'),
    kPack: own('kPack', 'counting and packing'),
    tDeburr: own('tDeburr', 'deburring by hand'),
    Rlab: rate('global.Rlab', 'labour'),
  },
  values: (c) => ({
    m: c.facts.m,
    kTumble: likely(ownRates(c).kTumble),
    kPack: likely(ownRates(c).kPack),
    tDeburr: likely(ownRates(c).tDeburr),
    Rlab: likely(c.rates.global.Rlab),
  }),
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

const shiftH = own('capacity.shiftH', 'hours a shift');
const avail = own('pressAvail', 'share of the shift that is work');
const HOURS_OF_DAY = {
  symbols: { h: shiftH, avail, most: own('capacity.shiftsMax', 'most shifts a day') },
  values: (c: OfBaseline) => {
    const { capacity, pressAvail } = ownRates(c);
    return { h: likely(capacity.shiftH), avail: likely(pressAvail), most: likely(capacity.shiftsMax) };
  },
};
const mostPresses = (c: OfBaseline): number => likely(ownRates(c).capacity.pressesMax);
const ownPresses = ({ facts }: OfBaseline) => {
  const said = facts.brief.quantity.capacity?.stamped;
  return { machines: said?.presses, shifts: said?.shifts };
};
const STROKE = { forms, t: own('tStroke', 'one stroke') };
const strokeOf = (c: OfBaseline) => ({ forms: known(c, 'forms'), t: likely(ownRates(c).tStroke) });
export const { UNITS, SHIFTS, MACHINES } = inAYear(
  'stamped',
  'presses',
  { expression: '(1 + forms) * t / 3600', symbols: STROKE },
  ownPresses,
  HOURS_OF_DAY,
  strokeOf,
  mostPresses,
);

/** What the date of stamped pieces hangs on, whichever tool they come from. */
const OF_DAY = {
  W: perWorkday,
  buy: own('buy', 'steel and strip'),
  hours,
  cap: own('capDay', 'tool hours a working day'),
  N,
  h: shiftH,
  avail,
  shifts: figure('shifts a day', 'shifts', 'shifts'),
  presses: figure('presses', 'presses', 'machines'),
};
const ofDay = (c: OfBaseline) => ({
  W: workday(c),
  buy: likely(ownRates(c).buy),
  hours: known(c, 'hours'),
  cap: likely(ownRates(c).capDay),
  N: c.N,
  h: likely(ownRates(c).capacity.shiftH),
  avail: likely(ownRates(c).pressAvail),
  shifts: known(c, 'shifts'),
  presses: known(c, 'machines'),
});

/** The day by which N pieces exist: the tool bought and made, three days of trials, then the presses of a year. */
export const DAY = timeEquation({
  figure: 'stamped.day',
  number: 'T13',
  ...titled('days to the pieces wanted'),
  unit: 'days from the order',
  expression: 'W * (buy + hours / cap + 3 + N * (1 + forms) * t / 3600 / (h * avail * shifts * presses))',
  symbols: { ...OF_DAY, ...STROKE },
  values: (c) => ({ ...ofDay(c), ...strokeOf(c) }),
});

/** The same from one strip tool that does all operations at a stroke. */
export const STRIP = {
  HOURS: equation({
    figure: 'strip.hours',
    number: '9.5',
    title: 'Hours of the strip tool',
    unit: 'h',
    expression:
      '(h0 + hP * 2 * (L + W) / 100 + hHole * nH + hForm * forms) * progHours + progStation * (1 + forms + on(nH))',
    symbols: {
      ...HOURS.definition.symbols,
      progHours: own('progHours', 'hours of a strip tool against single dies'),
      progStation: own('progStation', 'hours an operation'),
    },
    values: (c) => ({
      ...HOURS.definition.values(c),
      progHours: likely(ownRates(c).progHours),
      progStation: likely(ownRates(c).progStation),
    }),
  }),
  STROKES: equation({
    figure: 'strip.pours',
    number: '9.5',
    title: 'Stroke of the press, a piece',
    unit: 'USD',
    expression: 't / 3600 * Rpress',
    symbols: { t: own('tProg', 'one stroke of a coil-fed press'), Rpress },
    values: (c) => ({ t: likely(ownRates(c).tProg), Rpress: likely(ownRates(c).Rpress) }),
  }),
  SET_UP: equation({
    figure: 'strip.setUp',
    number: '9.5',
    title: 'Set-up of a lot',
    unit: 'USD',
    expression: 'progSU * Rpress',
    symbols: { progSU: own('progSU', 'setting up'), Rpress },
    values: (c) => ({ progSU: likely(ownRates(c).progSU), Rpress: likely(ownRates(c).Rpress) }),
  }),
  ...inAYear(
    'strip',
    'presses',
    { expression: 't / 3600', symbols: { t: own('tProg', 'one stroke of a coil-fed press') } },
    ownPresses,
    HOURS_OF_DAY,
    (c) => ({ t: likely(ownRates(c).tProg) }),
    mostPresses,
  ),
  DAY: timeEquation({
    figure: 'strip.day',
    number: 'T13',
    ...titled('days to the pieces wanted'),
    unit: 'days from the order',
    expression: 'W * (buy + hours / cap + 3 + N * t / 3600 / (h * avail * shifts * presses))',
    symbols: { ...OF_DAY, t: own('tProg', 'one stroke of a coil-fed press') },
    values: (c) => ({ ...ofDay(c), t: likely(ownRates(c).tProg) }),
  }),
} as const;
