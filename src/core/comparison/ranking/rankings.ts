import { keyed, nth } from '../../base/lookup';
import { bestLayout, survives, type Study } from '../../study';
import { type Board } from '../board';
import {
  lexicographic,
  pareto,
  regret,
  rankReversal,
  weighted,
  type Criterion,
  type Option,
} from '../../formula-book/ranking';

/** Ways practitioners choose: each has its own first among the lanes that survive. */
export const RANKING_METHODS = ['cost', 'soonest', 'spare', 'regret', 'weighted'] as const;
export type RankingMethod = (typeof RANKING_METHODS)[number];

/** What a lane is weighed by. */
export const WEIGHED = ['cost', 'first', 'operations', 'reserve', 'scrap', 'effort'] as const;
export type Weighed = (typeof WEIGHED)[number];
export type Weights = Readonly<Record<Weighed, number>>;

/** Weights before a team has set its own; effort counts only where a team says so. Basis: assumed. */
export const FIRST_WEIGHTS: Weights = { cost: 5, first: 3, operations: 1, reserve: 1, scrap: 1, effort: 0 };
export const MOST_WEIGHT = 10;

/** What the ranking methods look at of one lane. Money in the study's currency. */
export interface LaneScores {
  readonly id: string;
  readonly cost: number;
  /** Days from the order to the first article. */
  readonly first: number;
  /** Second operations on a piece. */
  readonly operations: number;
  /** Room of the tightest size that stays as cast, as a share of what the lane holds; 0 where none stays so. */
  readonly reserve: number;
  /** Castings found bad once settled, share. */
  readonly scrap: number;
  /** Hardship of the work for the people at it, 1 light to 5 very heavy. */
  readonly effort: number;
}

/** A weight at which another lane comes first, the other weights as they are. */
export interface WeightTurn {
  readonly key: Weighed;
  readonly at: number;
  readonly to: string;
}

/** The surviving lanes by every school at one quantity. */
export interface Rankings {
  readonly options: readonly LaneScores[];
  /** First by each ranking method; several where they tie. */
  readonly first: Readonly<Record<RankingMethod, readonly string[]>>;
  /** What decided between those with as few operations: the second thing, or nothing. */
  readonly spareBy: string | null;
  /** Quantities that regret is taken over, and the largest regret of each lane over them. */
  readonly states: readonly number[];
  readonly maxRegret: Readonly<Record<string, number>>;
  /** At which of them a lane's regret is largest, and the lane that would have been the best there. */
  readonly regretAt: Readonly<Record<string, { readonly q: number; readonly best: string }>>;
  /** Weighed score of each lane, 0 to 1, and the order by it. */
  readonly scores: Readonly<Record<string, number>>;
  readonly order: readonly string[];
  /** Lanes nobody would choose whose absence puts another first. */
  readonly reversals: readonly { readonly dropped: string; readonly newWinner: string }[];
  /** Lanes that no other beats on everything. */
  readonly pareto: readonly string[];
  /** For each lane that is beaten: one that is nowhere worse and somewhere better. */
  readonly beatenBy: Readonly<Record<string, string>>;
}

const CRITERIA: readonly Criterion[] = [
  { key: 'cost', better: 'low' },
  { key: 'first', better: 'low' },
  { key: 'operations', better: 'low' },
  { key: 'reserve', better: 'high' },
  { key: 'scrap', better: 'low' },
];
/** Steps a weight is tried at for where it turns the order. */
const WEIGHT_STEPS = 40;

/**
 * The surviving lanes by five ranking methods: least programme cost, soonest good parts, most room to spare, least regret over
 * the demand, and a weighted score. Null where nothing survives.
 * @param board the study at the quantity on the rail
 * @param weights 0 to 10 each, not all 0
 * @example
 * rankingsAt(study, board, FIRST_WEIGHTS).first.cost[0] === board.leader // true
 */
export function rankingsAt(study: Study, board: Board, weights: Weights): Rankings | null {
  const options = laneScores(study, board);
  if (options.length === 0) return null;
  const plain = plainOf(options);
  const states = statesOf(study, board.q);
  const costs = Object.fromEntries(options.map(({ id }) => [id, states.map((q) => totalAt(study, id, q))]));
  const least = regret({ costs });
  const asked = { options: plain, criteria: withWeights(weights) };
  const { scores, order } = weighted(asked);
  const spare = lexicographic({
    options: plain,
    criteria: [
      { key: 'operations', better: 'low' },
      { key: 'reserve', better: 'high' },
      { key: 'cost', better: 'low' },
    ],
  });
  const unbeaten = pareto({ options: plain, criteria: CRITERIA }).set;
  return {
    options,
    first: {
      cost: firstBy(options, (o) => o.cost),
      soonest: firstBy(options, (o) => o.first),
      spare: spare.chosen,
      regret: least.choice,
      weighted: order.filter((id) => keyed(scores, id) >= keyed(scores, nth(order, 0)) - 1e-12),
    },
    spareBy: spare.decidedBy,
    states,
    maxRegret: least.maxRegret,
    regretAt: regretAt(states, costs),
    scores,
    order,
    reversals: options.length > 1 ? rankReversal(asked).reversals : [],
    pareto: unbeaten,
    beatenBy: beatenBy(plain, unbeaten),
  };
}

/** Of each lane the state in which it costs most more than the best lane there. */
function regretAt(
  states: readonly number[],
  costs: Readonly<Record<string, readonly number[]>>,
): Record<string, { q: number; best: string }> {
  const ids = Object.keys(costs);
  const at = (id: string, s: number): number => costs[id]?.[s] ?? Infinity;
  const best = states.map((_, s) => ids.reduce((a, b) => (at(b, s) < at(a, s) ? b : a)));
  const over = (id: string, s: number): number => at(id, s) - at(best[s] ?? id, s);
  return Object.fromEntries(
    ids.map((id) => {
      const worst = states.reduce((most, _, s) => (over(id, s) > over(id, most) ? s : most), 0);
      return [id, { q: states[worst] ?? 0, best: best[worst] ?? id }];
    }),
  );
}

const plainOf = (options: readonly LaneScores[]): Option[] => options.map(({ id, ...scores }) => ({ id, scores }));

/** A weight; 0 for one that older records do not know. */
export const weightOf = (weights: Partial<Weights>, key: Weighed): number => weights[key] ?? 0;

const withWeights = (weights: Weights): Criterion[] =>
  [...CRITERIA, { key: 'effort', better: 'low' } as const].map((c) => ({
    ...c,
    weight: weightOf(weights, c.key as Weighed),
  }));

const firstBy = (options: readonly LaneScores[], by: (o: LaneScores) => number): string[] => {
  const least = Math.min(...options.map(by));
  return options.filter((o) => by(o) === least).map((o) => o.id);
};

/**
 * Every surviving lane, each variant for itself: another school may want another variant.
 *
 * @example
 * laneScores(study, board).length > 0 // true
 */
export function laneScores(study: Study, board: Board): LaneScores[] {
  return board.lanes.flatMap((lane, i): LaneScores[] => {
    const entry = study.lanes[i];
    if (entry?.part == null || entry.model === null || !survives(entry) || lane.money === null || lane.dates === null)
      return [];
    const rooms = entry.part.features.flatMap((f) =>
      f.verdict === 'as-cast' && f.cast_mm !== null ? [f.feature.tol_mm / f.cast_mm - 1] : [],
    );
    return [
      {
        id: lane.id,
        cost: lane.money.total,
        first: lane.dates.firstArticle_d,
        operations: entry.part.operations.length,
        reserve: rooms.length === 0 ? 0 : Math.min(...rooms),
        scrap: entry.model.settled.sc,
        effort: entry.lane.capability.effort.score,
      },
    ];
  });
}

/** Quantities of low, likely and high demand, scaled to the rail; half, as it stands and twice where no band is known. */
function statesOf(study: Study, q: number): number[] {
  const { demand } = study.brief.quantity;
  const [low, likely, high] = demand !== null && demand[1] > 0 ? demand : [1, 2, 4];
  return [low, likely, high].map((x) => Math.max(1, Math.round((q * x) / likely)));
}

const totalAt = (study: Study, id: string, q: number): number => {
  const entry = study.lanes.find((e) => e.lane.id === id);
  return study.rates.currency.perUnit * ((entry === undefined ? null : bestLayout(entry, q))?.total ?? Infinity);
};

/**
 * For each weight the nearest value below and above it that puts another lane first; the other weights stay.
 *
 * @example
 * weightTurns(rankings, weights).every((turn) => turn.to !== rankings.order[0]) // true
 */
export function weightTurns(rankings: Rankings, weights: Weights): WeightTurn[] {
  const options = plainOf(rankings.options);
  const winner = rankings.order[0] ?? '';
  const firstAt = (key: Weighed, w: number): string => {
    const tried = { ...weights, [key]: w };
    return Object.values(tried).every((x) => x === 0)
      ? winner
      : (weighted({ options, criteria: withWeights(tried) }).order[0] ?? winner);
  };
  return WEIGHED.flatMap((key) =>
    [-1, 1].flatMap((way): WeightTurn[] => {
      const end = way < 0 ? 0 : MOST_WEIGHT;
      let kept = weightOf(weights, key);
      for (let i = 1; i <= WEIGHT_STEPS; i++) {
        const start = weightOf(weights, key);
        const w = Math.max(0, start + ((end - start) * i) / WEIGHT_STEPS);
        if (firstAt(key, w) === winner) {
          kept = w;
          continue;
        }
        let lost = w;
        for (let k = 0; k < 30; k++) {
          const middle = (kept + lost) / 2;
          if (firstAt(key, middle) === winner) kept = middle;
          else lost = middle;
        }
        return [{ key, at: lost, to: firstAt(key, lost) }];
      }
      return [];
    }),
  );
}

function beatenBy(options: readonly Option[], unbeaten: readonly string[]): Record<string, string> {
  const out: Record<string, string> = {};
  for (const o of options) {
    if (unbeaten.includes(o.id)) continue;
    const by = options.find(
      (x) => unbeaten.includes(x.id) && !pareto({ options: [o, x], criteria: CRITERIA }).set.includes(o.id),
    );
    if (by !== undefined) out[o.id] = by.id;
  }
  return out;
}

/**
 * The lane a school puts first; of several the cheapest.
 *
 * @example
 * firstOf(rankingsAt(study, board, FIRST_WEIGHTS), 'cost') === board.leader // true
 */
export function firstOf(rankings: Rankings, school: RankingMethod): string | null {
  const ids = rankings.first[school];
  return rankings.options.filter((o) => ids.includes(o.id)).sort((a, b) => a.cost - b.cost)[0]?.id ?? null;
}
