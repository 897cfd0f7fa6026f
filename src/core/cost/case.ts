import type { Working } from '../equations';
import { COST_EQUATIONS, type Worth } from './equations';
import { cleanLot, lotCost, lotRun } from './lot';
import { laneMoney, toolingLines, wearOf, type ProgrammeCost } from './total';
import type { LotPart, OfProgramme } from './types';

/** A lane's money at one quantity, with all that any of its equations reads. */
export interface MoneyCase extends OfProgramme {
  readonly cost: ProgrammeCost;
  /** What equations of the lot looked at read of it. */
  readonly ideal: boolean;
  readonly filled: number;
  readonly castings: number;
  readonly sc: number;
  readonly nB: number;
  readonly nC: number;
  readonly nD: number;
  readonly lotCost: number;
  readonly fullPours: number;
  readonly noScrap: number;
  /** What those of the programme read. */
  readonly K: number;
  readonly full: number;
  readonly kNew: number;
  readonly learnPieces: number;
  readonly life: number;
  readonly lifeFactor: number;
  readonly lifeLeft: number | null;
  readonly worth: Worth | null;
  readonly tooling: number;
  readonly total: number;
  readonly lines: OfProgramme['money']['lines'];
  readonly learning: { readonly lots: number; readonly rest: number };
}

/**
 * The money of a layout at q pieces, looked at in its usual lot.
 *
 * @example
 * moneyCase(cost, 500).q // 500
 */
export function moneyCase(cost: ProgrammeCost, q: number): MoneyCase {
  const { model, plan } = cost;
  const fx = model.rates.currency.perUnit;
  const money = laneMoney(cost, q);
  const { split, shotsOf, lotOf } = cost.lots(q);
  const { tools, sets, shots } = toolingLines(cost, q, fx);
  const fresh = q < model.learnPieces;
  const more = (Q: number): number => lotCost(model, plan, model.fresh, Q) - lotCost(model, plan, model.settled, Q);
  const programme = {
    cost,
    model,
    plan,
    q,
    lot: cost.lot,
    split,
    fx,
    money,
    shotsOf,
    lotOf,
    tools,
    sets,
    shots,
    K: model.K,
    full: split.freshFull + split.settledFull,
    kNew: split.freshFull,
    learnPieces: model.learnPieces,
    ...wearOf(model),
    worth: cost.worth(split),
    tooling: money.tooling,
    total: money.total,
    lines: money.lines,
    learning: {
      lots: split.freshFull > 0 ? more(split.size) : 0,
      rest: split.rest > 0 && split.restIsFresh ? more(split.rest) : 0,
    },
  };
  return { ...programme, ...lotOfCase(programme, '', money.lot, fresh) };
}

/**
 * The same programme, looked at in one of the lots it is made of.
 *
 * @example
 * inLot(money, '@ideal').at // '@ideal'
 */
export function inLot<C extends MoneyCase>(c: C, at: Exclude<LotPart, ''>): C {
  if (at === '@ideal') return { ...c, ...lotOfCase(c, at, c.Q, c.fresh) };
  const fresh = at === '@new' || (at === '@rest' && c.split.restIsFresh);
  return { ...c, ...lotOfCase(c, at, at === '@rest' ? c.split.rest : c.split.size, fresh) };
}

function lotOfCase({ model, plan }: Pick<MoneyCase, 'model' | 'plan'>, at: LotPart, Q: number, fresh: boolean) {
  const ideal = at === '@ideal';
  const stages = ideal ? model.ideal : fresh ? model.fresh : model.settled;
  const run = lotRun(model, plan, stages, Q, ideal);
  return {
    at,
    Q,
    fresh,
    stages,
    run,
    ideal,
    filled: run.filled,
    castings: run.castings,
    sc: stages.sc,
    nB: stages.nB,
    nC: stages.nC,
    nD: stages.nD,
    idealRun: lotRun(model, plan, model.ideal, Q, true),
    lotCost: lotCost(model, plan, stages, Q, run),
    clean: cleanLot(model, plan, Q),
    fullPours: lotCost({ ...model, lambda: 0 }, plan, stages, Q),
    noScrap: lotCost(model, plan, model.ideal, Q),
  };
}

const BY_FIGURE = new Map(COST_EQUATIONS.map((e) => [e.figure, e.working as (c: MoneyCase) => Working]));
/** Figures that differ from lot to lot of a programme, and the lots they may be asked of. */
const OF_A_LOT = /^(?:(lot|pours|kg|castings|shots|stages|sc)@(new|set|rest)|(pours|kg|castings|shots)@(ideal))$/;

/** Figures of a lane's money that have a working. */
export const MONEY_FIGURES: readonly string[] = [...BY_FIGURE.keys()].filter((figure) => !figure.includes('@'));

/**
 * Whether a figure is one of a lane's money: of its usual lot, or of one of the lots of its programme (“lot@new”).
 * @example
 * isMoneyFigure('tooling') // true
 */
export const isMoneyFigure = (figure: string): boolean => BY_FIGURE.has(figure) || OF_A_LOT.test(figure);

/**
 * The working of a figure of a lane's money; null for a figure that is none.
 *
 * @example
 * moneyWorking(moneyCase(cost, 500), 'no such figure') // null
 */
export function moneyWorking(c: MoneyCase, figure: string): Working | null {
  const [, name = '', part, ofIdeal, ideal = part] = OF_A_LOT.exec(figure) ?? [];
  // A mould that is cycled is poured by its die cycle.
  const asked = figure === 'pouring' && c.plan.cycle_s > 0 ? 'dieCycle' : figure;
  const working = BY_FIGURE.get(asked) ?? BY_FIGURE.get(ofIdeal ?? name);
  if (working === undefined) return null;
  return { ...working(ideal === undefined ? c : inLot(c, `@${ideal}` as Exclude<LotPart, ''>)), figure };
}
