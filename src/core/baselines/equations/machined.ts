import { likely } from '../../base/figures';
import {
  asked,
  brief,
  equation,
  figure,
  fx,
  H,
  kappa,
  known,
  L,
  m,
  machinability,
  mk,
  N,
  ofFamily,
  p,
  perWorkday,
  priced,
  q,
  rate,
  rho,
  timeEquation,
  titled,
  u,
  W,
  workday,
} from '../symbols';
import type { OfBaseline } from '../types';
import { inAYear, inLots } from './any';

const own = (key: string, meaning: string, unit = '') => rate(`baselines.machined.${key}`, meaning, unit);
const ownRates = ({ rates }: OfBaseline) => rates.baselines.machined;
const priceOf = ({ facts }: OfBaseline): number => facts.alloy.price_USD_kg[1];
const ofMetal = ({ rates, facts }: OfBaseline) => rates.families[facts.ratesFamily];

const stockKg = figure('bar or block it starts from', 'kg', 'stockKg');
const nSet = figure('set-ups', 'set-ups', 'nSet');
const tLoad = own('tLoad', 'loading');
const cut = figure('cutting', 'min', 'cutting');
const hProg = figure('programming', 'h', 'hProg');
const hSetup = own('hSetup', 'setting a machine');
const Rmc = rate('global.Rmc', 'machining centre');
const Rinsp = rate('global.Rinsp', 'inspector');
const mach = machinability;
const nD = brief('features', 'toleranced dimensions', 'dimensions');

/** The bar or block a piece is cut from: round parts start from a cylinder, all others from a block. */
export const STOCK = equation({
  figure: 'machined.stock',
  number: '9.1',
  title: 'Bar or block it starts from, by volume',
  unit: 'cm³',
  expression: {
    of: {
      block: '(L + 2 * allow) * (W + 2 * allow) * (H + 2 * allow) / 1000',
      bar: `${Math.PI / 4} * ((max(L, W) + 2 * allow) * (max(L, W) + 2 * allow)) * (H + 2 * allow) / 1000`,
    },
    form: ({ facts }) => (facts.brief.geometry.form === 'round' ? 'bar' : 'block'),
  },
  symbols: { L, W, H, allow: own('allow', 'allowance around the part') },
  values: (c) => ({ L: c.facts.L, W: c.facts.W, H: c.facts.H, allow: likely(ownRates(c).allow) }),
});

export const STOCK_MASS = equation({
  figure: 'machined.stockKg',
  number: '9.1',
  title: 'Bar or block it starts from',
  unit: 'kg',
  expression: 'stock * rho',
  symbols: { stock: figure('bar or block it starts from', 'cm³', 'stock'), rho },
  values: (c) => ({ stock: known(c, 'stock'), rho: c.facts.rho }),
});

/** Metal cut away a minute: what the spindle's power allows, or the alloy. */
export const REMOVAL = equation({
  figure: 'machined.removal',
  number: '9.2',
  title: 'Metal removed a minute',
  unit: 'cm³/min',
  expression: 'min(60 * Ps * eta / (1000 * u), aMrr * mach)',
  symbols: {
    Ps: own('Pspindle', 'power of the spindle'),
    eta: own('eta', 'share of it at the cut'),
    u,
    aMrr: rate('operations.aMrr', 'removal by machinability'),
    mach,
  },
  values: (c) => ({
    Ps: likely(ownRates(c).Pspindle),
    eta: likely(ownRates(c).eta),
    u: c.facts.alloy.specificCuttingEnergy_J_mm3[1],
    aMrr: likely(c.rates.operations.aMrr),
    mach: c.facts.alloy.machinability,
  }),
});

export const SETUPS = equation({
  figure: 'machined.nSet',
  number: '9.2',
  title: 'Set-ups',
  unit: 'set-ups',
  expression: 'ceil(s0 + sU * nU + 2 * nP)',
  symbols: {
    s0: own('setup0', 'set-ups of any part'),
    sU: own('perUndercut', 'set-ups an undercut'),
    nU: brief('geometry.undercuts', 'undercuts', 'undercuts'),
    nP: brief('geometry.passages', 'passages', 'passages'),
  },
  values: (c) => ({
    s0: likely(ownRates(c).setup0),
    sU: likely(ownRates(c).perUndercut),
    nU: c.facts.nU,
    nP: c.facts.nP,
  }),
});

/** A wall thinner than this, mm, is cut slowly. */
const THIN_MM = 2.5;

/** Minutes of cutting: the metal around the part, its skin, its features and holes. */
export const CUTTING = equation({
  figure: 'machined.cutting',
  number: '9.2',
  title: 'Cutting a piece from solid',
  unit: 'min',
  expression: {
    of: {
      usual: '((stock - V) / mrr + a * 100 / (aFin * mach) * kappa) * air + detail / 60',
      thin: '((stock - V) / mrr + a * 100 / (aFin * mach) * kappa * thin) * air + detail / 60',
      usualGround: '(((stock - V) / mrr + a * 100 / (aFin * mach) * kappa) * air + detail / 60) * wheel',
      thinGround: '(((stock - V) / mrr + a * 100 / (aFin * mach) * kappa * thin) * air + detail / 60) * wheel',
    },
    form: ({ facts: { w }, ground }) => `${w !== null && w < THIN_MM ? 'thin' : 'usual'}${ground ? 'Ground' : ''}`,
  },
  symbols: {
    wheel: own('ground.timeFactor', 'wheel or spark instead of a cutter'),
    stock: figure('bar or block it starts from', 'cm³', 'stock'),
    V: brief('geometry.volume_cm3', 'volume', 'cm³'),
    mrr: figure('metal removed a minute', 'cm³/min', 'removal'),
    a: brief('geometry.area_cm2', 'whole surface', 'dm²'),
    aFin: rate('operations.aFin', 'finishing by machinability'),
    mach,
    kappa,
    thin: own('thin', 'a thin wall takes longer'),
    air: own('airCut', 'moving through air'),
    detail: figure('features and holes', 's', 'detail'),
  },
  values: (c) => ({
    stock: known(c, 'stock'),
    V: c.facts.V,
    mrr: known(c, 'removal'),
    a: c.facts.a,
    aFin: likely(c.rates.operations.aFin),
    mach: c.facts.alloy.machinability,
    kappa: c.facts.kappa,
    thin: likely(ownRates(c).thin),
    air: likely(ownRates(c).airCut),
    detail: known(c, 'detail'),
    wheel: likely(ownRates(c).ground.timeFactor),
  }),
});

export const MINUTES = equation({
  figure: 'machined.minutes',
  number: '9.2',
  title: 'Minutes a piece',
  unit: 'min',
  expression: 'cut + nSet * tLoad',
  symbols: { cut, nSet, tLoad },
  values: (c) => ({ cut: known(c, 'cutting'), nSet: known(c, 'nSet'), tLoad: likely(ownRates(c).tLoad) }),
});

/** Metal of a piece, with what its chips are worth. */
export const METAL = equation({
  figure: 'machined.metal',
  number: '9.3',
  title: 'Metal of a piece, less what its chips are worth',
  unit: 'USD',
  expression: 'stock * p * kStock - (stock - m) * p * kChip',
  symbols: {
    stock: stockKg,
    p,
    kStock: ofFamily('kStock', 'stock against ingot'),
    m,
    kChip: ofFamily('kChip', 'chips against ingot'),
  },
  values: (c) => ({
    stock: known(c, 'stockKg'),
    p: priceOf(c),
    kStock: likely(ofMetal(c)?.kStock),
    m: c.facts.m,
    kChip: likely(ofMetal(c)?.kChip),
  }),
});

export const MACHINING = equation({
  figure: 'machined.machining',
  number: '9.3',
  title: 'Machining of a piece, loading included',
  unit: 'USD',
  expression: 'cut / 60 * Rmc * (1 + (wear0 + aWear / mach)) + nSet * tLoad / 60 * Rmc',
  symbols: {
    cut,
    Rmc,
    wear0: rate('operations.wear0', 'tool wear'),
    aWear: rate('operations.aWear', 'tool wear by machinability'),
    mach,
    nSet,
    tLoad,
  },
  values: (c) => ({
    cut: known(c, 'cutting'),
    Rmc: likely(c.rates.global.Rmc),
    wear0: likely(c.rates.operations.wear0),
    aWear: likely(c.rates.operations.aWear),
    mach: c.facts.alloy.machinability,
    nSet: known(c, 'nSet'),
    tLoad: likely(ownRates(c).tLoad),
  }),
});

export const FINISHING = equation({
  figure: 'machined.finishing',
  number: '9.3',
  title: 'Deburring and handling a piece',
  unit: 'USD',
  expression: 'tHandle / 60 * Rlab',
  symbols: { tHandle: own('tHandle', 'deburring and handling'), Rlab: rate('global.Rlab', 'labour') },
  values: (c) => ({ tHandle: likely(ownRates(c).tHandle), Rlab: likely(c.rates.global.Rlab) }),
});

export const HEAT_TREATMENT = equation({
  figure: 'machined.heatTreatment',
  number: '9.3',
  title: 'Heat treatment of a piece',
  unit: 'USD',
  expression: 'heat * kHT * m',
  symbols: { heat: asked('heatTreated', 'heat treatment asked for'), kHT: ofFamily('kHT', 'usual heat treatment'), m },
  values: (c) => ({
    heat: c.facts.brief.needs.heatTreated === true ? 1 : 0,
    kHT: likely(ofMetal(c)?.kHT),
    m: c.facts.m,
  }),
});

export const INSPECTION = equation({
  figure: 'machined.inspection',
  number: '9.3',
  title: 'Inspection of a piece',
  unit: 'USD',
  expression: 'lookMin * D * Rinsp / 60 + tight * Ptest + xray * Xray + share * nD * GeoMin * Rinsp / 60',
  symbols: {
    lookMin: rate('global.lookMin', 'looking over'),
    D: figure('mean size, the cube root of L·W·H', 'dm'),
    Rinsp,
    tight: asked('pressureTight', 'pressure-tight'),
    Ptest: rate('global.Ptest', 'leak test'),
    xray: asked('xray', 'X-rayed'),
    Xray: rate('global.Xray', 'X-ray'),
    share: rate('global.sampleShare', 'pieces measured'),
    nD,
    GeoMin: rate('global.GeoMin', 'one dimension'),
  },
  values: ({ facts, rates: { global: g } }) => ({
    lookMin: likely(g.lookMin),
    D: facts.D,
    Rinsp: likely(g.Rinsp),
    tight: facts.brief.needs.pressureTight === true ? 1 : 0,
    Ptest: likely(g.Ptest),
    xray: facts.brief.needs.xray ? 1 : 0,
    Xray: likely(g.Xray),
    share: likely(g.sampleShare),
    nD: facts.nD,
    GeoMin: likely(g.GeoMin),
  }),
});

/** A good piece from solid, without set-up and price factor. */
export const PIECE = equation({
  figure: 'machined.piece',
  number: '9.3',
  title: 'A good piece from solid',
  unit: 'USD',
  expression: '(metal + machining + finishing + heat + insp) / (1 - scrap)',
  symbols: {
    metal: figure('metal', 'USD', 'metal'),
    machining: figure('machining', 'USD', 'machining'),
    finishing: figure('deburring and handling', 'USD', 'finishing'),
    heat: figure('heat treatment', 'USD', 'heatTreatment'),
    insp: figure('inspection', 'USD', 'inspection'),
    scrap: own('scrap', 'lost'),
  },
  values: (c) => ({
    metal: known(c, 'metal'),
    machining: known(c, 'machining'),
    finishing: known(c, 'finishing'),
    heat: known(c, 'heatTreatment'),
    insp: known(c, 'inspection'),
    scrap: likely(ownRates(c).scrap),
  }),
});

export const SET_UP = equation({
  figure: 'machined.setUp',
  number: '9.4',
  title: 'Set-up of a lot',
  unit: 'USD',
  expression: 'nSet * hSetup * Rmc',
  symbols: { nSet, hSetup, Rmc },
  values: (c) => ({ nSet: known(c, 'nSet'), hSetup: likely(ownRates(c).hSetup), Rmc: likely(c.rates.global.Rmc) }),
});

export const PROGRAMMING = equation({
  figure: 'machined.hProg',
  number: '9.4',
  title: 'Programming',
  unit: 'h',
  expression: 'h0 + hC * (c - 1)',
  symbols: {
    h0: own('hProg0', 'programming, whatever the part'),
    hC: own('hProgC', 'programming by complexity'),
    c: figure('complexity, 1 to 5', '–', 'c'),
  },
  values: (c) => ({ h0: likely(ownRates(c).hProg0), hC: likely(ownRates(c).hProgC), c: c.facts.c }),
});

export const TOOLING = equation({
  figure: 'machined.tooling',
  number: '9.4',
  ...priced('programs and fixtures'),
  expression: 'fx * (1 + mk) * (hProg * Rprog + nSet * min(cFix, q * cSoft))',
  symbols: {
    fx,
    mk,
    hProg,
    Rprog: rate('global.Rprog', 'programming'),
    nSet,
    cFix: own('cFix', 'dedicated fixture'),
    q,
    cSoft: own('cSoft', 'careful clamping without a fixture'),
  },
  values: (c) => ({
    fx: c.rates.currency.perUnit,
    mk: likely(c.rates.global.mk),
    hProg: known(c, 'hProg'),
    Rprog: likely(c.rates.global.Rprog),
    nSet: known(c, 'nSet'),
    cFix: likely(ownRates(c).cFix),
    q: c.q,
    cSoft: likely(ownRates(c).cSoft),
  }),
});

export const { UNIT, TOTAL } = inLots('machined', '9.4', 'programs and fixtures', 'a good piece');

export const { UNITS, SHIFTS, MACHINES } = inAYear(
  'machined',
  'machines',
  { expression: 'minutes / 60', symbols: { minutes: figure('minutes a piece', 'min', 'minutes') } },
  ({ facts }) => facts.brief.quantity.capacity?.machined ?? {},
  {
    symbols: {
      h: figure('hours a shift', 'h'),
      avail: own('time.avail', 'share of the shift that is work'),
      most: own('time.capacity.shiftsMax', 'most shifts a day'),
    },
    values: (c) => {
      const { time } = ownRates(c);
      return { h: time.shiftH, avail: likely(time.avail), most: likely(time.capacity.shiftsMax) };
    },
  },
  (c) => ({ minutes: known(c, 'minutes') }),
  (c) => likely(ownRates(c).time.capacity.machinesMax),
);

/** The day by which N pieces exist. */
export const DAY = timeEquation({
  figure: 'machined.day',
  number: 'T13',
  ...titled('days to the pieces wanted'),
  unit: 'days from the order',
  expression:
    'W * (queue + material + (hProg + nSet * hSetup) / (shift * avail) + N * minutes / 60 / (shift * avail * shifts * machines))',
  symbols: {
    W: perWorkday,
    queue: own('time.queue', 'wait for a slot'),
    material: own('time.material', 'material'),
    hProg,
    nSet,
    hSetup,
    N,
    minutes: figure('minutes a piece', 'min', 'minutes'),
    shift: figure('hours a shift', 'h'),
    avail: own('time.avail', 'share of the shift that is work'),
    shifts: figure('shifts a day', 'shifts', 'shifts'),
    machines: figure('machines', 'machines', 'machines'),
  },
  values: (c) => {
    const { hSetup: setting, time } = ownRates(c);
    return {
      W: workday(c),
      queue: likely(time.queue),
      material: likely(time.material),
      hProg: known(c, 'hProg'),
      nSet: known(c, 'nSet'),
      hSetup: likely(setting),
      N: c.N,
      minutes: known(c, 'minutes'),
      shift: time.shiftH,
      avail: likely(time.avail),
      shifts: known(c, 'shifts'),
      machines: known(c, 'machines'),
    };
  },
});
