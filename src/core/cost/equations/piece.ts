import type { SymbolOf } from '../../equations';
import { likely } from '../../base/figures';
import type { LaneInputs, OfInputs, OfProgramme } from '../types';
import {
  a,
  asked,
  brief,
  capability,
  D,
  equation,
  figure,
  hourly,
  learn,
  lot,
  mc,
  nSet,
  ofFamily,
  rate,
  variant,
} from './symbols';

/** Price factor: overhead, margin, and what an unusual fit of alloy and route adds. */
export const PRICE_FACTOR = equation<OfInputs>()({
  figure: 'K',
  number: '2.4',
  title: 'Price factor',
  unit: '–',
  expression: '(1 + oh) * (1 + mg) * (1 + kFit)',
  symbols: {
    oh: rate('global.oh', 'overhead'),
    mg: rate('global.mg', 'margin on parts'),
    kFit: {
      ...rate('', '', 'share'),
      meaning: ({ model }) => `what a ${fitOf(model)} fit of part, alloy and route adds`,
      path: ({ model }) => (fitOf(model) === 'special' ? 'global.kSpec' : 'global.kPoss'),
      table: ({ model }, path) => (isUnusual(model) ? rate('', '').table?.({ model }, path) : undefined),
      plainly: { meaning: 'what an unusual fit of part, alloy and route adds', path: 'global.kPoss, global.kSpec' },
    },
  },
  values: ({ model }) => {
    const { global: g } = model.rates;
    const fit = fitOf(model);
    return {
      oh: likely(g.oh),
      mg: likely(g.mg),
      kFit: fit === 'possible' ? likely(g.kPoss) : fit === 'special' ? likely(g.kSpec) : 0,
    };
  },
});
/** Fit of alloy and route: special too where a rule wants a shop that does more than ordinary ones. */
const fitOf = ({ screening }: LaneInputs): string => (screening.special ? 'special' : screening.fit);
const isUnusual = (model: LaneInputs): boolean => fitOf(model) === 'possible' || fitOf(model) === 'special';

/** Finishing one casting: cutting off, fettling, straightening, blasting. */
export const FINISH = equation<OfInputs>()({
  figure: 'finish',
  number: '7.1',
  title: 'Finishing a casting',
  unit: 'USD',
  expression: 'R * ((tCut + tF * a) * fFet + tStr) / 60 + kB * mc',
  symbols: {
    R: hourly('finish', 'fettler'),
    tCut: variant('finish.tCut', 'cutting off', 'min'),
    tF: variant('finish.tF', 'fettling by surface', 'min/dm²'),
    a,
    fFet: ofFamily('fFet', 'effort against aluminium'),
    tStr: variant('finish.tStr', 'straightening', 'min'),
    kB: variant('finish.kB', 'blasting', 'USD/kg'),
    mc,
  },
  values: ({ model: { v, R, facts, family, part } }) => ({
    R: R.finish,
    tCut: likely(v.finish.tCut),
    tF: likely(v.finish.tF),
    a: facts.a,
    fFet: likely(family.fFet),
    tStr: likely(v.finish.tStr),
    kB: likely(v.finish.kB),
    mc: part.mc,
  }),
});

/** Heat treatment of a casting, where it is asked for. */
export const HEAT = equation<OfInputs>()({
  figure: 'heat',
  number: '7.1',
  title: 'Heat treatment of a casting',
  unit: 'USD',
  expression: 'asked * kHT * mc',
  symbols: {
    asked: asked('heatTreated', 'heat treatment asked for'),
    kHT: ofFamily('kHT', 'usual heat treatment'),
    mc,
  },
  values: ({ model: { facts, family, part } }) => ({
    asked: facts.brief.needs.heatTreated === true ? 1 : 0,
    kHT: likely(family.kHT),
    mc: part.mc,
  }),
});

/** Looking a piece over, with its leak test and X-ray. */
export const LOOK = equation<OfInputs>()({
  figure: 'look',
  number: '7.2',
  title: 'Inspection per piece',
  unit: 'USD',
  expression: 'lookMin * D * Rinsp / 60 + tight * Ptest + xray * Xray',
  symbols: {
    lookMin: rate('global.lookMin', 'looking over'),
    D,
    Rinsp: rate('global.Rinsp', 'inspector'),
    tight: asked('pressureTight', 'pressure-tight'),
    Ptest: rate('global.Ptest', 'leak test'),
    xray: asked('xray', 'X-rayed'),
    Xray: rate('global.Xray', 'X-ray'),
  },
  values: ({ model: { facts, rates } }) => {
    const { needs } = facts.brief;
    const g = rates.global;
    return {
      lookMin: likely(g.lookMin),
      D: facts.D,
      Rinsp: likely(g.Rinsp),
      tight: needs.pressureTight === true ? 1 : 0,
      Ptest: likely(g.Ptest),
      xray: needs.xray ? 1 : 0,
      Xray: likely(g.Xray),
    };
  },
});

/** Measuring one sample piece. */
export const MEASURE = equation<OfInputs>()({
  figure: 'measure',
  number: '7.2',
  title: 'Measuring a sample piece',
  unit: 'USD',
  expression: 'nD * GeoMin * Rinsp / 60',
  symbols: {
    nD: brief('features', 'toleranced dimensions', 'dimensions'),
    GeoMin: rate('global.GeoMin', 'one dimension'),
    Rinsp: rate('global.Rinsp', 'inspector'),
  },
  values: ({ model: { facts, rates } }) => ({
    nD: facts.nD,
    GeoMin: likely(rates.global.GeoMin),
    Rinsp: likely(rates.global.Rinsp),
  }),
});

/** Setting up for one lot. */
export const SET_UP = equation<OfInputs>()({
  figure: 'setUp',
  number: '8.1',
  remark: 'first bracket',
  title: 'Set-up of a lot',
  unit: 'USD',
  expression: 'hSU * Rshot + kLot + hFO * Rinsp + nSet * hSetup * Rmc',
  symbols: {
    hSU: variant('lot.hSU', 'setting up'),
    Rshot: hourly('shot', 'who moulds and pours'),
    kLot: variant('lot.kLot', 'lot charge'),
    hFO: variant('lot.hFO', 'first-off check'),
    Rinsp: rate('global.Rinsp', 'inspector'),
    nSet: nSet(),
    hSetup: rate('operations.hSetup', 'setting a machine'),
    Rmc: rate('global.Rmc', 'machining centre'),
  },
  values: ({ model: { v, R, part, rates } }) => ({
    hSU: likely(v.lot.hSU),
    Rshot: R.shot,
    kLot: likely(v.lot.kLot),
    hFO: likely(v.lot.hFO),
    Rinsp: likely(rates.global.Rinsp),
    nSet: part.nSet,
    hSetup: likely(rates.operations.hSetup),
    Rmc: likely(rates.global.Rmc),
  }),
});

const scrapOf = (fresh: boolean): SymbolOf<OfInputs> =>
  capability(
    fresh ? 'scrap.new' : 'scrap.settled',
    fresh ? 'scrap while the tool is new' : 'settled scrap',
    'share',
    ({ lane }) => (fresh ? lane.capability.scrap.new : lane.capability.scrap.settled),
  );
const kStrain = rate('global.kStrain', 'added by a strained rule');
const nStrain = figure('strained rules', 'rules');
/** What the grain asked for does to scrap. */
const fGrain: SymbolOf<OfInputs> = {
  ...rate('grain.{grain}.scrapFactor', 'scrap for the grain asked for', '×'),
  table: (c, path) => (c.model.grain === null ? undefined : rate('', '').table?.(c, path)),
};
const byGrain = ({ model }: { readonly model: LaneInputs }): string => (model.grain === null ? 'usual' : 'grain');

/** Castings found bad after fettling, at one state of scrap. */
export const SCRAP = equation<{ model: LaneInputs; fresh: boolean }, OfProgramme>()({
  figure: 'sc',
  number: '2.3',
  title: 'Castings found bad after fettling',
  unit: 'share',
  expression: {
    of: {
      usual: 'min(0.6, scrap * (1 + kStrain * nStrain))',
      grain: 'min(0.6, scrap * (1 + kStrain * nStrain) * fGrain)',
    },
    form: byGrain,
  },
  symbols: {
    fGrain,
    scrap: {
      ...scrapOf(false),
      meaning: ({ fresh }) => (fresh ? 'scrap while the tool is new' : 'settled scrap'),
      path: ({ fresh }) => (fresh ? 'scrap.new' : 'scrap.settled'),
      table: (c, path) => scrapOf(c.fresh).table?.(c, path),
      plainly: { meaning: 'scrap, new or settled', path: 'scrap.new, scrap.settled' },
    },
    kStrain,
    nStrain,
  },
  values: ({ model: { lane, rates, screening, grain }, fresh }) => ({
    fGrain: likely(grain?.scrapFactor),
    scrap: (fresh ? lane.capability.scrap.new : lane.capability.scrap.settled).v[1],
    kStrain: likely(rates.global.kStrain),
    nStrain: screening.nStrain,
  }),
});

/** The same of the remainder of a programme, which carries the scrap of the state it is begun in. */
export const SCRAP_OF_REST = equation<Pick<OfProgramme, 'model' | 'split' | 'lot'>, OfProgramme>()({
  figure: 'sc@rest',
  number: '2.3',
  title: 'Castings found bad after fettling',
  unit: 'share',
  expression: {
    of: {
      usual: 'min(0.6, (scrapSet + on(learn - full * lot) * (scrapNew - scrapSet)) * (1 + kStrain * nStrain))',
      grain: 'min(0.6, (scrapSet + on(learn - full * lot) * (scrapNew - scrapSet)) * (1 + kStrain * nStrain) * fGrain)',
    },
    form: byGrain,
  },
  symbols: {
    fGrain,
    scrapSet: scrapOf(false),
    learn,
    full: figure('full lots', 'lots', 'fullLots'),
    lot,
    scrapNew: scrapOf(true),
    kStrain,
    nStrain,
  },
  note: () => 'on(x) is 1 where x is above 0: the remainder is begun before scrap settles.',
  values: ({ model: { lane, rates, screening, learnPieces, grain }, split, lot: size }) => ({
    fGrain: likely(grain?.scrapFactor),
    scrapSet: lane.capability.scrap.settled.v[1],
    learn: learnPieces,
    full: split.freshFull + split.settledFull,
    lot: size,
    scrapNew: lane.capability.scrap.new.v[1],
    kStrain: likely(rates.global.kStrain),
    nStrain: screening.nStrain,
  }),
});

const leak = figure('lost at the leak test: 0.01·(5 − tightness score)', 'share');
const sIns = variant('stage.sIns', 'lost at inspection');
const sMach: SymbolOf<OfInputs> = {
  ...variant('stage.sMach', 'lost at machining', 'share'),
  meaning: ({ model }) => (model.part.nSet > 0 ? 'lost at machining' : 'nothing is machined'),
  source: ({ model }) => (model.part.nSet > 0 ? 'rate' : 'computed'),
  path: ({ model }) => (model.part.nSet > 0 ? 'variants["{lane}"].stage.sMach' : ''),
  plainly: { meaning: 'lost at machining', path: 'variants["{lane}"].stage.sMach' },
};

/** Pieces inspected for each good one. */
export const INSPECTED = equation<OfInputs>()({
  figure: 'nD',
  number: '7.3',
  title: 'Pieces inspected a good piece',
  unit: 'pieces',
  expression: '1 / (1 - (sIns + leak))',
  symbols: { sIns, leak },
  values: ({ model }) => ({ sIns: likely(model.v.stage.sIns), leak: model.leak }),
});

/** Castings machined for each good piece. */
export const MACHINED = equation<{ model: LaneInputs; nD: number }>()({
  figure: 'nC',
  number: '7.3',
  title: 'Castings machined a good piece',
  unit: 'castings',
  expression: 'nD / (1 - sMach)',
  symbols: { nD: figure('pieces inspected a good piece', '–', 'nD'), sMach },
  values: ({ model, nD }) => ({ nD, sMach: model.sMach }),
});

/** Castings made for each good piece. */
export const MADE = equation<{ model: LaneInputs; nC: number; sc: number }, OfProgramme & { nC: number; sc: number }>()(
  {
    figure: 'stages',
    number: '7.3',
    title: 'Castings made a good piece',
    unit: 'castings',
    expression: 'nC / (1 - sc * (1 - omega))',
    symbols: {
      nC: figure('castings machined a good piece', '–', 'nC'),
      sc: { ...figure('found bad after fettling', 'share'), opens: ({ at }) => `sc${at}` },
      omega: variant('stage.omega', 'rejects saved'),
    },
    values: ({ model, nC, sc }) => ({ nC, sc, omega: model.omega }),
  },
);
