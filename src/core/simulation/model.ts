import { ALONE, isApproved, PLAN, STEPS, type StudyWorkings } from '../phased-plans';
import type { Triple } from '../base/figures';
import { isWholeFigure } from '../study/workings';
import { isDrawn, parseExpression, type Source, type WorkingSymbol, type Expr } from '../equations';
import { Program } from './program';

/** An uncertain figure: low, likely and high, and where it is kept. */
export interface SimulationInput {
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
export interface SimulatedLane {
  readonly id: string;
  /** T(q), in the study's currency. */
  readonly total: number;
  /** Days from the order to the first article and to the last part, without holidays. */
  readonly first: number;
  readonly last: number;
  /** Of a plan and of the route alone beside it: how each of its steps delivers; null for a lane. */
  readonly steps: readonly StepPace[] | null;
}

/** How a step delivers: days of the first article and of the run's begin, good pieces a day, samples, as steps of the program. */
export interface StepPace {
  readonly pieces: number;
  readonly first: number;
  readonly from: number;
  readonly perDay: number;
  readonly samples: number;
}

/** The sums of several lanes as one program over the uncertain figures. */
export interface SimulationModel {
  readonly program: Program;
  readonly inputs: readonly SimulationInput[];
  readonly lanes: readonly SimulatedLane[];
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

const sameRange = (a: Triple, b: Triple): boolean => a.every((x, i) => x === b[i]);

/** The quantity as an input. */
export const QUANTITY = 'quantity';
/** Holidays depend on the day they are met on: days are drawn without them, and shown with them. */
const HOLIDAYS = 'calendar.holidays';
/** Symbols that stand for the quantity on the rail. */
const OF_RAIL = new Set(['q', 'N', 'lot']);

/**
 * The sums of some lanes, read off their workings down to rates, alloy and route: what is sampled is what a reader can
 * open. Layouts are those chosen at likely figures; rules, counts, holidays and the shape are taken as certain.
 *
 * @param of the study at its quantity, with the plan where it is among the ids
 * @param ids lanes with money, baselines but the split part, the plan, the route alone beside it
 * @param quantity range of the quantity where it is uncertain too, pieces; null holds it
 * @example
 * simulationModel(workings, [board.leader]).lanes.length // 1
 */
export function simulationModel(
  of: StudyWorkings,
  ids: readonly string[],
  quantity: Triple | null = null,
): SimulationModel {
  const program = new Program();
  const inputs: SimulationInput[] = [];
  const indexOf = new Map<string, number>();
  const done = new Map<string, number>();

  const input = (asked: SimulationInput, lane = ''): number => {
    // Foundries that differ in a figure differ in it, not in what is drawn of it: a figure of its own for each.
    const first = inputs[indexOf.get(asked.key) ?? -1];
    const one =
      first === undefined || sameRange(first.range, asked.range) ? asked : { ...asked, key: `${asked.key} at ${lane}` };
    let index = indexOf.get(one.key);
    if (index === undefined) {
      index = inputs.length;
      inputs.push(one);
      indexOf.set(one.key, index);
    }
    return program.input(index);
  };
  /** Pieces of a lane, or of a step: the first step pours its pieces, the second what is left of them all. */
  const rail = (lane: string): number => {
    if (quantity === null) return program.fixed(lane === PLAN ? of.q : of.place(lane).q);
    const all = input({
      key: QUANTITY,
      words: 'pieces over the life',
      range: quantity,
      unit: 'pieces',
      source: 'brief',
      path: 'quantity.demand',
    });
    const first = program.fixed(of.plan?.steps[0]?.pieces ?? 0);
    if (lane === STEPS[0]) return program.made('min', [all, first]);
    return lane === STEPS[1] ? program.made('max', [program.fixed(0), program.made('-', [all, first])]) : all;
  };
  const piecesOf = (lane: string): number => (lane === PLAN ? of.q : of.place(lane).q);
  const symbolStep = (lane: string, s: WorkingSymbol): number => {
    if (s.source === 'choice' && OF_RAIL.has(s.symbol) && s.value === piecesOf(lane)) return rail(lane);
    if (s.path === HOLIDAYS) return program.fixed(0);
    if (s.range !== null && s.range[1] > s.range[0] && s.path !== null)
      return input(
        {
          key: s.source === 'route' ? `routes["${lane === PLAN ? PLAN : of.place(lane).laneId}"].${s.path}` : s.path,
          words: s.meaning,
          range: [s.range[0], s.value, s.range[1]],
          unit: s.unit,
          source: s.source,
          path: s.path,
        },
        lane,
      );
    if (s.opens !== null && s.opens !== 'sizes') return figureStep(s.opensLane ?? lane, s.opens);
    return program.fixed(s.value);
  };
  const figureStep = (lane: string, figure: string): number => {
    const name = `${lane} ${figure}`;
    const known = done.get(name);
    if (known !== undefined) return known;
    const w = of.working(lane, figure);
    const symbols = new Map(w.symbols.map((s) => [s.symbol, s]));
    const step = (e: Expr): number => {
      if (e.kind === 'number') return program.fixed(e.value);
      if (e.kind === 'call') {
        if (!isDrawn(e.op)) throw new Error(`${name}: no draw is made of ${e.op}`);
        return program.made(e.op, e.args.map(step));
      }
      if (e.kind === 'list') throw new Error(`${name}: a working tells ${e.name} one by one`);
      const symbol = symbols.get(e.name);
      if (symbol === undefined) throw new Error(`${name}: ${e.name} is no symbol of its working`);
      return symbolStep(lane, symbol);
    };
    const made = step(treeOf(w.expression));
    done.set(name, made);
    return made;
  };
  const paceOf = (lane: string): StepPace => {
    const { q: pieces } = of.place(lane);
    const first = figureStep(lane, 'firstArticleBare');
    const wait = ['approve', 'pass'].map((figure) => figureStep(lane, figure));
    return {
      pieces,
      first,
      from: isApproved(pieces) ? program.made('+', [first, ...wait]) : first,
      perDay: figureStep(lane, 'goodPerCalendarDay'),
      samples: figureStep(lane, 'samples'),
    };
  };
  const stepsOf = (id: string): StepPace[] | null =>
    id === PLAN ? STEPS.map(paceOf) : id === ALONE ? [paceOf(ALONE)] : null;
  const lanes = ids
    .filter((id) => of.study.baselines.every((b) => b.id !== id) || isWholeFigure(id))
    .map((id): SimulatedLane => ({
      id,
      total: figureStep(id, 'total'),
      first: figureStep(id, 'firstArticle'),
      last: figureStep(id, 'lastPart'),
      steps: stepsOf(id),
    }));
  return { program, inputs, lanes, quantity: indexOf.get(QUANTITY) ?? null };
}
