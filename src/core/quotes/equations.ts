import { KG_PER_POUND } from '../base/units';
import { choice, equationsOf, type SymbolOf } from '../equations';
import type { LeadUnit, PriceBreak, Quote, QuoteSetting, Asked, ScopeFill } from './types';

/** A quote, what was asked, and what it is compared by. */
export interface OfQuote {
  readonly quote: Quote;
  readonly asked: Asked;
  readonly setting: QuoteSetting;
  readonly fills: readonly ScopeFill[];
  /** Study currency in one of the quote's. */
  readonly fx: number;
  /** The break that holds for the lot. */
  readonly at: PriceBreak;
}

const equation = equationsOf<OfQuote>({ model: 'Cost model', path: (_, text) => text })<OfQuote>();

const money = { unit: ({ setting }: OfQuote): string => setting.currency, plainly: { unit: 'currency' } };
const quotedMoney = { unit: ({ quote }: OfQuote): string => quote.currency, plainly: { unit: 'currency' } };
const told = (meaning: string, unit: string, note = 'from the quote'): SymbolOf<OfQuote> => ({
  ...choice(meaning, unit),
  note: () => note,
});
const ofStudy = (meaning: string, unit: string): SymbolOf<OfQuote> => told(meaning, unit, 'from the study');
const toldMoney = (meaning: string): SymbolOf<OfQuote> => ({ ...told(meaning, ''), ...quotedMoney });
const opened = (meaning: string, unit: string, opens: string): SymbolOf<OfQuote> => ({
  meaning,
  unit,
  source: 'computed',
  opens,
});
const openedMoney = (meaning: string, opens: string): SymbolOf<OfQuote> => ({
  ...opened(meaning, '', opens),
  ...money,
});
const fx: SymbolOf<OfQuote> = {
  ...choice('study currency in one of the quote’s', ''),
  unit: ({ quote, setting }) => `${setting.currency}/${quote.currency}`,
  plainly: { unit: 'currency/currency' },
  note: ({ quote, setting }) => {
    const rate = setting.rates[quote.currency];
    return quote.currency === setting.currency || rate === undefined ? '' : `rate of ${rate.date}`;
  },
};

export const BOUGHT = equation({
  figure: 'quote.bought',
  number: '14.1',
  title: 'Pieces bought for the good ones that are needed',
  unit: 'pieces',
  expression: 'ceil(need / (1 - bad))',
  symbols: { need: ofStudy('good pieces needed', 'pieces'), bad: told('pieces found bad on arrival', 'share') },
  values: ({ quote, asked }) => ({ need: asked.need, bad: quote.incomingBad }),
});

export const LOT = equation({
  figure: 'quote.lot',
  number: '14.2',
  title: 'Pieces of a lot',
  unit: 'pieces',
  expression: 'max(lot, minOrder, lowest)',
  symbols: {
    lot: ofStudy('pieces of a lot', 'pieces'),
    minOrder: told('minimum order', 'pieces'),
    lowest: told('lowest break of the price', 'pieces'),
  },
  values: ({ quote, asked }) => ({
    lot: asked.lot,
    minOrder: quote.minOrder,
    lowest: quote.priceBreaks[0]?.from ?? 0,
  }),
});

export const LOTS = equation({
  figure: 'quote.lots',
  number: '14.2',
  title: 'Lots of the programme',
  unit: 'lots',
  expression: 'ceil(bought / lot)',
  symbols: { bought: opened('pieces bought', 'pieces', 'bought'), lot: opened('pieces of a lot', 'pieces', 'lot') },
  values: (c) => ({ bought: BOUGHT.value(c), lot: LOT.value(c) }),
});

export const AS_QUOTED = equation({
  figure: 'quote.unitAsQuoted',
  number: '14.3',
  title: 'Price of a piece as quoted',
  ...money,
  expression: {
    of: {
      each: 'price * fx',
      hundred: 'price / 100 * fx',
      kg: 'price * mass * fx',
      lb: 'price * mass / lb * fx',
    },
    form: ({ quote }) => quote.unit,
  },
  symbols: {
    price: toldMoney('price at the break that holds for the lot'),
    mass: told('mass of a piece that it is for', 'kg'),
    lb: { meaning: 'a pound', unit: 'kg', source: 'choice' },
    fx,
  },
  values: ({ quote, at, fx: rate }) => ({
    price: at.price,
    mass: quote.quotedMass_kg ?? 0,
    lb: KG_PER_POUND,
    fx: rate,
  }),
});

export const AFTER_CLAUSE = equation({
  figure: 'quote.unitAfterClause',
  number: '14.4',
  title: 'Price of a piece by today’s metal',
  ...money,
  expression: 'unit * (1 + share * (today / base - 1))',
  symbols: {
    unit: openedMoney('price of a piece as quoted', 'unitAsQuoted'),
    share: told('share of the price that follows the metal', 'share'),
    today: told('the metal today', 'index'),
    base: told('the metal at the base of the clause', 'index'),
  },
  values: (c) => ({
    unit: AS_QUOTED.value(c),
    share: c.quote.clause?.share ?? 0,
    today: c.quote.clause?.todayValue ?? 1,
    base: c.quote.clause?.baseValue ?? 1,
  }),
});

/** What of each price is for an amortised tool. */
export const TAKEN_OUT = equation({
  figure: 'quote.amortisedTakenOut',
  number: '14.5',
  title: 'Of the price, for the tool',
  ...money,
  expression: 'inPrice * fx',
  symbols: { inPrice: toldMoney('in each price for the tool'), fx },
  values: ({ quote, fx: rate }) => ({
    inPrice: quote.tooling.mode === 'amortised' ? (quote.tooling.inPriceEach ?? 0) : 0,
    fx: rate,
  }),
});

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

export const SCOPE_EXTRA = equation({
  figure: 'quote.scopeExtra',
  number: '14.6',
  title: 'Work offered beside the price',
  ...money,
  expression: 'extra * fx',
  symbols: { extra: toldMoney('lines offered beside the price'), fx },
  values: ({ quote, fx: rate }) => ({
    extra: sum(quote.scope.map((s) => (s.status === 'extra' ? (s.price ?? 0) : 0))),
    fx: rate,
  }),
});

export const SCOPE_FILLED = equation({
  figure: 'quote.scopeFilled',
  number: '14.6',
  title: 'Work left out, at the study’s own cost',
  ...money,
  expression: 'filled',
  symbols: { filled: { ...told('lines left out, as the study has them', '', 'filled in'), ...money } },
  values: ({ quote, fills }) => ({
    filled: sum(
      quote.scope.filter((s) => s.status === 'excluded').map((s) => fills.find((f) => f.line === s.line)?.price ?? 0),
    ),
  }),
});

export const COMPARABLE = equation({
  figure: 'quote.unitComparable',
  number: '14.6',
  title: 'Price of a piece, comparable',
  ...money,
  expression: 'unit - taken + extra + filled',
  symbols: {
    unit: openedMoney('price of a piece by today’s metal', 'unitAfterClause'),
    taken: openedMoney('of it, for the tool', 'amortisedTakenOut'),
    extra: openedMoney('work offered beside the price', 'scopeExtra'),
    filled: openedMoney('work left out', 'scopeFilled'),
  },
  values: (c) => ({
    unit: AFTER_CLAUSE.value(c),
    taken: TAKEN_OUT.value(c),
    extra: SCOPE_EXTRA.value(c),
    filled: SCOPE_FILLED.value(c),
  }),
});

/** How a life is counted: none where the quote says nothing of it. */
const lifeForm = ({ quote: { tooling } }: OfQuote): 'goodParts' | 'pour' | 'mould' =>
  tooling.life === undefined || tooling.life.unit === 'good parts'
    ? 'goodParts'
    : tooling.life.unit === 'moulds'
      ? 'mould'
      : 'pour';

export const LIFE = equation({
  figure: 'quote.lifeGood',
  number: '14.7',
  title: 'Life of a tool in good parts',
  unit: 'pieces',
  expression: {
    of: { goodParts: 'life', pour: 'life * cavities * good', mould: 'life * perTool * (1 - bad)' },
    form: lifeForm,
  },
  symbols: {
    life: told('life as quoted', 'parts, shots or moulds'),
    cavities: told('pieces of a shot or spin', 'pieces'),
    good: told('good ones of them', 'share'),
    perTool: told('pieces of a mould', 'pieces'),
    bad: told('pieces found bad on arrival', 'share'),
  },
  values: ({ quote: { tooling, incomingBad } }) => ({
    life: tooling.life?.v ?? Number.MAX_SAFE_INTEGER,
    cavities: tooling.cavities ?? 1,
    good: tooling.goodShare ?? 1,
    perTool: tooling.perTool ?? 1,
    bad: incomingBad,
  }),
});

export const TOOLS = equation({
  figure: 'quote.tools',
  number: '14.7',
  title: 'Tools of the programme',
  unit: 'tools',
  expression: 'max(1, ceil(bought / life))',
  symbols: {
    bought: opened('pieces bought', 'pieces', 'bought'),
    life: opened('life of a tool in good parts', 'pieces', 'lifeGood'),
  },
  values: (c) => ({ bought: BOUGHT.value(c), life: LIFE.value(c) }),
});

/** Without a figure of a year the programme counts as one. */
const yearsForm = ({ asked }: OfQuote): 'programme' | 'one' => (asked.perYear === null ? 'one' : 'programme');

/** Whether an amortised tool is paid whole within the programme. */
export const paidWhole = (c: OfQuote): boolean =>
  c.quote.tooling.mode !== 'amortised' ||
  c.quote.tooling.balanceDue === true ||
  BOUGHT.value(c) >= (c.quote.tooling.over ?? 0);

export const YEARS = equation({
  figure: 'quote.years',
  number: '14.8',
  title: 'Years in which the tool is kept',
  unit: 'years',
  expression: { of: { programme: 'ceil(need / perYear)', one: '1' }, form: yearsForm },
  symbols: {
    need: ofStudy('good pieces needed', 'pieces'),
    perYear: ofStudy('pieces a year', 'pieces'),
  },
  values: ({ asked }) => ({ need: asked.need, perYear: asked.perYear ?? asked.need }),
});

export const UPKEEP = equation({
  figure: 'quote.upkeep',
  number: '14.8',
  title: 'Upkeep and storage of the tool over the programme',
  ...money,
  expression: 'years * upkeep * fx',
  symbols: {
    years: opened('years in which the tool is kept', 'years', 'years'),
    upkeep: toldMoney('upkeep and storage of a year'),
    fx,
  },
  values: (c) => ({ years: YEARS.value(c), upkeep: c.quote.tooling.upkeepYear ?? 0, fx: c.fx }),
});

export const TOOLING = equation({
  figure: 'quote.tooling',
  number: '14.8',
  title: 'Tooling of the programme',
  ...money,
  expression: {
    of: {
      whole: '(first + (tools - 1) * replacement) * fx + upkeep',
      part: '(bought * inPrice + (tools - 1) * replacement) * fx + upkeep',
      foundry: 'penalty * fx + upkeep',
    },
    form: (c) => (c.quote.tooling.mode === 'foundry-pays' ? 'foundry' : paidWhole(c) ? 'whole' : 'part'),
  },
  symbols: {
    first: toldMoney('first tool'),
    tools: opened('tools of the programme', 'tools', 'tools'),
    replacement: toldMoney('each tool after it'),
    bought: opened('pieces bought', 'pieces', 'bought'),
    inPrice: toldMoney('in each price for the tool'),
    penalty: toldMoney('due where less is taken than the least'),
    upkeep: openedMoney('upkeep and storage over the programme', 'upkeep'),
    fx,
  },
  values: (c) => {
    const { first, replacement, inPriceEach, minTake, penalty } = c.quote.tooling;
    const bought = BOUGHT.value(c);
    return {
      first,
      tools: TOOLS.value(c),
      replacement,
      bought,
      inPrice: inPriceEach ?? 0,
      penalty: bought < (minTake ?? 0) ? (penalty ?? 0) : 0,
      upkeep: UPKEEP.value(c),
      fx: c.fx,
    };
  },
});

export const SURPLUS = equation({
  figure: 'quote.surplus',
  number: '14.9',
  title: 'Paid for the tool after it is paid off',
  ...money,
  expression: 'max(0, bought - over) * inPrice * fx',
  symbols: {
    bought: opened('pieces bought', 'pieces', 'bought'),
    over: told('pieces the tool is amortised over', 'pieces'),
    inPrice: toldMoney('in each price for the tool'),
    fx,
  },
  values: (c) => {
    const { mode, dropsAfter, over, inPriceEach } = c.quote.tooling;
    const stays = mode === 'amortised' && dropsAfter === false;
    return { bought: BOUGHT.value(c), over: over ?? 0, inPrice: stays ? (inPriceEach ?? 0) : 0, fx: c.fx };
  },
});

export const LOT_CHARGES = equation({
  figure: 'quote.lotCharges',
  number: '14.10',
  title: 'Charges of the lots',
  ...money,
  expression: 'lots * charge * fx',
  symbols: {
    lots: opened('lots of the programme', 'lots', 'lots'),
    charge: toldMoney('charge of a lot'),
    fx,
  },
  values: (c) => ({ lots: LOTS.value(c), charge: c.quote.lotCharge, fx: c.fx }),
});

export const PROGRAMME = equation({
  figure: 'quote.programme',
  number: '14.10',
  title: 'The programme at this quote',
  ...money,
  expression: 'bought * unit + tooling + surplus + charges',
  symbols: {
    bought: opened('pieces bought', 'pieces', 'bought'),
    unit: openedMoney('price of a piece, comparable', 'unitComparable'),
    tooling: openedMoney('tooling of the programme', 'tooling'),
    surplus: openedMoney('paid for the tool after it is paid off', 'surplus'),
    charges: openedMoney('charges of the lots', 'lotCharges'),
  },
  values: (c) => ({
    bought: BOUGHT.value(c),
    unit: COMPARABLE.value(c),
    tooling: TOOLING.value(c),
    surplus: SURPLUS.value(c),
    charges: LOT_CHARGES.value(c),
  }),
});

export const PER_GOOD = equation({
  figure: 'quote.perGoodPart',
  number: '14.10',
  title: 'Cost of a good part',
  ...money,
  expression: 'programme / need',
  symbols: {
    programme: openedMoney('the programme at this quote', 'programme'),
    need: ofStudy('good pieces needed', 'pieces'),
  },
  values: (c) => ({ programme: PROGRAMME.value(c), need: c.asked.need }),
});

const need = ofStudy('good pieces needed', 'pieces');
const unit = openedMoney('price of a piece, comparable', 'unitComparable');

/** What a good part costs at a quote, part by part: they add up to it. */
export const PART_CLAUSE = equation({
  figure: 'quote.partClause',
  number: '14.12',
  title: 'Of a good part, by the metal clause',
  ...money,
  expression: 'now - quoted',
  symbols: {
    now: openedMoney('price of a piece by today’s metal', 'unitAfterClause'),
    quoted: openedMoney('price of a piece as quoted', 'unitAsQuoted'),
  },
  values: (c) => ({ now: AFTER_CLAUSE.value(c), quoted: AS_QUOTED.value(c) }),
});

export const PART_WORK = equation({
  figure: 'quote.partWork',
  number: '14.12',
  title: 'Of a good part, the piece itself with what is filled in',
  ...money,
  expression: 'unit - extra - clause',
  symbols: {
    unit,
    extra: openedMoney('work offered beside the price', 'scopeExtra'),
    clause: openedMoney('by the metal clause', 'partClause'),
  },
  values: (c) => ({ unit: COMPARABLE.value(c), extra: SCOPE_EXTRA.value(c), clause: PART_CLAUSE.value(c) }),
});

export const PART_TOOLING = equation({
  figure: 'quote.partTooling',
  number: '14.12',
  title: 'Of a good part, tooling',
  ...money,
  expression: '(tooling + surplus) / need',
  symbols: {
    tooling: openedMoney('tooling of the programme', 'tooling'),
    surplus: openedMoney('paid for the tool after it is paid off', 'surplus'),
    need,
  },
  values: (c) => ({ tooling: TOOLING.value(c), surplus: SURPLUS.value(c), need: c.asked.need }),
});

export const PART_CHARGES = equation({
  figure: 'quote.partCharges',
  number: '14.12',
  title: 'Of a good part, charges of lots',
  ...money,
  expression: 'charges / need',
  symbols: { charges: openedMoney('charges of the lots', 'lotCharges'), need },
  values: (c) => ({ charges: LOT_CHARGES.value(c), need: c.asked.need }),
});

export const PART_BAD = equation({
  figure: 'quote.partBad',
  number: '14.12',
  title: 'Of a good part, pieces bad on arrival',
  ...money,
  expression: '(bought - need) * unit / need',
  symbols: { bought: opened('pieces bought', 'pieces', 'bought'), need, unit },
  values: (c) => ({ bought: BOUGHT.value(c), need: c.asked.need, unit: COMPARABLE.value(c) }),
});

/** A quote beside what the model has of the same way. */
export interface QuoteBeside extends OfQuote {
  /** All-in cost of a part by the model, and what a piece costs without its tool; study currency. */
  readonly model: { readonly allIn: number; readonly unit: number };
}

const beside = equationsOf<QuoteBeside>({ model: 'Cost model', path: (_, text) => text })<QuoteBeside>();

export const AGAINST_MODEL = beside({
  figure: 'quote.againstModel',
  number: '14.13',
  title: 'A good part, against the model',
  ...money,
  expression: 'asked - model',
  symbols: {
    asked: openedMoney('cost of a good part at this quote', 'perGoodPart'),
    model: openedMoney('cost of a part by the model, its tool included', 'model.allIn'),
  },
  values: (c) => ({ asked: PER_GOOD.value(c), model: c.model.allIn }),
});

export const AGAINST_SHARE = beside({
  figure: 'quote.againstShare',
  number: '14.13',
  title: 'A good part, against the model, as a share',
  unit: 'share',
  expression: 'gap / model',
  symbols: {
    gap: openedMoney('against the model', 'againstModel'),
    model: openedMoney('cost of a part by the model, its tool included', 'model.allIn'),
  },
  values: (c) => ({ gap: AGAINST_MODEL.value(c), model: c.model.allIn }),
});

export const PIECE_GAP = beside({
  figure: 'quote.pieceGap',
  number: '14.13',
  title: 'A piece without its tool, against the model',
  ...money,
  expression: 'asked - model',
  symbols: { asked: unit, model: openedMoney('price of a piece by the model', 'model.unit') },
  values: (c) => ({ asked: COMPARABLE.value(c), model: c.model.unit }),
});

/** Equations that hold a quote against the model. */
export const BESIDE_EQUATIONS = [AGAINST_MODEL, AGAINST_SHARE, PIECE_GAP] as const;

const DAYS_A_WEEK = 7;
const LEAD_FORMS: Readonly<Record<LeadUnit, 'working' | 'calendar' | 'weeks'>> = {
  'working days': 'working',
  'calendar days': 'calendar',
  weeks: 'weeks',
};

const lead = (of: 'first' | 'lot', figure: string, title: string) =>
  equation({
    figure,
    number: '14.11',
    title,
    unit: 'd',
    expression: {
      of: { working: 'time * perWorkday', calendar: 'time', weeks: 'time * week' },
      form: ({ quote }) => LEAD_FORMS[quote.lead?.[of].unit ?? 'calendar days'],
    },
    symbols: {
      time: told('time as quoted', 'working days, days or weeks'),
      perWorkday: ofStudy('calendar days a working day takes', 'd/working day'),
      week: { meaning: 'days of a week', unit: 'd', source: 'choice' },
    },
    values: ({ quote, setting }) => ({
      time: quote.lead?.[of].v ?? 0,
      perWorkday: setting.calendarPerWorkday,
      week: DAYS_A_WEEK,
    }),
  });

export const LEAD_FIRST = lead('first', 'quote.leadFirst', 'First article after the order');
export const LEAD_LOT = lead('lot', 'quote.leadLot', 'A lot after its call');

export const CAPACITY = equation({
  figure: 'quote.capacity',
  number: '14.11',
  title: 'Pieces a working day',
  unit: 'pieces/working day',
  expression: {
    of: { day: 'pieces', week: 'pieces / perWeek', month: 'pieces / perMonth' },
    form: ({ quote }) => quote.capacity?.per ?? 'day',
  },
  symbols: {
    pieces: told('capacity as quoted', 'pieces'),
    perWeek: ofStudy('working days a week', 'working days'),
    perMonth: ofStudy('working days a month', 'working days'),
  },
  values: ({ quote, setting }) => ({
    pieces: quote.capacity?.v ?? 0,
    perWeek: setting.workdaysPerWeek,
    perMonth: setting.workdaysPerMonth,
  }),
});

export const YEAR = equation({
  figure: 'quote.workdaysForAYear',
  number: '14.11',
  title: 'Working days for the pieces of a year',
  unit: 'working days',
  expression: 'ceil(perYear / capacity)',
  symbols: {
    perYear: ofStudy('pieces a year', 'pieces'),
    capacity: opened('pieces a working day', 'pieces/working day', 'capacity'),
  },
  values: (c) => ({ perYear: c.asked.perYear ?? 0, capacity: CAPACITY.value(c) }),
});

/** Every equation of a quote, in the order in which it becomes comparable. */
export const QUOTE_EQUATIONS = [
  BOUGHT,
  LOT,
  LOTS,
  AS_QUOTED,
  AFTER_CLAUSE,
  TAKEN_OUT,
  SCOPE_EXTRA,
  SCOPE_FILLED,
  COMPARABLE,
  LIFE,
  TOOLS,
  YEARS,
  UPKEEP,
  TOOLING,
  SURPLUS,
  LOT_CHARGES,
  PROGRAMME,
  PER_GOOD,
  PART_WORK,
  PART_TOOLING,
  PART_CHARGES,
  PART_BAD,
  PART_CLAUSE,
  LEAD_FIRST,
  LEAD_LOT,
  CAPACITY,
  YEAR,
] as const;
