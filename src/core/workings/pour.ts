import { variantKey, lotQ, nSym, hourly, MC, type Builder } from './common';
import { computed, fromBrief, fromRate, fromRoute } from './symbols';

/** Workings of one pour: its number in a lot, the metal, the mould, the die cycle. */
export const POUR: Readonly<Record<string, Builder>> = {
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
};
