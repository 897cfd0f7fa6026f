import {
  WORKDAYS_A_YEAR,
  bestLayout,
  pieces,
  plainMoney,
  survives,
  weeks,
  type Board,
  type BoardLane,
  type Study,
} from '../board';
import { demandBand } from '../brief';
import { shortName } from '../routes';

/** One reason for or against a lane, with how much it weighs (a share, for ranking only). */
export interface Argument {
  readonly text: string;
  readonly weight: number;
  /** Figure whose working stands behind it, or null. */
  readonly figure: string | null;
}

/** The case of one lane: what speaks for it, and the strongest reasons against it. */
export interface LaneCase {
  readonly lane: BoardLane;
  readonly for: readonly Argument[];
  readonly against: readonly Argument[];
}

/** Reasons against shown at the most. */
const STRONGEST = 2;

/**
 * The case of a lane at the board's quantity. Every argument is computed from the study; the two against are the
 * heaviest found, weighed by share of cost, share of time, or gravity of a rule.
 *
 * @returns null for a lane without money
 */
export function laneCase(study: Study, board: Board, laneId: string): LaneCase | null {
  const lane = board.lanes.find((l) => l.id === laneId);
  if (lane?.money == null || lane.dates === null) return null;
  const against = [
    ...againstCost(study, board, lane),
    ...againstDemand(study, board, lane),
    ...againstTime(board, lane),
    ...againstRules(lane),
    ...againstTools(study, lane),
  ].sort((a, b) => b.weight - a.weight);
  return { lane, for: inFavour(study, board, lane), against: against.slice(0, STRONGEST) };
}

function inFavour(study: Study, board: Board, lane: BoardLane): Argument[] {
  const code = study.rates.currency.code;
  const others = board.lanes.filter((l) => l.routeId !== lane.routeId && l.status !== 'blocked' && l.money !== null);
  const money = lane.money as NonNullable<BoardLane['money']>;
  const out: Argument[] = [];
  const next = Math.min(...others.map((l) => l.money?.allIn ?? Infinity));
  if (money.allIn < next && Number.isFinite(next)) {
    out.push({
      text: `Least all in of all routes: ${plainMoney(money.allIn, code)} a part against ${plainMoney(next, code)} for the next.`,
      weight: 0.2 + (1 - money.allIn / next),
      figure: 'allIn',
    });
  } else if (others.length === 0)
    out.push({ text: 'The only casting route that survives the brief.', weight: 1, figure: null });
  const today = study.brief.today.cost_USD;
  if (today !== null && today > money.allIn) {
    out.push({
      text: `${plainMoney(today - money.allIn, code)} a part under what it costs today (${plainMoney(today, code)}).`,
      weight: 1 - money.allIn / today,
      figure: 'allIn',
    });
  }
  const dates = lane.dates as NonNullable<BoardLane['dates']>;
  out.push({
    text: `First good parts ${weeks(dates.firstArticle_d)} after the order, all of them after ${weeks(dates.lastPart_d)}.`,
    weight: 0.1,
    figure: 'firstArticle',
  });
  const cast = lane.findings.filter(
    (f) => (f.rule === 'dr-ct' || f.rule === 'dr-across-parting') && f.status === 'fits',
  ).length;
  const toleranced = lane.findings.filter((f) => f.rule === 'dr-ct' || f.rule === 'dr-across-parting').length;
  if (toleranced > 0)
    out.push({ text: `${cast} of ${toleranced} toleranced dimensions come as cast.`, weight: 0.05, figure: null });
  return out.sort((a, b) => b.weight - a.weight);
}

function againstCost(study: Study, board: Board, lane: BoardLane): Argument[] {
  const code = study.rates.currency.code;
  const mine = lane.money?.allIn ?? Infinity;
  const out: Argument[] = [];
  const leader = board.lanes.find((l) => l.id === board.leader);
  if (leader?.money && leader.id !== lane.id) {
    const more = mine - leader.money.allIn;
    out.push({
      text: `Dearer than ${shortName(leader.id)} by ${plainMoney(more, code)} a part, ${plainMoney(more * board.q, code)} over the programme.`,
      weight: more / mine,
      figure: 'allIn',
    });
  }
  for (const b of board.baselines) {
    if (b.barred !== null || !(b.allIn < mine)) continue;
    out.push({
      text: `${b.name} costs ${plainMoney(mine - b.allIn, code)} a part less and needs no casting.`,
      weight: (mine - b.allIn) / mine,
      figure: 'allIn',
    });
  }
  return out;
}

/** What low and high demand would have chosen, and what choosing this lane would then have cost. */
function againstDemand(study: Study, board: Board, lane: BoardLane): Argument[] {
  const band = demandBand(study.brief);
  const entry = study.lanes.find((e) => e.lane.id === lane.id);
  if (band === null || entry === undefined) return [];
  const code = study.rates.currency.code;
  return band.flatMap((q, i): Argument[] => {
    const mine = bestLayout(entry, q)?.total ?? Infinity;
    let best = { total: Infinity, id: '' };
    for (const other of study.lanes.filter((e) => survives(e) && e.lane.route.id !== lane.routeId)) {
      const total = bestLayout(other, q)?.total ?? Infinity;
      if (total < best.total) best = { total, id: other.lane.id };
    }
    if (!(best.total < mine)) return [];
    const lost = (mine - best.total) * study.rates.currency.perUnit;
    return [
      {
        text: `If demand turns out ${i === 0 ? 'low' : 'high'} (${pieces(q)} pieces), ${shortName(best.id)} would have been ${plainMoney(lost, code)} cheaper in all.`,
        weight: lost / (mine * study.rates.currency.perUnit),
        figure: null,
      },
    ];
  });
}

function againstTime(board: Board, lane: BoardLane): Argument[] {
  const dates = lane.dates as NonNullable<BoardLane['dates']>;
  const out: Argument[] = [];
  if (dates.slack_d !== null && dates.slack_d < 0) {
    out.push({
      text: `The first article comes ${Math.ceil(-dates.slack_d)} days after the first delivery asked for.`,
      weight: 0.3 + Math.min(0.6, -dates.slack_d / 100),
      figure: 'firstArticle',
    });
  }
  const fastest = board.lanes
    .filter((l) => l.status !== 'blocked' && l.dates !== null && l.routeId !== lane.routeId)
    .sort((a, b) => (a.dates?.firstArticle_d ?? 0) - (b.dates?.firstArticle_d ?? 0))[0];
  if (fastest?.dates && fastest.dates.firstArticle_d < dates.firstArticle_d - 3) {
    const later = dates.firstArticle_d - fastest.dates.firstArticle_d;
    out.push({
      text: `First parts ${weeks(later)} later than from ${shortName(fastest.id)}.`,
      weight: 0.12 * (later / dates.firstArticle_d),
      figure: 'firstArticle',
    });
  }
  if (dates.yearWorkdays !== null && dates.yearWorkdays > WORKDAYS_A_YEAR) {
    out.push({
      text: `A year’s parts take ${Math.round(dates.yearWorkdays)} working days: one tool and this share of the shop are not enough.`,
      weight: 0.4,
      figure: 'goodPerDay',
    });
  }
  return out;
}

const WEIGHT_OF_RULE = { tight: 0.09, 'not-known': 0.25, 'second-operation': 0.02, fits: 0, blocked: 1 } as const;

function againstRules(lane: BoardLane): Argument[] {
  return lane.findings
    .filter((f) => f.status === 'tight' || f.status === 'not-known' || f.status === 'blocked')
    .map((f) => ({
      text: `${f.subject ? `${f.subject}: ` : ''}${f.reason}${f.mends[0] ? ` Mend: ${f.mends[0].replace(/^./, (x) => x.toLowerCase())}.` : ''}`,
      weight: WEIGHT_OF_RULE[f.status] + (f.strains ? 0.04 : 0),
      figure: null,
    }));
}

function againstTools(study: Study, lane: BoardLane): Argument[] {
  const money = lane.money as NonNullable<BoardLane['money']>;
  const code = study.rates.currency.code;
  const share = money.tooling / money.total;
  const out: Argument[] = [
    {
      text: `${plainMoney(money.tooling, code)} for tools is spent before the first part is sold, ${Math.round(100 * share)} % of the whole.`,
      weight: 0.15 * share,
      figure: 'tooling',
    },
  ];
  if (money.sets > 0) {
    out.push({
      text: `The tool wears out: ${money.sets} replacement ${money.sets === 1 ? 'set' : 'sets'} within the programme.`,
      weight: 0.05 + 0.1 * (money.toolingLines.replacementSets / money.total),
      figure: 'tooling.replacementSets',
    });
  }
  return out;
}
