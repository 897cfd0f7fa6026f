import type { Finding } from '../screening';
import { whole } from '../base/numbers';
import { WORKDAYS_A_YEAR, plainMoney, weeks, type Board, type BoardLane } from '../comparison/board';
import { bestLayout, survives, type Study } from '../study';
import { demandBand } from '../brief';
import { shortName } from '../catalogue/routes';
import { figure, plain, explain, type Explanation } from '../explanation';
import { differenceTo, underToday } from '../study/workings';
import { lateFirst } from './change-explanation';

/** One reason for or against a lane, with how much it weighs (a share, for ranking only). */
export interface Argument {
  readonly text: string;
  /** The same, with figures that open. */
  readonly explanation: Explanation;
  readonly weight: number;
}

/** An argument with its weight. */
export const argue = (weight: number, explanation: Explanation): Argument => ({
  text: plain(explanation),
  explanation,
  weight,
});

/** The case of one lane: what speaks for it, and the strongest reasons against it. */
export interface LaneCase {
  readonly lane: BoardLane;
  readonly for: readonly Argument[];
  readonly against: readonly Argument[];
}

/** Reasons against shown at the most. */
export const STRONGEST = 2;

/**
 * The case of a lane at the board's quantity. Every argument is computed from the study; the two against are the
 * heaviest found, weighed by share of cost, share of time, or gravity of a rule.
 *
 * @returns null for a lane without money
 * @example
 * laneCase(study, board, board.leader) !== null // true
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

/** A finding about a toleranced dimension: holes are told apart. */
const isOfDimension = (f: Finding): boolean =>
  (f.rule === 'dr-ct' || f.rule === 'dr-across-parting') && f.fields.every((field) => field.startsWith('features.'));

function inFavour(study: Study, board: Board, lane: BoardLane): Argument[] {
  const code = study.rates.currency.code;
  const others = board.lanes.filter((l) => l.routeId !== lane.routeId && l.status !== 'blocked' && l.money !== null);
  const money = lane.money as NonNullable<BoardLane['money']>;
  const out: Argument[] = [];
  const mine = figure(plainMoney(money.allIn, code), lane.id, 'allIn');
  const next = others.toSorted((a, b) => (a.money?.allIn ?? 0) - (b.money?.allIn ?? 0))[0];
  if (next?.money != null && money.allIn < next.money.allIn) {
    const theirs = figure(plainMoney(next.money.allIn, code), next.id, 'allIn');
    out.push(
      argue(
        0.2 + (1 - money.allIn / next.money.allIn),
        explain`Lowest total cost of all routes: ${mine} per part against ${theirs} for the next.`,
      ),
    );
  } else if (others.length === 0) out.push(argue(1, explain`The only casting route left by the brief.`));
  const today = study.brief.today.cost_USD;
  if (today !== null && today > money.allIn) {
    const under = figure(plainMoney(today - money.allIn, code), lane.id, underToday());
    out.push(
      argue(
        1 - money.allIn / today,
        explain`${under} per part less than what it costs today (${plainMoney(today, code)}).`,
      ),
    );
  }
  const dates = lane.dates as NonNullable<BoardLane['dates']>;
  const first = figure(weeks(dates.firstArticle_d), lane.id, 'firstArticle');
  const last = figure(weeks(dates.lastPart_d), lane.id, 'lastPart');
  out.push(argue(0.1, explain`First good parts ${first} after the order, all of them after ${last}.`));
  const cast = lane.findings.filter((f) => isOfDimension(f) && f.status === 'fits').length;
  const toleranced = lane.findings.filter(isOfDimension).length;
  if (toleranced > 0)
    out.push(
      argue(0.05, explain`${figure(`${cast} of ${toleranced}`, lane.id, null)} toleranced dimensions come as cast.`),
    );
  return out.sort((a, b) => b.weight - a.weight);
}

function againstCost(study: Study, board: Board, lane: BoardLane): Argument[] {
  const code = study.rates.currency.code;
  const mine = lane.money?.allIn ?? Infinity;
  const out: Argument[] = [];
  const leader = board.lanes.find((l) => l.id === board.leader);
  if (leader?.money && leader.id !== lane.id) {
    const more = mine - leader.money.allIn;
    const aPart = figure(plainMoney(more, code), lane.id, differenceTo('allIn', leader.id));
    const inAll = figure(plainMoney(more * board.q, code), lane.id, differenceTo('total', leader.id));
    out.push(
      argue(
        more / mine,
        explain`More expensive than ${shortName(leader.id)} by ${aPart} per part, ${inAll} over the programme.`,
      ),
    );
  }
  for (const b of board.baselines) {
    if (b.barred !== null || !(b.allIn < mine)) continue;
    const less = figure(plainMoney(mine - b.allIn, code), lane.id, differenceTo('allIn', b.id));
    out.push(argue((mine - b.allIn) / mine, explain`${b.name} costs ${less} per part less and needs no casting.`));
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
    const inAll = figure(plainMoney(lost, code), lane.id, differenceTo('total', best.id), q);
    return [
      argue(
        lost / (mine * study.rates.currency.perUnit),
        explain`If demand turns out ${i === 0 ? 'low' : 'high'} (${whole(q)} pieces), ${shortName(best.id)} would have been ${inAll} cheaper in total.`,
      ),
    ];
  });
}

function againstTime(board: Board, lane: BoardLane): Argument[] {
  const dates = lane.dates as NonNullable<BoardLane['dates']>;
  const out: Argument[] = [];
  if (dates.slack_d !== null && dates.slack_d < 0) {
    const late = lateFirst(lane.id, dates.firstArticle_d, dates.slack_d);
    out.push(
      argue(
        0.3 + Math.min(0.6, -dates.slack_d / 100),
        explain`The first article comes ${late} after the first delivery asked for.`,
      ),
    );
  }
  const fastest = board.lanes
    .filter((l) => l.status !== 'blocked' && l.dates !== null && l.id !== lane.id)
    .sort((a, b) => (a.dates?.firstArticle_d ?? 0) - (b.dates?.firstArticle_d ?? 0))[0];
  if (fastest?.dates && fastest.dates.firstArticle_d < dates.firstArticle_d - 3) {
    const later = dates.firstArticle_d - fastest.dates.firstArticle_d;
    const behind = figure(weeks(later), lane.id, differenceTo('firstArticle', fastest.id));
    out.push(
      argue(
        0.12 * (later / dates.firstArticle_d),
        explain`First parts ${behind} later than from ${shortName(fastest.id)}.`,
      ),
    );
  }
  if (dates.yearWorkdays !== null && dates.yearWorkdays > WORKDAYS_A_YEAR) {
    const days = figure(`${Math.round(dates.yearWorkdays)} working days`, lane.id, 'yearWorkdays');
    out.push(argue(0.4, explain`A year’s parts take ${days}: one tool and this share of the shop are not enough.`));
  }
  return out;
}

const WEIGHT_OF_RULE = {
  tight: 0.09,
  special: 0.18,
  'not-known': 0.25,
  'second-operation': 0.02,
  fits: 0,
  blocked: 1,
} as const;

function againstRules(lane: BoardLane): Argument[] {
  const second = lane.findings.filter((f) => f.status === 'second-operation');
  const cut = [...new Set(second.map((f) => f.subject ?? f.reason))];
  const [only] = cut;
  const operations =
    only === undefined
      ? []
      : [
          argue(
            WEIGHT_OF_RULE['second-operation'] * cut.length,
            cut.length === 1
              ? explain`${figure(only, lane.id, null)} needs a second operation.`
              : explain`${figure(`${cut.length} things`, lane.id, null)} need a second operation: ${cut.slice(0, 3).join(', ')}${cut.length > 3 ? ' and more' : ''}.`,
          ),
        ];
  const rules = lane.findings
    .filter((f) => f.status !== 'fits' && f.status !== 'second-operation')
    .map((f) => {
      const head = f.subject
        ? explain`${figure(f.subject, lane.id, null)}: ${f.reason}`
        : explain`${figure(f.reason, lane.id, null)}`;
      const stop = /[.!?]$/.test(f.reason) ? '' : '.';
      const fix = f.fixes[0] ? `${stop} Fix: ${f.fixes[0].replace(/^./, (x) => x.toLowerCase())}.` : '';
      return argue(WEIGHT_OF_RULE[f.status] + (f.strains ? 0.04 : 0), explain`${head}${fix}`);
    });
  return [...rules, ...operations];
}

function againstTools(study: Study, lane: BoardLane): Argument[] {
  const money = lane.money as NonNullable<BoardLane['money']>;
  const code = study.rates.currency.code;
  const share = money.tooling / money.total;
  const tools = figure(plainMoney(money.tooling, code), lane.id, 'tooling');
  const out = [
    argue(
      0.15 * share,
      explain`${tools} for tools is spent before the first part is sold, ${Math.round(100 * share)} % of the whole.`,
    ),
  ];
  if (money.sets > 0) {
    const sets = figure(
      `${money.sets} replacement ${money.sets === 1 ? 'set' : 'sets'}`,
      lane.id,
      'tooling.replacementSets',
    );
    out.push(
      argue(
        0.05 + 0.1 * (money.toolingLines.replacementSets / money.total),
        explain`The tool wears out: ${sets} within the programme.`,
      ),
    );
  }
  return out;
}
