import { isoDay, dayNumber } from '../../base/day';
import { seededDraws } from '../../base/seeded-draws';
import { KG_PER_POUND } from '../../base/units';
import type { Brief } from '../../brief';
import type { Foundry } from '../../foundries';
import type { TolerancePolicy } from '../../part';
import {
  replyRows,
  scopeStates,
  type CapacityPeriod,
  type LeadUnit,
  type PriceUnit,
  type Quote,
  type QuotedScope,
  type QuotedTool,
} from '../../quotes';
import { atFoundry, type RateSet } from '../../rates';
import { prepareStudy } from '../../study';
import { boardAt, type BoardLane } from '../board';

/** What the simulated desk is asked: a part, the foundry it stands in for, the lane, and the seed of its mood. */
export interface DeskAsked {
  readonly brief: Brief;
  readonly policy: TolerancePolicy;
  readonly laneId: string;
  readonly foundry: Foundry;
  /** Pieces of the programme. */
  readonly q: number;
  /** ISO date of the reply. */
  readonly on: string;
  readonly seed: string;
}

/** What a foundry would send back: rows of the reply sheet as it filled them in, and a few words. */
export interface DeskReply {
  readonly declined: boolean;
  readonly rows: readonly { readonly key: string; readonly value: string }[];
  readonly letter: string;
  /** How long it takes to answer, in parts of the longest wait, 0–1. */
  readonly wait: number;
}

/** Study currency in one of another, as the desk has them; it tells no rate. */
type Currency = readonly [code: string, inUsd: number];
const CURRENCIES: readonly [Currency, ...Currency[]] = [
  ['EUR', 1.09],
  ['CAD', 0.73],
];
/** Scatter of prices, tools and times about the model, as standard deviations of their logarithm. */
const SCATTER = { price: 0.06, tool: 0.1, time: 0.12 };
const HUNDRED = 100;
const WORKDAYS_A_WEEK = 5;
const WORKDAYS_A_MONTH = 21;
const CALENDAR_PER_WORKDAY = 1.4;
const DAYS_A_WEEK = 7;
const VALID = [30, 60, 90] as const;

/** Draws of one reply. */
class Mood {
  readonly next: () => number;
  constructor(seed: string) {
    this.next = seededDraws(seed);
  }
  /** True in so many of a hundred cases. */
  happens(ofHundred: number): boolean {
    return this.next() < ofHundred / HUNDRED;
  }
  /** A factor about one. */
  factor(sigma: number): number {
    const [u, v] = [1 - this.next(), this.next()];
    return Math.exp(sigma * Math.sqrt(-2 * Math.log(u)) * Math.cos(2 * Math.PI * v));
  }
  one<T>(list: readonly [T, ...T[]]): T {
    return list[Math.floor(this.next() * list.length)] ?? list[0];
  }
}

const round = (x: number, digits = 2): number => Number(x.toFixed(digits));
const rounded = (x: number): number => Number(x.toPrecision(3));

/** Why a foundry cannot make it, or null. */
function whyNot(lane: BoardLane | undefined, { profile }: Foundry, alloy: string | null): string | null {
  if (lane === undefined) return 'We do not run this route.';
  if (profile.alloys !== undefined && alloy !== null && !profile.alloys.v.poured.includes(alloy))
    return profile.alloys.v.refused[0]?.why ?? 'We do not pour this alloy.';
  const barred = lane.findings.find((f) => f.status === 'blocked');
  if (barred !== undefined) return barred.reason;
  return lane.money === null || lane.dates === null ? 'We cannot price it as it stands.' : null;
}

/**
 * What a foundry might answer to a request: its price by the cost model at its own profile, with scatter, and with the
 * usual mess of replies: other units and currencies, work left out, another alloy, a decline with something else offered,
 * a value that cannot be read. The same seed gives the same reply.
 *
 * @param rates of the study, at no foundry
 * @returns rows of the reply sheet as filled in
 * @throws {CoreError} E_RANGE for no pieces
 * @example
 * simulatedReply({ brief, policy: 'published', laneId: 'no-such/lane', foundry: { id: 'f', name: 'F', version: 1, profile: { lines: [] } }, q: 500, on: '2027-01-18', seed: 'a' }, rates).declined // true
 */
export function simulatedReply({ brief, policy, laneId, foundry, q, on, seed }: DeskAsked, rates: RateSet): DeskReply {
  const mood = new Mood(`${seed} ${foundry.id} ${laneId}`);
  const wait = mood.next();
  const at = atFoundry(rates, foundry);
  const runs = foundry.profile.lines.some((line) => `${line.route}/${line.variant}` === laneId);
  const lanes = runs ? (at.lanes ?? []).filter((lane) => lane.id === laneId) : [];
  const study = prepareStudy(brief, policy, at, { lanes });
  const lane = lanes.length === 0 ? undefined : boardAt(study, q).lanes.find((l) => l.id === laneId);
  const [route = '', variant = ''] = laneId.split('/');
  const whose = { id: 'desk', foundryId: foundry.id, route, variant, date: on };
  const instead = foundry.profile.alloys?.v.offeredInstead.find((o) => o.asked === brief.alloy);
  const no = whyNot(lane, foundry, instead === undefined ? brief.alloy : null);
  if (no !== null || lane?.money == null || lane.dates === null) {
    const reason = no ?? 'We cannot price it as it stands.';
    return {
      declined: true,
      wait,
      letter: `Thank you for asking. ${reason}`,
      rows: rowsOf({ ...declined(whose, reason, rates.currency.code), validDays: 0 }),
    };
  }
  const quote = priced({ ...whose, alloy: instead?.offered ?? brief.alloy }, lane.money, lane.dates, {
    mood,
    brief,
    code: rates.currency.code,
    mass_kg: study.facts?.m ?? 1,
    foundry,
  });
  const rows = rowsOf(quote);
  // One reply in seven has a value that only a person can read.
  const blurred = mood.happens(14)
    ? rows.map((row) =>
        row.key === 'capacity.v' || row.key === 'minOrder' ? { ...row, value: `about ${row.value}` } : row,
      )
    : rows;
  return {
    declined: false,
    wait,
    rows: blurred,
    letter:
      instead === undefined
        ? 'Thank you for asking; our sheet is attached.'
        : `We pour ${instead.offered} in place of ${instead.asked}: ${instead.why}`,
  };
}

/** Rows with something in them, as a sheet comes back. */
const rowsOf = (quote: Quote): { key: string; value: string }[] =>
  replyRows(quote).flatMap(({ key, value }) => (value === '' ? [] : [{ key, value }]));

const declined = (
  whose: Pick<Quote, 'id' | 'foundryId' | 'route' | 'variant' | 'date'>,
  reason: string,
  currency: string,
): Quote => ({
  ...whose,
  ...{ validDays: 30, unit: 'each', currency, priceBreaks: [], minOrder: 0, lotCharge: 0 },
  tooling: { mode: 'none', first: 0, replacement: 0, ownedBy: 'buyer' },
  ...{
    alloy: null,
    scope: [],
    exceptions: [],
    lead: null,
    capacity: null,
    incomingBad: 0,
    maxPieces: null,
    remarks: '',
  },
  decline: { reason, counter: null },
});

interface OfReply {
  readonly mood: Mood;
  readonly brief: Brief;
  readonly code: string;
  readonly mass_kg: number;
  readonly foundry: Foundry;
}

function priced(
  whose: Pick<Quote, 'id' | 'foundryId' | 'route' | 'variant' | 'date' | 'alloy'>,
  money: NonNullable<BoardLane['money']>,
  dates: NonNullable<BoardLane['dates']>,
  { mood, brief, code, mass_kg, foundry }: OfReply,
): Quote {
  const [currency, inStudy] = code === 'USD' && mood.happens(25) ? mood.one(CURRENCIES) : ([code, 1] as const);
  const inQuoted = (x: number): number => x / inStudy;
  const scope: QuotedScope[] = [];
  let unit = money.unit * mood.factor(SCATTER.price);
  for (const { kind, line, model } of scopeStates({ scope: [] }, money.lines, [])) {
    const leavesOut = kind !== 'casting' && mood.happens(16);
    if (leavesOut) unit -= (model ?? 0) * 0.9;
    // A line that is not named at all is a part of the usual mess.
    if (leavesOut || !mood.happens(6)) scope.push({ line, status: leavesOut ? 'excluded' : 'included' });
  }
  if (mood.happens(25)) scope.push({ line: 'freight', status: 'extra', price: round(inQuoted(0.02 * unit + 0.05)) });
  const lot = money.lot;
  const tool = mood.one<QuotedTool['mode']>([
    'separate',
    'separate',
    'separate',
    'separate',
    'amortised',
    'foundry-pays',
  ]);
  const first = rounded(inQuoted(money.toolingLines.firstTool * mood.factor(SCATTER.tool)));
  const over = Math.max(1, Math.round(money.total > 0 ? lot * 10 : lot));
  const inPrice = tool === 'amortised' ? round(first / over) : 0;
  const priceUnit = mood.one<PriceUnit>([
    'each',
    'each',
    'each',
    'each',
    'each',
    'each',
    'hundred',
    'hundred',
    'kg',
    'lb',
  ]);
  const per = { each: 1, hundred: HUNDRED, kg: 1 / mass_kg, lb: KG_PER_POUND / mass_kg }[priceUnit];
  const price = (times: number): number => round((inQuoted(unit) * times + inPrice) * per, per < 1 ? 3 : 2);
  const slow = mood.factor(SCATTER.time);
  const days = (said: readonly [number, number, number] | undefined, model: number) => {
    const unitOf = mood.one<LeadUnit>(['calendar days', 'calendar days', 'working days', 'weeks']);
    const factor = { 'calendar days': 1, 'working days': CALENDAR_PER_WORKDAY, weeks: DAYS_A_WEEK }[unitOf];
    return { v: Math.max(1, Math.round(((said?.[1] ?? model) * slow) / factor)), unit: unitOf };
  };
  const period = mood.one<CapacityPeriod>(['day', 'week', 'week', 'month']);
  const capacity = dates.time.goodPerDay * { day: 1, week: WORKDAYS_A_WEEK, month: WORKDAYS_A_MONTH }[period];
  const loose = brief.features.find((f) => f.mayMachine) ?? brief.features[0];
  const { leadFirstArticle_d, leadLot_d } = foundry.profile;
  return {
    ...whose,
    ...{ validDays: mood.one([...VALID]), unit: priceUnit, currency },
    ...(priceUnit === 'kg' || priceUnit === 'lb' ? { quotedMass_kg: round(mass_kg, 3) } : {}),
    priceBreaks: [
      { from: Math.max(1, Math.round(lot / 2)), price: price(1.05) },
      { from: Math.max(2, lot), price: price(1) },
      { from: Math.max(3, 2 * lot), price: price(0.965) },
    ],
    minOrder: mood.happens(30) ? Math.max(1, Math.round(lot / 2)) : 0,
    lotCharge: mood.happens(20) ? rounded(inQuoted(0.01 * unit * lot + 20)) : 0,
    tooling: {
      mode: tool,
      first: tool === 'foundry-pays' ? 0 : first,
      replacement: rounded(inQuoted(money.toolingLines.firstTool * 0.8)),
      ownedBy: tool === 'separate' ? 'buyer' : 'foundry',
      ...(money.sets === 0
        ? {}
        : {
            life: {
              v: rounded((money.shots * money.plan.castingsPerPour) / (money.sets + 1)),
              unit: 'good parts' as const,
            },
          }),
      ...(tool === 'amortised' ? { over, inPriceEach: inPrice, dropsAfter: mood.happens(60), balanceDue: true } : {}),
      ...(tool === 'foundry-pays' ? { minTake: over, penalty: first } : {}),
    },
    scope,
    exceptions:
      loose !== undefined && mood.happens(20) ? [{ feature: loose.id, offers_mm: round(loose.tol_mm * 1.4, 3) }] : [],
    lead: {
      first: days(leadFirstArticle_d?.v, dates.firstArticle_d),
      lot: days(leadLot_d?.v, Math.max(7, 0.4 * dates.firstArticle_d)),
    },
    capacity: { v: Math.max(1, Math.round(capacity)), per: period },
    incomingBad: mood.one([0, 0.01, 0.02, 0.03]),
    decline: null,
    maxPieces: null,
    remarks: `Valid from ${isoDay(dayNumber('on', whose.date))}.`,
  };
}
