import { cur, variantKey, fx, mk, qty, lifeSym, nSetSym, ntSym, hourly, C1, type Builder } from './common';
import { inLot } from './context';
import { computed, fromBrief, fromRate } from './symbols';

/** Workings of tooling: first tools, replacements, fixtures, gauges, tool hours, upkeep. */
export const TOOLING: Readonly<Record<string, Builder>> = {
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
      computed('shots', 'shots over the programme, warm-up included', c.money.shots, 'shots', 'programmeShots'),
      lifeSym(c),
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
  programmeShots: (c) => {
    const shots = (at: '@new' | '@set' | '@rest', meaning: string) =>
      computed(`s${at.slice(1)}`, meaning, inLot(c, at).run.shots, 'shots', `shots${at}`);
    return {
      title: 'Shots over the programme',
      equation: 'Cost model 5.3 and 8',
      expression: 'kNew * snew + kSet * sset + on(rest) * srest',
      value: c.money.shots,
      unit: 'shots',
      symbols: [
        computed('kNew', 'full lots begun before scrap settles', c.split.freshFull, 'lots', 'kNew'),
        shots('@new', 'shots of such a lot'),
        computed('kSet', 'full lots after that', c.split.settledFull, 'lots', 'kSet'),
        shots('@set', 'shots of such a lot'),
        computed('rest', 'pieces left after the full lots', c.split.rest, 'pieces', 'rest'),
        shots('@rest', 'shots of the remainder'),
      ],
      note: null,
    };
  },
  'tooling.fixtures': (c) => ({
    title: 'Machining fixtures and programs',
    equation: 'Cost model 5.5',
    expression: '(1 + mk) * (nSet * min(cFix, q * cSoft) + nSet * hProg * Rprog) * fx',
    value: c.money.toolingLines.fixtures,
    unit: cur(c),
    symbols: [
      mk(c),
      nSetSym(c),
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
        computed('E', 'plan L·W', f.E, 'dm²', 'plan'),
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
  upkeep: (c) => ({
    title: 'Upkeep a shot',
    equation: 'Cost model 5.4',
    expression: 'mu * C1 / life',
    value: c.plan.upkeep,
    unit: 'USD',
    symbols: [
      fromRate('mu', 'upkeep over one life', c.model.v.tooling.mu, variantKey(c, 'tooling.mu'), 'share'),
      C1(c),
      lifeSym(c),
    ],
    note: null,
  }),
};
