import type { Study } from '../board/study';
import type { Triple } from '../figures';
import {
  baselineWorking,
  contextOf,
  isToldWhole,
  workingIn,
  type Context,
  type Source,
  type Working,
  type WorkingSymbol,
} from '../workings';
import { parseExpression, type Expr } from './expression';
import { Program } from './program';

/** A figure that is in doubt: low, likely and high, and where it is kept. */
export interface DoubtInput {
  /** Its name over all lanes: the same name is the same figure, drawn once. */
  readonly key: string;
  readonly words: string;
  readonly range: Triple;
  readonly unit: string;
  readonly source: Source;
  /** Rate path, alloy field or capability key. */
  readonly path: string;
}

/** What is worked out of one lane, as steps of the program. */
export interface DoubtLane {
  readonly id: string;
  /** T(q), in the study's currency. */
  readonly total: number;
  /** Days from the order to the first article and to the last part, without holidays. */
  readonly first: number;
  readonly last: number;
}

/** The sums of several lanes as one program over the figures in doubt. */
export interface DoubtModel {
  readonly program: Program;
  readonly inputs: readonly DoubtInput[];
  readonly lanes: readonly DoubtLane[];
  /** Index of the quantity among the inputs; null where it is held. */
  readonly quantity: number | null;
}

const parsed = new Map<string, Expr>();
function treeOf(expression: string): Expr {
  const known = parsed.get(expression);
  if (known !== undefined) return known;
  const tree = parseExpression(expression);
  if (parsed.size > 4000) parsed.clear();
  parsed.set(expression, tree);
  return tree;
}

/** The quantity as an input. */
export const QUANTITY = 'quantity';
/** Symbols that stand for the quantity on the rail. */
const OF_RAIL = new Set(['q', 'N', 'lot']);

/**
 * The sums of some lanes at q pieces, read off their workings down to rates, alloy and route: what is sampled is what a
 * reader can open. Layouts are those chosen at likely figures; rules, counts and the shape are taken as certain.
 *
 * @param ids lanes with money, and baselines but the split part
 * @param quantity range of the quantity where it is in doubt too, pieces; null holds it
 */
export function doubtModel(
  study: Study,
  ids: readonly string[],
  q: number,
  quantity: Triple | null = null,
): DoubtModel {
  const program = new Program();
  const inputs: DoubtInput[] = [];
  const indexOf = new Map<string, number>();
  const contexts = new Map<string, Context>();
  const done = new Map<string, number>();

  const input = (one: DoubtInput): number => {
    let index = indexOf.get(one.key);
    if (index === undefined) {
      index = inputs.length;
      inputs.push(one);
      indexOf.set(one.key, index);
    }
    return program.input(index);
  };
  const rail = (): number =>
    quantity === null
      ? program.fixed(q)
      : input({
          key: QUANTITY,
          words: 'pieces over the life',
          range: quantity,
          unit: 'pieces',
          source: 'brief',
          path: 'quantity.demand',
        });
  const workingOf = (lane: string, figure: string): Working => {
    const baseline = study.baselines.find((b) => b.id === lane);
    if (baseline !== undefined) return baselineWorking(study, baseline, q, figure);
    let context = contexts.get(lane);
    if (context === undefined) {
      context = contextOf(study, lane, q);
      contexts.set(lane, context);
    }
    return workingIn(context, figure);
  };
  const symbolStep = (lane: string, s: WorkingSymbol): number => {
    if (s.source === 'choice' && OF_RAIL.has(s.symbol) && s.value === q) return rail();
    if (s.range !== null && s.range[1] > s.range[0] && s.path !== null)
      return input({
        key: s.source === 'route' ? `routes["${lane}"].${s.path}` : s.path,
        words: s.meaning,
        range: [s.range[0], s.value, s.range[1]],
        unit: s.unit,
        source: s.source,
        path: s.path,
      });
    if (s.opens !== null && s.opens !== 'sizes') return figureStep(s.opensLane ?? lane, s.opens);
    return program.fixed(s.value);
  };
  const figureStep = (lane: string, figure: string): number => {
    const name = `${lane} ${figure}`;
    const known = done.get(name);
    if (known !== undefined) return known;
    const w = workingOf(lane, figure);
    const symbols = new Map(w.symbols.map((s) => [s.symbol, s]));
    const step = (e: Expr): number => {
      if (e.kind === 'number') return program.fixed(e.value);
      if (e.kind === 'call') return program.made(e.op, e.args.map(step));
      const symbol = symbols.get(e.name);
      if (symbol === undefined) throw new Error(`${name}: ${e.name} is no symbol of its working`);
      return symbolStep(lane, symbol);
    };
    const made = step(treeOf(w.expression));
    done.set(name, made);
    return made;
  };
  const lanes = ids
    .filter((id) => study.baselines.every((b) => b.id !== id) || isToldWhole(id))
    .map((id): DoubtLane => ({
      id,
      total: figureStep(id, 'total'),
      first: figureStep(id, 'firstArticle'),
      last: figureStep(id, 'lastPart'),
    }));
  return { program, inputs, lanes, quantity: indexOf.get(QUANTITY) ?? null };
}
