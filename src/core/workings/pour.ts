import { variantKey, lotQ, nSym, ntSym, hourly, lambdaSym, MC, warmUpSym, yieldSym, type Builder } from './common';
import type { Context } from './context';
import { computed, fromBrief, fromRate } from './symbols';
import type { WorkingSymbol } from './types';

/** Workings of one pour: its number in a lot, the metal, the mould, the die cycle. */
export const POUR: Readonly<Record<string, Builder>> = {
  pours: (c) => ({
    title: 'Pours of a lot',
    equation: 'Cost model 8: P + w',
    expression: c.at === '@ideal' ? 'ceil(Q / n) + w' : 'ceil(Q * nB / (n * (1 - lambda))) + w',
    value: c.run.filled,
    unit: 'pours',
    symbols: [
      lotQ(c),
      ...(c.at === '@ideal'
        ? []
        : [computed('nB', 'castings made a good piece', c.stages.nB, '–', `stages${c.at}`), lambdaSym(c)]),
      nSym(c),
      warmUpSym(c),
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
      computed('Pw', 'pours, warm-up included', c.run.filled, 'pours', `pours${c.at}`),
      nSym(c),
      MC(c),
      yieldSym(c),
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
      computed('cores', 'cores', c.plan.coring, 'USD', 'coring'),
      computed('prints', 'printed patterns', c.plan.prints, 'USD', 'prints'),
      computed(
        'pouring',
        c.plan.cycle_s > 0 ? 'the die cycle, with its men' : 'pouring',
        c.plan.pouring,
        'USD',
        c.plan.cycle_s > 0 ? 'dieCycle' : 'pouring',
      ),
      computed('knockOut', 'knocking out', c.plan.knockOut, 'USD', 'knockOut'),
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
  coring: (c) => {
    const s = c.model.v.shot;
    const key = (k: string): string => variantKey(c, `shot.${k}`);
    return {
      title: 'Cores of one pour',
      equation: 'Cost model 6.2',
      expression: 'n * nC * (tC * D * R / 60 + kC * D * D)',
      value: c.plan.coring,
      unit: 'USD',
      symbols: [
        nSym(c),
        computed('nC', 'cores a casting', c.model.cores, 'cores'),
        fromRate('tC', 'minutes a core, by size', s.tC, key('tC'), 'min/dm'),
        computed('D', 'mean size, the cube root of L·W·H', c.model.facts.D, 'dm'),
        hourly(c, 'R', 'who makes cores', 'core'),
        fromRate('kC', 'material of a core, by size', s.kC, key('kC'), 'USD/dm²'),
      ],
      note: null,
    };
  },
  prints: (c) => {
    const print = c.model.v.print;
    const key = (k: string): string => variantKey(c, `print.${k}`);
    return {
      title: 'Printed patterns of one pour',
      equation: 'Cost model 6.3',
      expression: 'n * (p0 + pV * V)',
      value: c.plan.prints,
      unit: 'USD',
      symbols: [
        nSym(c),
        fromRate('p0', 'a pattern', print?.p0, key('p0'), 'USD'),
        fromRate('pV', 'a pattern, by volume', print?.pV, key('pV'), 'USD/cm³'),
        fromBrief('V', 'volume', c.model.facts.V, 'cm³', 'geometry.volume_cm3'),
      ],
      note: null,
    };
  },
  pouring: (c) => {
    const s = c.model.v.shot;
    const key = (k: string): string => variantKey(c, `shot.${k}`);
    if (c.plan.cycle_s > 0) return POUR['dieCycle']!(c);
    return {
      title: 'Pouring one mould',
      equation: 'Cost model 6.4',
      expression: 'R * (tp0 + tpM * n * mc / Y) / 60',
      value: c.plan.pouring,
      unit: 'USD',
      symbols: [
        hourly(c, 'R', 'who pours', 'shot'),
        fromRate('tp0', 'minutes a pour', s.tp0, key('tp0'), 'min'),
        fromRate('tpM', 'minutes by mass', s.tpM, key('tpM'), 'min/kg'),
        nSym(c),
        MC(c),
        yieldSym(c),
      ],
      note: null,
    };
  },
  knockOut: (c) => ({
    title: 'Knocking out one pour',
    equation: 'Cost model 6.5',
    expression: 'R * tKO / 60',
    value: c.plan.knockOut,
    unit: 'USD',
    symbols: [
      hourly(c, 'R', 'fettler', 'finish'),
      fromRate('tKO', 'knocking out', c.model.v.finish.tKO, variantKey(c, 'finish.tKO'), 'min'),
    ],
    note: null,
  }),
  castings: (c) => ({
    title: 'Castings made for a lot',
    equation: 'Cost model 7.3 and 8',
    expression: c.at === '@ideal' ? 'Q' : 'Q * nB',
    value: c.run.castings,
    unit: 'castings',
    symbols: [
      lotQ(c),
      ...(c.at === '@ideal' ? [] : [computed('nB', 'castings made a good piece', c.stages.nB, '–', `stages${c.at}`)]),
    ],
    note: null,
  }),
  shots: (c) => {
    const own = c.model.lane.capability.layout.toolPerPosition;
    return {
      title: 'Shots on the tool for a lot',
      equation: 'Cost model 8',
      expression: own ? 'Pw' : c.plan.nt > 0 ? 'NB / nt' : '0',
      value: c.run.shots,
      unit: 'shots',
      symbols: own
        ? [computed('Pw', 'pours, warm-up included', c.run.filled, 'pours', `pours${c.at}`)]
        : c.plan.nt > 0
          ? [computed('NB', 'castings made', c.run.castings, 'castings', `castings${c.at}`), ntSym(c)]
          : [],
      note: own ? 'The tool makes a mould at every pour.' : c.plan.nt > 0 ? null : 'Nothing is cut, so nothing wears.',
    };
  },
  clampOfPour: (c) => {
    const { maxClamp_MN, clampOverflowFactor = 1, clampMargin = 1 } = c.entry.lane.capability.layout;
    const f = c.model.facts;
    return {
      title: 'Clamp of all positions',
      equation: 'Cost model 4.2',
      expression: maxClamp_MN === undefined ? '0' : 'n * pInj * Ap * over * margin / 10000',
      value: c.plan.n * (c.model.screening.F1_MN ?? 0),
      unit: 'MN',
      symbols:
        maxClamp_MN === undefined
          ? []
          : [
              nSym(c),
              fromRate('pInj', 'pressure on the metal', c.family.pInj, `families.${f.ratesFamily}.pInj`),
              fromBrief('Ap', 'projected area along the draw', f.Ap ?? 0, 'cm²', 'geometry.projected_cm2'),
              computed('over', 'overflows and runners on top', clampOverflowFactor, '–'),
              computed('margin', 'margin of the machine', clampMargin, '–'),
            ],
      note: maxClamp_MN === undefined ? 'No machine holds this mould shut.' : null,
    };
  },
  cycle: (c) => {
    const y = c.model.v.cycle;
    const f = c.model.facts;
    const key = (k: string): string => variantKey(c, `cycle.${k}`);
    return {
      title: 'Die cycle',
      equation: 'Cost model 6.4',
      expression: y === undefined ? '0' : 'tc0 + tcN * n + tcF * F + bF * beta * t + tU * nU * n',
      value: c.plan.cycle_s,
      unit: 's',
      symbols:
        y === undefined
          ? []
          : [
              fromRate('tc0', 'seconds a pour', y.tc0, key('tc0'), 's'),
              fromRate('tcN', 'seconds a position', y.tcN, key('tcN'), 's'),
              nSym(c),
              fromRate('tcF', 'seconds by clamp', y.tcF, key('tcF'), 's/MN'),
              clampSym(c),
              fromRate('bF', 'dwell against aluminium', c.family.bF, `families.${f.ratesFamily}.bF`),
              fromRate('beta', 'dwell by section', y.beta, key('beta'), 's/mm'),
              fromBrief('t', 'thickest section', f.t ?? 0, 'mm', 'geometry.sectionMax_mm'),
              fromRate('tU', 'seconds an undercut', y.tU, key('tU'), 's'),
              fromBrief('nU', 'undercuts', f.nU, 'undercuts', 'geometry.undercuts'),
            ],
      note: y === undefined ? 'No die is cycled on this lane.' : null,
    };
  },
  dieCycle: (c) => {
    const y = c.model.v.cycle;
    const key = (k: string): string => variantKey(c, `cycle.${k}`);
    return {
      title: 'One die cycle, with its men and machine',
      equation: 'Cost model 6.4',
      expression: '(rm0 + rmF * F + crew * R) * cycle / 3600',
      value: c.plan.cycle_s > 0 ? c.plan.pouring : 0,
      unit: 'USD',
      symbols: [
        fromRate('rm0', 'machine', y?.rm0, key('rm0'), 'USD/h'),
        fromRate('rmF', 'machine by clamp', y?.rmF, key('rmF'), 'USD/h per MN'),
        clampSym(c),
        fromRate('crew', 'persons a machine', y?.crew, key('crew'), 'persons'),
        hourly(c, 'R', 'operator', 'shot'),
        computed('cycle', 'die cycle', c.plan.cycle_s, 's', 'cycle'),
      ],
      note: null,
    };
  },
};

const clampSym = (c: Context): WorkingSymbol =>
  computed('F', 'clamp of all positions', c.plan.n * (c.model.screening.F1_MN ?? 0), 'MN', 'clampOfPour');
