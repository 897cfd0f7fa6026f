import { refuse } from '../base/errors';
import { computed, fromRoute, type Working, type WorkingSymbol } from '../equations';
import { dayFigure } from './plan-days';
import { both, piecesOf, STEPS, type UnnamedWorking, type PlanParts } from './plan-parts';
import { reuseOf } from './reuse';

const shareOf = ({ plan: { steps } }: PlanParts) => reuseOf(steps[0]?.laneId ?? '', steps[1]?.laneId ?? '');

/** What the first tool leaves, as a term of a sum; an empty term where it leaves nothing. */
function less(p: PlanParts): { readonly term: string; readonly value: number; readonly symbols: WorkingSymbol[] } {
  if (shareOf(p) === undefined) return { term: '', value: 0, symbols: [] };
  const { value, unit } = reused(p);
  return { term: ' - left', value, symbols: [computed('left', 'what the first tool leaves', value, unit, 'reused')] };
}

/** A sum over both steps, less what the first tool leaves. */
function sumOf(p: PlanParts, title: string, letter: string, meaning: string, figure: string): UnnamedWorking {
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

function reused(p: PlanParts): UnnamedWorking {
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
function dayOf(p: PlanParts, title: string, which: 'min' | 'max', figure: string): UnnamedWorking {
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

const total = (p: PlanParts): UnnamedWorking => sumOf(p, 'Total of the plan', 'T', 'total', 'total');

const FIGURES: Readonly<Record<string, (p: PlanParts) => UnnamedWorking>> = {
  total,
  tooling: (p) => sumOf(p, 'Tooling of both steps', 'tools', 'tooling', 'tooling'),
  reused,
  allIn: (p) => {
    const { value, unit } = total(p);
    return {
      title: 'Total cost per part, over the plan',
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

/**
 * The working of a figure of the plan itself.
 * @param figure total, allIn, tooling, reused, firstArticle, lastPart, waits, or made.K and late.K for the K-th day asked, from 0
 * @throws {CoreError} E_KEY for another figure, E_NO_VALUE for what the first tool leaves where it leaves nothing
 */
export function planFigure(p: PlanParts, figure: string): Working {
  const ofDays = dayFigure(p, figure);
  if (ofDays !== null) return { figure, ...ofDays };
  const build = FIGURES[figure];
  return build === undefined
    ? refuse('E_KEY', 'figure', figure, [...Object.keys(FIGURES), 'waits', 'made.K', 'late.K'].join(' | '))
    : { figure, ...build(p) };
}
