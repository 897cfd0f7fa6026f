import 'server-only';
import type { HeldQuote } from '@/core/comparison/quotes';
import type { Quote, QuoteSetting, ScopeFill } from '@/core/quotes';
import { isoTime, reading, transaction } from '../db';
import {
  countQuotes,
  dropScopePrice,
  insertAward,
  insertQuoteChange,
  lockQuote,
  markWithdrawn,
  putAsOf,
  putExchangeRate,
  putScopePrice,
  selectAsOf,
  selectAwards,
  selectQuoteChanges,
  selectQuoteList,
  selectQuotesOfFoundry,
  updateQuote,
} from './queries';
import { foundryOf } from '../foundries';
import { updateRequestLine } from './request-queries';
import { addQuoteOn, quoteOf, quotedBy, quotesOf, settingOf, type NewQuote, type QuoteRecord } from './repo';

/** One thing that became of a quote. */
export interface QuoteChange {
  readonly id: number;
  readonly quoteId: string;
  readonly version: number;
  readonly at: string;
  readonly who: string;
  readonly what: 'received' | 'corrected' | 'withdrawn' | 'restored';
  readonly why: string;
}

/** Which quote was awarded; of no quote where an award was taken back. */
export interface Award {
  readonly quoteId: string | null;
  readonly runnerUpId: string | null;
  readonly why: string;
  readonly perGoodPart: number | null;
  readonly quantity: number | null;
  readonly currency: string;
  readonly who: string;
  readonly at: string;
}

/** Everything a study holds of quotes. */
export interface StudyQuotes {
  readonly quotes: readonly QuoteRecord[];
  /** Ids of quotes that this build does not read. */
  readonly unread: readonly string[];
  readonly setting: QuoteSetting;
  /** The day they are compared on, where one was chosen; today otherwise. */
  readonly asOf: string | null;
  readonly given: readonly ScopeFill[];
  readonly changes: readonly QuoteChange[];
  readonly awards: readonly Award[];
}

const CHANGES_SHOWN = 200;

/** The day of today by the server's clock. */
const today = (): string => new Date().toISOString().slice(0, 10);

/** Everything a study holds of quotes. @param currency of the study */
export async function studyQuotes(studyId: string, currency: string): Promise<StudyQuotes> {
  return reading(async (on) => ({
    ...(await quotesOf(on, studyId)),
    ...(await settingOf(on, studyId, currency, today())),
    changes: (await selectQuoteChanges(on, studyId, CHANGES_SHOWN)).map((c) => ({
      ...{ id: Number(c.id), quoteId: c.quote_id, version: c.version, at: isoTime(c.changed_at) },
      ...{ who: c.changed_by, what: c.what, why: c.why },
    })),
    awards: (await selectAwards(on, studyId)).map((a) => ({
      ...{ quoteId: a.quote_id, runnerUpId: a.runner_up_id, why: a.why, perGoodPart: a.per_good_part },
      ...{ quantity: a.quantity, currency: a.currency, who: a.awarded_by, at: isoTime(a.awarded_at) },
    })),
  }));
}

/** The quotes of a study and what they are compared by, as the equations read them. */
export async function heldQuotes(
  studyId: string,
  currency: string,
): Promise<Pick<StudyQuotes, 'quotes' | 'setting' | 'given'>> {
  return reading((on) => quotedBy(on, studyId, currency, today()));
}

/** One quote of a study; undefined where there is none of that id, or it cannot be read. */
export async function getQuote(studyId: string, id: string): Promise<QuoteRecord | undefined> {
  return reading(async (on) => (await quotesOf(on, studyId)).quotes.find((q) => q.quote.id === id));
}

export type QuotesAddResult =
  | { readonly outcome: 'added'; readonly ids: readonly string[] }
  /** The foundry of the quote at that place is not there: none was put in. */
  | { readonly outcome: 'no-foundry'; readonly at: number };

/** Puts quotes in, all or none; the line of a request that one answers is settled with it. */
export async function addQuotes(
  studyId: string,
  quotes: readonly (NewQuote & { readonly lineId: string | null })[],
): Promise<QuotesAddResult> {
  return transaction<QuotesAddResult>(async (on) => {
    for (const [at, { foundryId }] of quotes.entries())
      if (foundryId !== null && (await foundryOf(on, foundryId)) === undefined) return { outcome: 'no-foundry', at };
    const ids: string[] = [];
    for (const one of quotes) {
      const id = await addQuoteOn(on, studyId, one);
      if (id === null) throw new Error(`no foundry ${one.foundryId ?? ''}`);
      ids.push(id);
      if (one.lineId === null) continue;
      const state = one.quote.decline === null ? 'answered' : 'declined';
      await updateRequestLine(on, { id: one.lineId, state, deskState: '', reply: null });
    }
    return { outcome: 'added', ids };
  });
}

export type QuoteSaveResult =
  | { readonly outcome: 'saved'; readonly version: number }
  | { readonly outcome: 'conflict'; readonly version: number }
  | { readonly outcome: 'missing' };

/** Corrects a quote read at `version`; what it said before is kept. A save in between is refused as a conflict. */
export async function saveQuote(
  studyId: string,
  id: string,
  input: { quote: Omit<Quote, 'id' | 'foundryId'>; version: number; who: string; why: string },
): Promise<QuoteSaveResult> {
  return transaction<QuoteSaveResult>(async (on) => {
    const row = await lockQuote(on, studyId, id);
    if (row === undefined) return { outcome: 'missing' };
    if (row.version !== input.version) return { outcome: 'conflict', version: row.version };
    const was = (typeof row.body === 'string' ? JSON.parse(row.body) : row.body) as Quote;
    const version = row.version + 1;
    const { who, why } = input;
    await updateQuote(on, { id, quote: { ...input.quote, id, foundryId: was.foundryId }, version, who });
    await insertQuoteChange(on, { quoteId: id, version, who, what: 'corrected', why, was });
    return { outcome: 'saved', version };
  });
}

/** Withdraws a quote, or with `why` null lets it stand again. */
export async function withdrawQuote(
  studyId: string,
  id: string,
  why: string | null,
  who: string,
): Promise<QuoteSaveResult> {
  return transaction<QuoteSaveResult>(async (on) => {
    const row = await lockQuote(on, studyId, id);
    if (row === undefined) return { outcome: 'missing' };
    const version = row.version + 1;
    await markWithdrawn(on, { id, why, version, who });
    const what = why === null ? 'restored' : 'withdrawn';
    await insertQuoteChange(on, { quoteId: id, version, who, what, why: why ?? '', was: null });
    return { outcome: 'saved', version };
  });
}

/** The day that the quotes of a study are compared on: the one chosen, or today. */
export async function comparedOn(studyId: string): Promise<string> {
  return (await reading((on) => selectAsOf(on, studyId))) ?? today();
}

/** Chooses the day that the quotes of a study are compared on; null for today. */
export async function compareOn(studyId: string, asOf: string | null, who: string): Promise<void> {
  await transaction((on) => putAsOf(on, studyId, asOf, who));
}

/** Enters what one of a currency is worth on a day. */
export async function enterExchangeRate(rate: Parameters<typeof putExchangeRate>[1]): Promise<void> {
  await transaction((on) => putExchangeRate(on, rate));
}

/** Enters what a study takes for a line of work that quotes leave out; null for what the model takes. */
export async function enterScopePrice(
  studyId: string,
  line: string,
  price: { price: number; basis: string } | null,
  who: string,
): Promise<void> {
  await transaction(async (on) => {
    if (price === null) await dropScopePrice(on, studyId, line);
    else await putScopePrice(on, { studyId, line, ...price, who });
  });
}

/** Awards a quote of a study, or takes the award back with no quote. @returns false for quotes that are not the study's */
export async function award(
  studyId: string,
  input: Omit<Parameters<typeof insertAward>[1], 'studyId'>,
): Promise<boolean> {
  return transaction(async (on) => {
    const ids = new Set((await quotesOf(on, studyId)).quotes.map((q) => q.quote.id));
    if ([input.quoteId, input.runnerUpId].some((id) => id !== null && !ids.has(id))) return false;
    await insertAward(on, { studyId, ...input });
    return true;
  });
}

/** Quotes of a foundry in all studies, each with its study, what it is compared by, and the study's title. */
export interface FoundryQuote extends HeldQuote {
  readonly studyId: string;
  readonly title: string;
}

/** Quotes of one foundry that are fitted to, at most. */
const MOST_FITTED = 24;

/** The quotes that a foundry gave in all studies and did not withdraw, the latest first. */
export async function quotesOfFoundry(foundryId: string): Promise<FoundryQuote[]> {
  return reading(async (on) =>
    (await selectQuotesOfFoundry(on, foundryId, MOST_FITTED)).flatMap((row): FoundryQuote[] => {
      const quote = quoteOf(row);
      return quote === null
        ? []
        : [
            {
              ...{ quote, foundry: row.supplier, simulated: Boolean(row.simulated), withdrawn: null },
              ...{ studyId: row.study_id, title: row.title },
            },
          ];
    }),
  );
}

/** How many quotes a study holds. */
export const quoteCount = (studyId: string): Promise<number> => reading((on) => countQuotes(on, studyId));

/** A line of the list of all quotes. */
export interface QuoteLine {
  readonly id: string;
  readonly studyId: string;
  readonly title: string;
  readonly supplier: string;
  readonly laneId: string;
  readonly givenOn: string;
  readonly simulated: boolean;
  readonly withdrawn: boolean;
  readonly receivedAt: string;
}

const PAGE = 100;

/** Quotes of all studies, the latest first; one more than a page where there are more. */
export async function listQuotes(words: string, from: number): Promise<{ lines: QuoteLine[]; more: boolean }> {
  return reading(async (on) => {
    const found = await selectQuoteList(on, { words, from, most: PAGE + 1 });
    const lines = found.slice(0, PAGE).map((r): QuoteLine => ({
      ...{ id: r.id, studyId: r.study_id, title: r.title, supplier: r.supplier, laneId: `${r.route}/${r.variant}` },
      ...{ givenOn: r.given_on, simulated: Boolean(r.simulated), withdrawn: Boolean(r.withdrawn) },
      receivedAt: isoTime(r.received_at),
    }));
    return { lines, more: found.length > PAGE };
  });
}
