import type { LaneInputs, LayoutPlan, OfInputs } from '../../cost';
import { brief, choice, figure, rate, rateKey, timeEquation, variant } from '../../cost/equations';
import { fromRate, type ListOf, type SymbolOf } from '../../equations';
import { likely, type Figure } from '../../base/figures';

const W = rate('calendar.calendarPerWorkday', 'calendar days a working day');

/** Whether cores are bought: nobody makes them here, and they take days. */
export const buysCores = ({ cores, facts }: LaneInputs): boolean => cores > 0 && facts.brief.cores?.maker === 'bought';

/** How many times its likely hours a tool may take in a draw. */
const MAY_GROW = 3;

/** More hands share a very big tool. */
const MANY_HANDS = 'Ht / (cap * pow(max(1, Ht / bigTool), bigExp))';
const LEADS = {
  usual: 'wait + Ht / cap + buy + loops * loopDays',
  big: `wait + ${MANY_HANDS} + buy + loops * loopDays`,
  other: `wait + ${MANY_HANDS} + buy + other + loops * loopDays`,
  atHand: `fitUp * ${MANY_HANDS} + loops * loopDays`,
} as const;
/** The lead of a tool that is made, or fitted up; of a very big one; made another way; with cores bought. */
const TOOL_LEAD_FORMS: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries(LEADS).flatMap(([way, lead]) => [
    [way, lead],
    [`${way} cores`, `${lead} + cores`],
  ]),
);
function toolLeadForm({ model, plan }: { readonly model: LaneInputs; readonly plan: Pick<LayoutPlan, 'Ht'> }): string {
  // A tool that may turn out as big is stated so: the power is 1 until it does.
  const isBig = plan.Ht > likely(model.rates.calendar.bigTool_h) / MAY_GROW;
  const way = model.atHand != null ? 'atHand' : model.option !== null ? 'other' : isBig ? 'big' : 'usual';
  return `${way}${buysCores(model) ? ' cores' : ''}`;
}

/** Working days until the tool is there. */
export const TOOL_LEAD = timeEquation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'Ht'> }>()({
  figure: 'toolLead',
  number: 'T9',
  title: 'Lead of the tool',
  unit: 'working days',
  expression: { of: TOOL_LEAD_FORMS, form: toolLeadForm },
  symbols: {
    fitUp: rate('toolAtHand.fitUp', 'fitting up a tool that is there, of the hours of a new one'),
    bigTool: rate('calendar.bigTool_h', 'hours over which more hands share a tool'),
    bigExp: rate('calendar.bigToolExp', 'how their number grows with it'),
    other: {
      ...variant('', 'the tool made the other way'),
      path: ({ model }) => `variants["{lane}"].toolOptions["${model.facts.brief.toolOption?.id ?? ''}"].days`,
      plainly: { path: 'variants["{lane}"].toolOptions.days', unit: 'working days' },
    },
    cores: rate('coreMaker.bought.days', 'cores bought'),
    wait: variant('time.tool.queue', 'queue at the toolmaker'),
    Ht: figure('tool hours', 'h', 'Ht'),
    cap: variant('time.tool.cap', 'tool hours a working day'),
    buy: variant('time.tool.buy', 'buying blanks and steel'),
    loops: variant('time.tool.loops', 'sampling loops'),
    loopDays: variant('time.tool.loopDays', 'one loop'),
  },
  values: ({ model: { v, rates, option }, plan }) => {
    const { tool } = v.time;
    return {
      fitUp: likely(rates.toolAtHand.fitUp),
      bigTool: likely(rates.calendar.bigTool_h),
      bigExp: likely(rates.calendar.bigToolExp),
      other: likely(option?.days),
      cores: likely(rates.coreMaker.bought.days),
      wait: likely(tool.queue),
      Ht: plan.Ht,
      cap: likely(tool.cap),
      buy: likely(tool.buy),
      loops: likely(tool.loops),
      loopDays: likely(tool.loopDays),
    };
  },
});

type OfFirst = { readonly model: LaneInputs; readonly toolLead_wd: number; readonly pass_d: number };

/** Day of the first article, holidays left out. */
export const FIRST_ARTICLE = timeEquation<OfFirst>()({
  figure: 'firstArticleBare',
  number: 'T9 and T10',
  title: 'First article, holidays left out',
  unit: 'days from the order',
  expression: {
    of: {
      usual: 'W * (lead + queue + hFO / shift) + pass',
      held: 'W * (lead + queue + few + hFO / shift) + pass',
    },
    form: ({ model }) => (model.condition === null ? 'usual' : 'held'),
  },
  symbols: {
    W,
    few: rate('conditions["{condition}"].queue', 'few shops pour this metal so', 'working days'),
    lead: figure('lead of the tool', 'working days', 'toolLead'),
    queue: variant('time.queue', 'wait for a slot on the floor'),
    hFO: variant('lot.hFO', 'first-off check'),
    shift: figure('hours a shift', 'h'),
    pass: figure('order on the floor to first good castings', 'days', 'pass'),
  },
  values: ({ model: { v, rates, condition }, toolLead_wd, pass_d }) => ({
    few: likely(condition?.queue),
    W: likely(rates.calendar.calendarPerWorkday),
    lead: toolLead_wd,
    queue: likely(v.time.queue),
    hFO: likely(v.lot.hFO),
    shift: rates.calendar.shift_h,
    pass: pass_d,
  }),
});

/** Coats, containment and method trials, in calendar days: they join the pass of every lot. */
export const AWAY = timeEquation<OfInputs>()({
  figure: 'away',
  number: 'T3c',
  title: 'Coating and containment',
  unit: 'days',
  expression: 'W * (most(coat) + sum(held) + trials)',
  lists: {
    coat: daysOf('coat', 'each coat', ({ model }) =>
      model.coats.map((id) => [id, model.rates.coatings[id].name, model.rates.coatings[id].days, 'coatings']),
    ),
    held: daysOf('held', 'each containment', ({ model }) =>
      model.hazards.map((id) => [id, id.replaceAll('-', ' '), model.rates.containment[id].days, 'containment']),
    ),
  },
  symbols: {
    W,
    trials: {
      ...rate('grain.{grain}.days', 'method trials for the grain asked for', 'working days'),
      table: (c, path) => (c.model.grain?.days === undefined ? undefined : rate('', '').table?.(c, path)),
    },
  },
  values: ({ model: { rates, grain } }) => ({
    W: likely(rates.calendar.calendarPerWorkday),
    trials: likely(grain?.days),
  }),
});
type Row = readonly [id: string, words: string, figure: Figure, table: string];
function daysOf(symbol: string, meaning: string, rows: (c: OfInputs) => readonly Row[]): ListOf<OfInputs, OfInputs> {
  return {
    meaning,
    unit: 'working days',
    written: `${symbol}1 + ${symbol}2 + …`,
    values: (c) => rows(c).map(([, , days]) => likely(days)),
    each: (c) =>
      rows(c).map(([id, words, days, table]) =>
        fromRate(`${symbol}_${id.replace(/\W/g, '_')}`, words, days, `${table}${rateKey(id)}.days`),
      ),
  };
}

/** Days lost to holidays on the way to a day. */
export interface Shut {
  readonly shut_d: number;
}
const shut: SymbolOf<Shut> = {
  meaning: 'holidays of the rate set on the way',
  unit: 'days',
  source: 'rate',
  path: 'calendar.holidays',
};

type OfOpened = Shut & { readonly firstArticle_d: number };

/** Day of the first article, with the holidays on its way. */
export const FIRST_ARTICLE_SHUT = timeEquation<OfOpened, OfOpened & OfInputs>()({
  figure: 'firstArticle',
  number: 'T9 and T10',
  title: 'First article',
  unit: 'days from the order',
  expression: 'D1 + shut',
  symbols: { D1: figure('first article, holidays left out', 'days', 'firstArticleBare'), shut },
  values: ({ firstArticle_d, shut_d }) => ({ D1: firstArticle_d, shut: shut_d }),
});

/** Approval of the samples. */
export const APPROVAL = timeEquation<OfInputs>()({
  figure: 'approve',
  number: 'T11',
  title: 'Approval of the samples',
  unit: 'days',
  expression: 'W * days',
  symbols: { W, days: variant('time.approve', 'working days the customer takes') },
  values: ({ model: { v, rates } }) => ({
    W: likely(rates.calendar.calendarPerWorkday),
    days: likely(v.time.approve),
  }),
});

/** Good pieces a calendar day. */
export const GOOD_A_CALENDAR_DAY = timeEquation<
  { goodPerDay: number; calendarPerWorkday: number },
  OfInputs & { goodPerDay: number; calendarPerWorkday: number }
>()({
  figure: 'goodPerCalendarDay',
  number: 'T11',
  title: 'Good pieces a calendar day',
  unit: 'pieces a day',
  expression: 'good / W',
  symbols: { good: figure('good pieces a working day', 'pieces', 'goodPerDay'), W },
  values: ({ goodPerDay, calendarPerWorkday }) => ({ good: goodPerDay, W: calendarPerWorkday }),
});

/** Working days that a year's parts take. */
export const YEAR_WORKDAYS = timeEquation<
  { perYear: number; goodPerDay: number },
  OfInputs & { perYear: number; goodPerDay: number }
>()({
  figure: 'yearWorkdays',
  number: 'T12',
  title: 'Working days for a year’s parts',
  unit: 'working days',
  expression: 'perYear / good',
  symbols: {
    perYear: brief('quantity.perYear', 'pieces a year', 'pieces'),
    good: figure('good pieces a working day', 'pieces', 'goodPerDay'),
  },
  note: () =>
    'A year gives about 230; more than that wants a larger share of the shop, a second tool or another route.',
  values: ({ perYear, goodPerDay }) => ({ perYear, good: goodPerDay }),
});

/** What the day of some pieces is worked out for. */
export interface OfPieces {
  readonly firstArticle_d: number;
  readonly samples: number;
  readonly approve_d: number;
  readonly pass_d: number;
  readonly goodPerDay: number;
  readonly calendarPerWorkday: number;
}
type ToN = { readonly time: OfPieces; readonly N: number; readonly free: boolean; readonly shut_d: number };

/** Day by which N good pieces exist. */
export const DAY_OF = timeEquation<ToN, ToN & OfInputs>()({
  figure: 'day.{pieces}',
  number: 'T11',
  remark: 'D(N)',
  title: ({ N }) => `Day by which ${N} good pieces exist`,
  unit: 'days from the order',
  expression: {
    of: {
      free: 'D1 + on(N - k) * W * (N - k) / good',
      approved: 'D1 + on(N - k) * (approve + pass + W * (N - k) / good)',
      freeShut: 'D1 + on(N - k) * W * (N - k) / good + shut',
      approvedShut: 'D1 + on(N - k) * (approve + pass + W * (N - k) / good) + shut',
    },
    form: ({ free, shut_d }) => `${free ? 'free' : 'approved'}${shut_d > 0 ? 'Shut' : ''}`,
  },
  symbols: {
    D1: {
      ...figure('', 'days'),
      meaning: ({ shut_d }) => (shut_d > 0 ? 'first article, holidays left out' : 'first article'),
      opens: ({ shut_d }) => (shut_d > 0 ? 'firstArticleBare' : 'firstArticle'),
      plainly: { meaning: 'first article' },
    },
    shut,
    approve: figure('customer’s approval', 'days', 'approve'),
    pass: figure('first good castings after it', 'days', 'pass'),
    W,
    N: choice('pieces wanted', 'pieces'),
    k: figure('samples that come with the first article', 'pieces', 'samples'),
    good: figure('good pieces a working day', 'pieces', 'goodPerDay'),
  },
  note: ({ free }) =>
    `${free ? 'A programme of 20 pieces or fewer waits for no approval. ' : ''}on(x) is 1 where x is above 0, else 0.`,
  plainly: { title: 'Day by which so many good pieces exist' },
  values: (c) => ({
    D1: c.time.firstArticle_d,
    shut: c.shut_d,
    approve: c.time.approve_d,
    pass: c.time.pass_d,
    W: c.time.calendarPerWorkday,
    N: c.N,
    k: c.time.samples,
    good: c.time.goodPerDay,
  }),
});
