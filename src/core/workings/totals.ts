import { likely } from '../figures';
import { cur, variantKey, fx, K, qty, lotQ, MC, nSym, price, meltLoss, kRet, LINE_WORDS, type Builder } from './common';
import { lotOf } from './context';
import { computed, fromRate } from './symbols';

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
    const rest = split.rest > 0 ? lotOf(c, split.restIsFresh ? c.model.fresh : c.model.settled, split.rest) : 0;
    const discounted = likely(c.study.rates.global.rDisc) > 0;
    return {
      title: 'Total of the programme',
      equation: 'Cost model 8.2: T(q)',
      expression: discounted ? 'T' : '(Ctools + K * (kNew * lotNew + kSet * lotSet + lotRest)) * fx',
      value: c.money.total,
      unit: cur(c),
      symbols: discounted
        ? [computed('T', 'lots discounted by their year (8.3), tools and fixtures undiscounted', c.money.total, cur(c))]
        : [
            computed(
              'Ctools',
              'tools, replacement sets, fixtures and gauges, mark-up included',
              c.money.tooling / c.fx,
              'USD',
              'tooling',
            ),
            K(c),
            computed(
              'kNew',
              `full lots of ${split.size} begun before ${c.model.learnPieces} pieces are made`,
              split.freshFull,
              'lots',
            ),
            computed(
              'lotNew',
              'such a lot, with scrap as when new',
              split.freshFull > 0 ? lotOf(c, c.model.fresh, split.size) : 0,
              'USD',
            ),
            computed('kSet', 'full lots after that', split.settledFull, 'lots'),
            computed(
              'lotSet',
              'such a lot, with settled scrap',
              split.settledFull > 0 ? lotOf(c, c.model.settled, split.size) : 0,
              'USD',
              'lot',
            ),
            computed(
              'lotRest',
              `remainder of ${split.rest} pieces, ${split.restIsFresh ? 'new' : 'settled'} scrap`,
              rest,
              'USD',
            ),
            fx(c),
          ],
      note: discounted ? 'The rate set asks for discounting, so the lots are not a plain sum.' : null,
    };
  },
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
      computed('Pw', 'pours, warm-up included', c.run.filled, 'pours', 'pours'),
      computed('cPour', 'one pour', c.plan.pour, 'USD', 'cPour'),
      price(c),
      computed('kg', 'melted', c.run.filled * c.plan.M, 'kg', 'kg'),
      meltLoss(c),
      kRet(c),
      lotQ(c),
      MC(c),
      computed('cMelt', 'melting', c.model.melting, 'USD/kg', 'cMelt'),
      computed('NB', 'castings made, Q·nB', c.run.castings, 'castings', 'stages'),
      computed('fin', 'finishing a casting', c.model.finish, 'USD', 'finish'),
      computed('heat', 'heat treatment a casting', c.model.heat, 'USD'),
      computed('nB', 'castings made a good piece', c.stages.nB, '–', 'stages'),
      computed('sc', 'share found bad after fettling', c.stages.sc, 'share', 'sc'),
      fromRate('omega', 'share of rejects saved', c.model.v.stage.omega, variantKey(c, 'stage.omega')),
      fromRate('cRw', 'one rework', c.model.v.stage.cRw, variantKey(c, 'stage.cRw')),
      computed('nC', 'castings machined a good piece', c.stages.nC, '–'),
      computed('mach', 'machining of a piece', c.model.part.machining, 'USD', 'machining'),
      computed('nD', 'pieces inspected a good piece', c.stages.nD, '–'),
      computed('look', 'looking a piece over', c.model.look, 'USD', 'look'),
      fromRate('share', 'pieces measured', c.study.rates.global.sampleShare, 'global.sampleShare'),
      computed('measure', 'measuring a sample piece', c.model.measure, 'USD', 'measure'),
      computed('shots', 'shots on the tool', c.run.shots, 'shots'),
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
