import { randomUUID } from 'node:crypto';
import type { HeldQuote } from '@/core/comparison/quotes';
import { QUOTE_SCHEMA, type Quote, type QuoteSetting, type ScopeFill } from '@/core/quotes';
import { isoTime, type Runner } from '../db';
import { selectFoundry } from '../foundries/queries';
import { log } from '../log';
import { insertQuote, insertQuoteChange } from './queries';
import {
  selectAsOf,
  selectExchangeRates,
  selectQuotes,
  selectScopePrices,
  type QuoteEntered,
  type QuoteRow,
} from './queries';

/** Stands for the foundry of a quote by another supplier. */
export const OTHER_SUPPLIER = 'other';

const parsed = (x: unknown): unknown => (typeof x === 'string' ? (JSON.parse(x) as unknown) : x);

/** The quote of a row; null for one that this build does not read, and the log tells of it. */
export function quoteOf({ id, body }: Pick<QuoteRow, 'id' | 'body'>): Quote | null {
  const read = QUOTE_SCHEMA.safeParse(parsed(body));
  if (read.success) return read.data;
  log.warn({ quote: id, issues: read.error.issues.slice(0, 3) }, 'a quote cannot be read');
  return null;
}

/** A quote as it is held, with how it came in. */
export interface QuoteRecord extends HeldQuote {
  readonly version: number;
  readonly foundryId: string | null;
  readonly entered: QuoteEntered;
  readonly requestId: string | null;
  readonly receivedAt: string;
  readonly changedAt: string;
  readonly changedBy: string;
}

/** The quotes of a study, and ids of those that this build does not read. */
export async function quotesOf(
  on: Runner,
  studyId: string,
): Promise<{ readonly quotes: readonly QuoteRecord[]; readonly unread: readonly string[] }> {
  const found = await selectQuotes(on, studyId);
  const unread: string[] = [];
  const quotes = found.flatMap((row): QuoteRecord[] => {
    const quote = quoteOf(row);
    if (quote === null) {
      unread.push(row.id);
      return [];
    }
    return [
      {
        ...{ quote, foundry: row.supplier, simulated: Boolean(row.simulated) },
        withdrawn: row.withdrawn_at === null ? null : (row.withdrawn_why ?? ''),
        ...{ version: row.version, foundryId: row.foundry_id, entered: row.entered, requestId: row.request_id },
        ...{ receivedAt: isoTime(row.received_at), changedAt: isoTime(row.changed_at), changedBy: row.changed_by },
      },
    ];
  });
  return { quotes, unread };
}

/** Days of the week, and working days of a month, that a week and a month are reckoned with. */
const WORKDAYS = { calendarPerWorkday: 1.4, workdaysPerWeek: 5, workdaysPerMonth: 21 };

/**
 * What the quotes of a study are compared by.
 *
 * @param currency of the study
 * @param today ISO date that stands where no day is said
 */
export async function settingOf(
  on: Runner,
  studyId: string,
  currency: string,
  today: string,
): Promise<{ readonly setting: QuoteSetting; readonly asOf: string | null; readonly given: readonly ScopeFill[] }> {
  const asOf = await selectAsOf(on, studyId);
  const day = asOf ?? today;
  const rates = await selectExchangeRates(on, currency, day);
  return {
    setting: {
      asOf: day,
      currency,
      rates: {
        [currency]: { rate: 1, date: day },
        ...Object.fromEntries(rates.map((r) => [r.of_currency, { rate: r.rate, date: r.seen_on }])),
      },
      ...WORKDAYS,
    },
    asOf,
    given: await selectScopePrices(on, studyId),
  };
}

/** A quote that comes in. */
export interface NewQuote {
  readonly quote: Omit<Quote, 'id' | 'foundryId'>;
  /** Id of a foundry, or null for another supplier, who is named then. */
  readonly foundryId: string | null;
  readonly supplier: string;
  readonly entered: QuoteEntered;
  readonly simulated: boolean;
  readonly requestId: string | null;
  readonly who: string;
  readonly why: string;
}

/** Puts a quote in within a transaction that is under way. @returns its id, or null for a foundry that is not there */
export async function addQuoteOn(
  on: Runner,
  studyId: string,
  { quote, foundryId, supplier, entered, simulated, requestId, who, why }: NewQuote,
  id: string = randomUUID(),
): Promise<string | null> {
  const foundry = foundryId === null ? undefined : await selectFoundry(on, foundryId);
  if (foundryId !== null && foundry === undefined) return null;
  const whole: Quote = { ...quote, id, foundryId: foundryId ?? OTHER_SUPPLIER };
  const name = foundry?.name ?? supplier;
  await insertQuote(on, { id, studyId, foundryId, supplier: name, quote: whole, entered, simulated, requestId, who });
  await insertQuoteChange(on, { quoteId: id, version: 1, who, what: 'received', why, was: null });
  return id;
}

/** The quotes of a study and what they are compared by. @param today stands where no day is chosen, ISO */
export async function quotedBy(
  on: Runner,
  studyId: string,
  currency: string,
  today: string,
): Promise<{
  readonly quotes: readonly QuoteRecord[];
  readonly setting: QuoteSetting;
  readonly given: readonly ScopeFill[];
}> {
  const { quotes } = await quotesOf(on, studyId);
  const { setting, given } = await settingOf(on, studyId, currency, today);
  return { quotes, setting, given };
}
