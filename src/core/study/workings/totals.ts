import { lotsByYear, lotsOf, worthOfYears, type Worth } from '../../cost';
import { likely } from '../../base/figures';
import { cur, nSym, type Builder } from './common';
import type { Context } from './context';
import { computed, fromRate } from '../../equations';

const WORTH_WORDS: Readonly<Record<keyof Worth, string>> = {
  dNew: 'what lots with new scrap are worth today, by the year each is begun',
  dFull: 'what all full lots are worth today',
  dRest: 'what the remainder is worth today',
};
/** Years listed one by one; a programme that goes on for longer is summed without that. */
const MOST_YEARS = 40;

/** Lots begun in each year, where they are discounted; none where they are not. */
const yearsOf = ({ worth, split, lot, cost }: Context, which: keyof Worth): number[] =>
  worth === null ? [] : lotsByYear(lotsOf(split)[which], lot, cost.perYear ?? Infinity);

function worthWorking(which: keyof Worth): Builder {
  return (c) => {
    const years = yearsOf(c, which);
    const value = worthOfYears(years, likely(c.study.rates.global.rDisc));
    const lots = years.reduce((a, b) => a + b, 0);
    const told = lots > 0 && years.length <= MOST_YEARS;
    // From the last year back: each step takes a year off all that comes after.
    const sum = years.reduceRight((later, _, y) => (later === '' ? `n${y}` : `n${y} + (${later}) / (1 + r)`), '');
    return {
      title: `Worth today: ${WORTH_WORDS[which]}`,
      equation: 'Cost model 8.3: 1 / (1 + r) for every full year before a lot is begun',
      expression: told ? `(${sum}) / lots` : 'd',
      value,
      unit: 'share',
      symbols: told
        ? [
            ...years.map((n, y) => computed(`n${y}`, `lots begun in year ${y + 1}`, n, 'lots')),
            fromRate('r', 'discount rate', c.study.rates.global.rDisc, 'global.rDisc'),
            computed('lots', 'lots in total', lots, 'lots'),
          ]
        : [computed('d', lots === 0 ? 'no lots, nothing to discount' : 'summed lot by lot', value, 'share')],
      note: 'In the simulations it stays as the likely figures have it.',
    };
  };
}

/** Workings of what lots are worth today, and of the positions chosen. */
export const TOTALS: Readonly<Record<string, Builder>> = {
  dNew: worthWorking('dNew'),
  dFull: worthWorking('dFull'),
  dRest: worthWorking('dRest'),
  positions: (c) => {
    const tried = c.entry.costs.map((cost) => ({ plan: cost.plan, total: cost.total(c.q) * c.fx }));
    const name = (plan: typeof c.plan): string => `T_${plan.n}_${plan.nt}`;
    const overridden = c.entry.overriddenCost !== null;
    if (overridden && !tried.some((t) => name(t.plan) === name(c.plan)))
      tried.push({ plan: c.plan, total: c.cost.total(c.q) * c.fx });
    return {
      title: `${c.plan.n} ${c.plan.n === 1 ? 'position' : 'positions'} a pour: ${overridden ? 'fixed by the brief' : `the cheapest of ${tried.length} tried`}`,
      equation: overridden
        ? 'Cost model 4.3, the count held against the cheapest'
        : 'Cost model 4.3: the count of least T(q)',
      expression: overridden ? name(c.plan) : `min(${tried.map((t) => name(t.plan)).join(', ')})`,
      value: c.money.total,
      unit: cur(c),
      symbols: [
        ...tried.map(({ plan, total }) =>
          computed(
            name(plan),
            `total with ${plan.n} per pour${plan.nt === plan.n ? '' : `, tool of ${plan.nt}`}`,
            total,
            cur(c),
            name(plan) === name(c.plan) ? 'total' : null,
          ),
        ),
        nSym(c),
      ],
      note: null,
    };
  },
};
