import { lifetimeQuantity, type Brief } from '../../brief';
import { refuse } from '../../base/errors';
import type { TolerancePolicy } from '../../part';
import { SHIPPED_RATES, type RateSet } from '../../rates';
import type { Finding, Status } from '../../screening';
import { CORE_VERSION } from '../../base/version';
import { boardAt, type BoardLane } from './board';
import { crossings, type Crossing } from './crossings';
import { RAIL_MAX } from './ribbon';
import { prepareStudy } from '../../study';
import { verdictSentence } from './verdict';

/** One lane of the answer: a variant of a route, or a baseline. Money in `currency`, times in calendar days. */
export interface EvaluatedLane {
  readonly id: string;
  readonly kind: 'route' | 'baseline';
  readonly name: string;
  /** The foundry it is judged by; absent for the book. */
  readonly foundry?: string;
  readonly status: Status;
  readonly tooling: number | null;
  readonly unit: number | null;
  readonly allIn: number | null;
  readonly total: number | null;
  readonly firstArticle_days: number | null;
  readonly lastPart_days: number | null;
  /** Positions in a pour, and cavities of the tool, as chosen; null for baselines and lanes without money. */
  readonly positions: number | null;
  readonly toolCavities: number | null;
  readonly lines: Readonly<Record<string, number>>;
  readonly toolingLines: Readonly<Record<string, number>>;
  readonly findings: readonly Finding[];
  /** Why a figure is null, or null. */
  readonly uncosted: string | null;
}

/** The whole comparison as data. */
export interface Evaluation {
  readonly coreVersion: string;
  readonly quantity: number;
  readonly school: TolerancePolicy;
  readonly rates: string;
  readonly currency: string;
  readonly leader: string | null;
  readonly second: string | null;
  readonly verdict: string;
  readonly lanes: readonly EvaluatedLane[];
  readonly crossings: readonly Crossing[];
}

/**
 * Brief in, comparison out: what the service and the worker answer.
 *
 * @param quantity pieces in all, whole, 1 to 1 000 000; default the brief's pieces a year × years
 * @throws {CoreError} E_NOT_A_NUMBER when no quantity is given and the brief has none, E_RANGE outside the rail
 * @example
 * evaluate(brief, { quantity: 500 }).leader === board.leader // true
 */
export function evaluate(
  brief: Brief,
  options: { school?: TolerancePolicy; quantity?: number; rates?: RateSet; orderDate?: string | null } = {},
): Evaluation {
  const { school = 'published', rates = SHIPPED_RATES } = options;
  const q = options.quantity ?? lifetimeQuantity(brief);
  if (q === null)
    return refuse(
      'E_NOT_A_NUMBER',
      'quantity',
      null,
      'pieces in total, or quantity.perYear and quantity.years in the brief',
    );
  if (!(Number.isInteger(q) && q >= 1 && q <= RAIL_MAX))
    refuse('E_RANGE', 'quantity', q, `a whole number from 1 to ${RAIL_MAX}`);
  const study = prepareStudy(brief, school, rates);
  const board = boardAt(study, q, options.orderDate ?? brief.quantity.orderDate);
  const all = crossings(study);
  return {
    coreVersion: CORE_VERSION,
    quantity: q,
    school,
    rates: rates.id,
    currency: rates.currency.code,
    leader: board.leader,
    second: board.second,
    verdict: verdictSentence(board, all, rates.currency.code),
    lanes: [
      ...board.lanes.map(evaluatedLane),
      ...board.baselines.map((b): EvaluatedLane => ({
        id: b.id,
        kind: 'baseline',
        name: b.name,
        status: b.status,
        tooling: b.barred === null ? b.tooling : null,
        unit: b.barred === null ? b.unit : null,
        allIn: b.barred === null ? b.allIn : null,
        total: b.barred === null ? b.total : null,
        firstArticle_days: b.barred === null ? b.firstArticle_d : null,
        lastPart_days: b.barred === null ? b.lastPart_d : null,
        positions: null,
        toolCavities: null,
        lines: b.barred === null ? b.lines : {},
        toolingLines: {},
        findings: [],
        uncosted: b.barred,
      })),
    ],
    crossings: all,
  };
}

function evaluatedLane(lane: BoardLane): EvaluatedLane {
  const { money, dates } = lane;
  return {
    id: lane.id,
    kind: 'route',
    name: `${lane.name}, ${lane.variantName}`,
    ...(lane.foundry === undefined ? {} : { foundry: lane.foundry.name }),
    status: lane.status,
    tooling: money?.tooling ?? null,
    unit: money?.unit ?? null,
    allIn: money?.allIn ?? null,
    total: money?.total ?? null,
    firstArticle_days: dates?.firstArticle_d ?? null,
    lastPart_days: dates?.lastPart_d ?? null,
    positions: money?.plan.n ?? null,
    toolCavities: money?.plan.nt ?? null,
    lines: money?.lines ?? {},
    toolingLines: { ...money?.toolingLines },
    findings: lane.findings,
    uncosted: lane.uncosted,
  };
}
