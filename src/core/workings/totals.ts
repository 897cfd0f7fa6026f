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
    const discounted = likely(c.study.rates.global.rDisc) > 0;
    return {
      title: 'Total of the programme',
      equation: 'Cost model 8.2: T(q)',
      expression: discounted ? 'T' : 'tools + K * (kNew * lotNew + kSet * lotSet + on(rest) * lotRest) * fx',
      value: c.money.total,
      unit: cur(c),
      symbols: discounted
        ? [computed('T', 'lots discounted by their year (8.3), tools and fixtures undiscounted', c.money.total, cur(c))]
        : [
            computed(
              'tools',
              'tools, replacement sets, fixtures and gauges, mark-up included',
              c.money.tooling,
              cur(c),
              'tooling',
            ),
            K(c),
            computed('kNew', `full lots begun before scrap settles`, split.freshFull, 'lots', 'kNew'),
            computed(
              'lotNew',
              'such a lot, with scrap as when new',
              lotOf(c, c.model.fresh, split.size),
              'USD',
              'lot@new',
            ),
            computed('kSet', 'full lots after that', split.settledFull, 'lots', 'kSet'),
            computed(
              'lotSet',
              'such a lot, with settled scrap',
              lotOf(c, c.model.settled, split.size),
              'USD',
              'lot@set',
            ),
            computed('rest', 'pieces left after the full lots', split.rest, 'pieces', 'rest'),
            computed(
              'lotRest',
              `a lot of the remainder, ${split.restIsFresh ? 'new' : 'settled'} scrap`,
              lotOf(c, split.restIsFresh ? c.model.fresh : c.model.settled, split.rest),
              'USD',
              'lot@rest',
            ),
            fx(c),
          ],
      note: discounted
        ? 'The rate set asks for discounting, so the lots are not a plain sum.'
        : 'on(x) is 1 where x is above 0, else 0.',
    };
  },
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
