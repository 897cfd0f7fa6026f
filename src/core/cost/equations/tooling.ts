import { likely } from '../../base/figures';
import type { LaneInputs, LayoutPlan, OfLayout, OfProgramme, ToolingLines } from '../types';
import {
  a,
  brief,
  C1,
  equation,
  figure,
  fx,
  hourly,
  life,
  mk,
  money,
  MONEY,
  nSet,
  nt,
  nU,
  q,
  rate,
  variant,
} from './symbols';

/** Hours to make one tool. */
export const TOOL_HOURS = equation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'nt'> }>()({
  figure: 'Ht',
  number: '5.1',
  title: 'Tool hours',
  unit: 'h',
  expression:
    'h0 + hE * E * max(1, nt) + (1 + r * max(0, nt - 1)) * (hN + hA * a * kappa + hHole * nHc + hCore * nP + hU * nU)',
  symbols: {
    h0: variant('tooling.h0', 'hours whatever the part', 'h'),
    hE: variant('tooling.hE', 'hours by plan', 'h/dm²'),
    E: figure('plan L·W', 'dm²', 'plan'),
    nt,
    r: variant('tooling.r', 'hours of a repeated cavity', 'share'),
    hN: variant('tooling.hN', 'blank, fitting, ejectors, cooling of a cavity', 'h'),
    hA: variant('tooling.hA', 'hours by surface', 'h/dm²'),
    a,
    kappa: figure('difficulty, 0.5 + 0.25·c', '–', 'kappa'),
    hHole: variant('tooling.hHole', 'hours a cored hole', 'h'),
    nHc: figure('holes this route casts', 'holes'),
    hCore: variant('tooling.hCore', 'hours a core box', 'h'),
    nP: brief('geometry.passages', 'passages', 'passages'),
    hU: variant('tooling.hU', 'hours an undercut', 'h'),
    nU,
  },
  values: ({ model: { v, facts, part }, plan }) => {
    const t = v.tooling;
    return {
      h0: likely(t.h0),
      hE: likely(t.hE),
      E: facts.E,
      nt: plan.nt,
      r: likely(t.r),
      hN: likely(t.hN),
      hA: likely(t.hA),
      a: facts.a,
      kappa: facts.kappa,
      hHole: likely(t.hHole),
      nHc: part.nHc,
      hCore: likely(t.hCore),
      nP: facts.nP,
      hU: likely(t.hU),
      nU: facts.nU,
    };
  },
});

/** What the first tool costs, mark-up left out. */
export const FIRST_TOOL = equation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'nt' | 'Ht'> }>()({
  figure: 'C1',
  number: '5.2',
  title: 'First tool, before mark-up',
  unit: 'USD',
  expression: 'Ht * Rtool + m0 + mV * B * max(1, nt) + nTry * cTry',
  symbols: {
    Ht: figure('tool hours', 'h', 'Ht'),
    Rtool: hourly('tool', 'shop that makes the tool'),
    m0: variant('tooling.m0', 'material and bought parts', 'USD'),
    mV: variant('tooling.mV', 'material by envelope', 'USD/dm³'),
    B: figure('envelope L·W·H', 'dm³', 'sizes'),
    nt,
    nTry: variant('tooling.nTry', 'trial loops', 'loops'),
    cTry: variant('tooling.cTry', 'one trial loop', 'USD/loop'),
  },
  values: ({ model: { v, R, facts }, plan }) => {
    const t = v.tooling;
    return {
      Ht: plan.Ht,
      Rtool: R.tool,
      m0: likely(t.m0),
      mV: likely(t.mV),
      B: facts.B,
      nt: plan.nt,
      nTry: likely(t.nTry),
      cTry: likely(t.cTry),
    };
  },
});

/** Upkeep of the tool over one life, by the shot. */
export const UPKEEP = equation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'C1'> }>()({
  figure: 'upkeep',
  number: '5.4',
  title: 'Upkeep a shot',
  unit: 'USD',
  expression: 'mu * C1 / life',
  symbols: { mu: variant('tooling.mu', 'upkeep over one life', 'share'), C1, life },
  values: ({ model, plan }) => ({ mu: likely(model.v.tooling.mu), C1: plan.C1, life: model.life }),
});

/** Sets of tools beyond the first. */
export const REPLACEMENT_SETS = equation<{ shots: number; life: number }>()({
  figure: 'sets',
  number: '5.3',
  title: 'Replacement sets',
  unit: 'sets',
  expression: 'on(shots) * max(0, ceil(shots / life) - 1)',
  symbols: { shots: figure('shots over the programme, warm-up included', 'shots', 'programmeShots'), life },
  values: ({ shots, life }) => ({ shots, life }),
});

type AtQ = OfLayout & { readonly q: number; readonly fx: number };

/** First tools with their mark-up. */
export const FIRST_TOOLS = equation<AtQ>()({
  figure: 'tooling.firstTool',
  number: '5.2 and 5.6',
  title: 'First tools',
  ...MONEY,
  expression: '(1 + mk) * C1 * fx',
  symbols: { mk, C1, fx },
  values: (c) => ({ mk: likely(c.model.rates.global.mk), C1: c.plan.C1, fx: c.fx }),
});

/** Replacement sets with their mark-up. */
export const REPLACEMENTS = equation<AtQ & { readonly sets: number }>()({
  figure: 'tooling.replacementSets',
  number: '5.3',
  remark: 'sets = ⌈shots/life⌉ − 1',
  title: 'Replacement sets',
  ...MONEY,
  expression: '(1 + mk) * sets * fRep * C1 * fx',
  symbols: {
    mk,
    sets: figure('replacement sets', 'sets', 'sets'),
    fRep: variant('tooling.fRep', 'a replacement as a share of the first tool', 'share'),
    C1,
    fx,
  },
  values: (c) => ({
    mk: likely(c.model.rates.global.mk),
    sets: c.sets,
    fRep: likely(c.model.v.tooling.fRep),
    C1: c.plan.C1,
    fx: c.fx,
  }),
});

/** Machining fixtures, or careful clamping where that is cheaper, and programs. */
export const FIXTURES = equation<{ model: LaneInputs; q: number; fx: number }>()({
  figure: 'tooling.fixtures',
  number: '5.5',
  title: 'Machining fixtures and programs',
  ...MONEY,
  expression: '(1 + mk) * (nSet * min(cFix, q * cSoft) + nSet * hProg * Rprog) * fx',
  symbols: {
    mk,
    nSet: nSet(),
    cFix: rate('operations.cFix', 'dedicated fixture'),
    q,
    cSoft: rate('operations.cSoft', 'careful clamping without a fixture'),
    hProg: rate('operations.hProg', 'programming'),
    Rprog: rate('global.Rprog', 'programming'),
    fx,
  },
  note: () => 'A shop builds a fixture only when clamping with care would cost more.',
  values: ({ model: { rates, part }, q, fx }) => ({
    mk: likely(rates.global.mk),
    nSet: part.nSet,
    cFix: likely(rates.operations.cFix),
    q,
    cSoft: likely(rates.operations.cSoft),
    hProg: likely(rates.operations.hProg),
    Rprog: likely(rates.global.Rprog),
    fx,
  }),
});

/** Gauges for what is not plainly held as cast. */
export const GAUGES = equation<{ model: LaneInputs; q: number; fx: number }>()({
  figure: 'tooling.gauges',
  number: '5.5',
  title: 'Gauges',
  ...MONEY,
  expression: '(1 + mk) * nG * min(gaugeUSD, q * gaugeHand) * fx',
  symbols: {
    mk,
    nG: figure('toleranced features not held plainly as cast', 'features'),
    gaugeUSD: rate('global.gaugeUSD', 'gauge for one dimension'),
    q,
    gaugeHand: rate('global.gaugeHand', 'check by hand'),
    fx,
  },
  values: ({ model: { rates, part }, q, fx }) => ({
    mk: likely(rates.global.mk),
    nG: part.nG,
    gaugeUSD: likely(rates.global.gaugeUSD),
    q,
    gaugeHand: likely(rates.global.gaugeHand),
    fx,
  }),
});

/** All tooling of the programme. */
export const TOOLING = equation<{ model: LaneInputs; tools: ToolingLines }>()({
  figure: 'tooling',
  number: '5.2 to 5.6',
  remark: 'first bracket of 8.2',
  title: 'Tooling over the programme',
  ...MONEY,
  expression: 'first + sets + fixtures + gauges',
  symbols: {
    first: money('first tools', 'tooling.firstTool'),
    sets: money('replacement sets', 'tooling.replacementSets'),
    fixtures: money('machining fixtures and programs', 'tooling.fixtures'),
    gauges: money('gauges', 'tooling.gauges'),
  },
  values: ({ tools }) => ({
    first: tools.firstTool,
    sets: tools.replacementSets,
    fixtures: tools.fixtures,
    gauges: tools.gauges,
  }),
});

/** Shots of all lots. */
export const PROGRAMME_SHOTS = equation<Pick<OfProgramme, 'model' | 'split' | 'shotsOf'>>()({
  figure: 'programmeShots',
  number: '5.3 and 8',
  title: 'Shots over the programme',
  unit: 'shots',
  expression: 'kNew * snew + kSet * sset + on(rest) * srest',
  symbols: {
    kNew: figure('full lots begun before scrap settles', 'lots', 'kNew'),
    snew: figure('shots of such a lot', 'shots', 'shots@new'),
    kSet: figure('full lots after that', 'lots', 'kSet'),
    sset: figure('shots of such a lot', 'shots', 'shots@set'),
    rest: figure('pieces left after the full lots', 'pieces', 'rest'),
    srest: figure('shots of the remainder', 'shots', 'shots@rest'),
  },
  values: ({ split, shotsOf }) => ({
    kNew: split.freshFull,
    snew: shotsOf.new,
    kSet: split.settledFull,
    sset: shotsOf.set,
    rest: split.rest,
    srest: shotsOf.rest,
  }),
});
