import { dayNumber } from '../../base/day';
import { dayOf, daysWithHolidays, type LaneTime } from '../../schedule';
import type { Baseline } from '../../baselines';
import { laneMoney, type LaneMoney } from '../../cost';
import { type BoardColumn } from './columns';
import { finding, worse, type Column, type Finding, type Status } from '../../screening';
import { bestLayout, standsOn, survives, type Stand, type Study, type StudyLane } from '../../study';

/** Working days in a year that a shop can give; more for a year's parts is said aloud (T12). */
export const WORKDAYS_A_YEAR = 230;

/** One cell of the board: its verdict, the room left (−1 … 1, null where it has no meaning) and why. */
export interface Cell {
  readonly status: Status;
  readonly spare: number | null;
  readonly reason: string;
}

/** The dates of a lane at a quantity; holidays of the rate set count from the order date of the brief, if it has one. */
export interface LaneDates {
  readonly time: LaneTime;
  readonly firstArticle_d: number;
  readonly lastPart_d: number;
  /** Working days for a year's parts; null when the yearly figure is not known. */
  readonly yearWorkdays: number | null;
  /** Days from first article to the wanted first delivery; negative = late; null when no date is wanted. */
  readonly slack_d: number | null;
}

/** One lane at one quantity. */
export interface BoardLane {
  readonly id: string;
  readonly routeId: string;
  readonly name: string;
  readonly variantName: string;
  readonly status: Status;
  /** Another variant of the route is held by the brief. */
  readonly passedOver: boolean;
  /** The foundry it is judged by, where one is asked and runs it; absent for the book. */
  readonly foundry?: { readonly id: string; readonly name: string };
  /** The count of positions is held by the brief, not the cheapest. */
  readonly layoutOverridden: boolean;
  /** Whose values it stands on. */
  readonly stands: readonly Stand[];
  readonly findings: readonly Finding[];
  /** Rules of the programme at this quantity: band, tool life, first delivery. They bar nothing. */
  readonly programme: readonly Finding[];
  readonly money: LaneMoney | null;
  readonly dates: LaneDates | null;
  /** Why there is no money, or null. */
  readonly uncosted: string | null;
  readonly cells: Readonly<Record<BoardColumn, Cell>>;
  /** Rules of shape: mass, size, walls, draft, undercuts and needs. */
  readonly shape: Cell;
}

/** A baseline at one quantity. */
export interface BoardBaseline {
  readonly id: Baseline['id'];
  readonly name: string;
  readonly status: Status;
  readonly barred: string | null;
  /** What is out of the ordinary with it, or null. */
  readonly warning: string | null;
  readonly fix: string | null;
  readonly tooling: number;
  readonly unit: number;
  readonly allIn: number;
  readonly total: number;
  readonly lines: Readonly<Record<string, number>>;
  readonly firstArticle_d: number;
  readonly lastPart_d: number;
}

/** The whole choice at one quantity. */
export interface Board {
  readonly q: number;
  readonly lanes: readonly BoardLane[];
  readonly baselines: readonly BoardBaseline[];
  /** Cheapest surviving lane, and the cheapest of another route, by T(q). */
  readonly leader: string | null;
  readonly second: string | null;
  /** Best lane of each route: survivors by T(q), else the one nearest to surviving. */
  readonly bestOfRoute: Readonly<Record<string, string>>;
  readonly missing: readonly string[];
}

/**
 * The board at q pieces.
 * @param orderDate ISO date of the order, for the slack to the first delivery; null leaves the slack unknown
 * @example
 * boardAt(study, 500).q // 500
 */
export function boardAt(study: Study, q: number, orderDate: string | null = null): Board {
  const lanes = study.lanes.map((entry) => boardLane(study, entry, q, orderDate));
  const shut = (days: number): number => daysWithHolidays(study.brief.quantity.orderDate, days, study.rates.calendar);
  const baselines = study.baselines.map((b): BoardBaseline => {
    const total = b.total(q);
    return {
      id: b.id,
      name: b.name,
      status: b.barred === null ? 'fits' : 'blocked',
      barred: b.barred,
      warning: b.warning,
      fix: b.fix,
      tooling: b.tooling(q),
      unit: b.unit(q),
      allIn: total / q,
      total,
      lines: b.lines(q),
      firstArticle_d: shut(b.dayOf(1, q)),
      lastPart_d: shut(b.dayOf(q, q)),
    };
  });
  const surviving = lanes.filter((_, i) => survives(study.lanes[i] as StudyLane));
  const leader = cheapest(surviving);
  const second = leader === null ? null : cheapest(surviving.filter((lane) => lane.routeId !== leader.routeId));
  const bestOfRoute: Record<string, string> = {};
  for (const lane of lanes) {
    const known = lanes.find((other) => other.id === bestOfRoute[lane.routeId]);
    if (known === undefined || better(lane, known)) bestOfRoute[lane.routeId] = lane.id;
  }
  return {
    q,
    lanes: lanes.map((lane) => withGap(lane, leader, second)),
    baselines,
    leader: leader?.id ?? null,
    second: second?.id ?? null,
    bestOfRoute,
    missing: study.missing,
  };
}

/** The room in the part cost: for the leader, how far the next route is off; for the others, how far they are over the leader. */
function withGap(lane: BoardLane, leader: BoardLane | null, second: BoardLane | null): BoardLane {
  const mine = lane.money?.allIn;
  const least = leader?.money?.allIn;
  if (mine === undefined || least === undefined) return lane;
  const next = second?.money?.allIn;
  const perPart: Cell =
    lane.id === leader?.id
      ? {
          status: 'fits',
          spare: next === undefined ? null : Math.min(1, next / mine - 1),
          reason: next === undefined ? 'No other route is left.' : 'The least total cost per part of all routes.',
        }
      : {
          status: 'fits',
          spare: Math.max(-1, least / mine - 1),
          reason: `Total cost ${Math.round(100 * (mine / least - 1))} % over the leader.`,
        };
  return { ...lane, cells: { ...lane.cells, perPart } };
}

function cheapest(lanes: readonly BoardLane[]): BoardLane | null {
  let best: BoardLane | null = null;
  for (const lane of lanes) {
    if (lane.money !== null && (best === null || lane.money.total < (best.money as LaneMoney).total)) best = lane;
  }
  return best;
}

/** True when a shows its route better than b: survivors first, then cheaper, then fewer bars. */
function better(a: BoardLane, b: BoardLane): boolean {
  const open = (lane: BoardLane): boolean => lane.status !== 'blocked' && lane.money !== null && !lane.passedOver;
  if (a.passedOver !== b.passedOver) return b.passedOver;
  if (open(a) !== open(b)) return open(a);
  if (open(a)) return (a.money as LaneMoney).total < (b.money as LaneMoney).total;
  const bars = (lane: BoardLane): number =>
    lane.findings.filter((f) => f.status === 'blocked').length + (lane.money === null ? 100 : 0);
  return bars(a) < bars(b);
}

function boardLane(study: Study, entry: StudyLane, q: number, orderDate: string | null): BoardLane {
  const { lane, screening, model } = entry;
  const chosen = bestLayout(entry, q);
  const money = chosen === null ? null : laneMoney(chosen.cost, q);
  let dates: LaneDates | null = null;
  if (model !== null && chosen !== null) {
    const time = study.timeOf(model, chosen.cost.plan);
    const { perYear, firstDelivery } = study.brief.quantity;
    const shut = (days: number): number => daysWithHolidays(study.brief.quantity.orderDate, days, study.rates.calendar);
    const firstArticle = shut(time.firstArticle_d);
    dates = {
      time,
      firstArticle_d: firstArticle,
      lastPart_d: shut(dayOf(time, q, q)),
      yearWorkdays: perYear === null ? null : perYear / time.goodPerDay,
      slack_d:
        firstDelivery === null || orderDate === null
          ? null
          : dayNumber('firstDelivery', firstDelivery) - dayNumber('orderDate', orderDate) - firstArticle,
    };
  }
  const findings = screening?.findings ?? [];
  const uncosted = entry.uncosted;
  const none: Cell = { status: 'not-known', spare: null, reason: uncosted ?? '' };
  const ofQuantity = dates === null ? null : quantityFinding(entry, q, dates);
  const ofTool = money === null ? null : toolFinding(entry, money);
  const ofDate = dates === null ? null : leadFinding(dates);
  return {
    id: lane.id,
    routeId: lane.route.id,
    name: lane.route.name,
    variantName: lane.variant.name,
    status: screening?.status ?? 'not-known',
    passedOver: entry.passedOver,
    ...foundryOf(entry),
    layoutOverridden: entry.overriddenCost !== null,
    stands: standsOn(entry),
    findings,
    programme: [ofQuantity, ofTool, ofDate].filter((f) => f !== null),
    money,
    dates,
    uncosted,
    cells: {
      quantity: ofQuantity ?? none,
      tooling: ofTool ?? none,
      perPart: money === null ? none : { status: 'fits', spare: null, reason: 'Sum of the lines of a usual lot.' },
      leadTime: ofDate ?? none,
      alloy: columnCell(findings, 'alloy', none),
      tolerance: columnCell(findings, 'tolerance', none),
    },
    shape: columnCell(findings, 'shape', none),
  };
}

/** The foundry that a lane is judged by, where it runs it. */
function foundryOf({ lane, rates: { foundry } }: StudyLane): Pick<BoardLane, 'foundry'> {
  const runs = foundry?.profile.lines.some((line) => `${line.route}/${line.variant}` === lane.id) === true;
  return foundry !== undefined && runs ? { foundry: { id: foundry.id, name: foundry.name } } : {};
}

function columnCell(findings: readonly Finding[], column: Column, none: Cell): Cell {
  const own = findings.filter((f) => f.column === column);
  if (own.length === 0) return none;
  const status = own.reduce<Status>((s, f) => worse(s, f.status), 'fits');
  const spares = own.flatMap((f) => (f.spare === null ? [] : [f.spare]));
  const first = own.find((f) => f.status === status) as Finding;
  return {
    status,
    spare: spares.length === 0 ? null : Math.min(...spares),
    reason: first.subject ? `${first.subject}: ${first.reason}` : first.reason,
  };
}

/** The rule of the quantity band: whether the year's parts can be made, and where the route usually wins. */
function quantityFinding({ lane }: StudyLane, q: number, dates: LaneDates): Finding {
  const { wins, plausible } = lane.capability.quantityBand;
  const days = dates.yearWorkdays;
  const spare = days === null ? null : Math.max(-1, 1 - days / WORKDAYS_A_YEAR);
  const about = {
    rule: 'dr-quantity-band',
    column: 'quantity',
    spare,
    fields: ['quantity.perYear', 'quantity.years'],
  } as const;
  if (days !== null && days > WORKDAYS_A_YEAR)
    return finding({
      ...about,
      status: 'tight',
      unit: 'days',
      value: days,
      limit: WORKDAYS_A_YEAR,
      margin: WORKDAYS_A_YEAR - days,
      reason: `A year’s parts take ${Math.round(days)} working days: more share of the shop, a second tool, or another route.`,
    });
  const outside = q < plausible[0] || q > plausible[1];
  const band = outside ? plausible : wins;
  const limit = q < band[0] ? band[0] : band[1];
  return finding({
    ...about,
    status: outside ? 'tight' : 'fits',
    unit: 'pieces',
    value: q,
    limit,
    margin: Math.min(q - band[0], band[1] - q),
    reason: outside
      ? `Outside the ${plausible[0]} to ${plausible[1]} pieces at which the route is plausible; the sum decides.`
      : q >= wins[0] && q <= wins[1]
        ? `Inside the ${wins[0]} to ${wins[1]} pieces at which the route usually wins.`
        : `Outside the usual ${wins[0]} to ${wins[1]} pieces, but plausible; the sum decides.`,
  });
}

/** The rule of the tool's life: shots of the programme against what one set bears. */
function toolFinding({ model }: StudyLane, money: LaneMoney): Finding {
  const life = model?.life ?? 1;
  return finding({
    rule: 'dr-tool-life',
    column: 'tooling',
    status: money.sets > 0 ? 'tight' : 'fits',
    unit: 'shots',
    value: money.shots,
    limit: life,
    margin: life - money.shots,
    spare: money.shots > 0 ? 1 - money.shots / ((money.sets + 1) * life) : 1,
    fields: ['quantity.perYear', 'quantity.years'],
    reason:
      money.sets > 0
        ? `The tool wears out: ${money.sets} replacement ${money.sets === 1 ? 'set' : 'sets'} over the programme.`
        : 'One set of tools lasts the programme.',
  });
}

/** The rule of the first delivery: the first article against the day it is wanted. */
function leadFinding(dates: LaneDates): Finding {
  const { slack_d: slack, firstArticle_d: first } = dates;
  const about = { rule: 'dr-lead-time', column: 'leadTime', unit: 'days', fields: ['quantity.firstDelivery'] } as const;
  if (slack === null)
    return finding({ ...about, status: 'fits', value: first, reason: 'No first delivery is asked for.' });
  const late = slack < 0;
  return finding({
    ...about,
    status: late ? 'tight' : 'fits',
    value: first,
    limit: first + slack,
    margin: slack,
    spare: late ? Math.max(-1, slack / first) : Math.max(-1, Math.min(1, slack / (slack + first))),
    reason: late
      ? `The first article comes ${Math.ceil(-slack)} days after the first delivery asked for.`
      : `The first article comes ${Math.floor(slack)} days before the first delivery asked for.`,
  });
}
