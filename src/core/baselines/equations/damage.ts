import { likely } from '../../base/figures';
import { choice, type SymbolOf } from '../../equations';
import { equation, equationsFor, figure, fx, known, rate } from '../symbols';
import type { OfBaseline } from '../types';

/** One casting that stands in place of an assembly, at its price, with as many bolted ends and years of service. */
export interface OfDamage extends OfBaseline {
  /** Total cost per part, in the study's currency. */
  readonly u: number;
  readonly ends: number;
  readonly years: number;
}

const of = equationsFor<OfDamage>();
const code = ({ rates }: OfBaseline): string => rates.currency.code;
const moneyUnit = { unit: code, plainly: { unit: 'currency' } };
const yearly = (words: string) => ({
  title: words,
  unit: (c: OfBaseline): string => `${code(c)}/part a year`,
  plainly: { title: words, unit: 'currency/part a year' },
});
const each = (words: string) => ({
  title: words,
  unit: (c: OfBaseline): string => `${code(c)}/part`,
  plainly: { title: words, unit: 'currency/part' },
});
/** A figure of the same ends and years. */
const opened = (meaning: string, name: string): SymbolOf<OfDamage> => ({
  ...figure(meaning, '', name),
  opens: ({ ends, years }) => damageFigure(name, ends, years),
  ...moneyUnit,
});
const own = (key: string, meaning: string) => rate(`oneForMany.${key}`, meaning);
const ownRates = ({ rates }: OfBaseline) => rates.oneForMany;

/**
 * Name of a figure of damage with its ends and years: `damage.worth@2.10`.
 *
 * @example
 * damageFigure('damage.worth', 2, 10) // 'damage.worth@2.10'
 */
export const damageFigure = (name: string, ends: number, years: number): string => `${name}@${ends}.${years}`;

const u: SymbolOf<OfDamage> = {
  ...figure('total cost per part', '', 'allIn'),
  unit: (c) => `${code(c)}/part`,
  plainly: { unit: 'currency/part' },
};
const pD = own('pDamage', 'damaged in a year of use');
const kM = own('mendShare', 'damage that can be mended');
const cM = own('cMend', 'mending, of the price of the casting');
const out = opened('taking one out and putting it back', 'damage.out');
const once = opened('damage once', 'damage.once');
const onEnd = opened('damage of an end once', 'damage.end');
const nE = choice('bolted ends', 'ends');

export const OUT = equation({
  figure: 'damage.out',
  number: '9.10',
  ...each('Taking a part out and putting it back'),
  expression: 'fx * hOut * Rlab',
  symbols: { fx, hOut: own('hoursOut', 'taking it out and putting it back'), Rlab: rate('global.Rlab', 'labour') },
  values: (c) => ({
    fx: c.rates.currency.perUnit,
    hOut: likely(ownRates(c).hoursOut),
    Rlab: likely(c.rates.global.Rlab),
  }),
});

/** One damage of a casting: most of it scraps the whole, the rest is mended. */
export const ONCE = of({
  figure: 'damage.once',
  number: '9.10',
  ...each('Damage of one casting, once'),
  expression: '(1 - kM) * (u + out) + kM * (cM * u + out)',
  symbols: { kM, u, out, cM },
  values: (c) => ({
    kM: likely(ownRates(c).mendShare),
    u: c.u,
    out: known(c, 'damage.out'),
    cM: likely(ownRates(c).cMend),
  }),
});

export const YEAR = of({
  figure: 'damage.year',
  number: '9.10',
  ...yearly('Damage of one casting a year'),
  expression: 'pD * once',
  symbols: { pD, once },
  values: (c) => ({ pD: likely(ownRates(c).pDamage), once: known(c, 'damage.once') }),
});

/** One damage that falls on a bolted end: the end alone is replaced. */
export const END = of({
  figure: 'damage.end',
  number: '9.11',
  ...each('Damage of a bolted end, once'),
  expression: 'price * u + out',
  symbols: { price: own('end.price', 'a bolted end, of the price of the casting'), u, out },
  values: (c) => ({ price: likely(ownRates(c).end.price), u: c.u, out: known(c, 'damage.out') }),
});

export const ENDS_YEAR = of({
  figure: 'damage.endsYear',
  number: '9.11',
  ...yearly('Damage a year, with bolted ends'),
  expression: 'pD * (share * end + (1 - share) * once)',
  symbols: { pD, share: own('end.share', 'damage that falls on the ends'), end: onEnd, once },
  values: (c) => ({
    pD: likely(ownRates(c).pDamage),
    share: likely(ownRates(c).end.share),
    end: known(c, 'damage.end'),
    once: known(c, 'damage.once'),
  }),
});

export const FITTING = of({
  figure: 'damage.fitting',
  number: '9.11',
  ...each('Fitting bolted ends'),
  expression: 'nE * fx * (join / 60 * Rlab + face + hardware)',
  symbols: {
    nE,
    fx,
    join: own('end.join_min', 'fitting one end'),
    Rlab: rate('global.Rlab', 'labour'),
    face: own('end.face_USD', 'seat of one end'),
    hardware: own('end.hardware', 'hardware of one end'),
  },
  values: (c) => {
    const { end } = ownRates(c);
    return {
      nE: c.ends,
      fx: c.rates.currency.perUnit,
      join: likely(end.join_min),
      Rlab: likely(c.rates.global.Rlab),
      face: likely(end.face_USD),
      hardware: likely(end.hardware),
    };
  },
});

/** What bolted ends save over the years of service, less what they cost: above 0 they pay. */
export const WORTH = of({
  figure: 'damage.worth',
  number: '9.12',
  ...each('What bolted ends save'),
  expression: '(whole - parted) * years - fitting',
  symbols: {
    whole: opened('damage a year, one casting', 'damage.year'),
    parted: opened('damage a year, with bolted ends', 'damage.endsYear'),
    years: choice('years of service', 'years'),
    fitting: opened('fitting the ends', 'damage.fitting'),
  },
  values: (c) => ({
    whole: known(c, 'damage.year'),
    parted: known(c, 'damage.endsYear'),
    years: c.years,
    fitting: known(c, 'damage.fitting'),
  }),
});

/** Share of pieces damaged in a year from which bolted ends pay; nothing where an end costs as much as the whole. */
export const PAYS_FROM = of({
  figure: 'damage.paysFrom',
  number: '9.12',
  title: 'Damage from which bolted ends pay',
  unit: 'share of pieces a year',
  expression: 'fitting / (years * share * (once - end))',
  symbols: {
    fitting: opened('fitting the ends', 'damage.fitting'),
    years: choice('years of service', 'years'),
    share: own('end.share', 'damage that falls on the ends'),
    once,
    end: onEnd,
  },
  values: (c) => ({
    fitting: known(c, 'damage.fitting'),
    years: c.years,
    share: likely(ownRates(c).end.share),
    once: known(c, 'damage.once'),
    end: known(c, 'damage.end'),
  }),
});
