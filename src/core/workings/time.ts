import { dayOf, NO_APPROVAL_UP_TO } from '../calendar';
import { refuse } from '../errors';
import { likely } from '../figures';
import type { Context } from './context';
import { W } from './common';
import { holidayTerm } from './holiday-term';
import { chosen, computed, fromBrief, fromRate } from './symbols';
import type { Working } from '../equations';

type Builder = (c: Context) => Omit<Working, 'figure'>;

/** Workings of dates and rates, by figure. */
export const TIME: Readonly<Record<string, Builder>> = {
  firstArticle: (c) => {
    const off = holidayTerm(c.study, c.time.firstArticle_d);
    return { ...firstArticle(c, off), title: 'First article' };
  },
  firstArticleBare: (c) => ({
    ...firstArticle(c, { term: '', days: 0, symbols: [] }),
    title: 'First article, holidays left out',
  }),
  pass: (c) => ({
    title: 'Pass: from the floor order to the first good castings',
    equation: 'Time model T3 and T4',
    expression: c.time.steps.map((_, i) => `d${i + 1}`).join(' + '),
    value: c.time.pass_d,
    unit: 'days',
    symbols: c.time.steps.map((s, i) =>
      computed(
        `d${i + 1}`,
        `${s.name}: ${s.touch_h.toFixed(2)} h at work, ${s.wait_h.toFixed(1)} h waiting, ${s.handover_d} working days handed on`,
        s.days,
        'days',
        `step.${s.id}`,
      ),
    ),
    note: `A working day gives ${c.time.hoursPerDay.toFixed(2)} h; waits run through the night.`,
  }),
  lastPart: (c) => ({ ...dayOfPieces(c, c.q), title: `Day of the last of ${c.q} pieces` }),
  yearWorkdays: (c) => {
    const { perYear } = c.model.facts.brief.quantity;
    if (perYear === null) return refuse('E_NO_VALUE', 'quantity.perYear', null, 'pieces a year in the brief');
    return {
      title: 'Working days for a year’s parts',
      equation: 'Time model T12',
      expression: 'perYear / good',
      value: perYear / c.time.goodPerDay,
      unit: 'working days',
      symbols: [
        fromBrief('perYear', 'pieces a year', perYear, 'pieces', 'quantity.perYear'),
        computed('good', 'good pieces a working day', c.time.goodPerDay, 'pieces', 'goodPerDay'),
      ],
      note: 'A year gives about 230; more than that wants a larger share of the shop, a second tool or another route.',
    };
  },
  goodPerCalendarDay: (c) => ({
    title: 'Good pieces a calendar day',
    equation: 'Time model T11',
    expression: 'good / W',
    value: c.time.goodPerDay / c.time.calendarPerWorkday,
    unit: 'pieces a day',
    symbols: [computed('good', 'good pieces a working day', c.time.goodPerDay, 'pieces', 'goodPerDay'), W(c)],
    note: null,
  }),
  goodPerDay: (c) => ({
    title: 'Good pieces a working day',
    equation: 'Time model T6 to T8',
    expression: `min(${c.time.resources.map((r) => `day_${r.id}`).join(', ')}) / nB`,
    value: c.time.goodPerDay,
    unit: 'pieces a working day',
    symbols: [
      ...c.time.resources.map((r) =>
        computed(
          `day_${r.id}`,
          RESOURCE_WORDS[r.id] ?? `castings a day that ${r.id} allows`,
          r.startsPerDay,
          'castings',
          `shop.${r.id}`,
        ),
      ),
      computed('nB', 'castings made a good piece', c.model.settled.nB, '–', 'stages@set'),
    ],
    note: `${RESOURCE_WORDS[c.time.bottleneck] ?? c.time.bottleneck} is the bottleneck. Share of the shop given to the job: ${likely(c.model.v.time.share)}.`,
  }),
};

/** Day of the first article, with what holidays add to it. */
function firstArticle(c: Context, off: ReturnType<typeof holidayTerm>): Omit<Working, 'figure' | 'title'> {
  const { time } = c.model.v;
  const key = (k: string): string => `variants["${c.entry.lane.id}"].time.${k}`;
  return {
    equation: 'Time model T9 and T10',
    expression: `W * (wait + Ht / cap + buy + loops * loopDays + queue + hFO / shift) + pass${off.term}`,
    value: c.time.firstArticle_d + off.days,
    unit: 'days from the order',
    symbols: [
      W(c),
      fromRate('wait', 'queue at the toolmaker', time.tool.queue, key('tool.queue')),
      computed('Ht', 'tool hours', c.plan.Ht, 'h', 'Ht'),
      fromRate('cap', 'tool hours a working day', time.tool.cap, key('tool.cap')),
      fromRate('buy', 'buying blanks and steel', time.tool.buy, key('tool.buy')),
      fromRate('loops', 'sampling loops', time.tool.loops, key('tool.loops')),
      fromRate('loopDays', 'one loop', time.tool.loopDays, key('tool.loopDays')),
      fromRate('queue', 'wait for a slot on the floor', time.queue, key('queue')),
      fromRate('hFO', 'first-off check', c.model.v.lot.hFO, `variants["${c.entry.lane.id}"].lot.hFO`),
      computed('shift', 'hours a shift', c.study.rates.calendar.shift_h, 'h'),
      computed('pass', 'order on the floor to first good castings', c.time.pass_d, 'days', 'pass'),
      ...off.symbols,
    ],
    note: null,
  };
}

const RESOURCE_WORDS: Readonly<Record<string, string>> = {
  capPours: 'pours a shift, by heat or machine',
  capKg: 'kilograms a shift, by furnace or arms',
};

/** The day by which so many of the pieces are good, of a lane: T11 with its holidays. */
function dayOfPieces(c: Context, N: number): ReturnType<Builder> {
  const { samples } = c.time;
  if (!(Number.isInteger(N) && N >= 1 && N <= c.q)) return refuse('E_RANGE', 'pieces', N, `whole, from 1 to ${c.q}`);
  const free = c.q <= NO_APPROVAL_UP_TO;
  const days = dayOf(c.time, N, c.q);
  const off = holidayTerm(c.study, days);
  const run = free ? 'W * (N - k) / good' : '(approve + pass + W * (N - k) / good)';
  return {
    title: `Day by which ${N} good pieces exist`,
    equation: 'Time model T11: D(N)',
    expression: `D1 + on(N - k) * ${run}${off.term}`,
    value: days + off.days,
    unit: 'days from the order',
    symbols: [
      off.days === 0
        ? computed('D1', 'first article', c.time.firstArticle_d, 'days', 'firstArticle')
        : computed('D1', 'first article, holidays left out', c.time.firstArticle_d, 'days', 'firstArticleBare'),
      ...off.symbols,
      ...(free
        ? []
        : [
            computed('approve', 'customer’s approval', c.time.approve_d, 'days', 'approve'),
            computed('pass', 'first good castings after it', c.time.pass_d, 'days', 'pass'),
          ]),
      W(c),
      chosen('N', 'pieces wanted', N, 'pieces'),
      computed('k', 'samples that come with the first article', samples, 'pieces', 'samples'),
      computed('good', 'good pieces a working day', c.time.goodPerDay, 'pieces', 'goodPerDay'),
    ],
    note: `${free ? 'A programme of 20 pieces or fewer waits for no approval. ' : ''}on(x) is 1 where x is above 0, else 0.`,
  };
}

/** Figures of time of which a lane has several: the day by which N good pieces exist. */
export const ONE_OF_TIME: Readonly<Record<string, (c: Context, id: string) => ReturnType<Builder>>> = {
  day: (c, pieces) => dayOfPieces(c, Number(pieces)),
};

/** Name of the day by which so many good pieces exist: of a lane, a baseline or a plan. */
export const dayOfThe = (pieces: number): string => `day.${pieces}`;
