import { likely } from '../base/figures';
import { LINES, UNIT } from './equations/lines';
import { ALL_IN, FRESH_LOTS, FULL_LOTS, REST, SETTLED_LOTS, TOTAL, type Worth } from './equations/programme';
import {
  FIRST_TOOLS,
  FIXTURES,
  GAUGES,
  PROGRAMME_SHOTS,
  REPLACEMENT_SETS,
  REPLACEMENTS,
  STORAGE,
  TOOLING,
  type Wear,
} from './equations/tooling';
import { cleanLot, lotCost, lotRun, Lots } from './lot';
import { isNewAfter, splitLots, worthOf } from './lots';
import {
  LINE_IDS,
  type LaneModel,
  type LaneMoney,
  type LayoutPlan,
  type LineId,
  type LotSplit,
  type ToolingLines,
} from './types';

/**
 * Replacement sets for a number of shots (equations 5.3 and 5.8).
 * @param model how long a set lives, and what a tool at hand has left
 * @example
 * replacementSets(25_000, { life: 10_000, option: null, atHand: null }) // 2
 */
export const replacementSets = (
  shots: number,
  { life, option, atHand }: Pick<LaneModel, 'life' | 'option' | 'atHand'>,
): number => REPLACEMENT_SETS.value({ shots, ...wearOf({ life, option, atHand }) });

/**
 * How long a set lives, and what a tool at hand has left: its whole life where nothing is said.
 *
 * @example
 * wearOf({ life: 100, option: null, atHand: null }).lifeLeft // null
 */
export function wearOf({ life, option, atHand }: Pick<LaneModel, 'life' | 'option' | 'atHand'>): Omit<Wear, 'shots'> {
  const lifeFactor = option === null ? 1 : likely(option.lifeFactor);
  return { life, lifeFactor, lifeLeft: atHand == null ? null : (atHand.lifeLeft ?? life * lifeFactor) };
}

/** What the lots of a programme come to: shots, and money in USD before the price factor. */
interface LotSums {
  readonly split: LotSplit;
  readonly shotsOf: Readonly<Record<'new' | 'set' | 'rest', number>>;
  readonly lotOf: Readonly<Record<'new' | 'set' | 'rest', number>>;
}

type LotsOf = Readonly<Record<'shots' | 'money', { readonly new: number; readonly set: number }>>;

/** What all layouts of a lane share at one quantity. */
interface AtQuantity {
  readonly q: number;
  readonly lot: number;
  readonly split: LotSplit;
  /** Fixtures, gauges and the keeping of a tool, USD, mark-up included. */
  readonly fixed: number;
}
/** The quantity a lane was last looked at: one board asks every layout of it for the same. */
const LAST = new WeakMap<LaneModel, AtQuantity>();

function atQuantity(model: LaneModel, lot: number, q: number): AtQuantity {
  const last = LAST.get(model);
  if (last?.q === q && last.lot === lot) return last;
  const of = { model, q, fx: 1 };
  const split = splitLots(model.learnPieces, lot, q);
  const made = { q, lot, split, fixed: FIXTURES.value(of) + GAUGES.value(of) + STORAGE.value(of) };
  LAST.set(model, made);
  return made;
}

/** Totals of a layout that are worked out without readying them. */
const READY_AFTER = 4;

/** Equations of the total of one layout, readied to be worked out for many quantities. */
function readyTotal({ model, plan, lot, lotOf }: ProgrammeCost) {
  const of = { model, plan, q: 1, fx: 1, lot, full: 0, kNew: 0, learnPieces: model.learnPieces };
  const split = { size: lot, freshFull: 0, settledFull: 0, rest: 0, restIsFresh: false };
  return {
    full: FULL_LOTS.ready(of),
    kNew: FRESH_LOTS.ready(of),
    kSet: SETTLED_LOTS.ready(of),
    rest: REST.ready(of),
    fixtures: FIXTURES.ready(of),
    gauges: GAUGES.ready(of),
    storage: STORAGE.ready(of),
    shots: PROGRAMME_SHOTS.ready({ model, split, shotsOf: { ...lotOf.shots, rest: 0 } }),
    firstTools: FIRST_TOOLS.value(of),
    oneSet: REPLACEMENTS.value({ ...of, sets: 1 }),
    newLots: new Lots(model, plan, model.fresh),
    settledLots: new Lots(model, plan, model.settled),
    total: TOTAL.ready({ tooling: 0, K: model.K, split, lotOf: { ...lotOf.money, rest: 0 }, fx: 1, worth: null }),
  };
}

/**
 * A layout of a lane readied for many quantities: T(q) with everything that does not hang on q worked out once.
 * Lots are discounted by their year (equation 8.3) when the rate set asks for it.
 */
export class ProgrammeCost {
  private full: LotsOf | null = null;
  private readonly rDisc: number;
  private asked = 0;
  private ready: ReturnType<typeof readyTotal> | null = null;

  constructor(
    readonly model: LaneModel,
    readonly plan: LayoutPlan,
    readonly lot: number,
    readonly perYear: number | null,
  ) {
    this.rDisc = likely(model.rates.global.rDisc);
  }

  /** Shots and money, USD before the price factor, of a full lot with new and with settled scrap. */
  get lotOf(): LotsOf {
    if (this.full !== null) return this.full;
    const { model, plan, lot } = this;
    const fresh = lotRun(model, plan, model.fresh, lot);
    const settled = lotRun(model, plan, model.settled, lot);
    this.full = {
      shots: { new: fresh.shots, set: settled.shots },
      money: {
        new: lotCost(model, plan, model.fresh, lot, fresh),
        set: lotCost(model, plan, model.settled, lot, settled),
      },
    };
    return this.full;
  }

  /** T(q), USD, q whole and at least 1 (equation 8.2). */
  total(q: number): number {
    // Readying costs as much as several totals: it is worth it for the ribbon, not for the board.
    if (this.isDiscounted || this.asked++ < READY_AFTER) return this.once(q);
    const r = (this.ready ??= readyTotal(this));
    const { lot, model } = this;
    r.full.values.q = q;
    const full = r.full.value();
    r.kNew.values.full = r.kSet.values.full = r.rest.values.full = full;
    const kNew = (r.kSet.values.kNew = r.kNew.value());
    const kSet = r.kSet.value();
    r.rest.values.q = q;
    const rest = r.rest.value();
    const lots = isNewAfter(full, lot, model) ? r.newLots : r.settledLots;
    const { values: total } = r.total;
    const { values: shots } = r.shots;
    total.kNew = shots.kNew = kNew;
    total.kSet = shots.kSet = kSet;
    total.rest = shots.rest = rest;
    total.lotRest = rest > 0 ? lots.cost(rest) : 0;
    shots.srest = rest > 0 ? lots.lastShots : 0;
    r.fixtures.values.q = r.gauges.values.q = r.storage.values.q = q;
    const sets = replacementSets(r.shots.value(), model);
    total.tools = r.firstTools + sets * r.oneSet + (r.fixtures.value() + r.gauges.value() + r.storage.value());
    return r.total.value();
  }

  /** Whether lots are discounted by their year: the rate set asks for it, and the brief says how many a year. */
  private get isDiscounted(): boolean {
    return this.rDisc > 0 && this.perYear !== null;
  }

  private once(q: number): number {
    const { model, plan } = this;
    const { split, shotsOf, lotOf } = this.lots(q);
    const sets = replacementSets(PROGRAMME_SHOTS.value({ model, split, shotsOf }), model);
    const of = { model, plan, q, fx: 1, sets };
    const { fixed } = atQuantity(model, this.lot, q);
    const tooling = FIRST_TOOLS.value(of) + (sets > 0 ? REPLACEMENTS.value(of) : 0) + fixed;
    return TOTAL.value({ tooling, K: model.K, split, lotOf, fx: 1, worth: this.worth(split) });
  }

  /** What the lots of q pieces come to. */
  lots(q: number): LotSums {
    const { model, plan, lotOf } = this;
    const { split } = atQuantity(model, this.lot, q);
    const stages = split.restIsFresh ? model.fresh : model.settled;
    const { shots, money } = lotOf;
    const rest = lotRun(model, plan, stages, split.rest);
    return {
      split,
      shotsOf: { new: shots.new, set: shots.set, rest: rest.shots },
      lotOf: { new: money.new, set: money.set, rest: lotCost(model, plan, stages, split.rest, rest) },
    };
  }

  /** Shots of all lots. */
  shots({ split, shotsOf }: LotSums): number {
    return PROGRAMME_SHOTS.value({ model: this.model, split, shotsOf });
  }

  /** What lots are worth today; null where none is discounted. */
  worth(split: LotSplit): Worth | null {
    return this.isDiscounted ? worthOf(split, this.perYear ?? Infinity, this.rDisc) : null;
  }
}

/**
 * Tooling of a layout at q pieces, in a currency of which `fx` are a USD, and the sets and shots behind it.
 *
 * @example
 * toolingLines(cost, 500).sets // 0
 */
export function toolingLines(
  cost: ProgrammeCost,
  q: number,
  fx = 1,
): { readonly tools: ToolingLines; readonly sets: number; readonly shots: number } {
  const { model, plan } = cost;
  const shots = cost.shots(cost.lots(q));
  const sets = replacementSets(shots, model);
  const of = { model, plan, q, fx };
  return {
    tools: {
      firstTool: FIRST_TOOLS.value(of),
      replacementSets: REPLACEMENTS.value({ ...of, sets }),
      fixtures: FIXTURES.value(of),
      gauges: GAUGES.value(of),
      storage: STORAGE.value(of),
    },
    sets,
    shots,
  };
}

/**
 * Lines and totals of one readied layout at q pieces, in the study's currency.
 *
 * @example
 * laneMoney(cost, 500).allIn === laneMoney(cost, 500).total / 500 // true
 */
export function laneMoney(cost: ProgrammeCost, q: number): LaneMoney {
  const { model, plan } = cost;
  const fx = model.rates.currency.perUnit;
  const { tools, sets, shots } = toolingLines(cost, q, fx);
  const tooling = TOOLING.value({ model, tools });
  const sums = cost.lots(q);
  const total = TOTAL.value({ ...sums, tooling, K: model.K, fx, worth: cost.worth(sums.split) });
  const Q = Math.min(cost.lot, q);
  const stages = q < model.learnPieces ? model.fresh : model.settled;
  const of = {
    model,
    plan,
    stages,
    Q,
    fx,
    idealRun: lotRun(model, plan, model.ideal, Q, true),
    lotCost: lotCost(model, plan, stages, Q),
    clean: cleanLot(model, plan, Q),
  };
  const lines = Object.fromEntries(LINE_IDS.map((id) => [id, LINES[id].value(of)])) as Record<LineId, number>;
  return {
    plan,
    total,
    tooling,
    toolingLines: tools,
    sets,
    shots,
    unit: UNIT.value({ model, lines }),
    lines,
    allIn: ALL_IN.value({ total, q }),
    lot: Q,
  };
}
