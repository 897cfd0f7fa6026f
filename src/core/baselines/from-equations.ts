import type { Equation, Working } from '../equations';
import { shapeWorking, type PartFacts } from '../part';
import type { RateSet } from '../rates';
import { ALL_IN, PRICE_FACTOR } from './equations/any';
import { known } from './symbols';
import type { Baseline, BaselineId, Figures, Joining, OfBaseline } from './types';

/** An equation of a baseline: its figure is “machined.piece”, asked for as “piece”. */
export type Step = Pick<Equation<OfBaseline>, 'figure' | 'value' | 'working'>;

/** What a baseline is made of. */
export interface Recipe {
  readonly id: BaselineId;
  readonly name: string;
  readonly barred: string | null;
  readonly fix: string | null;
  readonly facts: PartFacts;
  readonly rates: RateSet;
  readonly lotOf: (q: number) => number;
  readonly joining?: Joining;
  readonly ground?: boolean;
  readonly warning?: string | null;
  /** Figures that do not hang on the quantity, each after those it reads. */
  readonly steps: readonly Step[];
  readonly tooling: Step;
  readonly unit: Step;
  readonly total: Step;
  readonly day: Step;
  /** Lines of the unit price in USD before the price factor, and those after it, in USD. */
  readonly lines: (c: OfBaseline) => { readonly before: Figures; readonly after?: Figures };
  /** Workings of what it has several of: a feature, a kind of joint. */
  readonly several?: (c: OfBaseline, figure: string) => Working | null;
}

const NO_JOINTS: Joining = { joints: {}, parts: 1 };
const nameOf = ({ figure }: Pick<Step, 'figure'>): string => figure.slice(figure.indexOf('.') + 1);

/** A baseline whose money and dates are what its equations give, and whose workings are those equations. */
export function baselineOf(recipe: Recipe): Baseline {
  const { id, name, barred, fix, facts, rates, lotOf, tooling, unit, total, day } = recipe;
  const of: Record<string, number> = {};
  const { alloy } = facts;
  const start: OfBaseline = {
    name,
    facts,
    alloy,
    rates,
    q: NaN,
    lot: NaN,
    N: NaN,
    of,
    joining: recipe.joining ?? NO_JOINTS,
    ground: recipe.ground ?? false,
  };
  const steps = [PRICE_FACTOR, ...recipe.steps];
  for (const step of steps) of[nameOf(step)] = step.value(start);
  const at = (q: number, N = NaN): OfBaseline => ({ ...start, q, lot: lotOf(q), N });
  /** The same with what hangs on the quantity. */
  const whole = (q: number, N = NaN): OfBaseline => {
    const c = at(q, N);
    const figures = { ...of, tooling: tooling.value(c), unit: unit.value(c) };
    return { ...c, of: { ...figures, total: total.value({ ...c, of: figures }) } };
  };
  const byName = new Map([...steps, tooling, unit, total, day, ALL_IN].map((step) => [nameOf(step), step]));
  return {
    id,
    name,
    barred,
    fix,
    warning: recipe.warning ?? null,
    tooling: (q) => tooling.value(at(q)),
    unit: (q) => unit.value(at(q)),
    total: (q) => known(whole(q), 'total'),
    lines: (q) => {
      const { before, after = {} } = recipe.lines(at(q));
      const fx = rates.currency.perUnit;
      const factor = fx * (of['K'] ?? NaN);
      return {
        ...Object.fromEntries(Object.entries(before).map(([line, x]) => [line, factor * x])),
        ...Object.fromEntries(Object.entries(after).map(([line, x]) => [line, fx * x])),
      };
    },
    dayOf: (N) => day.value(at(N, N)),
    working: (figure, q, N) => {
      const c = whole(q, N);
      const found =
        byName.get(figure)?.working(c) ?? recipe.several?.(c, figure) ?? shapeWorking({ facts, rates }, figure);
      return found === null ? null : { ...found, figure };
    },
  };
}
