import type { Study } from '../board/study';
import { lotSize } from '../brief';
import { solidDetails, type Baseline } from '../cost';
import { refuse } from '../errors';
import type { Figure } from '../figures';
import type { PartFacts } from '../part';
import { holidayTerm } from './holiday-term';
import { chosen, computed, density, fromAlloy, fromBrief, fromRate } from './symbols';
import type { Working, WorkingSymbol } from './types';

/** What the workings of a baseline draw on. */
interface BaselineContext {
  readonly study: Study;
  readonly facts: PartFacts;
  readonly b: Baseline;
  readonly q: number;
  /** Pieces an order. */
  readonly lot: number;
}
type Built = Omit<Working, 'figure'>;
type Builder = (c: BaselineContext) => Built;

/**
 * The working of one figure of a baseline at q pieces.
 * @throws {CoreError} E_KEY for an unknown figure, E_RANGE for a day of more pieces than q
 */
export function baselineWorking(study: Study, b: Baseline, q: number, figure: string): Working {
  const { facts } = study;
  const [, N] = /^day\.(\d+)$/.exec(figure) ?? [];
  const build =
    N === undefined ? (BUILDERS[b.id]?.[figure] ?? ANY[figure]) : (c: BaselineContext) => byDay(c, Number(N));
  if (build === undefined || facts === null)
    return refuse('E_KEY', 'figure', figure, Object.keys({ ...ANY, ...BUILDERS[b.id] }).join(' | '));
  return { figure, ...build({ study, facts, b, q, lot: lotSize(facts.brief, q) }) };
}

const EQUATION = {
  machined: 'Cost model 9.1 to 9.4',
  stamped: 'Cost model 9.5',
  fabricated: 'Cost model 9.6',
  split: 'Cost model 8 for the cast piece, 9 for the other, 9.6 for the joining',
} as const;

const money = (c: BaselineContext): string => c.study.rates.currency.code;
const fx = (c: BaselineContext): WorkingSymbol =>
  fromRate(
    'fx',
    'study currency per USD',
    { v: c.study.rates.currency.perUnit, unit: `${money(c)}/USD`, basis: 'assumed' },
    'currency.perUnit',
  );
const global = (c: BaselineContext, symbol: string, meaning: string, key: keyof Study['rates']['global']) =>
  fromRate(symbol, meaning, c.study.rates.global[key], `global.${key}`);
const own = (c: BaselineContext, symbol: string, meaning: string, key: string, unit = ''): WorkingSymbol => {
  const rates = c.study.rates.baselines[c.b.id as 'machined'] as unknown as Readonly<Record<string, Figure>>;
  return fromRate(symbol, meaning, rates[key], `baselines.${c.b.id}.${key}`, unit);
};
const ownTime = (c: BaselineContext, symbol: string, meaning: string, key: string): WorkingSymbol => {
  const rates = c.study.rates.baselines[c.b.id as 'machined'].time as unknown as Readonly<Record<string, Figure>>;
  return fromRate(symbol, meaning, rates[key], `baselines.${c.b.id}.time.${key}`);
};
const at = (c: BaselineContext, key: string): number => c.b.symbols[key] ?? NaN;
const qty = (c: BaselineContext): WorkingSymbol => chosen('q', 'pieces in the whole programme', c.q, 'pieces');
/** Pieces an order: the programme where nothing is said of lots or years. */
const lotSym = (c: BaselineContext): WorkingSymbol => {
  const { lot, perYear } = c.facts.brief.quantity;
  return lot === null && perYear === null
    ? { ...qty(c), symbol: 'lot', meaning: 'pieces an order: the whole programme' }
    : fromBrief('lot', 'pieces an order', c.lot, 'pieces', 'quantity.lot');
};
const W = (c: BaselineContext): WorkingSymbol =>
  fromRate(
    'W',
    'calendar days a working day',
    c.study.rates.calendar.calendarPerWorkday,
    'calendar.calendarPerWorkday',
  );
const price = (c: BaselineContext): WorkingSymbol => {
  const { alloy } = c.facts;
  const [low, likely, high] = alloy.price_USD_kg;
  const listed = c.study.rates.metals?.[alloy.id];
  return listed === undefined
    ? fromAlloy('p', 'price of ingot', likely, 'USD/kg', `alloys.${alloy.id}.price_USD_kg`, alloy.basis['price'], [
        low,
        high,
      ])
    : fromRate('p', 'price of ingot', listed, `metals.${alloy.id}`);
};
const cutting = (c: BaselineContext): WorkingSymbol => {
  const { alloy } = c.facts;
  const [low, u, high] = alloy.specificCuttingEnergy_J_mm3;
  const path = `alloys.${alloy.id}.specificCuttingEnergy_J_mm3`;
  return fromAlloy('u', 'energy to cut it', u, 'J/mm³', path, alloy.basis['machining'], [low, high]);
};
const machinability = (c: BaselineContext): WorkingSymbol => {
  const { alloy } = c.facts;
  return fromAlloy(
    'mach',
    'machinability',
    alloy.machinability,
    'brass = 100',
    `alloys.${alloy.id}.machinability`,
    alloy.basis['machining'],
  );
};
const asked = (c: BaselineContext, symbol: string, meaning: string, key: 'pressureTight' | 'heatTreated' | 'xray') =>
  fromBrief(symbol, `${meaning} (1) or not (0)`, c.facts.brief.needs[key] === true ? 1 : 0, '–', `needs.${key}`);
const family = (c: BaselineContext, symbol: string, meaning: string, key: 'kStock' | 'kChip' | 'kHT') =>
  fromRate(
    symbol,
    meaning,
    c.study.rates.families[c.facts.ratesFamily]?.[key],
    `families.${c.facts.ratesFamily}.${key}`,
  );
const open = (c: BaselineContext, symbol: string, meaning: string, value: number, unit: string, figure: string) => ({
  ...computed(symbol, meaning, value, unit, figure),
  opensLane: c.b.id,
});
const factorSym = (c: BaselineContext): WorkingSymbol =>
  open(c, 'K', 'price factor: overhead and margin', at(c, 'K'), '–', 'K');
const mk = (c: BaselineContext): WorkingSymbol => global(c, 'mk', 'mark-up on tools and fixtures', 'mk');
const mass = (c: BaselineContext): WorkingSymbol =>
  computed('m', 'finished mass, volume times density', c.facts.m, 'kg');

/** Figures that all baselines have. */
const ANY: Readonly<Record<string, Builder>> = {
  allIn: (c) => ({
    title: `${c.b.name}: all in, a part`,
    equation: EQUATION[c.b.id],
    expression: 'T / q',
    value: c.b.total(c.q) / c.q,
    unit: `${money(c)}/part`,
    symbols: [open(c, 'T', 'total of the programme', c.b.total(c.q), money(c), 'total'), qty(c)],
    note: null,
  }),
  total: (c) => ({
    title: `${c.b.name}: total`,
    equation: EQUATION[c.b.id],
    expression: 'tools + parts',
    value: c.b.total(c.q),
    unit: money(c),
    symbols: [
      open(c, 'tools', 'programs and fixtures', c.b.tooling(c.q), money(c), 'tooling'),
      open(c, 'parts', 'lots and pieces', c.b.total(c.q) - c.b.tooling(c.q), money(c), 'parts'),
    ],
    note: null,
  }),
  parts: (c) => {
    const parts = c.b.total(c.q) - c.b.tooling(c.q);
    return {
      title: `${c.b.name}: lots and pieces`,
      equation: EQUATION[c.b.id],
      expression: 'q * each',
      value: parts,
      unit: money(c),
      symbols: [
        qty(c),
        computed('each', 'a piece without its tools, over the whole programme', parts / c.q, `${money(c)}/part`),
        ...Object.entries(c.b.lines(c.q)).map(([k, v]) =>
          computed(k, `${k}, a piece of the usual lot`, v, `${money(c)}/part`),
        ),
      ],
      note: 'The further symbols are the lines of a piece of the usual lot; the last lots of a programme may be smaller.',
    };
  },
  tooling: (c) => ({
    title: `${c.b.name}: tooling`,
    equation: EQUATION[c.b.id],
    expression: 'tools',
    value: c.b.tooling(c.q),
    unit: money(c),
    symbols: [
      computed('tools', 'programs, fixtures or press tool, mark-up included', c.b.tooling(c.q), money(c)),
      ...rest(c, []),
    ],
    note: null,
  }),
  unit: (c) => {
    const lines = Object.entries(c.b.lines(c.q));
    return {
      title: `${c.b.name}: price of a part`,
      equation: EQUATION[c.b.id],
      expression: lines.map(([k]) => k).join(' + '),
      value: c.b.unit(c.q),
      unit: `${money(c)}/part`,
      symbols: [
        ...lines.map(([k, v]) => computed(k, k, v, `${money(c)}/part`)),
        ...rest(
          c,
          lines.map(([k]) => k),
        ),
      ],
      note: 'The further symbols are those the lines are made of.',
    };
  },
  firstArticle: (c) => dates(c, 1, 'first part'),
  lastPart: (c) => dates(c, c.q, 'last part'),
  K: (c) => ({
    title: 'Price factor',
    equation: 'Cost model 2.4',
    expression: '(1 + oh) * (1 + mg)',
    value: at(c, 'K'),
    unit: '–',
    symbols: [global(c, 'oh', 'overhead', 'oh'), global(c, 'mg', 'margin on parts', 'mg')],
    note: null,
  }),
};

const rest = (c: BaselineContext, but: readonly string[]): WorkingSymbol[] =>
  Object.entries(c.b.symbols)
    .filter(([k]) => !but.includes(k))
    .map(([k, v]) => computed(k, k.replaceAll('_', ', '), v, '–'));

function dates(c: BaselineContext, N: number, words: string): Built {
  const days = c.b.dayOf(N, c.q);
  const off = holidayTerm(c.study, days);
  const { expression, symbols } = DAYS[c.b.id]?.(c, N) ?? {
    expression: 'D',
    symbols: [computed('D', 'queue, material, set-ups and minutes a piece', days, 'days'), ...rest(c, [])],
  };
  return {
    title: `${c.b.name}: ${words}`,
    equation: 'Time model T13',
    expression: `${expression}${off.term}`,
    value: days + off.days,
    unit: 'days from the order',
    symbols: [...symbols, ...off.symbols],
    note: null,
  };
}

/** The day by which N of the pieces exist. */
function byDay(c: BaselineContext, N: number): Built {
  if (!(N >= 1 && N <= c.q)) return refuse('E_RANGE', 'pieces', N, `from 1 to ${c.q}`);
  return dates(c, N, `day by which ${N} pieces exist`);
}

const pieces = (N: number): WorkingSymbol => chosen('N', 'pieces wanted', N, 'pieces');

const DAYS: Readonly<
  Partial<
    Record<
      Baseline['id'],
      (c: BaselineContext, N: number) => { readonly expression: string; readonly symbols: WorkingSymbol[] }
    >
  >
> = {
  machined: (c, N) => {
    const { shiftH, machines } = c.study.rates.baselines.machined.time;
    return {
      expression: 'W * (queue + material + (hProg + nSet * hSetup + N * minutes / 60) / (shift * avail * machines))',
      symbols: [
        W(c),
        ownTime(c, 'queue', 'wait for a slot', 'queue'),
        ownTime(c, 'material', 'material', 'material'),
        open(c, 'hProg', 'programming', at(c, 'hProg'), 'h', 'hProg'),
        open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
        own(c, 'hSetup', 'setting a machine', 'hSetup'),
        pieces(N),
        open(c, 'minutes', 'minutes a piece', at(c, 'minutes'), 'min', 'minutes'),
        computed('shift', 'hours a shift', shiftH, 'h'),
        ownTime(c, 'avail', 'share of the shift that is work', 'avail'),
        computed('machines', 'machines', machines, 'machines'),
      ],
    };
  },
  stamped: (c, N) => ({
    expression: 'W * (buy + hours / cap + 3 + N / 4000)',
    symbols: [
      W(c),
      own(c, 'buy', 'steel and strip', 'buy'),
      open(c, 'hours', 'hours of the press tool', at(c, 'hours'), 'h', 'hours'),
      own(c, 'cap', 'tool hours a working day', 'capDay'),
      pieces(N),
    ],
  }),
  fabricated: (c, N) => ({
    expression: 'W * (lead + N * minutes / 60 / 8)',
    symbols: [
      W(c),
      ownTime(c, 'lead', 'pieces and hardware', 'lead'),
      pieces(N),
      open(c, 'minutes', 'joining an assembly', at(c, 'joining_min'), 'min', 'joining'),
    ],
  }),
};

const MACHINED: Readonly<Record<string, Builder>> = {
  total: (c) => ({
    title: `${c.b.name}: total`,
    equation: EQUATION.machined,
    expression: 'tools + fx * K * (ceil(q / lot) * setUp + q * piece)',
    value: c.b.total(c.q),
    unit: money(c),
    symbols: [
      open(c, 'tools', 'programs and fixtures', c.b.tooling(c.q), money(c), 'tooling'),
      fx(c),
      factorSym(c),
      qty(c),
      lotSym(c),
      open(c, 'setUp', 'set-up of a lot', at(c, 'setUp'), 'USD', 'setUp'),
      open(c, 'piece', 'a good piece', at(c, 'piece'), 'USD', 'piece'),
    ],
    note: null,
  }),
  tooling: (c) => ({
    title: `${c.b.name}: programs and fixtures`,
    equation: 'Cost model 9.4',
    expression: '(1 + mk) * (hProg * Rprog + nSet * min(cFix, q * cSoft)) * fx',
    value: c.b.tooling(c.q),
    unit: money(c),
    symbols: [
      mk(c),
      open(c, 'hProg', 'programming', at(c, 'hProg'), 'h', 'hProg'),
      global(c, 'Rprog', 'programming', 'Rprog'),
      open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
      own(c, 'cFix', 'dedicated fixture', 'cFix'),
      qty(c),
      own(c, 'cSoft', 'careful clamping without a fixture', 'cSoft'),
      fx(c),
    ],
    note: null,
  }),
  hProg: (c) => ({
    title: 'Programming',
    equation: 'Cost model 9.4',
    expression: 'h0 + hC * (c - 1)',
    value: at(c, 'hProg'),
    unit: 'h',
    symbols: [
      own(c, 'h0', 'programming, whatever the part', 'hProg0'),
      own(c, 'hC', 'programming by complexity', 'hProgC'),
      open(c, 'c', 'complexity, 1 to 5', c.facts.c, '–', 'complexity'),
    ],
    note: null,
  }),
  complexity: (c) => complexity(c),
  kappa: (c) => ({
    title: 'Difficulty of the shape',
    equation: 'Cost model 1.4',
    expression: '0.5 + 0.25 * c',
    value: c.facts.kappa,
    unit: '–',
    symbols: [open(c, 'c', 'complexity, 1 to 5', c.facts.c, '–', 'complexity')],
    note: null,
  }),
  nSet: (c) => ({
    title: 'Set-ups',
    equation: 'Cost model 9.2',
    expression: 'ceil(s0 + sU * nU + 2 * nP)',
    value: at(c, 'nSet'),
    unit: 'set-ups',
    symbols: [
      own(c, 's0', 'set-ups of any part', 'setup0'),
      own(c, 'sU', 'set-ups an undercut', 'perUndercut'),
      fromBrief('nU', 'undercuts', c.facts.nU, 'undercuts', 'geometry.undercuts'),
      fromBrief('nP', 'passages', c.facts.nP, 'passages', 'geometry.passages'),
    ],
    note: null,
  }),
  setUp: (c) => ({
    title: 'Set-up of a lot',
    equation: 'Cost model 9.4',
    expression: 'nSet * hSetup * Rmc',
    value: at(c, 'setUp'),
    unit: 'USD',
    symbols: [
      open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
      own(c, 'hSetup', 'setting a machine', 'hSetup'),
      global(c, 'Rmc', 'machining centre', 'Rmc'),
    ],
    note: null,
  }),
  piece: (c) => ({
    title: 'A good piece from solid',
    equation: 'Cost model 9.3',
    expression:
      '(stock * p * kStock - (stock - m) * p * kChip + cut / 60 * Rmc * (1 + wear0 + aWear / mach) + nSet * tLoad / 60 * Rmc + tHandle / 60 * Rlab + heat * kHT * m + lookMin * D * Rinsp / 60 + tight * Ptest + xray * Xray + share * nD * GeoMin * Rinsp / 60) / (1 - scrap)',
    value: at(c, 'piece'),
    unit: 'USD',
    symbols: [
      open(c, 'stock', 'bar or block it starts from', at(c, 'stock_kg'), 'kg', 'stockKg'),
      price(c),
      family(c, 'kStock', 'stock against ingot', 'kStock'),
      mass(c),
      family(c, 'kChip', 'chips against ingot', 'kChip'),
      open(c, 'cut', 'cutting', at(c, 'cutting_min'), 'min', 'cutting'),
      global(c, 'Rmc', 'machining centre', 'Rmc'),
      fromRate('wear0', 'tool wear', c.study.rates.operations.wear0, 'operations.wear0'),
      fromRate('aWear', 'tool wear by machinability', c.study.rates.operations.aWear, 'operations.aWear'),
      machinability(c),
      open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
      own(c, 'tLoad', 'loading', 'tLoad'),
      own(c, 'tHandle', 'deburring and handling', 'tHandle'),
      global(c, 'Rlab', 'labour', 'Rlab'),
      asked(c, 'heat', 'heat treatment asked for', 'heatTreated'),
      family(c, 'kHT', 'usual heat treatment', 'kHT'),
      global(c, 'lookMin', 'looking over', 'lookMin'),
      computed('D', 'mean size', c.facts.D, 'dm'),
      global(c, 'Rinsp', 'inspector', 'Rinsp'),
      asked(c, 'tight', 'pressure-tight', 'pressureTight'),
      global(c, 'Ptest', 'leak test', 'Ptest'),
      asked(c, 'xray', 'X-rayed', 'xray'),
      global(c, 'Xray', 'X-ray', 'Xray'),
      global(c, 'share', 'pieces measured', 'sampleShare'),
      fromBrief('nD', 'toleranced dimensions', c.facts.nD, 'dimensions', 'features'),
      global(c, 'GeoMin', 'one dimension', 'GeoMin'),
      own(c, 'scrap', 'lost', 'scrap'),
    ],
    note: null,
  }),
  stockKg: (c) => {
    const round = c.facts.brief.geometry.form === 'round';
    return {
      title: 'Bar or block it starts from',
      equation: 'Cost model 9.1',
      expression: round
        ? `${Math.PI / 4} * (max(L, W) + 2 * allow) * (max(L, W) + 2 * allow) * (H + 2 * allow) / 1000 * rho`
        : '(L + 2 * allow) * (W + 2 * allow) * (H + 2 * allow) / 1000 * rho',
      value: at(c, 'stock_kg'),
      unit: 'kg',
      symbols: [
        fromBrief('L', 'length', c.facts.L, 'mm', 'geometry.box_mm'),
        fromBrief('W', 'width', c.facts.W, 'mm', 'geometry.box_mm'),
        fromBrief('H', 'height along the draw', c.facts.H, 'mm', 'geometry.box_mm'),
        own(c, 'allow', 'allowance around the part', 'allow'),
        density(c.facts),
      ],
      note: null,
    };
  },
  removal: (c) => ({
    title: 'Metal removed a minute',
    equation: 'Cost model 9.2',
    expression: 'min(60 * Ps * eta / (1000 * u), aMrr * mach)',
    value: at(c, 'removal'),
    unit: 'cm³/min',
    symbols: [
      own(c, 'Ps', 'power of the spindle', 'Pspindle'),
      own(c, 'eta', 'share of it at the cut', 'eta'),
      cutting(c),
      fromRate('aMrr', 'removal by machinability', c.study.rates.operations.aMrr, 'operations.aMrr'),
      machinability(c),
    ],
    note: null,
  }),
  cutting: (c) => {
    const thin = c.facts.w !== null && c.facts.w < 2.5;
    return {
      title: 'Cutting a piece from solid',
      equation: 'Cost model 9.2',
      expression: `((stock / rho - V) / mrr + a * 100 / (aFin * mach) * kappa${thin ? ' * thin' : ''}) * air + detail / 60`,
      value: at(c, 'cutting_min'),
      unit: 'min',
      symbols: [
        open(c, 'stock', 'bar or block it starts from', at(c, 'stock_kg'), 'kg', 'stockKg'),
        density(c.facts),
        fromBrief('V', 'volume', c.facts.V, 'cm³', 'geometry.volume_cm3'),
        open(c, 'mrr', 'metal removed a minute', at(c, 'removal'), 'cm³/min', 'removal'),
        fromBrief('a', 'whole surface', c.facts.a, 'dm²', 'geometry.area_cm2'),
        fromRate('aFin', 'finishing by machinability', c.study.rates.operations.aFin, 'operations.aFin'),
        machinability(c),
        open(c, 'kappa', 'difficulty, 0.5 + 0.25·c', c.facts.kappa, '–', 'kappa'),
        ...(thin ? [own(c, 'thin', 'a thin wall takes longer', 'thin')] : []),
        own(c, 'air', 'moving through air', 'airCut'),
        open(c, 'detail', 'features and holes', at(c, 'detail_s'), 's', 'detail'),
      ],
      note: null,
    };
  },
  detail: (c) => {
    const rates = c.study.rates.operations;
    const symbols = new Map<string, WorkingSymbol>();
    const put = (s: WorkingSymbol): string => {
      symbols.set(s.symbol, s);
      return s.symbol;
    };
    const terms = solidDetails(c.facts, c.study.rates).map(({ count, kinds, drilled }, i) => {
      const n = put(fromBrief(`n${i + 1}`, 'places', count, 'places', 'features'));
      const t0 = kinds.map((kind) =>
        put(
          fromRate(`t_${kind}`, `reaching and leaving, ${kind}`, rates.kinds[kind].t0, `operations.kinds.${kind}.t0`),
        ),
      );
      if (drilled === null) return `${n} * (${t0.join(' + ') || '0'})`;
      const d = put(fromBrief(`d${i + 1}`, 'diameter', drilled.d_mm, 'mm', 'holes'));
      const depth = put(fromBrief(`z${i + 1}`, 'depth', drilled.depth_mm, 'mm', 'holes'));
      const u = put(cutting(c));
      const P = put(fromRate('P', 'power at the drill', rates.kinds.drill.P, 'operations.kinds.drill.P'));
      const core = drilled.threaded
        ? `${d} * ${put(fromRate('minor', 'core of a thread', rates.tapMinor, 'operations.tapMinor'))} * ${d} * minor`
        : `${d} * ${d}`;
      return `${n} * (${[...t0, `${Math.PI / 4} * ${core} * ${depth} * ${u} / ${P}`].join(' + ')})`;
    });
    return {
      title: 'Features and holes cut from solid',
      equation: 'Cost model 9.2',
      expression: terms.join(' + ') || '0',
      value: at(c, 'detail_s'),
      unit: 's',
      symbols: [...symbols.values()],
      note: null,
    };
  },
  minutes: (c) => ({
    title: 'Minutes a piece',
    equation: 'Cost model 9.2',
    expression: 'cut + nSet * tLoad',
    value: at(c, 'minutes'),
    unit: 'min',
    symbols: [
      open(c, 'cut', 'cutting', at(c, 'cutting_min'), 'min', 'cutting'),
      open(c, 'nSet', 'set-ups', at(c, 'nSet'), 'set-ups', 'nSet'),
      own(c, 'tLoad', 'loading', 'tLoad'),
    ],
    note: null,
  }),
};

function complexity(c: BaselineContext): Built {
  const f = c.facts;
  const k = c.study.rates.complexity;
  const part = (symbol: string, meaning: string, key: keyof typeof k): WorkingSymbol =>
    fromRate(symbol, meaning, k[key], `complexity.${key}`);
  return {
    title: 'Complexity',
    equation: 'Cost model 1.2 and 1.3',
    expression: 'min(5, max(1, 1 + kS * (S - 1) + kH * nH + kP * nP + kU * nU + kD * nD + kC * face))',
    value: f.c,
    unit: '–',
    symbols: [
      part('kS', 'by surface index', 'kS'),
      computed('S', 'surface index: 1 for a cube', f.S, '–'),
      part('kH', 'a cored hole', 'kH'),
      fromBrief('nH', 'holes wanted cast', f.nH, 'holes', 'geometry.coredHoles'),
      part('kP', 'a passage', 'kP'),
      fromBrief('nP', 'passages', f.nP, 'passages', 'geometry.passages'),
      part('kU', 'an undercut', 'kU'),
      fromBrief('nU', 'undercuts', f.nU, 'undercuts', 'geometry.undercuts'),
      part('kD', 'a toleranced dimension', 'kD'),
      fromBrief('nD', 'toleranced dimensions', f.nD, 'dimensions', 'features'),
      part('kC', 'a cosmetic face', 'kC'),
      fromBrief(
        'face',
        'cosmetic face asked for (1) or not (0)',
        f.brief.needs.cosmeticFace === true ? 1 : 0,
        '–',
        'needs.cosmeticFace',
      ),
    ],
    note: null,
  };
}

const STAMPED: Readonly<Record<string, Builder>> = {
  total: (c) => ({
    title: `${c.b.name}: total`,
    equation: EQUATION.stamped,
    expression: 'tools + fx * K * (ceil(q / lot) * setUp + q * piece)',
    value: c.b.total(c.q),
    unit: money(c),
    symbols: [
      open(c, 'tools', 'press tool', c.b.tooling(c.q), money(c), 'tooling'),
      fx(c),
      factorSym(c),
      qty(c),
      lotSym(c),
      open(c, 'setUp', 'set-up of a lot', at(c, 'setUp'), 'USD', 'setUp'),
      open(c, 'piece', 'a piece', at(c, 'piece'), 'USD', 'piece'),
    ],
    note: null,
  }),
  tooling: (c) => ({
    title: `${c.b.name}: press tool`,
    equation: EQUATION.stamped,
    expression: '(1 + mk) * (hours * Rtool + m0) * fx',
    value: c.b.tooling(c.q),
    unit: money(c),
    symbols: [
      mk(c),
      open(c, 'hours', 'hours of the press tool', at(c, 'hours'), 'h', 'hours'),
      global(c, 'Rtool', 'toolmaker', 'Rtool'),
      own(c, 'm0', 'steel and bought parts', 'm0'),
      fx(c),
    ],
    note: null,
  }),
  hours: (c) => ({
    title: 'Hours of the press tool',
    equation: EQUATION.stamped,
    expression: 'h0 + hP * 2 * (L + W) / 100 + hHole * nH + hForm * forms',
    value: at(c, 'hours'),
    unit: 'h',
    symbols: [
      own(c, 'h0', 'hours whatever the part', 'h0'),
      own(c, 'hP', 'hours by outline', 'hP'),
      fromBrief('L', 'length', c.facts.L, 'mm', 'geometry.box_mm'),
      fromBrief('W', 'width', c.facts.W, 'mm', 'geometry.box_mm'),
      own(c, 'hHole', 'hours a hole', 'hHole'),
      fromBrief('nH', 'holes', c.facts.nH, 'holes', 'geometry.coredHoles'),
      own(c, 'hForm', 'hours a bend', 'hForm'),
      fromBrief('forms', 'bends', at(c, 'forms'), 'bends', 'bends'),
    ],
    note: null,
  }),
  setUp: (c) => ({
    title: 'Set-up of a lot',
    equation: EQUATION.stamped,
    expression: 'hSU * Rpress',
    value: at(c, 'setUp'),
    unit: 'USD',
    symbols: [own(c, 'hSU', 'setting up', 'hSU'), own(c, 'Rpress', 'press', 'Rpress')],
    note: null,
  }),
  piece: (c) => ({
    title: 'A stamped piece',
    equation: EQUATION.stamped,
    expression: 'm * skeleton * p * kStock + (1 + forms) * tStroke / 3600 * Rpress + tDeburr / 60 * Rlab',
    value: at(c, 'piece'),
    unit: 'USD',
    symbols: [
      mass(c),
      own(c, 'skeleton', 'strip against piece', 'skeleton'),
      price(c),
      family(c, 'kStock', 'strip against ingot', 'kStock'),
      fromBrief('forms', 'bends', at(c, 'forms'), 'bends', 'bends'),
      own(c, 'tStroke', 'one stroke', 'tStroke'),
      own(c, 'Rpress', 'press', 'Rpress'),
      own(c, 'tDeburr', 'deburring', 'tDeburr'),
      global(c, 'Rlab', 'labour', 'Rlab'),
    ],
    note: null,
  }),
};

const FABRICATED: Readonly<Record<string, Builder>> = {
  total: (c) => ({
    title: `${c.b.name}: total`,
    equation: EQUATION.fabricated,
    expression: 'jig + q * part',
    value: c.b.total(c.q),
    unit: money(c),
    symbols: [
      open(c, 'jig', 'jig', c.b.tooling(c.q), money(c), 'tooling'),
      qty(c),
      open(c, 'part', 'an assembly', c.b.unit(c.q), `${money(c)}/part`, 'unit'),
    ],
    note: null,
  }),
  tooling: (c) => ({
    title: `${c.b.name}: jig`,
    equation: EQUATION.fabricated,
    expression: 'jig * (1 + mk) * fx',
    value: c.b.tooling(c.q),
    unit: money(c),
    symbols: [own(c, 'jig', 'jig', 'jig'), mk(c), fx(c)],
    note: null,
  }),
  joining: (c) => {
    const { today } = c.facts.brief;
    const rates = c.study.rates.baselines.fabricated;
    const kinds = Object.entries(today.joints).filter(([, n]) => (n ?? 0) > 0) as [keyof typeof rates.joint, number][];
    return {
      title: 'Joining an assembly',
      equation: EQUATION.fabricated,
      expression: [...kinds.map(([k]) => `n_${k} * t_${k}`), 'align * (parts - 1)'].join(' + '),
      value: at(c, 'joining_min'),
      unit: 'min',
      symbols: [
        ...kinds.flatMap(([k, n]) => [
          fromBrief(`n_${k}`, `joints: ${k}`, n, 'joints', `today.joints.${k}`),
          fromRate(`t_${k}`, `one ${k}`, rates.joint[k], `baselines.fabricated.joint.${k}`),
        ]),
        own(c, 'align', 'bringing two pieces together', 'align'),
        fromBrief('parts', 'pieces', today.parts ?? 1, 'pieces', 'today.parts'),
      ],
      note: null,
    };
  },
  unit: (c) => {
    const { today, quantity } = c.facts.brief;
    const rates = c.study.rates.baselines.fabricated;
    const parts = today.parts ?? 1;
    const kinds = Object.entries(today.joints).filter(([, n]) => (n ?? 0) > 0) as [keyof typeof rates.joint, number][];
    const floor = quantity.perYear === null ? 0 : (today.floor_m2 ?? 0);
    const paid = today.cost_USD;
    const besides = '+ room * rent / perYear + back / 100 * repair';
    return {
      title: `${c.b.name}: price of an assembly`,
      equation: EQUATION.fabricated,
      expression:
        paid !== null
          ? `fx * (paid ${besides})`
          : `fx * (K * (${today.partCost_USD === null ? 'parts * c0' : 'bought'} + m * p * kMat + minutes / 60 * Rlab${kinds.map(([k]) => ` + n_${k} * h_${k}`).join('')} + stocking * parts) ${besides})`,
      value: c.b.unit(c.q),
      unit: `${money(c)}/part`,
      symbols: [
        fx(c),
        ...(paid !== null
          ? [fromBrief('paid', 'what a part costs today', paid, 'USD', 'today.cost_USD')]
          : [
              factorSym(c),
              ...(today.partCost_USD === null
                ? [own(c, 'c0', 'a bought piece', 'c0')]
                : [fromBrief('bought', 'pieces, as paid', today.partCost_USD, 'USD', 'today.partCost_USD')]),
              fromBrief('parts', 'pieces', parts, 'pieces', 'today.parts'),
              mass(c),
              price(c),
              own(c, 'kMat', 'stock against ingot', 'kMat'),
              open(c, 'minutes', 'joining an assembly', at(c, 'joining_min'), 'min', 'joining'),
              global(c, 'Rlab', 'labour', 'Rlab'),
              ...kinds.flatMap(([k, n]) => [
                fromBrief(`n_${k}`, `joints: ${k}`, n, 'joints', `today.joints.${k}`),
                fromRate(`h_${k}`, `hardware, ${k}`, rates.hardware[k], `baselines.fabricated.hardware.${k}`),
              ]),
              own(c, 'stocking', 'keeping a piece in stock', 'stocking'),
            ]),
        fromBrief('room', 'floor it takes', floor, 'm²', 'today.floor_m2'),
        own(c, 'rent', 'rent of a floor a year', 'rent'),
        fromBrief('perYear', 'pieces a year', quantity.perYear ?? 1, 'pieces', 'quantity.perYear'),
        fromBrief('back', 'returns', today.returns_pct ?? 0, '%', 'today.returns_pct'),
        fromBrief('repair', 'one return', today.repair_USD ?? 0, 'USD', 'today.repair_USD'),
      ],
      note: null,
    };
  },
};

const BUILDERS: Readonly<Partial<Record<Baseline['id'], Readonly<Record<string, Builder>>>>> = {
  machined: MACHINED,
  stamped: STAMPED,
  fabricated: FABRICATED,
};

/** Whether a baseline's figures are told down to their rates. */
export const isToldWhole = (id: string): boolean => id in BUILDERS;
