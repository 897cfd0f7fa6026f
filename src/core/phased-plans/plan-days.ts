import { NO_APPROVAL_UP_TO, dayOfThe } from '../schedule';
import { refuse } from '../base/errors';
import { computed, type WorkingSymbol } from '../equations';
import type { PlanDue } from './deliveries';
import { soonestDay } from './plan';
import { piecesOf, STEPS, WORDS, type UnnamedWorking, type PlanParts } from './plan-parts';

const MADE = /^(made|firstMade|late|day)\.(\d+)$/;
const OF_A_DAY = { made: madeWorking, firstMade, late, day: dayOfPieces } as const;

/**
 * The working of a figure of days: good parts by the K-th day asked (made.K, firstMade.K), how late so many come (late.K), the
 * day by which N pieces exist (day.N), and how long the second tool may wait (waits); null for another figure.
 * @throws {CoreError} E_KEY for a day that is not asked, E_NO_VALUE where no day asked needs the second step
 */
export function dayFigure(p: PlanParts, figure: string): UnnamedWorking | null {
  const [, which, k] = MADE.exec(figure) ?? [];
  if (which !== undefined) return OF_A_DAY[which as keyof typeof OF_A_DAY](p, Number(k));
  return figure === 'waits' ? waits(p) : null;
}

/**
 * Name of the good parts that exist by the k-th day asked.
 *
 * @example
 * madeBy(2) // 'made.2'
 */
export const madeBy = (k: number): string => `made.${k}`;

/**
 * Name of the days that the k-th delivery asked comes late.
 *
 * @example
 * lateBy(2) // 'late.2'
 */
export const lateBy = (k: number): string => `late.${k}`;

/** Good parts of a step by a day of the order's calendar, as a term (time model T9 to T11). */
function madeOf(p: PlanParts, i: 0 | 1, day_d: number): { term: string; value: number; symbols: WorkingSymbol[] } {
  const of = (letter: string, meaning: string, figure: string): WorkingSymbol => {
    const w = p.of(STEPS[i], figure);
    const words = `${meaning}, ${WORDS[i]}`;
    return { ...computed(`${letter}${i + 1}`, words, w.value, w.unit, figure), opensLane: STEPS[i] };
  };
  const pieces = p.plan.steps[i]?.pieces ?? 0;
  const P = piecesOf(p, i);
  const [D, k, r] = [
    of('D', 'first article, holidays left out', 'firstArticleBare'),
    of('k', 'samples', 'samples'),
    of('r', 'good pieces a calendar day', 'goodPerCalendarDay'),
  ];
  const waits =
    pieces > NO_APPROVAL_UP_TO ? [of('a', 'approval', 'approve'), of('b', 'first castings after it', 'pass')] : [];
  const from = [D, ...waits];
  const start = from.reduce((sum, s) => sum + s.value, 0);
  const run = Math.floor(
    r.value * Math.max(0, day_d - start) + 1e-9 * Math.max(1, r.value * Math.max(0, day_d - start)),
  );
  return {
    term: `on(d - ${D.symbol} + 1e-9) * min(${P.symbol}, ${k.symbol} + floor(${r.symbol} * max(0, d - ${from.map((s) => s.symbol).join(' - ')})))`,
    value: day_d - D.value + 1e-9 > 0 ? Math.min(pieces, k.value + run) : 0,
    symbols: [P, D, k, r, ...waits],
  };
}

function madeWorking(p: PlanParts, k: number): UnnamedWorking {
  const due = p.deliveries[k];
  if (due === undefined) return refuse('E_KEY', 'figure', madeBy(k), `made.0 to made.${p.deliveries.length - 1}`);
  const [a, b] = [madeOf(p, 0, due.day_d), madeOf(p, 1, due.day_d)];
  return {
    title: `Good parts by the day asked for ${due.name}`,
    equation: 'Time model T9 to T11: both steps together',
    expression: `${a.term} + ${b.term}`,
    value: a.value + b.value,
    unit: 'pieces',
    symbols: [daySymbol(due), ...a.symbols, ...b.symbols],
    note: `${due.pieces} are asked by then. on(x) is 1 where x is above 0, else 0.`,
  };
}

/** Good parts of the first step alone by the k-th day asked. */
function firstMade(p: PlanParts, k: number): UnnamedWorking {
  const due =
    p.deliveries[k] ??
    refuse('E_KEY', 'figure', `firstMade.${k}`, `firstMade.0 to firstMade.${p.deliveries.length - 1}`);
  const made = madeOf(p, 0, due.day_d);
  return {
    title: `Good parts of the first step by the day asked for ${due.name}`,
    equation: 'Time model T9 to T11',
    expression: made.term,
    value: made.value,
    unit: 'pieces',
    symbols: [daySymbol(due), ...made.symbols],
    note: 'on(x) is 1 where x is above 0, else 0.',
  };
}

/** The day by which so many good pieces of both steps exist. */
function dayOfPieces(p: PlanParts, pieces: number): UnnamedWorking {
  if (!(pieces >= 1 && pieces <= p.q)) return refuse('E_RANGE', 'pieces', pieces, `from 1 to ${p.q}`);
  const made = (day: number): number => madeOf(p, 0, day).value + madeOf(p, 1, day).value;
  const end = Math.max(...STEPS.map((s) => p.of(s, 'lastPart').value));
  const bare = soonestDay(pieces, end, made);
  const shut = p.shut(bare) - bare;
  const [a, b] = [madeOf(p, 0, bare), madeOf(p, 1, bare)];
  return {
    title: `Day by which ${pieces} good pieces exist`,
    equation:
      'The first day on which both steps together have made so many (time model T9 to T11), with the holidays met',
    expression: 'D + shut',
    value: bare + shut,
    unit: 'days from the order',
    symbols: [
      computed('D', 'that day, holidays left out', bare, 'days'),
      {
        ...computed('shut', 'holidays of the rate set on the way', shut, 'days'),
        source: 'rate',
        path: 'calendar.holidays',
      },
      { ...computed('N', 'pieces wanted', pieces, 'pieces'), source: 'choice' },
      computed('m1', 'made by then in the first step', a.value, 'pieces'),
      computed('m2', 'made by then in the second step', b.value, 'pieces'),
      ...a.symbols,
      ...b.symbols,
    ],
    note: `Made by a day d: in the first step ${a.term}, in the second ${b.term}.`,
  };
}

/** Days the k-th delivery asked comes late: a hundredth of a day is none. */
function late(p: PlanParts, k: number): UnnamedWorking {
  const due = p.deliveries[k] ?? refuse('E_KEY', 'figure', lateBy(k), `late.0 to late.${p.deliveries.length - 1}`);
  const made = (day: number): number => madeOf(p, 0, day).value + madeOf(p, 1, day).value;
  const end = Math.max(...STEPS.map((s) => p.of(s, 'lastPart').value));
  const D = p.shut(soonestDay(due.pieces, end, made));
  return {
    title: `How late ${due.name} comes`,
    equation: 'The day on which as many good parts exist as are asked (time model T9 to T11), less the day asked',
    expression: 'max(0, ceil(D - d - 0.01))',
    value: Math.max(0, Math.ceil(D - due.asked_d - 0.01)),
    unit: 'days',
    symbols: [
      computed(
        'D',
        `day on which ${due.pieces} good parts exist, holidays counted`,
        D,
        'days from the order',
        dayOfThe(due.pieces),
      ),
      { ...computed('d', 'day asked', due.asked_d, 'days from the order'), source: 'brief' },
      { ...computed('n', `pieces asked for ${due.name}`, due.pieces, 'pieces'), source: 'brief' },
      computed('m', 'good parts by the day asked', made(due.day_d), 'pieces', madeBy(k)),
    ],
    note: null,
  };
}

const daySymbol = (due: PlanDue): WorkingSymbol => ({
  ...computed('d', 'day asked, holidays left out', due.day_d, 'days from the order'),
  source: 'brief',
});

/** How long the second order may wait: by the day asked that leaves the least, of those that are met. */
function waits(p: PlanParts): UnnamedWorking {
  const second = (figure: string): number => p.of(STEPS[1], figure).value;
  const pieces = p.plan.steps[1]?.pieces ?? 0;
  const [D, k, r] = [second('firstArticleBare'), second('samples'), second('goodPerCalendarDay')];
  const F = D + (pieces > NO_APPROVAL_UP_TO ? second('approve') + second('pass') : 0);
  const wanted = p.deliveries.flatMap((due, i) => {
    const n = due.pieces - madeOf(p, 0, due.day_d).value;
    const room = n <= 0 ? Infinity : due.day_d - (n <= k ? D : F + (n - k) / r);
    return room >= -1e-9 && room < Infinity && n <= pieces ? [{ due, i, n, room }] : [];
  });
  const [tightest] = wanted.sort((a, b) => a.room - b.room);
  if (tightest === undefined)
    return refuse('E_NO_VALUE', 'figure', 'waits', 'a day asked that the second step is needed for');
  const { due, i, n } = tightest;
  const open = (symbol: string, meaning: string, figure: string, value: number, unit: string): WorkingSymbol => ({
    ...computed(symbol, meaning, value, unit, figure),
    opensLane: STEPS[1],
  });
  const approved = pieces > NO_APPROVAL_UP_TO && n > k;
  const start = `D2${approved ? ' - a2 - b2' : ''}`;
  return {
    title: 'How long the second tool may wait',
    equation: `The day asked that leaves the least room, ${due.name}, less the day the second step has what the first lacks`,
    expression: `floor(d - ${start} - max(0, n - m1 - k2) / r2 + 1e-9)`,
    value: Math.floor(tightest.room + 1e-9),
    unit: 'days',
    symbols: [
      daySymbol(due),
      { ...computed('n', `pieces asked for ${due.name}`, due.pieces, 'pieces'), source: 'brief' },
      computed('m1', 'of them from the first step by then', due.pieces - n, 'pieces', `firstMade.${i}`),
      open('D2', 'first article of the second step, holidays left out', 'firstArticleBare', D, 'days from the order'),
      ...(approved
        ? [
            open('a2', 'approval', 'approve', second('approve'), 'days'),
            open('b2', 'first castings after it', 'pass', second('pass'), 'days'),
          ]
        : []),
      open('k2', 'samples', 'samples', k, 'pieces'),
      open('r2', 'good pieces a calendar day', 'goodPerCalendarDay', r, 'pieces a day'),
    ],
    note: 'Days asked that the plan misses anyway, and those that the first step meets alone, are left out.',
  };
}
