import { likely } from '../../base/figures';
import type { SymbolOf } from '../../equations';
import type { LaneInputs, LayoutPlan, OfInputs, OfLayout, OfProgramme, ToolingLines } from '../types';
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

/** Shots, and how long a tool bears them. */
export interface Wear {
  readonly shots: number;
  readonly life: number;
  /** Of a tool made another way; 1 for the usual one. */
  readonly lifeFactor: number;
  /** Shots that a tool at hand has left; null where one is made. */
  readonly lifeLeft: number | null;
}

const byOption = ({ model }: { readonly model: LaneInputs }): string => (model.option === null ? 'usual' : 'option');
const ofOption = (key: 'hoursFactor' | 'materialFactor' | 'lifeFactor', meaning: string): SymbolOf<OfInputs> => ({
  ...variant('', meaning, '×'),
  path: ({ model }) => `variants["${model.lane.id}"].toolOptions["${model.facts.brief.toolOption?.id ?? ''}"].${key}`,
  plainly: { path: `variants["{lane}"].toolOptions.${key}` },
});
const fLife = ofOption('lifeFactor', 'life of the tool made the other way');

/** Hours to make one tool. */
export const TOOL_HOURS = equation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'nt'> }>()({
  figure: 'Ht',
  number: '5.1',
  title: 'Tool hours',
  unit: 'h',
  expression: {
    of: {
      usual:
        'h0 + hE * E * max(1, nt) + (1 + r * max(0, nt - 1)) * (hN + hA * a * kappa + hHole * nHc + hCore * nP + hU * nU)',
      option:
        '(h0 + hE * E * max(1, nt) + (1 + r * max(0, nt - 1)) * (hN + hA * a * kappa + hHole * nHc + hCore * nP + hU * nU)) * fHours',
    },
    form: byOption,
  },
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
    fHours: ofOption('hoursFactor', 'hours of the tool made the other way'),
  },
  values: ({ model: { v, facts, part, option }, plan }) => {
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
      fHours: likely(option?.hoursFactor),
    };
  },
});

/** What the first tool costs, mark-up left out. */
export const FIRST_TOOL = equation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'nt' | 'Ht'> }>()({
  figure: 'C1',
  number: '5.2',
  title: 'First tool, before mark-up',
  unit: 'USD',
  expression: {
    of: {
      usual: 'Ht * Rtool + m0 + mV * B * max(1, nt) + nTry * cTry',
      option: 'Ht * Rtool + (m0 + mV * B * max(1, nt)) * fMaterial + nTry * cTry',
    },
    form: byOption,
  },
  symbols: {
    Ht: figure('tool hours', 'h', 'Ht'),
    Rtool: hourly('tool', 'shop that makes the tool'),
    m0: variant('tooling.m0', 'material and bought parts', 'USD'),
    mV: variant('tooling.mV', 'material by envelope', 'USD/dm³'),
    B: figure('envelope L·W·H', 'dm³', 'sizes'),
    nt,
    nTry: variant('tooling.nTry', 'trial loops', 'loops'),
    cTry: variant('tooling.cTry', 'one trial loop', 'USD/loop'),
    fMaterial: ofOption('materialFactor', 'material of the tool made the other way'),
  },
  values: ({ model: { v, R, facts, option }, plan }) => {
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
      fMaterial: likely(option?.materialFactor),
    };
  },
});

/** Upkeep of the tool over one life, by the shot. */
export const UPKEEP = equation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'C1'> }>()({
  figure: 'upkeep',
  number: '5.4',
  title: 'Upkeep a shot',
  unit: 'USD',
  expression: { of: { usual: 'mu * C1 / life', option: 'mu * C1 / (life * fLife)' }, form: byOption },
  symbols: { mu: variant('tooling.mu', 'upkeep over one life', 'share'), C1, life, fLife },
  values: ({ model, plan }) => ({
    mu: likely(model.v.tooling.mu),
    C1: plan.C1,
    life: model.life,
    fLife: likely(model.option?.lifeFactor),
  }),
});

/** Sets of tools beyond the first. */
export const REPLACEMENT_SETS = equation<Wear>()({
  figure: 'sets',
  number: '5.3 and 5.8',
  title: 'Replacement sets',
  unit: 'sets',
  expression: {
    of: {
      usual: 'on(shots) * max(0, ceil(shots / life) - 1)',
      option: 'on(shots) * max(0, ceil(shots / (life * fLife)) - 1)',
      atHand: 'ceil(max(0, shots - left) / life)',
      atHandOption: 'ceil(max(0, shots - left) / (life * fLife))',
    },
    form: ({ lifeLeft, lifeFactor }) =>
      lifeLeft === null ? (lifeFactor === 1 ? 'usual' : 'option') : lifeFactor === 1 ? 'atHand' : 'atHandOption',
  },
  symbols: {
    shots: figure('shots over the programme, warm-up included', 'shots', 'programmeShots'),
    life,
    fLife,
    left: brief('tool.lifeLeft', 'shots the tool at hand has left', 'shots'),
  },
  values: ({ shots, life, lifeFactor, lifeLeft }) => ({ shots, life, fLife: lifeFactor, left: lifeLeft ?? 0 }),
});

type AtQ = OfLayout & { readonly q: number; readonly fx: number };

/** First tools with their mark-up. */
export const FIRST_TOOLS = equation<AtQ>()({
  figure: 'tooling.firstTool',
  number: '5.2 and 5.6',
  title: 'First tools',
  ...MONEY,
  expression: {
    of: {
      made: '(1 + mk) * C1 * fx',
      owned: 'fitUp * C1 * fx',
      ownedPaid: 'paid * fx',
      borrowed: '(fitUp * C1 + fee * C1 * (1 + mk)) * fx',
      borrowedPaid: '(paid + fee * C1 * (1 + mk)) * fx',
      shared: 'insert * C1 * (1 + mk) * fx',
      sharedPaid: 'share * C1 * (1 + mk) * fx',
    },
    form: ({ model: { atHand } }) => {
      if (atHand == null) return 'made';
      const paid = atHand.state === 'shared' ? atHand.share : atHand.fitUp_USD;
      return `${atHand.state}${paid === undefined ? '' : 'Paid'}`;
    },
  },
  symbols: {
    mk,
    C1,
    fitUp: rate('toolAtHand.fitUp', 'fitting up a tool that is there, of the price of a new one'),
    paid: brief('tool.fitUp_USD', 'fitting it up', 'USD'),
    fee: rate('toolAtHand.borrowFee', 'borrowing, of the price of a new one'),
    insert: rate('toolAtHand.familyInsert', 'own inserts in a shared tool, of the price of a new one'),
    share: brief('tool.share', 'share of the tool that this part pays for', 'share'),
    fx,
  },
  note: ({ model: { atHand } }) =>
    atHand == null
      ? null
      : atHand.state === 'shared'
        ? 'The frame of the tool is shared with other parts.'
        : 'Fitting up is added without mark-up.',
  values: ({ model: { rates, atHand }, plan, fx: currency }) => ({
    mk: likely(rates.global.mk),
    C1: plan.C1,
    fitUp: likely(rates.toolAtHand.fitUp),
    paid: atHand?.fitUp_USD ?? 0,
    fee: likely(rates.toolAtHand.borrowFee),
    insert: likely(rates.toolAtHand.familyInsert),
    share: atHand?.share ?? 0,
    fx: currency,
  }),
});

/** Keeping a tool that was there already, year after year; nothing for one that is made. */
export const STORAGE = equation<{ model: LaneInputs; q: number; fx: number }>()({
  figure: 'tooling.storage',
  number: '5.8',
  title: 'Keeping the tool',
  ...MONEY,
  expression: {
    of: {
      none: '0',
      usual: '(storage + storageVol * B) * ceil(q / perYear) * fx',
      paid: 'paid * ceil(q / perYear) * fx',
    },
    form: ({ model: { atHand } }) =>
      atHand == null ? 'none' : atHand.storagePerYear_USD === undefined ? 'usual' : 'paid',
  },
  symbols: {
    storage: rate('toolAtHand.storage', 'keeping a tool a year'),
    storageVol: rate('toolAtHand.storageVol', 'and by its size'),
    B: figure('envelope L·W·H', 'dm³', 'sizes'),
    paid: brief('tool.storagePerYear_USD', 'keeping the tool a year', 'USD'),
    q,
    perYear: brief('quantity.perYear', 'pieces a year', 'pieces'),
    fx,
  },
  note: ({ model: { atHand } }) => (atHand == null ? 'Only where a tool is there already.' : 'Added without mark-up.'),
  values: ({ model: { rates, facts, atHand }, q: pieces, fx: currency }) => ({
    storage: likely(rates.toolAtHand.storage),
    storageVol: likely(rates.toolAtHand.storageVol),
    B: facts.B,
    paid: atHand?.storagePerYear_USD ?? 0,
    q: pieces,
    perYear: facts.brief.quantity.perYear ?? pieces,
    fx: currency,
  }),
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
  number: '5.2 to 5.8',
  remark: 'first bracket of 8.2',
  title: 'Tooling over the programme',
  ...MONEY,
  expression: {
    of: { made: 'first + sets + fixtures + gauges', atHand: 'first + sets + fixtures + gauges + storage' },
    form: ({ model }) => (model.atHand == null ? 'made' : 'atHand'),
  },
  symbols: {
    storage: money('keeping the tool', 'tooling.storage'),
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
    storage: tools.storage,
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
