import { likely } from '../../base/figures';
import { brief } from '../../equations';
import { equation, figure, fx, known, rate } from '../symbols';

/** Damage of today's assembly a year: as the brief says, or one of its pieces is replaced. */
export const TODAY = equation({
  figure: 'fabricated.damage',
  number: '9.10',
  title: 'Damage of today’s assembly a year',
  unit: ({ rates }) => `${rates.currency.code}/part a year`,
  plainly: { title: 'Damage of today’s assembly a year', unit: 'currency/part a year' },
  expression: {
    of: { said: 'fx * said', usual: 'fx * pD * (pieces / parts + hOut * Rlab)' },
    form: ({ facts }) => (facts.brief.today.repairPerYear_USD === undefined ? 'usual' : 'said'),
  },
  symbols: {
    fx,
    said: brief('today.repairPerYear_USD', 'repair of today’s assembly a year', 'USD'),
    pD: rate('oneForMany.pDamage', 'damaged in a year of use'),
    pieces: figure('pieces of the assembly', 'USD', 'pieces'),
    parts: brief('today.parts', 'pieces', 'pieces'),
    hOut: rate('oneForMany.hoursOut', 'taking one out and putting it back'),
    Rlab: rate('global.Rlab', 'labour'),
  },
  values: (c) => ({
    fx: c.rates.currency.perUnit,
    said: c.facts.brief.today.repairPerYear_USD ?? 0,
    pD: likely(c.rates.oneForMany.pDamage),
    pieces: known(c, 'pieces'),
    parts: c.joining.parts,
    hOut: likely(c.rates.oneForMany.hoursOut),
    Rlab: likely(c.rates.global.Rlab),
  }),
});
