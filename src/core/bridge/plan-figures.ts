import { NO_APPROVAL_UP_TO } from '../calendar';
import { refuse } from '../errors';
import { computed, fromRoute, type Working, type WorkingSymbol } from '../workings';
import type { PlanDue } from './dues';
import type { BridgePlan, PlanStep } from './plan';
import { reuseOf } from './reuse';
import type { StepAt } from './step-study';

/** Name under which the figures of a plan are kept, beside those of lanes. */
export const PLAN = 'plan';
/** The first and second step of a plan, each alone. */
export const STEPS = ['plan.1', 'plan.2'] as const;
/** The best route alone that a plan is set against, laid out for the deliveries. */
export const ALONE = 'plan.alone';

/** A plan whose figures can be opened. A plan as kept with a decision is one. */
export interface OpenPlan {
  readonly steps: readonly StepAt[];
  /** The route alone it is set against; null where none delivers as soon. */
  readonly alone: StepAt | null;
}

const at = ({ laneId, pieces, layout }: PlanStep): StepAt => ({
  laneId,
  pieces,
  layout: [layout.cost.plan.n, layout.cost.plan.nt],
});

/** A plan that is worked out, as one whose figures can be opened. @param single the route alone it is set against */
export function openPlan(plan: BridgePlan, single: BridgePlan | null): OpenPlan {
  const [alone] = single?.steps ?? [];
  return { steps: plan.steps.map(at), alone: alone === undefined ? null : at(alone) };
}

/** What the figures of a plan are made from. */
export interface PlanParts {
  readonly plan: OpenPlan;
  readonly q: number;
  readonly dues: readonly PlanDue[];
  readonly currency: string;
  /** A figure of a step. */
  readonly of: (step: (typeof STEPS)[number], figure: string) => Working;
}

const WORDS = ['first step', 'second step'] as const;

/** Symbols of the same figure of both steps, each opening its own working. */
function both(p: PlanParts, letter: string, meaning: string, figure: string): [WorkingSymbol, WorkingSymbol] {
  const one = (i: 0 | 1): WorkingSymbol => {
    const w = p.of(STEPS[i], figure);
    const words = `${meaning} of the ${WORDS[i]}`;
    return { ...computed(`${letter}${i + 1}`, words, w.value, w.unit, figure), opensLane: STEPS[i] };
  };
  return [one(0), one(1)];
}

const shareOf = ({ plan: { steps } }: PlanParts) => reuseOf(steps[0]?.laneId ?? '', steps[1]?.laneId ?? '');

/** What the first tool leaves, as a term of a sum; an empty term where it leaves nothing. */
function less(p: PlanParts): { readonly term: string; readonly value: number; readonly symbols: WorkingSymbol[] } {
  if (shareOf(p) === undefined) return { term: '', value: 0, symbols: [] };
  const { value, unit } = reused(p);
  return { term: ' - left', value, symbols: [computed('left', 'what the first tool leaves', value, unit, 'reused')] };
}

type Made = Omit<Working, 'figure'>;

/** A sum over both steps, less what the first tool leaves. */
function sumOf(p: PlanParts, title: string, letter: string, meaning: string, figure: string): Made {
  const [a, b] = both(p, letter, meaning, figure);
  const { term, value, symbols } = less(p);
  return {
    title,
    equation: 'A sum over the steps: both tools are paid in full, but for what the first leaves to the second',
    expression: `${a.symbol} + ${b.symbol}${term}`,
    value: a.value + b.value - value,
    unit: a.unit,
    symbols: [a, b, ...symbols],
    note: null,
  };
}

function reused(p: PlanParts): Made {
  const reuse = shareOf(p);
  if (reuse === undefined)
    return refuse('E_NO_VALUE', 'figure', 'reused', 'a pair of lanes of which one leaves a tool');
  const [low, share, high] = reuse.share;
  const tool = p.of(STEPS[1], 'tooling.firstTool');
  return {
    title: 'What the first tool leaves',
    equation: 'Share of the second step’s first tool that need not be made again',
    expression: 'share * tool',
    value: share * tool.value,
    unit: tool.unit,
    symbols: [
      fromRoute('share', 'share that serves again', share, 'share', 'reuse.share', 'assumed', [low, high]),
      { ...computed('tool', 'first tool of the second step', tool.value, tool.unit, tool.figure), opensLane: STEPS[1] },
    ],
    note: `${reuse.why.replace(/^./, (c) => c.toUpperCase())}. No book gives the share: it is assumed.`,
  };
}

/** The sooner or the later of a day of both steps: both are ordered at once. */
function dayOf(p: PlanParts, title: string, which: 'min' | 'max', figure: string): Made {
  const [a, b] = both(p, 'D', title.toLowerCase(), figure);
  return {
    title: `${title} of the plan`,
    equation: which === 'min' ? 'The sooner of both steps' : 'The later of both steps',
    expression: `${which}(${a.symbol}, ${b.symbol})`,
    value: which === 'min' ? Math.min(a.value, b.value) : Math.max(a.value, b.value),
    unit: a.unit,
    symbols: [a, b],
    note: 'Both steps are ordered at once.',
  };
}

const FIGURES: Readonly<Record<string, (p: PlanParts) => Made>> = {
  total: (p) => sumOf(p, 'Total of the plan', 'T', 'total', 'total'),
  tooling: (p) => sumOf(p, 'Tooling of both steps', 'tools', 'tooling', 'tooling'),
  reused,
  allIn: (p) => {
    const { value, unit } = FIGURES['total']!(p);
    return {
      title: 'All in, a part, over the plan',
      equation: 'Total of the plan over its pieces',
      expression: 'T / (P1 + P2)',
      value: value / p.q,
      unit: `${unit}/part`,
      symbols: [computed('T', 'total of the plan', value, unit, 'total'), piecesOf(p, 0), piecesOf(p, 1)],
      note: null,
    };
  },
  firstArticle: (p) => dayOf(p, 'First article', 'min', 'firstArticle'),
  lastPart: (p) => dayOf(p, 'Last part', 'max', 'lastPart'),
};

const piecesOf = (p: PlanParts, i: 0 | 1): WorkingSymbol => ({
  ...computed(`P${i + 1}`, `pieces of the ${WORDS[i]}`, p.plan.steps[i]?.pieces ?? 0, 'pieces'),
  source: 'choice',
});

const MADE = /^(made|firstMade)\.(\d+)$/;

/** Name of the good parts that exist by the k-th day asked. */
export const madeBy = (k: number): string => `made.${k}`;

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

function madeWorking(p: PlanParts, k: number): Made {
  const due = p.dues[k];
  if (due === undefined) return refuse('E_KEY', 'figure', madeBy(k), `made.0 to made.${p.dues.length - 1}`);
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
function firstMade(p: PlanParts, k: number): Made {
  const due = p.dues[k] ?? refuse('E_KEY', 'figure', `firstMade.${k}`, `firstMade.0 to firstMade.${p.dues.length - 1}`);
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

const daySymbol = (due: PlanDue): WorkingSymbol => ({
  ...computed('d', 'day asked, holidays left out', due.day_d, 'days from the order'),
  source: 'brief',
});

/** How long the second order may wait: by the day asked that leaves the least, of those that are met. */
function waits(p: PlanParts): Made {
  const second = (figure: string): number => p.of(STEPS[1], figure).value;
  const pieces = p.plan.steps[1]?.pieces ?? 0;
  const [D, k, r] = [second('firstArticleBare'), second('samples'), second('goodPerCalendarDay')];
  const F = D + (pieces > NO_APPROVAL_UP_TO ? second('approve') + second('pass') : 0);
  const wanted = p.dues.flatMap((due, i) => {
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

/**
 * The working of a figure of the plan itself.
 * @param figure total, allIn, tooling, reused, firstArticle, lastPart, waits, or made.K for the K-th day asked, from 0
 * @throws {CoreError} E_KEY for another figure, E_NO_VALUE for what the first tool leaves where it leaves nothing
 */
export function planFigure(p: PlanParts, figure: string): Working {
  const [, which, k] = MADE.exec(figure) ?? [];
  if (which !== undefined) return { figure, ...(which === 'made' ? madeWorking : firstMade)(p, Number(k)) };
  if (figure === 'waits') return { figure, ...waits(p) };
  const build = FIGURES[figure];
  return build === undefined
    ? refuse('E_KEY', 'figure', figure, [...Object.keys(FIGURES), 'waits', 'made.K'].join(' | '))
    : { figure, ...build(p) };
}
