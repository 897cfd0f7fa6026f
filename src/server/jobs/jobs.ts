import { boardAt, evaluate, leadingWay, type Evaluation } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { travellerOf, type Traveller, type TravellerAsked } from '@/core/traveller';
import { lifetimeQuantity, parseBrief, readStoredBrief, type Brief, type BriefIssue } from '@/core/brief';
import type { Weights } from '@/core/comparison/ranking';
import { keptQuotes, quotesStanding, standingOf, withQuotes, type Standing } from '@/core/decision';
import { CoreError } from '@/core/base/errors';
import type { TolerancePolicy } from '@/core/part';
import { editionChanges, type EditionChange } from '@/core/comparison/edition-2';
import { whoCan, type WhoCan } from '@/core/comparison/foundries';
import {
  assessQuotes,
  calibrateFoundry,
  impliedRates,
  movableRates,
  quotedLeads,
  quoteRequest,
  type FoundryCalibration,
  type ImpliedRate,
  type MovableRate,
  type HeldQuote,
  type QuoteRequest,
  type QuotedRun,
  type QuotesAssessed,
} from '@/core/comparison/quotes';
import type { QuoteSetting, ScopeFill } from '@/core/quotes';
import type { Foundry } from '@/core/foundries';
import {
  alloysAt,
  everyAlloy,
  ratesOf,
  SHIPPED_RATES,
  SHIPPED_REF,
  unpackedRates,
  type ProcessRef,
  type RateRef,
} from '@/core/rates';
import { screenParts, type BoughtPart, type ScreenedPart } from '@/core/comparison/parts-list';
import type { TeamAlloys } from '@/core/team-alloys';
import { processMovers, type ProcessMover } from '@/core/comparison/process-movers';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { runVector, WORKED_CASES } from '@/core/reference/worked-cases';
import { frozenOf, type Signing, type Report } from '../decisions/snapshot';
import type { DecisionRecord, SignedSnapshot } from '../decisions/record';
import { readProcessCsv, readProcessJson, type ProcessCsvResult } from '../exchange/process-csv';
import { readRatesCsv, type RatesCsvResult } from '../exchange/rates-csv';
import { readPartsSheet, type PartsSheetResult } from '../exchange/parts-sheet';
import { readStudyFile, type StudyFileResult } from '../exchange/study-file';
import { takenStill, type StillTaken } from '../part-files/still';
import { effectOf, type EffectAsked, type RateEffect } from '../rates/rate-effect';
import { readReplySheet, type ReplySheetOf, type ReplySheetRead } from '../exchange/reply-sheet';
import {
  methodPdf,
  recordCsv,
  recordPdf,
  recordSheet,
  recordWorkbook,
  replySheetBook,
  requestPack,
  requestPdf,
  type MethodPaper,
  type PackAsked,
  type Paper,
  type RequestPaper,
} from '../record';

/** What is signed, and all that it is worked out from. */
export interface FreezeAsked {
  readonly brief: Brief;
  readonly school: TolerancePolicy;
  readonly rates: RateRef;
  readonly signing: Signing;
  readonly orderDate: string;
  readonly weights: Weights;
  /** Quotes of the study, and what they are compared by. */
  readonly quoted: QuotedBy;
}

/** Quotes of a study with the day, currencies and prices they are compared by. */
export interface QuotedBy {
  readonly quotes: readonly HeldQuote[];
  readonly setting: QuoteSetting;
  readonly given: readonly ScopeFill[];
}

/** A study as its leader hangs on it. */
export interface LeaderAsked {
  readonly brief: Brief;
  readonly school: TolerancePolicy;
  readonly rates: RateRef;
}

/** A part, and the foundries that are asked. */
export interface WhoCanAsked extends LeaderAsked {
  readonly foundries: readonly Foundry[];
  /** Pieces in all; those of the programme where not said. */
  readonly q?: number;
}

/** A study with the quotes that are held of it, and what they are compared by. */
export interface QuotesAsked extends LeaderAsked, QuotedBy {
  readonly q: number;
}

/** Quotes of one foundry, each with the study it is of, and the rates they are held against. */
export interface CalibrationAsked {
  readonly rates: RateRef;
  /** Rates that may move; the usual few where none are named. */
  readonly paths: readonly string[] | null;
  readonly quotes: readonly (Omit<QuotesAsked, 'rates' | 'quotes'> & {
    readonly title: string;
    readonly held: HeldQuote;
  })[];
}

/** A study as it was listed before edition 2. */
export interface EditionAsked extends LeaderAsked {
  readonly quantity: number;
  /** What led then. */
  readonly before: string | null;
}

/** What edition 2 did to a study. Money in the study's currency, by the core as it is now. */
export interface EditionEffect {
  readonly leader: string | null;
  readonly allIn: number | null;
  /** What led before, at its present price. */
  readonly allInBefore: number | null;
  readonly changes: readonly EditionChange[];
}

/** A decision and the rates it is looked at with. */
export interface StandingAsked {
  readonly decision: DecisionRecord;
  readonly rates: RateRef;
  readonly quoted: QuotedBy;
}

/** A comparison as the service answers it: a baseline leads where it is cheapest and allowed. */
type Answered = Evaluation & {
  /** The cheapest casting lane that survives, or null. */
  readonly leadingCasting: string | null;
  /** Keys of the brief that were not read, in words. */
  readonly notes: readonly string[];
};

/** A comparison led by whatever is cheapest and allowed: cut from solid, stamped and today's way too. */
function withBaselines(evaluation: Evaluation): Omit<Answered, 'notes'> {
  const open = evaluation.lanes.filter(
    (l) => l.total !== null && (l.id === evaluation.leader || (l.kind === 'baseline' && l.status !== 'blocked')),
  );
  const first = open.reduce<(typeof open)[number] | null>(
    (best, l) => (best === null || (l.total ?? Infinity) < (best.total ?? Infinity) ? l : best),
    null,
  );
  return { ...evaluation, leader: first?.id ?? null, leadingCasting: evaluation.leader };
}

/** Heavy work of the server by name: each takes data and gives data, and touches no database. */
export const JOBS = {
  /** Everything a choice rests on, frozen; or why it cannot be signed. */
  freeze: (
    { brief, school, rates: ref, signing, orderDate, weights, quoted }: FreezeAsked,
    report: Report,
  ): SignedSnapshot | { barred: string } => {
    report('the board', 0);
    const rates = ratesOf(ref);
    const evaluation = evaluate(brief, { school, quantity: signing.quantity, rates });
    const lane = evaluation.lanes.find((l) => l.id === signing.laneId);
    if (lane === undefined) return { barred: `${signing.laneId} is not a route of this study` };
    if (lane.kind === 'baseline')
      return {
        barred: `${lane.name} is what the casting routes are set against; only a casting route is signed here.`,
      };
    if (lane.status === 'blocked' || lane.allIn === null)
      return {
        barred: lane.uncosted ?? lane.findings.find((f) => f.status === 'blocked')?.reason ?? 'The route is ruled out.',
      };
    const study = prepareStudy(brief, school, rates);
    const quotes = keptQuotes(assessQuotes(study, signing.quantity, quoted.quotes, quoted.setting, quoted.given));
    const frozen = frozenOf(study, evaluation, signing, orderDate, weights, report);
    return 'barred' in frozen ? frozen : { ...frozen, quotes };
  },
  /** The record of a decision as a file; null where its frozen brief does not make one any more. */
  record: async (
    asked: {
      readonly decision: DecisionRecord;
      readonly form: 'pdf' | 'xlsx' | 'csv';
      readonly paper: Paper;
      readonly still: Uint8Array | null;
    },
    report: Report,
  ): Promise<Uint8Array | string | null> => {
    report('the figures', 0);
    const sheet = recordSheet(asked.decision);
    report(asked.form === 'pdf' ? 'the pages' : 'the sheets', 0.25);
    if (sheet === null) return null;
    if (asked.form === 'csv') return recordCsv(sheet);
    if (asked.form === 'xlsx') return new Uint8Array(await recordWorkbook(sheet));
    const still = asked.still === null ? null : Buffer.from(asked.still);
    return new Uint8Array(await recordPdf(sheet, { paper: asked.paper, still }));
  },
  /** What is cheapest at the pieces of the programme: a lane, or a way without a casting; null where nothing is left. */
  leader: ({
    brief,
    school,
    rates,
  }: LeaderAsked): { readonly quantity: number | null; readonly leader: string | null } => {
    const quantity = lifetimeQuantity(brief);
    const leader =
      quantity === null ? null : leadingWay(boardAt(prepareStudy(brief, school, ratesOf(rates)), quantity));
    return { quantity, leader };
  },
  /** Whether a signed choice still stands; null for a record that this build cannot work out again. */
  standing: ({ decision, rates, quoted }: StandingAsked): Standing | null => {
    const { snapshot } = decision;
    const { brief } = readStoredBrief(snapshot.brief);
    const { quotes, setting, given } = quoted;
    const study = prepareStudy(brief, decision.school, ratesOf(rates));
    const now = quotes.length === 0 ? null : keptQuotes(assessQuotes(study, decision.quantity, quotes, setting, given));
    const found = standingOf(
      {
        brief,
        rates: unpackedRates(snapshot.rates),
        school: decision.school,
        laneId: decision.laneId,
        quantity: decision.quantity,
        orderDate: snapshot.orderDate ?? brief.quantity.orderDate ?? decision.signedOn,
        plan: snapshot.plan ?? null,
        weights: snapshot.weights ?? null,
      },
      ratesOf(rates),
    );
    return withQuotes(found, quotesStanding({ laneId: decision.laneId, quotes: snapshot.quotes ?? null }, now));
  },
  /** A study file read and checked. */
  studyFile: ({ raw, own }: { readonly raw: unknown; readonly own: ReadonlySet<string> }): StudyFileResult =>
    readStudyFile(raw, own),
  /** A list of bought parts screened: those that save most first. */
  screenParts: ({
    parts,
    rates,
  }: {
    readonly parts: readonly BoughtPart[];
    readonly rates: RateRef;
  }): readonly ScreenedPart[] => screenParts(parts, ratesOf(rates)),
  /** A sheet of bought parts read. */
  partsSheet: ({ bytes, rates }: { readonly bytes: Uint8Array; readonly rates: RateRef }): Promise<PartsSheetResult> =>
    readPartsSheet(bytes, everyAlloy(ratesOf(rates))),
  /** A CSV of rates read against a set. */
  ratesCsv: ({ text, rates }: { readonly text: string; readonly rates: RateRef }): RatesCsvResult =>
    readRatesCsv(text, ratesOf(rates)),
  /** A CSV, or JSON, of process values read against a set. */
  processCsv: ({ text, process }: { readonly text: string; readonly process: ProcessRef }): ProcessCsvResult =>
    /^\s*\{/.test(text) ? readProcessJson(text, process) : readProcessCsv(text, process),
  /** Process values by how much each moves the total of the leader of a study; nothing where none leads. */
  processMovers: ({ brief, school, rates }: LeaderAsked): readonly ProcessMover[] => {
    const { foundries: _, ...plain } = rates;
    return processMovers(brief, school, ratesOf(plain), lifetimeQuantity(brief) ?? 1);
  },
  /** Who can make a part, of all foundries. */
  whoCan: ({ brief, school, rates, foundries, q }: WhoCanAsked): WhoCan => {
    const { foundries: _, ...plain } = rates;
    const pieces = q ?? lifetimeQuantity(brief) ?? 1;
    return whoCan(brief, school, ratesOf(plain), foundries, pieces, brief.quantity.orderDate);
  },
  /** The quotes of a study made comparable, held against the model, and what they do to the choice. */
  quotes: ({ brief, school, rates, q, quotes, setting, given }: QuotesAsked): QuotesAssessed =>
    assessQuotes(prepareStudy(brief, school, ratesOf(rates)), q, quotes, setting, given),
  /** What leads over all quantities where quotes stand in place of the model. */
  quotedLeads: (
    { brief, school, rates, quotes, setting, given }: LeaderAsked & QuotedBy,
    report: Report,
  ): readonly QuotedRun[] =>
    quotedLeads(prepareStudy(brief, school, ratesOf(rates)), quotes, setting, given, undefined, (share) =>
      report('the quantities', share),
    ),
  /** What each rate would have to be, alone, for the model to ask what a quote asks. */
  implied: ({ brief, school, rates, q, quotes, setting, given }: QuotesAsked): readonly ImpliedRate[] => {
    const at = ratesOf(rates);
    const [a] = assessQuotes(prepareStudy(brief, school, at), q, quotes, setting, given).quotes;
    const price = a?.normalised?.price;
    if (a === undefined || price == null) return [];
    return impliedRates({ brief, policy: school, laneId: a.laneId, q }, at, price.unitComparable, 'unit');
  },
  /** Rates fitted to what a foundry asked in all studies, and the rates that may be let move. */
  calibration: ({
    rates,
    paths,
    quotes,
  }: CalibrationAsked): FoundryCalibration & { movable: readonly MovableRate[] } => {
    const at = ratesOf(rates);
    const prices = quotes.map(({ title, brief, school, q, held, setting, given }) => {
      const [a] = assessQuotes(prepareStudy(brief, school, at), q, [held], setting, given).quotes;
      const price = a?.out === null ? a.normalised?.price : undefined;
      return {
        ...{ id: held.quote.id, words: `${title}, ${a?.laneName ?? ''}`, brief, policy: school, q },
        ...{ laneId: `${held.quote.route}/${held.quote.variant}`, unit: price?.unitComparable ?? 0 },
        tooling: held.quote.tooling.mode === 'separate' ? (price?.tooling ?? null) : null,
      };
    });
    return { ...calibrateFoundry(prices, at, paths ?? undefined), movable: movableRates(prices, at) };
  },
  /** The sheet that goes with a lot of a study. */
  traveller: ({ brief, school, rates, ...asked }: LeaderAsked & TravellerAsked): Traveller =>
    travellerOf(prepareStudy(brief, school, ratesOf(rates)), asked),
  /** The method of a study on one lane as a PDF. */
  methodPaper: ({ brief, school, rates, ...paper }: LeaderAsked & MethodPaper): Promise<Uint8Array> =>
    methodPdf(prepareStudy(brief, school, ratesOf(rates)), paper),
  /** What a study asks of foundries on some lanes. */
  quoteRequest: ({ brief, school, rates, laneIds, q }: LeaderAsked & { laneIds: string[]; q?: number }): QuoteRequest =>
    quoteRequest(prepareStudy(brief, school, ratesOf(rates)), laneIds, q),
  /** A request as a PDF, with everything that goes out with it as a ZIP, and one of its reply sheets as a workbook. */
  requestPaper: (of: RequestPaper): Promise<Uint8Array> => requestPdf(of),
  requestPack: (of: PackAsked): Promise<Uint8Array> => requestPack(of),
  replyBook: (of: ReplySheetOf): Promise<Uint8Array> => replySheetBook(of),
  /** The rows of a reply sheet that came back. */
  replySheet: ({ bytes }: { bytes: Uint8Array }): Promise<ReplySheetRead> => readReplySheet(bytes),
  /** What edition 2 changed of a study: who led, who leads, at what price each, and why. */
  edition2: ({ brief, school, rates, quantity, before }: EditionAsked): EditionEffect => {
    const study = prepareStudy(brief, school, ratesOf(rates));
    const board = boardAt(study, quantity);
    const priceOf = (id: string | null): number | null => board.lanes.find((l) => l.id === id)?.money?.allIn ?? null;
    const leader = leadingWay(board);
    return {
      leader,
      allIn: priceOf(leader),
      allInBefore: priceOf(before),
      changes: editionChanges(
        study,
        [before, leader].filter((id) => id !== null),
      ),
    };
  },
  /** What a change of rates does to one study. */
  rateEffect: (asked: EffectAsked): RateEffect => effectOf(asked),
  /** A picture taken apart and put together anew. */
  still: (bytes: Uint8Array): StillTaken => takenStill(bytes),
  /** The comparison of a brief as it came from outside. */
  evaluate: ({
    brief,
    alloys,
    ...options
  }: {
    readonly brief: unknown;
    readonly alloys?: TeamAlloys | undefined;
    readonly school?: TolerancePolicy;
    readonly quantity?: number;
  }): { readonly issues: readonly BriefIssue[] } | Answered => {
    const parsed = parseBrief(brief, new Set(alloys?.list.map(({ id }) => id)));
    const rates = alloysAt(SHIPPED_RATES, alloys, SHIPPED_REF.own);
    return parsed.ok
      ? { ...withBaselines(evaluate(parsed.brief, { ...options, rates })), notes: parsed.notes }
      : { issues: parsed.issues };
  },
  /** The worked cases that ship, each run. */
  check: (): ReturnType<typeof runVector>[] => {
    const read = (path: string): Uint8Array =>
      new Uint8Array(readFileSync(join(process.cwd(), 'public', 'worked-cases', path)));
    return WORKED_CASES.map((c) => runVector(c, read));
  },
} as const;

export type JobName = keyof typeof JOBS;
export type JobInput<N extends JobName> = Parameters<(typeof JOBS)[N]>[0];
export type JobOutput<N extends JobName> = Awaited<ReturnType<(typeof JOBS)[N]>>;

/** What a worker answers: a result, or what the core refused, since an error loses its own fields on the way. */
export type JobAnswer<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issue: CoreError['issue'] };

/** Runs one job; a refusal of the core becomes data. */
export async function runJob(name: JobName, input: unknown, report: Report): Promise<JobAnswer<unknown>> {
  try {
    const job = JOBS[name] as (input: unknown, report: Report) => unknown;
    return { ok: true, value: await job(input, report) };
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, issue: error.issue };
    throw error;
  }
}
