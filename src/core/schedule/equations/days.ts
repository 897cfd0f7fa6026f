import type { LaneInputs, LayoutPlan, OfInputs } from '../../cost';
import { brief, choice, figure, rate, timeEquation, variant } from '../../cost/equations';
import type { SymbolOf } from '../../equations';
import { likely } from '../../base/figures';

const W = rate('calendar.calendarPerWorkday', 'calendar days a working day');

/** Working days until the tool is there. */
export const TOOL_LEAD = timeEquation<{ model: LaneInputs; plan: Pick<LayoutPlan, 'Ht'> }>()({
  figure: 'toolLead',
  number: 'T9',
  title: 'Lead of the tool',
  unit: 'working days',
  expression: 'wait + Ht / cap + buy + loops * loopDays',
  symbols: {
    wait: variant('time.tool.queue', 'queue at the toolmaker'),
    Ht: figure('tool hours', 'h', 'Ht'),
    cap: variant('time.tool.cap', 'tool hours a working day'),
    buy: variant('time.tool.buy', 'buying blanks and steel'),
    loops: variant('time.tool.loops', 'sampling loops'),
    loopDays: variant('time.tool.loopDays', 'one loop'),
  },
  values: ({ model: { v }, plan }) => {
    const { tool } = v.time;
    return {
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
  expression: 'W * (lead + queue + hFO / shift) + pass',
  symbols: {
    W,
    lead: figure('lead of the tool', 'working days', 'toolLead'),
    queue: variant('time.queue', 'wait for a slot on the floor'),
    hFO: variant('lot.hFO', 'first-off check'),
    shift: figure('hours a shift', 'h'),
    pass: figure('order on the floor to first good castings', 'days', 'pass'),
  },
  values: ({ model: { v, rates }, toolLead_wd, pass_d }) => ({
    W: likely(rates.calendar.calendarPerWorkday),
    lead: toolLead_wd,
    queue: likely(v.time.queue),
    hFO: likely(v.lot.hFO),
    shift: rates.calendar.shift_h,
    pass: pass_d,
  }),
});

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
