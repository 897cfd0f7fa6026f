import { dateWords } from '../../base/day';
import { LINE_IDS, type LineId } from '../../cost';
import { shortName } from '../../catalogue/routes';
import { CoreError } from '../../base/errors';
import {
  normaliseQuote,
  quoteMistakes,
  scopeFills,
  scopeStates,
  type Asked,
  type Mistake,
  type NormalisedQuote,
  type Quote,
  type QuoteSetting,
  type ScopeFill,
  type ScopeState,
} from '../../quotes';
import type { Study } from '../../study';
import { boardAt, type Board, type BoardLane } from '../board';
import { askedOf } from './asked';
import { modelFigures } from './model-figures';

/** A quote as it is held: who gave it, and whether it still stands. */
export interface HeldQuote {
  readonly quote: Quote;
  readonly foundry: string;
  /** Given by the simulated desk. */
  readonly simulated: boolean;
  /** Why it was withdrawn; null where it was not. */
  readonly withdrawn: string | null;
}

/** The model of the same lane, to hold a quote against. Money in the currency of the study. */
export interface ModelBeside {
  readonly unit: number;
  readonly tooling: number;
  readonly allIn: number;
  readonly total: number;
  readonly lines: Readonly<Record<LineId, number>>;
  readonly firstArticle_d: number | null;
}

/** A quote of a study, made comparable and held against the model. */
export interface AssessedQuote {
  readonly held: HeldQuote;
  readonly laneId: string;
  readonly laneName: string;
  /** What the model beside it is of: the lane, or the way without a casting. */
  readonly modelId: string;
  readonly normalised: NormalisedQuote | null;
  /** Why it could not be made comparable; null where it could. */
  readonly refused: string | null;
  readonly fills: readonly ScopeFill[];
  readonly scope: readonly ScopeState[];
  readonly mistakes: readonly Mistake[];
  readonly model: ModelBeside | null;
  /** Why it has no part in the choice; null where it has. */
  readonly out: string | null;
  /** What the book bars on its lane; empty where nothing is barred. */
  readonly barred: readonly string[];
}

/** What leads once quotes stand in place of the model. */
export interface QuotedLeader {
  readonly laneId: string;
  readonly name: string;
  /** Id of the quote that its price is of; null where the model's is taken. */
  readonly quoteId: string | null;
  readonly perGoodPart: number;
}

/** Every quote of a study, and what they do to the choice. */
export interface QuotesAssessed {
  readonly q: number;
  readonly asked: Asked;
  readonly setting: QuoteSetting;
  readonly quotes: readonly AssessedQuote[];
  /** What leads by the model alone. */
  readonly byModel: QuotedLeader | null;
  /** What leads where each route with a quote that holds costs what its cheapest quote asks. */
  readonly byQuotes: QuotedLeader | null;
  /** The next best of another lane, by quotes. */
  readonly nextByQuotes: QuotedLeader | null;
  readonly changed: boolean;
}

const baselineId = (laneId: string): string => laneId.split('/')[0] ?? laneId;

/** Money of the model for a lane, or for a way without a casting. */
function besides(board: Board, laneId: string): ModelBeside | null {
  const lane = board.lanes.find((l) => l.id === laneId);
  if (lane?.money != null) {
    const { unit, tooling, allIn, total, lines } = lane.money;
    return { unit, tooling, allIn, total, lines, firstArticle_d: lane.dates?.firstArticle_d ?? null };
  }
  const baseline = board.baselines.find((b) => b.id === baselineId(laneId));
  if (baseline === undefined) return null;
  const none = Object.fromEntries(LINE_IDS.map((id) => [id, 0])) as Record<LineId, number>;
  const { unit, tooling, allIn, total, firstArticle_d } = baseline;
  return { unit, tooling, allIn, total, lines: { ...none, machining: unit }, firstArticle_d };
}

/** Why a quote has no part in the choice. */
function outOf({ withdrawn }: HeldQuote, normalised: NormalisedQuote | null, refused: string | null): string | null {
  if (withdrawn !== null) return `Withdrawn: ${withdrawn || 'no reason given'}.`;
  if (normalised === null) return refused;
  const has = (flag: NormalisedQuote['flags'][number]): boolean => normalised.flags.includes(flag);
  if (has('declined')) return `Declined: ${normalised.quote.decline?.reason ?? ''}`;
  if (has('expired')) return `Expired: it held until ${dateWords(normalised.validUntil)}.`;
  if (has('fewer-than-needed')) return `It would make at most ${normalised.quote.maxPieces ?? 0} pieces.`;
  if (has('alloy-swapped')) return 'It is for another alloy than the one asked.';
  return null;
}

function assess(
  study: Study,
  board: Board,
  held: HeldQuote,
  asked: Asked,
  setting: QuoteSetting,
  given: readonly ScopeFill[],
): AssessedQuote {
  const { quote } = held;
  const laneId = `${quote.route}/${quote.variant}`;
  const lane = board.lanes.find((l) => l.id === laneId);
  const baseline = board.baselines.find((b) => b.id === baselineId(laneId));
  const model = besides(board, laneId);
  const fills = scopeFills(quote, model?.lines ?? null, given);
  let normalised: NormalisedQuote | null = null;
  let refused: string | null = null;
  try {
    normalised = normaliseQuote(quote, asked, setting, fills);
  } catch (error) {
    if (!(error instanceof CoreError)) throw error;
    refused = `It cannot be made comparable: ${error.message}`;
  }
  const figures = lane === undefined ? null : modelFigures(study, laneId, board.q);
  return {
    ...{ held, laneId, normalised, refused, fills, model },
    modelId: lane === undefined ? baselineId(laneId) : laneId,
    laneName: lane === undefined ? (baseline?.name ?? laneId) : shortName(laneId),
    scope: scopeStates(quote, model?.lines ?? null, fills),
    mistakes: normalised?.price == null || figures === null ? [] : quoteMistakes(quote, asked, setting, fills, figures),
    out: outOf(held, normalised, refused),
    barred: (lane?.findings ?? []).flatMap((f) => (f.status === 'blocked' ? [f.reason] : [])),
  };
}

const better = (a: QuotedLeader | null, b: QuotedLeader): QuotedLeader =>
  a === null || b.perGoodPart < a.perGoodPart ? b : a;

/**
 * The quotes of a study at a quantity: each made comparable, held against the model, with what may be wrong in it; and
 * what leads once every route with a quote that holds costs what its cheapest quote asks. A quote for a route that the
 * book bars is told, and does not lead.
 *
 * @param study made ready
 * @param q pieces of the programme, at least 1
 * @param quotes as they are held
 * @param setting day, currency and calendar of the comparison
 * @param given what the buyer takes for work that quotes leave out, a piece; else the model's is taken
 * @returns the quotes, the cheapest that holds first
 * @throws {CoreError} E_RANGE for no pieces
 * @example
 * assessQuotes(study, 500, [], setting).byModel?.laneId === board.leader // true
 */
export function assessQuotes(
  study: Study,
  q: number,
  quotes: readonly HeldQuote[],
  setting: QuoteSetting,
  given: readonly ScopeFill[] = [],
): QuotesAssessed {
  const board = boardAt(study, q);
  const asked: Asked = { ...askedOf(study.brief), need: q };
  const assessed = quotes.map((held) => assess(study, board, held, asked, setting, given));
  const priceOf = (a: AssessedQuote): number => a.normalised?.price?.perGoodPart ?? Infinity;
  const open = assessed.filter((a) => a.out === null && a.barred.length === 0 && Number.isFinite(priceOf(a)));
  const ways = waysOf(board);
  const quoted = ways.map((way): QuotedLeader => {
    const best = open.filter((a) => laneKey(a.laneId, board) === way.laneId).sort((a, b) => priceOf(a) - priceOf(b))[0];
    return best === undefined ? way : { ...way, quoteId: best.held.quote.id, perGoodPart: priceOf(best) };
  });
  const byModel = ways.reduce<QuotedLeader | null>(better, null);
  const byQuotes = quoted.reduce<QuotedLeader | null>(better, null);
  return {
    ...{ q, asked, setting, byModel, byQuotes },
    quotes: [...assessed].sort(
      (a, b) => Number(a.out !== null) - Number(b.out !== null) || priceOf(a) - priceOf(b) || order(a, b),
    ),
    nextByQuotes: quoted.filter((way) => way.laneId !== byQuotes?.laneId).reduce<QuotedLeader | null>(better, null),
    changed: byModel !== null && byQuotes !== null && byModel.laneId !== byQuotes.laneId,
  };
}

const order = (a: AssessedQuote, b: AssessedQuote): number => (a.held.quote.id < b.held.quote.id ? -1 : 1);

/** A quote for a way without a casting is of the baseline, whatever variant it names. */
const laneKey = (laneId: string, board: Board): string =>
  board.baselines.some((b) => b.id === baselineId(laneId)) ? baselineId(laneId) : laneId;

/** Every way that may be taken, at the model's price: lanes that nothing bars, and baselines likewise. */
function waysOf(board: Board): QuotedLeader[] {
  const isOpen = (lane: BoardLane): boolean => lane.status !== 'blocked' && lane.money !== null && !lane.passedOver;
  return [
    ...board.lanes.flatMap((lane): QuotedLeader[] =>
      isOpen(lane) && lane.money !== null
        ? [{ laneId: lane.id, name: shortName(lane.id), quoteId: null, perGoodPart: lane.money.allIn }]
        : [],
    ),
    ...board.baselines.flatMap((b): QuotedLeader[] =>
      b.barred === null ? [{ laneId: b.id, name: b.name, quoteId: null, perGoodPart: b.allIn }] : [],
    ),
  ];
}
