import { likely } from '../figures';
import { lotOf, type Context } from './context';
import { chosen, computed, fromAlloy, fromBrief, fromRate, fromRoute } from './symbols';
import type { Working, WorkingSymbol } from './types';

type Builder = (c: Context) => Omit<Working, 'figure'>;

const cur = (c: Context): string => c.study.rates.currency.code;
const variantKey = (c: Context, key: string): string => `variants["${c.entry.lane.id}"].${key}`;
const fx = (c: Context): WorkingSymbol => ({
  ...fromRate('fx', 'study currency per USD', { v: c.fx, unit: `${cur(c)}/USD`, basis: 'assumed' }, 'currency.perUnit'),
});
const K = (c: Context): WorkingSymbol =>
  computed('K', 'price factor: overhead, margin, unusual fit', c.model.K, '–', 'K');
const mk = (c: Context): WorkingSymbol =>
  fromRate('mk', 'mark-up on tools, fixtures and gauges', c.study.rates.global.mk, 'global.mk');
const qty = (c: Context): WorkingSymbol => chosen('q', 'pieces in the whole programme', c.q, 'pieces');
const lotQ = (c: Context): WorkingSymbol =>
  fromBrief('Q', 'pieces of the usual lot, at most the programme', c.Q, 'pieces', 'quantity.lot');
const nSym = (c: Context): WorkingSymbol =>
  chosen('n', 'positions in a pour, chosen for the least total', c.plan.n, 'positions');
const ntSym = (c: Context): WorkingSymbol => chosen('nt', 'cavities of the tool', c.plan.nt, 'cavities');
const hourly = (
  c: Context,
  symbol: string,
  meaning: string,
  which: 'tool' | 'shot' | 'core' | 'finish',
): WorkingSymbol => {
  const key = c.model.v.rate[which];
  return fromRate(symbol, meaning, c.study.rates.global[key], `global.${key}`);
};
const MC = (c: Context): WorkingSymbol =>
  computed('mc', 'cast mass, machining stock included', c.model.part.mc, 'kg', 'mc');
const price = (c: Context): WorkingSymbol =>
  fromAlloy(
    'p',
    'price of ingot',
    c.model.price,
    'USD/kg',
    `alloys.${c.model.facts.alloy.id}.price_USD_kg`,
    c.model.facts.alloy.basis['price'],
    [c.model.facts.alloy.price_USD_kg[0], c.model.facts.alloy.price_USD_kg[2]],
  );
const C1 = (c: Context): WorkingSymbol => computed('C1', 'first tool', c.plan.C1, 'USD', 'C1');

/** Workings of money, by figure. Each expression, with its symbols put in, gives the figure. */
export const MONEY: Readonly<Record<string, Builder>> = {
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
  tooling: (c) => ({
    title: 'Tooling over the programme',
    equation: 'Cost model 5.2 to 5.6, first bracket of 8.2',
    expression: 'first + sets + fixtures + gauges',
    value: c.money.tooling,
    unit: cur(c),
    symbols: [
      computed('first', 'first tools', c.money.toolingLines.firstTool, cur(c), 'tooling.firstTool'),
      computed('sets', 'replacement sets', c.money.toolingLines.replacementSets, cur(c), 'tooling.replacementSets'),
      computed(
        'fixtures',
        'machining fixtures and programs',
        c.money.toolingLines.fixtures,
        cur(c),
        'tooling.fixtures',
      ),
      computed('gauges', 'gauges', c.money.toolingLines.gauges, cur(c), 'tooling.gauges'),
    ],
    note: null,
  }),
  'tooling.firstTool': (c) => ({
    title: 'First tools',
    equation: 'Cost model 5.2 and 5.6',
    expression: '(1 + mk) * C1 * fx',
    value: c.money.toolingLines.firstTool,
    unit: cur(c),
    symbols: [mk(c), C1(c), fx(c)],
    note: null,
  }),
  'tooling.replacementSets': (c) => ({
    title: 'Replacement sets',
    equation: 'Cost model 5.3: sets = ⌈shots/life⌉ − 1',
    expression: '(1 + mk) * max(0, ceil(shots / life) - 1) * fRep * C1 * fx',
    value: c.money.toolingLines.replacementSets,
    unit: cur(c),
    symbols: [
      mk(c),
      computed('shots', 'shots over the programme, warm-up included', c.money.shots, 'shots'),
      fromRoute(
        'life',
        'shots before the first set is replaced',
        c.model.life,
        'shots',
        'life_shots',
        c.entry.lane.capability.life_shots.basis,
      ),
      fromRate(
        'fRep',
        'a replacement as a share of the first tool',
        c.model.v.tooling.fRep,
        variantKey(c, 'tooling.fRep'),
        'share',
      ),
      C1(c),
      fx(c),
    ],
    note: null,
  }),
  'tooling.fixtures': (c) => ({
    title: 'Machining fixtures and programs',
    equation: 'Cost model 5.5',
    expression: '(1 + mk) * (nSet * min(cFix, q * cSoft) + nSet * hProg * Rprog) * fx',
    value: c.money.toolingLines.fixtures,
    unit: cur(c),
    symbols: [
      mk(c),
      computed('nSet', 'machining set-ups', c.model.part.nSet, 'set-ups', 'machining'),
      fromRate('cFix', 'dedicated fixture', c.study.rates.operations.cFix, 'operations.cFix'),
      qty(c),
      fromRate('cSoft', 'careful clamping without a fixture', c.study.rates.operations.cSoft, 'operations.cSoft'),
      fromRate('hProg', 'programming', c.study.rates.operations.hProg, 'operations.hProg'),
      fromRate('Rprog', 'programming', c.study.rates.global.Rprog, 'global.Rprog'),
      fx(c),
    ],
    note: 'A shop builds a fixture only when clamping with care would cost more.',
  }),
  'tooling.gauges': (c) => ({
    title: 'Gauges',
    equation: 'Cost model 5.5',
    expression: '(1 + mk) * nG * min(gaugeUSD, q * gaugeHand) * fx',
    value: c.money.toolingLines.gauges,
    unit: cur(c),
    symbols: [
      mk(c),
      computed('nG', 'toleranced features not held plainly as cast', c.model.part.nG, 'features'),
      fromRate('gaugeUSD', 'gauge for one dimension', c.study.rates.global.gaugeUSD, 'global.gaugeUSD'),
      qty(c),
      fromRate('gaugeHand', 'check by hand', c.study.rates.global.gaugeHand, 'global.gaugeHand'),
      fx(c),
    ],
    note: null,
  }),
  C1: (c) => {
    const t = c.model.v.tooling;
    return {
      title: 'First tool, before mark-up',
      equation: 'Cost model 5.2',
      expression: 'Ht * Rtool + m0 + mV * B * max(1, nt) + nTry * cTry',
      value: c.plan.C1,
      unit: 'USD',
      symbols: [
        computed('Ht', 'tool hours', c.plan.Ht, 'h', 'Ht'),
        hourly(c, 'Rtool', 'shop that makes the tool', 'tool'),
        fromRate('m0', 'material and bought parts', t.m0, variantKey(c, 'tooling.m0'), 'USD'),
        fromRate('mV', 'material by envelope', t.mV, variantKey(c, 'tooling.mV'), 'USD/dm³'),
        computed('B', 'envelope L·W·H', c.model.facts.B, 'dm³', 'sizes'),
        ntSym(c),
        fromRate('nTry', 'trial loops', t.nTry, variantKey(c, 'tooling.nTry'), 'loops'),
        fromRate('cTry', 'one trial loop', t.cTry, variantKey(c, 'tooling.cTry'), 'USD/loop'),
      ],
      note: null,
    };
  },
  Ht: (c) => {
    const t = c.model.v.tooling;
    const f = c.model.facts;
    return {
      title: 'Tool hours',
      equation: 'Cost model 5.1',
      expression:
        'h0 + hE * E * max(1, nt) + (1 + r * max(0, nt - 1)) * (hN + hA * a * kappa + hHole * nHc + hCore * nP + hU * nU)',
      value: c.plan.Ht,
      unit: 'h',
      symbols: [
        fromRate('h0', 'hours whatever the part', t.h0, variantKey(c, 'tooling.h0'), 'h'),
        fromRate('hE', 'hours by plan', t.hE, variantKey(c, 'tooling.hE'), 'h/dm²'),
        computed('E', 'plan L·W', f.E, 'dm²', 'sizes'),
        ntSym(c),
        fromRate('r', 'hours of a repeated cavity', t.r, variantKey(c, 'tooling.r'), 'share'),
        fromRate('hN', 'blank, fitting, ejectors, cooling of a cavity', t.hN, variantKey(c, 'tooling.hN'), 'h'),
        fromRate('hA', 'hours by surface', t.hA, variantKey(c, 'tooling.hA'), 'h/dm²'),
        fromBrief('a', 'whole surface', f.a, 'dm²', 'geometry.area_cm2'),
        computed('kappa', 'difficulty, 0.5 + 0.25·c', f.kappa, '–', 'kappa'),
        fromRate('hHole', 'hours a cored hole', t.hHole, variantKey(c, 'tooling.hHole'), 'h'),
        computed('nHc', 'holes this lane casts', c.model.part.nHc, 'holes'),
        fromRate('hCore', 'hours a core box', t.hCore, variantKey(c, 'tooling.hCore'), 'h'),
        fromBrief('nP', 'passages', f.nP, 'passages', 'geometry.passages'),
        fromRate('hU', 'hours an undercut', t.hU, variantKey(c, 'tooling.hU'), 'h'),
        fromBrief('nU', 'undercuts', f.nU, 'undercuts', 'geometry.undercuts'),
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
  'line.setUp': (c) =>
    line(c, 'setUp', 'K * setUp / Q * fx', [computed('setUp', 'set-up of the lot', c.model.setUp, 'USD', 'setUp')]),
  'line.pours': (c) =>
    line(c, 'pours', 'K * Pw * cPour / Q * fx', [
      computed('Pw', 'pours without any scrap, warm-up included', c.idealRun.filled, 'pours', 'pours'),
      computed('cPour', 'one pour', c.plan.pour, 'USD', 'cPour'),
    ]),
  'line.metal': (c) =>
    line(c, 'metal', 'K * p * (kg * (1 + l) - kRet * (kg - Q * mc)) / Q * fx', [
      price(c),
      computed('kg', 'melted, without any scrap', c.idealRun.filled * c.plan.M, 'kg'),
      meltLoss(c),
      kRet(c),
      MC(c),
    ]),
  'line.melting': (c) =>
    line(c, 'melting', 'K * kg * cMelt / Q * fx', [
      computed('kg', 'melted, without any scrap', c.idealRun.filled * c.plan.M, 'kg'),
      computed('cMelt', 'melting', c.model.melting, 'USD/kg', 'cMelt'),
    ]),
  'line.finishing': (c) =>
    line(c, 'finishing', 'K * fin * fx', [computed('fin', 'finishing a casting', c.model.finish, 'USD', 'finish')]),
  'line.heatTreatment': (c) => {
    const asked = c.model.facts.brief.needs.heatTreated === true;
    return line(c, 'heatTreatment', 'K * asked * kHT * mc * fx', [
      fromBrief('asked', 'heat treatment asked for (1) or not (0)', asked ? 1 : 0, '–', 'needs.heatTreated'),
      fromRate('kHT', 'usual heat treatment', c.family.kHT, `families.${c.model.facts.ratesFamily}.kHT`),
      MC(c),
    ]);
  },
  'line.machining': (c) =>
    line(c, 'machining', 'K * mach * fx', [
      computed('mach', 'machining of a piece', c.model.part.machining, 'USD', 'machining'),
    ]),
  'line.inspection': (c) =>
    line(c, 'inspection', 'K * (look + max(share * Q, min(Q, 3)) * measure / Q) * fx', [
      computed('look', 'looking a piece over', c.model.look, 'USD', 'look'),
      fromRate(
        'share',
        'pieces measured, never fewer than three a lot',
        c.study.rates.global.sampleShare,
        'global.sampleShare',
      ),
      computed('measure', 'measuring a sample piece', c.model.measure, 'USD', 'measure'),
    ]),
  'line.upkeep': (c) =>
    line(c, 'upkeep', 'K * shots * upkeep / Q * fx', [
      computed('shots', 'shots without any scrap', c.idealRun.shots, 'shots'),
      computed('upkeep', 'upkeep a shot', c.plan.upkeep, 'USD', 'upkeep'),
    ]),
  'line.scrapAndRework': (c) =>
    line(c, 'scrapAndRework', 'K * (lot - clean) / Q * fx', [
      computed('lot', 'the lot as it will run', lotOf(c, c.stages, c.Q), 'USD', 'lot'),
      computed(
        'clean',
        'the same lot with no scrap and no misrun',
        ((c.money.unit - c.money.lines.scrapAndRework) * c.Q) / (c.model.K * c.fx),
        'USD',
      ),
    ]),
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
  setUp: (c) => {
    const { lot } = c.model.v;
    return {
      title: 'Set-up of a lot',
      equation: 'Cost model 8.1, first bracket',
      expression: 'hSU * Rshot + kLot + hFO * Rinsp + nSet * hSetup * Rmc',
      value: c.model.setUp,
      unit: 'USD',
      symbols: [
        fromRate('hSU', 'setting up', lot.hSU, variantKey(c, 'lot.hSU')),
        hourly(c, 'Rshot', 'who moulds and pours', 'shot'),
        fromRate('kLot', 'lot charge', lot.kLot, variantKey(c, 'lot.kLot')),
        fromRate('hFO', 'first-off check', lot.hFO, variantKey(c, 'lot.hFO')),
        fromRate('Rinsp', 'inspector', c.study.rates.global.Rinsp, 'global.Rinsp'),
        computed('nSet', 'machining set-ups', c.model.part.nSet, 'set-ups', 'machining'),
        fromRate('hSetup', 'setting a machine', c.study.rates.operations.hSetup, 'operations.hSetup'),
        fromRate('Rmc', 'machining centre', c.study.rates.global.Rmc, 'global.Rmc'),
      ],
      note: null,
    };
  },
  pours: (c) => ({
    title: 'Pours of a lot',
    equation: 'Cost model 8: P + w',
    expression: 'ceil(Q * nB / (n * (1 - lambda))) + w',
    value: c.run.filled,
    unit: 'pours',
    symbols: [
      lotQ(c),
      computed('nB', 'castings made a good piece', c.stages.nB, '–', 'stages'),
      nSym(c),
      fromRoute(
        'lambda',
        'positions that misrun',
        c.model.lambda,
        'share',
        'misrunShare',
        c.entry.lane.capability.misrunShare.basis,
      ),
      fromRoute(
        'w',
        'warm-up pours',
        c.model.warmUp,
        'pours',
        'warmUpPours',
        c.entry.lane.capability.warmUpPours.basis,
      ),
    ],
    note: null,
  }),
  kg: (c) => ({
    title: 'Metal melted for a lot',
    equation: 'Cost model 4.4 and 8: (P + w)·n·mc/Y',
    expression: 'Pw * n * mc / Y',
    value: c.run.filled * c.plan.M,
    unit: 'kg',
    symbols: [
      computed('Pw', 'pours, warm-up included', c.run.filled, 'pours', 'pours'),
      nSym(c),
      MC(c),
      fromRoute(
        'Y',
        'share of the pour that is casting',
        c.model.Y,
        'share',
        'yield',
        c.entry.lane.capability.yield.basis,
      ),
    ],
    note: null,
  }),
  cMelt: (c) => ({
    title: 'Melting a kilogram',
    equation: 'Cost model 8.1: aMelt + eMelt·pE',
    expression: 'aMelt + eMelt * pE',
    value: c.model.melting,
    unit: 'USD/kg',
    symbols: [
      fromRate('aMelt', 'lining, flux, gas, melter', c.family.aMelt, `families.${c.model.facts.ratesFamily}.aMelt`),
      fromRate('eMelt', 'energy', c.family.eMelt, `families.${c.model.facts.ratesFamily}.eMelt`),
      fromRate('pE', 'price of energy', c.study.rates.global.pE, 'global.pE'),
    ],
    note: null,
  }),
  cPour: (c) => ({
    title: 'One pour',
    equation: 'Cost model 6.1 to 6.5',
    expression: 'mould + cores + prints + pouring + knockOut',
    value: c.plan.pour,
    unit: 'USD',
    symbols: [
      computed('mould', 'making the mould', c.plan.mould, 'USD', 'mould'),
      computed('cores', 'cores', c.plan.coring, 'USD'),
      computed('prints', 'printed patterns', c.plan.prints, 'USD'),
      computed(
        'pouring',
        c.plan.cycle_s > 0 ? 'the die cycle, with its men' : 'pouring',
        c.plan.pouring,
        'USD',
        c.plan.cycle_s > 0 ? 'dieCycle' : null,
      ),
      computed('knockOut', 'knocking out', c.plan.knockOut, 'USD'),
    ],
    note: null,
  }),
  mould: (c) => {
    const s = c.model.v.shot;
    const f = c.model.facts;
    const key = (k: string): string => variantKey(c, `shot.${k}`);
    return {
      title: 'Making one mould',
      equation: 'Cost model 6.1',
      expression:
        'R * (t0 + tV * Vm + tN * n + tR * coats + tInj * inj) / 60 + k0 + kV * Vm + kN * n + kA * a * n * max(1, coats)',
      value: c.plan.mould,
      unit: 'USD',
      symbols: [
        hourly(c, 'R', 'who moulds', 'shot'),
        fromRate('t0', 'minutes a pour', s.t0, key('t0'), 'min'),
        fromRate('tV', 'minutes by mould volume', s.tV, key('tV'), 'min/dm³'),
        computed('Vm', 'mould volume', c.plan.Vm, 'dm³'),
        fromRate('tN', 'minutes a position', s.tN, key('tN'), 'min'),
        nSym(c),
        fromRate('tR', 'minutes a coat', s.tR, key('tR'), 'min'),
        fromRate('coats', 'coats', s.coats, key('coats'), 'coats'),
        fromRate('tInj', 'minutes an injection', s.tInj, key('tInj'), 'min'),
        computed('inj', 'injections a pour, n/nt', c.plan.nt > 0 ? c.plan.n / c.plan.nt : 0, 'injections'),
        fromRate('k0', 'money a pour', s.k0, key('k0'), 'USD'),
        fromRate('kV', 'money by mould volume', s.kV, key('kV'), 'USD/dm³'),
        fromRate('kN', 'money a position', s.kN, key('kN'), 'USD'),
        fromRate('kA', 'money by surface', s.kA, key('kA'), 'USD/dm²'),
        fromBrief('a', 'whole surface', f.a, 'dm²', 'geometry.area_cm2'),
      ],
      note: null,
    };
  },
  dieCycle: (c) => {
    const y = c.model.v.cycle;
    const f = c.model.facts;
    const key = (k: string): string => variantKey(c, `cycle.${k}`);
    return {
      title: 'One die cycle, with its men and machine',
      equation: 'Cost model 6.4',
      expression: '(rm0 + rmF * F + crew * R) * (tc0 + tcN * n + tcF * F + bF * beta * t + tU * nU * n) / 3600',
      value: c.plan.cycle_s > 0 ? c.plan.pouring : 0,
      unit: 'USD',
      symbols: [
        fromRate('rm0', 'machine', y?.rm0, key('rm0'), 'USD/h'),
        fromRate('rmF', 'machine by clamp', y?.rmF, key('rmF'), 'USD/h per MN'),
        computed('F', 'clamp of all positions', c.plan.n * (c.model.screening.F1_MN ?? 0), 'MN'),
        fromRate('crew', 'persons a machine', y?.crew, key('crew'), 'persons'),
        hourly(c, 'R', 'operator', 'shot'),
        fromRate('tc0', 'seconds a pour', y?.tc0, key('tc0'), 's'),
        fromRate('tcN', 'seconds a position', y?.tcN, key('tcN'), 's'),
        nSym(c),
        fromRate('tcF', 'seconds by clamp', y?.tcF, key('tcF'), 's/MN'),
        fromRate('bF', 'dwell against aluminium', c.family.bF, `families.${f.ratesFamily}.bF`),
        fromRate('beta', 'dwell by section', y?.beta, key('beta'), 's/mm'),
        fromBrief('t', 'thickest section', f.t ?? 0, 'mm', 'geometry.sectionMax_mm'),
        fromRate('tU', 'seconds an undercut', y?.tU, key('tU'), 's'),
        fromBrief('nU', 'undercuts', f.nU, 'undercuts', 'geometry.undercuts'),
      ],
      note: `The cycle takes ${c.plan.cycle_s.toFixed(1)} s.`,
    };
  },
  finish: (c) => {
    const f = c.model.v.finish;
    const key = (k: string): string => variantKey(c, `finish.${k}`);
    return {
      title: 'Finishing a casting',
      equation: 'Cost model 7.1',
      expression: 'R * ((tCut + tF * a) * fFet + tStr) / 60 + kB * mc',
      value: c.model.finish,
      unit: 'USD',
      symbols: [
        hourly(c, 'R', 'fettler', 'finish'),
        fromRate('tCut', 'cutting off', f.tCut, key('tCut'), 'min'),
        fromRate('tF', 'fettling by surface', f.tF, key('tF'), 'min/dm²'),
        fromBrief('a', 'whole surface', c.model.facts.a, 'dm²', 'geometry.area_cm2'),
        fromRate('fFet', 'effort against aluminium', c.family.fFet, `families.${c.model.facts.ratesFamily}.fFet`),
        fromRate('tStr', 'straightening', f.tStr, key('tStr'), 'min'),
        fromRate('kB', 'blasting', f.kB, key('kB'), 'USD/kg'),
        MC(c),
      ],
      note: null,
    };
  },
  machining: (c) => {
    const { part } = c.model;
    const op = c.study.rates.operations;
    return {
      title: 'Machining of one piece',
      equation: 'Cost model 3.1 to 3.4',
      expression: `((${part.operations.length > 0 ? part.operations.map((_, i) => `s${i + 1}`).join(' + ') : '0'}) / 60 + nSet * tLoad) / 60 * Rmc * (1 + wear0 + aWear / mach)`,
      value: part.machining,
      unit: 'USD',
      symbols: [
        ...part.operations.map((o, i) =>
          computed(
            `s${i + 1}`,
            `${o.kind}: ${o.what}${o.count > 1 ? `, ${o.count} times` : ''}; takes away ${o.stock_mm3.toFixed(0)} mm³`,
            o.seconds,
            's',
          ),
        ),
        computed('nSet', 'set-ups', part.nSet, 'set-ups'),
        fromRate('tLoad', 'loading', op.tLoad, 'operations.tLoad'),
        fromRate('Rmc', 'machining centre', c.study.rates.global.Rmc, 'global.Rmc'),
        fromRate('wear0', 'tool wear', op.wear0, 'operations.wear0'),
        fromRate('aWear', 'tool wear by machinability', op.aWear, 'operations.aWear'),
        fromAlloy(
          'mach',
          'machinability',
          c.model.facts.alloy.machinability,
          'brass = 100',
          `alloys.${c.model.facts.alloy.id}.machinability`,
          c.model.facts.alloy.basis['machining'],
        ),
      ],
      note: `${part.tMach_min.toFixed(2)} min a piece.`,
    };
  },
  look: (c) => {
    const g = c.study.rates.global;
    const { brief } = c.model.facts;
    return {
      title: 'Looking a piece over',
      equation: 'Cost model 7.2',
      expression: 'lookMin * D * Rinsp / 60 + tight * Ptest + xray * Xray',
      value: c.model.look,
      unit: 'USD',
      symbols: [
        fromRate('lookMin', 'looking over', g.lookMin, 'global.lookMin'),
        computed('D', 'mean size', c.model.facts.D, 'dm', 'sizes'),
        fromRate('Rinsp', 'inspector', g.Rinsp, 'global.Rinsp'),
        fromBrief(
          'tight',
          'pressure-tight (1) or not (0)',
          brief.needs.pressureTight === true ? 1 : 0,
          '–',
          'needs.pressureTight',
        ),
        fromRate('Ptest', 'leak test', g.Ptest, 'global.Ptest'),
        fromBrief('xray', 'X-rayed (1) or not (0)', brief.needs.xray ? 1 : 0, '–', 'needs.xray'),
        fromRate('Xray', 'X-ray', g.Xray, 'global.Xray'),
      ],
      note: null,
    };
  },
  measure: (c) => ({
    title: 'Measuring a sample piece',
    equation: 'Cost model 7.2',
    expression: 'nD * GeoMin * Rinsp / 60',
    value: c.model.measure,
    unit: 'USD',
    symbols: [
      fromBrief('nD', 'toleranced dimensions', c.model.facts.nD, 'dimensions', 'features'),
      fromRate('GeoMin', 'one dimension', c.study.rates.global.GeoMin, 'global.GeoMin'),
      fromRate('Rinsp', 'inspector', c.study.rates.global.Rinsp, 'global.Rinsp'),
    ],
    note: null,
  }),
  upkeep: (c) => ({
    title: 'Upkeep a shot',
    equation: 'Cost model 5.4',
    expression: 'mu * C1 / life',
    value: c.plan.upkeep,
    unit: 'USD',
    symbols: [
      fromRate('mu', 'upkeep over one life', c.model.v.tooling.mu, variantKey(c, 'tooling.mu'), 'share'),
      C1(c),
      fromRoute(
        'life',
        'shots before the first set is replaced',
        c.model.life,
        'shots',
        'life_shots',
        c.entry.lane.capability.life_shots.basis,
      ),
    ],
    note: null,
  }),
  stages: (c) => {
    const tight = c.model.facts.brief.needs.pressureTight === true;
    return {
      title: 'Castings made a good piece',
      equation: 'Cost model 7.3',
      expression: '1 / (1 - sIns - leak) / (1 - sMach) / (1 - sc * (1 - omega))',
      value: c.stages.nB,
      unit: 'castings',
      symbols: [
        fromRate('sIns', 'lost at inspection', c.model.v.stage.sIns, variantKey(c, 'stage.sIns')),
        computed(
          'leak',
          'lost at the leak test: 0.01·(5 − tightness score)',
          tight ? 0.01 * (5 - c.entry.lane.capability.pressureTight.v) : 0,
          'share',
        ),
        c.model.part.nSet > 0
          ? fromRate('sMach', 'lost at machining', c.model.v.stage.sMach, variantKey(c, 'stage.sMach'))
          : computed('sMach', 'nothing is machined', 0, 'share'),
        computed('sc', 'found bad after fettling', c.stages.sc, 'share', 'sc'),
        fromRate('omega', 'rejects saved', c.model.v.stage.omega, variantKey(c, 'stage.omega')),
      ],
      note: null,
    };
  },
  sc: (c) => {
    const { scrap } = c.entry.lane.capability;
    const figure = c.fresh ? scrap.new : scrap.settled;
    return {
      title: 'Castings found bad after fettling',
      equation: 'Cost model 2.3',
      expression: 'min(0.6, scrap * (1 + kStrain * nStrain))',
      value: c.stages.sc,
      unit: 'share',
      symbols: [
        fromRoute(
          'scrap',
          c.fresh ? 'scrap while the tool is new' : 'settled scrap',
          figure.v[1],
          'share',
          c.fresh ? 'scrap.new' : 'scrap.settled',
          figure.basis,
          [figure.v[0], figure.v[2]],
        ),
        fromRate('kStrain', 'added by a strained rule', c.study.rates.global.kStrain, 'global.kStrain'),
        computed('nStrain', 'strained rules', c.model.screening.nStrain, 'rules'),
      ],
      note: null,
    };
  },
  mc: (c) => {
    const removed = c.model.part.operations.reduce((s, o) => s + o.stock_mm3, 0) / 1000;
    const { alloy } = c.model.facts;
    return {
      title: 'Cast mass',
      equation: 'Cost model 3.5',
      expression: '(V + stock) * rho',
      value: c.model.part.mc,
      unit: 'kg',
      symbols: [
        fromBrief('V', 'volume', c.model.facts.V, 'cm³', 'geometry.volume_cm3'),
        computed('stock', 'metal the machining takes away', removed, 'cm³', 'machining'),
        fromAlloy(
          'rho',
          'density',
          c.model.facts.rho,
          'kg/cm³',
          `alloys.${alloy.id}.density_kg_m3`,
          alloy.basis['density'],
        ),
      ],
      note: null,
    };
  },
  kappa: (c) => {
    const f = c.model.facts;
    const k = c.study.rates.complexity;
    return {
      title: 'Difficulty of the shape',
      equation: 'Cost model 1.2 to 1.4',
      expression:
        '0.5 + 0.25 * min(5, max(1, 1 + kS * (A / (6 * V23) - 1) + kH * nH + kP * nP + kU * nU + kD * nD + kC * face))',
      value: f.kappa,
      unit: '–',
      symbols: [
        fromRate('kS', 'by surface index', k.kS, 'complexity.kS'),
        fromBrief('A', 'whole surface', f.a * 100, 'cm²', 'geometry.area_cm2'),
        computed('V23', 'volume to the power ⅔', f.V ** (2 / 3), 'cm²'),
        fromRate('kH', 'a cored hole', k.kH, 'complexity.kH'),
        fromBrief('nH', 'holes wanted cast', f.nH, 'holes', 'geometry.coredHoles'),
        fromRate('kP', 'a passage', k.kP, 'complexity.kP'),
        fromBrief('nP', 'passages', f.nP, 'passages', 'geometry.passages'),
        fromRate('kU', 'an undercut', k.kU, 'complexity.kU'),
        fromBrief('nU', 'undercuts', f.nU, 'undercuts', 'geometry.undercuts'),
        fromRate('kD', 'a toleranced dimension', k.kD, 'complexity.kD'),
        fromBrief('nD', 'toleranced dimensions', f.nD, 'dimensions', 'features'),
        fromRate('kC', 'a cosmetic face', k.kC, 'complexity.kC'),
        fromBrief(
          'face',
          'cosmetic face asked for (1) or not (0)',
          f.brief.needs.cosmeticFace === true ? 1 : 0,
          '–',
          'needs.cosmeticFace',
        ),
      ],
      note: `Complexity c = ${f.c.toFixed(2)} on a scale from 1 to 5.`,
    };
  },
  sizes: (c) => {
    const f = c.model.facts;
    return {
      title: 'Envelope',
      equation: 'Cost model 1.5',
      expression: 'L * W * H / 1000000',
      value: f.B,
      unit: 'dm³',
      symbols: [
        fromBrief('L', 'length', f.L, 'mm', 'geometry.box_mm'),
        fromBrief('W', 'width', f.W, 'mm', 'geometry.box_mm'),
        fromBrief('H', 'height along the draw', f.H, 'mm', 'geometry.box_mm'),
      ],
      note: `Plan ${f.E.toFixed(3)} dm², mean size ${f.D.toFixed(3)} dm.`,
    };
  },
};

const LINE_WORDS: Readonly<Record<string, string>> = {
  setUp: 'set-up and first-off',
  pours: 'moulds and pouring',
  metal: 'metal, less its return',
  melting: 'melting',
  finishing: 'cutting off and fettling',
  heatTreatment: 'heat treatment',
  machining: 'second operations',
  inspection: 'inspection',
  upkeep: 'tool upkeep',
  scrapAndRework: 'scrap and rework',
};

function line(
  c: Context,
  id: keyof Context['money']['lines'],
  expression: string,
  symbols: readonly WorkingSymbol[],
): Omit<Working, 'figure'> {
  const used = (name: string): boolean => new RegExp(`\\b${name}\\b`).test(expression);
  return {
    title: `${(LINE_WORDS[id] ?? id).replace(/^./, (x) => x.toUpperCase())}, a part`,
    equation: 'Cost model 8.1 and 8.4, one line',
    expression,
    value: c.money.lines[id],
    unit: `${cur(c)}/part`,
    symbols: [K(c), ...symbols, ...(used('Q') ? [lotQ(c)] : []), fx(c)],
    note: id === 'scrapAndRework' ? null : 'Shown without scrap, which has a line of its own.',
  };
}

function meltLoss(c: Context): WorkingSymbol {
  const { alloy } = c.model.facts;
  return fromAlloy(
    'l',
    'metal lost in melting',
    c.model.meltLoss,
    'share',
    `alloys.${alloy.id}.meltLoss_pct`,
    alloy.basis['meltLoss'],
    [alloy.meltLoss_pct[0] / 100, alloy.meltLoss_pct[2] / 100],
  );
}

function kRet(c: Context): WorkingSymbol {
  return fromRate('kRet', 'worth of what comes back', c.family.kRet, `families.${c.model.facts.ratesFamily}.kRet`);
}
