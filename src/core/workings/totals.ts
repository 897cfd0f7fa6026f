import { likely } from '../figures';
import {
  cur,
  variantKey,
  fx,
  K,
  qty,
  learnSym,
  lotQ,
  lotSym,
  MC,
  nSym,
  price,
  meltLoss,
  kRet,
  LINE_WORDS,
  type Builder,
} from './common';
import { lotOf, type Context } from './context';
import { computed, fromRate } from './symbols';
import type { WorkingSymbol } from './types';

const fullLots = (c: Context): WorkingSymbol =>
  computed('full', 'full lots', c.split.freshFull + c.split.settledFull, 'lots', 'fullLots');

/** Which lots a share of worth is of: the number of the first, and of the first after them. */
const LOTS_OF = {
  dNew: (c: Context) => [0, c.split.freshFull],
  dFull: (c: Context) => [0, c.split.freshFull + c.split.settledFull],
  dRest: (c: Context) => [c.split.freshFull + c.split.settledFull, c.split.freshFull + c.split.settledFull + 1],
} as const satisfies Readonly<Record<string, (c: Context) => readonly [number, number]>>;
type WorthOf = keyof typeof LOTS_OF;

const WORTH_WORDS: Readonly<Record<WorthOf, string>> = {
  dNew: 'what lots with new scrap are worth today, by the year each is begun',
  dFull: 'what all full lots are worth today',
  dRest: 'what the remainder is worth today',
};
/** Years told one by one; a programme that goes on for longer is summed without that. */
const MOST_YEARS = 40;

/** Whether lots are discounted by their year: the rate set asks for it, and the brief says how many a year. */
const isDiscounted = (c: Context): boolean => likely(c.study.rates.global.rDisc) > 0 && c.cost.perYear !== null;

/** Lots begun in each year, of those a share of worth is of. */
function lotsByYear(c: Context, which: WorthOf): number[] {
  const [from, to] = LOTS_OF[which](c);
  const years: number[] = [];
  for (let k = from; k < to; k++) {
    const year = Math.floor((k * c.lot) / (c.cost.perYear ?? Infinity));
    while (years.length <= year) years.push(0);
    years[year]!++;
  }
  return years;
}

/** What lots are worth today, as a mean share of their money; 1 for no lots. */
function worthIn(c: Context, which: WorthOf): number {
  const r = likely(c.study.rates.global.rDisc);
  const years = lotsByYear(c, which);
  const lots = years.reduce((a, b) => a + b, 0);
  return lots === 0 ? 1 : years.reduce((sum, n, y) => sum + n / (1 + r) ** y, 0) / lots;
}

const worthOf = (c: Context, which: WorthOf): WorkingSymbol =>
  computed(which, WORTH_WORDS[which], worthIn(c, which), 'share', which);

function worthWorking(which: WorthOf): Builder {
  return (c) => {
    const years = isDiscounted(c) ? lotsByYear(c, which) : [];
    const lots = years.reduce((a, b) => a + b, 0);
    const told = lots > 0 && years.length <= MOST_YEARS;
    // From the last year back: each step takes a year off all that comes after.
    const sum = years.reduceRight((later, _, y) => (later === '' ? `n${y}` : `n${y} + (${later}) / (1 + r)`), '');
    return {
      title: `Worth today: ${WORTH_WORDS[which]}`,
      equation: 'Cost model 8.3: 1 / (1 + r) for every full year before a lot is begun',
      expression: told ? `(${sum}) / lots` : 'd',
      value: isDiscounted(c) ? worthIn(c, which) : 1,
      unit: 'share',
      symbols: told
        ? [
            ...years.map((n, y) => computed(`n${y}`, `lots begun in year ${y + 1}`, n, 'lots')),
            fromRate('r', 'discount rate', c.study.rates.global.rDisc, 'global.rDisc'),
            computed('lots', 'lots in all', lots, 'lots'),
          ]
        : [
            computed(
              'd',
              lots === 0 ? 'no lots, nothing to discount' : 'summed lot by lot',
              isDiscounted(c) ? worthIn(c, which) : 1,
              'share',
            ),
          ],
      note: 'Over the draws it stays as the likely figures have it.',
    };
  };
}

/** Workings of the totals: all in, the programme, the part price, a lot, the price factor. */
export const TOTALS: Readonly<Record<string, Builder>> = {
  allIn: (c) => ({
    title: 'All in, a part',
    equation: 'Cost model 8.4: all-in = T(q)/q',
    expression: 'T / q',
    value: c.money.allIn,
    unit: `${cur(c)}/part`,
    symbols: [computed('T', 'total of the programme', c.money.total, cur(c), 'total'), qty(c)],
    note: null,
  }),
  total: (c) => {
    const { split } = c;
    const worth = isDiscounted(c);
    return {
      title: 'Total of the programme',
      equation: worth ? 'Cost model 8.2 and 8.3: T(q), lots discounted by their year' : 'Cost model 8.2: T(q)',
      expression: worth
        ? 'tools + K * ((kNew + kSet) * dFull * lotSet + kNew * dNew * (lotNew - lotSet) + on(rest) * dRest * lotRest) * fx'
        : 'tools + K * (kNew * lotNew + kSet * lotSet + on(rest) * lotRest) * fx',
      value: c.money.total,
      unit: cur(c),
      symbols: [
        computed(
          'tools',
          'tools, replacement sets, fixtures and gauges, mark-up included',
          c.money.tooling,
          cur(c),
          'tooling',
        ),
        K(c),
        computed('kNew', `full lots begun before scrap settles`, split.freshFull, 'lots', 'kNew'),
        ...(worth ? [worthOf(c, 'dNew')] : []),
        computed('lotNew', 'such a lot, with scrap as when new', lotOf(c, c.model.fresh, split.size), 'USD', 'lot@new'),
        computed('kSet', 'full lots after that', split.settledFull, 'lots', 'kSet'),
        ...(worth ? [worthOf(c, 'dFull')] : []),
        computed('lotSet', 'such a lot, with settled scrap', lotOf(c, c.model.settled, split.size), 'USD', 'lot@set'),
        computed('rest', 'pieces left after the full lots', split.rest, 'pieces', 'rest'),
        ...(worth ? [worthOf(c, 'dRest')] : []),
        computed(
          'lotRest',
          `a lot of the remainder, ${split.restIsFresh ? 'new' : 'settled'} scrap`,
          lotOf(c, split.restIsFresh ? c.model.fresh : c.model.settled, split.rest),
          'USD',
          'lot@rest',
        ),
        fx(c),
      ],
      note: `on(x) is 1 where x is above 0, else 0.${worth ? ' Tools and fixtures are not discounted.' : ''}`,
    };
  },
  dNew: worthWorking('dNew'),
  dFull: worthWorking('dFull'),
  dRest: worthWorking('dRest'),
  kNew: (c) => ({
    title: 'Full lots begun before scrap settles',
    equation: 'Cost model 8.2',
    expression: 'min(full, ceil(learn / lot))',
    value: c.split.freshFull,
    unit: 'lots',
    symbols: [fullLots(c), learnSym(c), lotSym(c)],
    note: null,
  }),
  kSet: (c) => ({
    title: 'Full lots with settled scrap',
    equation: 'Cost model 8.2',
    expression: 'full - kNew',
    value: c.split.settledFull,
    unit: 'lots',
    symbols: [fullLots(c), computed('kNew', 'full lots begun before scrap settles', c.split.freshFull, 'lots', 'kNew')],
    note: null,
  }),
  fullLots: (c) => ({
    title: 'Full lots of the programme',
    equation: 'Cost model 8.2',
    expression: 'floor(q / lot)',
    value: c.split.freshFull + c.split.settledFull,
    unit: 'lots',
    symbols: [qty(c), lotSym(c)],
    note: null,
  }),
  rest: (c) => ({
    title: 'Pieces left after the full lots',
    equation: 'Cost model 8.2',
    expression: 'q - full * lot',
    value: c.split.rest,
    unit: 'pieces',
    symbols: [qty(c), fullLots(c), lotSym(c)],
    note: null,
  }),
  positions: (c) => {
    const tried = c.entry.costs.map((cost) => ({ plan: cost.plan, total: cost.total(c.q) * c.fx }));
    const name = (plan: typeof c.plan): string => `T_${plan.n}_${plan.nt}`;
    const held = c.entry.heldCost !== null;
    if (held && !tried.some((t) => name(t.plan) === name(c.plan)))
      tried.push({ plan: c.plan, total: c.cost.total(c.q) * c.fx });
    return {
      title: `${c.plan.n} ${c.plan.n === 1 ? 'position' : 'positions'} a pour: ${held ? 'held by the brief' : `the cheapest of ${tried.length} tried`}`,
      equation: held
        ? 'Cost model 4.3, the count held against the cheapest'
        : 'Cost model 4.3: the count of least T(q)',
      expression: held ? name(c.plan) : `min(${tried.map((t) => name(t.plan)).join(', ')})`,
      value: c.money.total,
      unit: cur(c),
      symbols: [
        ...tried.map(({ plan, total }) =>
          computed(
            name(plan),
            `total with ${plan.n} in a pour${plan.nt === plan.n ? '' : `, tool of ${plan.nt}`}`,
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
  unit: (c) => {
    const lines = Object.entries(c.money.lines);
    return {
      title: 'Part price of the usual lot',
      equation: 'Cost model 8.4: K·lot(Q)/Q, line by line',
      expression: lines.map(([id]) => id).join(' + '),
      value: c.money.unit,
      unit: `${cur(c)}/part`,
      symbols: lines.map(([id, value]) => computed(id, LINE_WORDS[id] ?? id, value, `${cur(c)}/part`, `line.${id}`)),
      note: `Tooling apart. Lot of ${c.Q}, ${c.fresh ? 'scrap as when new: the whole programme is shorter than the learning' : 'settled scrap'}.`,
    };
  },
  lot: (c) => ({
    title: `One lot of ${c.Q}`,
    equation: 'Cost model 8.1',
    expression:
      'setUp + Pw * cPour + p * (kg * (1 + l) - kRet * (kg - Q * mc)) + kg * cMelt + NB * (fin + heat) + Q * nB * sc * omega * cRw + Q * nC * mach + Q * nD * look + max(share * Q, min(Q, 3)) * measure + shots * upkeep',
    value: lotOf(c, c.stages, c.Q),
    unit: 'USD',
    symbols: [
      computed('setUp', 'set-up of the lot', c.model.setUp, 'USD', 'setUp'),
      computed('Pw', 'pours, warm-up included', c.run.filled, 'pours', `pours${c.at}`),
      computed('cPour', 'one pour', c.plan.pour, 'USD', 'cPour'),
      price(c),
      computed('kg', 'melted', c.run.filled * c.plan.M, 'kg', `kg${c.at}`),
      meltLoss(c),
      kRet(c),
      lotQ(c),
      MC(c),
      computed('cMelt', 'melting', c.model.melting, 'USD/kg', 'cMelt'),
      computed('NB', 'castings made, Q·nB', c.run.castings, 'castings', `castings${c.at}`),
      computed('fin', 'finishing a casting', c.model.finish, 'USD', 'finish'),
      computed('heat', 'heat treatment a casting', c.model.heat, 'USD', 'heat'),
      computed('nB', 'castings made a good piece', c.stages.nB, '–', `stages${c.at}`),
      computed('sc', 'share found bad after fettling', c.stages.sc, 'share', `sc${c.at}`),
      fromRate('omega', 'share of rejects saved', c.model.v.stage.omega, variantKey(c, 'stage.omega')),
      fromRate('cRw', 'one rework', c.model.v.stage.cRw, variantKey(c, 'stage.cRw')),
      computed('nC', 'castings machined a good piece', c.stages.nC, '–', 'nC'),
      computed('mach', 'machining of a piece', c.model.part.machining, 'USD', 'machining'),
      computed('nD', 'pieces inspected a good piece', c.stages.nD, '–', 'nD'),
      computed('look', 'looking a piece over', c.model.look, 'USD', 'look'),
      fromRate('share', 'pieces measured', c.study.rates.global.sampleShare, 'global.sampleShare'),
      computed('measure', 'measuring a sample piece', c.model.measure, 'USD', 'measure'),
      computed('shots', 'shots on the tool', c.run.shots, 'shots', `shots${c.at}`),
      computed('upkeep', 'upkeep a shot', c.plan.upkeep, 'USD', 'upkeep'),
    ],
    note: null,
  }),
  K: (c) => {
    const { fit } = c.model.screening;
    const g = c.study.rates.global;
    const figure = fit === 'possible' ? g.kPoss : fit === 'special' ? g.kSpec : undefined;
    return {
      title: 'Price factor',
      equation: 'Cost model 2.4',
      expression: '(1 + oh) * (1 + mg) * (1 + kFit)',
      value: c.model.K,
      unit: '–',
      symbols: [
        fromRate('oh', 'overhead', g.oh, 'global.oh'),
        fromRate('mg', 'margin on parts', g.mg, 'global.mg'),
        fromRate(
          'kFit',
          `what a ${fit} fit of alloy and route adds`,
          figure,
          fit === 'special' ? 'global.kSpec' : 'global.kPoss',
          'share',
        ),
      ],
      note: null,
    };
  },
};
