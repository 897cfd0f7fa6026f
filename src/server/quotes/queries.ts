import type { Quote } from '@/core/quotes';
import { change, rows, type Bound, type Runner } from '../db';

/** How a quote came in. */
export type QuoteEntered = 'typed' | 'sheet' | 'paste' | 'desk';

/** A row of `quotes`, with the present name of its foundry. */
export interface QuoteRow {
  readonly id: string;
  readonly study_id: string;
  readonly foundry_id: string | null;
  readonly supplier: string;
  readonly body: unknown;
  readonly entered: QuoteEntered;
  readonly simulated: number;
  readonly request_id: string | null;
  readonly version: number;
  readonly received_at: string;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly withdrawn_at: string | null;
  readonly withdrawn_why: string | null;
}

const QUOTE = `q.id, q.study_id, q.foundry_id, COALESCE(f.name, q.supplier) AS supplier, q.body, q.entered, q.simulated,
       q.request_id, q.version, q.received_at, q.changed_at, q.changed_by, q.withdrawn_at, q.withdrawn_why`;

export async function selectQuotes(on: Runner, studyId: string): Promise<QuoteRow[]> {
  return rows<QuoteRow>(
    on,
    `SELECT ${QUOTE}
       FROM quotes q LEFT JOIN foundries f ON f.id = q.foundry_id
      WHERE q.study_id = ?
      ORDER BY q.received_at, q.id`,
    [studyId],
  );
}

export async function selectQuote(on: Runner, id: string): Promise<QuoteRow | undefined> {
  const found = await rows<QuoteRow>(
    on,
    `SELECT ${QUOTE} FROM quotes q LEFT JOIN foundries f ON f.id = q.foundry_id WHERE q.id = ?`,
    [id],
  );
  return found[0];
}

/** Locks the row until the transaction ends, so that two saves are taken one after the other. */
export async function lockQuote(
  on: Runner,
  studyId: string,
  id: string,
): Promise<{ version: number; body: unknown } | undefined> {
  const found = await rows<{ version: number; body: unknown }>(
    on,
    'SELECT version, body FROM quotes WHERE id = ? AND study_id = ? FOR UPDATE',
    [id, studyId],
  );
  return found[0];
}

export async function insertQuote(
  on: Runner,
  q: {
    id: string;
    studyId: string;
    foundryId: string | null;
    supplier: string;
    quote: Quote;
    entered: QuoteEntered;
    simulated: boolean;
    requestId: string | null;
    who: string;
  },
): Promise<void> {
  await change(
    on,
    `INSERT INTO quotes (id, study_id, foundry_id, supplier, route, variant, given_on, body, entered, simulated,
                         request_id, changed_by)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    [
      ...[q.id, q.studyId, q.foundryId, q.supplier, q.quote.route, q.quote.variant, q.quote.date],
      ...[JSON.stringify(q.quote), q.entered, q.simulated, q.requestId, q.who],
    ],
  );
}

export async function updateQuote(
  on: Runner,
  q: { id: string; quote: Quote; version: number; who: string },
): Promise<void> {
  await change(
    on,
    `UPDATE quotes
        SET route = ?, variant = ?, given_on = ?, body = ?, version = ?, changed_by = ?,
            changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [q.quote.route, q.quote.variant, q.quote.date, JSON.stringify(q.quote), q.version, q.who, q.id],
  );
}

/** Marks a quote withdrawn, or takes the mark off (`why` null). */
export async function markWithdrawn(
  on: Runner,
  q: { id: string; why: string | null; version: number; who: string },
): Promise<void> {
  await change(
    on,
    `UPDATE quotes
        SET withdrawn_at = IF(? IS NULL, NULL, CURRENT_TIMESTAMP(3)), withdrawn_why = ?, version = ?, changed_by = ?,
            changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [q.why, q.why, q.version, q.who, q.id],
  );
}

export async function insertQuoteChange(
  on: Runner,
  c: {
    quoteId: string;
    version: number;
    who: string;
    what: 'received' | 'corrected' | 'withdrawn' | 'restored';
    why: string;
    was: unknown;
  },
): Promise<void> {
  const was = c.was === null || c.was === undefined ? null : JSON.stringify(c.was);
  await change(
    on,
    'INSERT INTO quote_changes (quote_id, version, changed_by, what, why, was) VALUES (?, ?, ?, ?, ?, ?)',
    [c.quoteId, c.version, c.who, c.what, c.why, was],
  );
}

/** A row of `quote_changes`. */
export interface QuoteChangeRow {
  readonly id: number;
  readonly quote_id: string;
  readonly version: number;
  readonly changed_at: string;
  readonly changed_by: string;
  readonly what: 'received' | 'corrected' | 'withdrawn' | 'restored';
  readonly why: string;
  readonly was: unknown;
}

export async function selectQuoteChanges(on: Runner, studyId: string, limit: number): Promise<QuoteChangeRow[]> {
  return rows<QuoteChangeRow>(
    on,
    `SELECT c.id, c.quote_id, c.version, c.changed_at, c.changed_by, c.what, c.why, c.was
       FROM quote_changes c JOIN quotes q ON q.id = c.quote_id
      WHERE q.study_id = ?
      ORDER BY c.id DESC
      LIMIT ${Math.floor(limit)}`,
    [studyId],
  );
}

/** A line of the list of all quotes. */
export interface QuoteListRow {
  readonly id: string;
  readonly study_id: string;
  readonly title: string;
  readonly supplier: string;
  readonly route: string;
  readonly variant: string;
  readonly given_on: string;
  readonly simulated: number;
  readonly withdrawn: number;
  readonly received_at: string;
}

/** Quotes of all studies, the latest first, whose study or supplier has the words; `more` of them from `from` on. */
export async function selectQuoteList(
  on: Runner,
  { words, from, most }: { words: string; from: number; most: number },
): Promise<QuoteListRow[]> {
  const like = `%${words.replace(/[\\%_]/g, '\\$&')}%`;
  const where = words === '' ? '' : 'AND (s.title LIKE ? OR q.supplier LIKE ? OR f.name LIKE ?)';
  const values: Bound[] = words === '' ? [] : [like, like, like];
  return rows<QuoteListRow>(
    on,
    `SELECT q.id, q.study_id, s.title, COALESCE(f.name, q.supplier) AS supplier, q.route, q.variant,
            DATE_FORMAT(q.given_on, '%Y-%m-%d') AS given_on, q.simulated, q.withdrawn_at IS NOT NULL AS withdrawn,
            q.received_at
       FROM quotes q JOIN studies s ON s.id = q.study_id LEFT JOIN foundries f ON f.id = q.foundry_id
      WHERE s.archived_at IS NULL ${where}
      ORDER BY q.received_at DESC, q.id
      LIMIT ${Math.floor(most)} OFFSET ${Math.floor(from)}`,
    values,
  );
}

export async function countQuotes(on: Runner, studyId: string): Promise<number> {
  const found = await rows<{ n: number }>(on, 'SELECT COUNT(*) AS n FROM quotes WHERE study_id = ?', [studyId]);
  return Number(found[0]?.n ?? 0);
}

/** The latest rate of each currency up to a day, in the study's currency. */
export async function selectExchangeRates(
  on: Runner,
  inCurrency: string,
  upTo: string,
): Promise<{ of_currency: string; rate: number; seen_on: string; source: string }[]> {
  return rows(
    on,
    `SELECT e.of_currency, e.rate, DATE_FORMAT(e.seen_on, '%Y-%m-%d') AS seen_on, e.source
       FROM exchange_rates e
       JOIN (SELECT of_currency, MAX(seen_on) AS seen_on
               FROM exchange_rates
              WHERE in_currency = ? AND seen_on <= ?
              GROUP BY of_currency) latest
         ON latest.of_currency = e.of_currency AND latest.seen_on = e.seen_on
      WHERE e.in_currency = ?
      ORDER BY e.of_currency`,
    [inCurrency, upTo, inCurrency],
  );
}

export async function putExchangeRate(
  on: Runner,
  e: { of: string; in: string; seenOn: string; rate: number; source: string; who: string },
): Promise<void> {
  await change(
    on,
    `INSERT INTO exchange_rates (of_currency, in_currency, seen_on, rate, source, changed_by)
     VALUES (?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE rate = VALUES(rate), source = VALUES(source), changed_by = VALUES(changed_by),
       changed_at = CURRENT_TIMESTAMP(3)`,
    [e.of, e.in, e.seenOn, e.rate, e.source, e.who],
  );
}

/** The day that the quotes of a study are compared on; null where none is said. */
export async function selectAsOf(on: Runner, studyId: string): Promise<string | null> {
  const found = await rows<{ as_of: string | null }>(
    on,
    `SELECT DATE_FORMAT(as_of, '%Y-%m-%d') AS as_of FROM quote_settings WHERE study_id = ?`,
    [studyId],
  );
  return found[0]?.as_of ?? null;
}

export async function putAsOf(on: Runner, studyId: string, asOf: string | null, who: string): Promise<void> {
  await change(
    on,
    `INSERT INTO quote_settings (study_id, as_of, changed_by) VALUES (?, ?, ?)
     ON DUPLICATE KEY UPDATE as_of = VALUES(as_of), changed_by = VALUES(changed_by),
       changed_at = CURRENT_TIMESTAMP(3)`,
    [studyId, asOf, who],
  );
}

export async function selectScopePrices(
  on: Runner,
  studyId: string,
): Promise<{ line: string; price: number; basis: string }[]> {
  return rows(on, 'SELECT line, price, basis FROM scope_prices WHERE study_id = ? ORDER BY line', [studyId]);
}

export async function putScopePrice(
  on: Runner,
  p: { studyId: string; line: string; price: number; basis: string; who: string },
): Promise<void> {
  await change(
    on,
    `INSERT INTO scope_prices (study_id, line, price, basis, changed_by) VALUES (?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE price = VALUES(price), basis = VALUES(basis), changed_by = VALUES(changed_by),
       changed_at = CURRENT_TIMESTAMP(3)`,
    [p.studyId, p.line, p.price, p.basis, p.who],
  );
}

export async function dropScopePrice(on: Runner, studyId: string, line: string): Promise<number> {
  return change(on, 'DELETE FROM scope_prices WHERE study_id = ? AND line = ?', [studyId, line]);
}

/** A row of `awards`. */
export interface AwardRow {
  readonly id: number;
  readonly quote_id: string | null;
  readonly runner_up_id: string | null;
  readonly why: string;
  readonly per_good_part: number | null;
  readonly quantity: number | null;
  readonly currency: string;
  readonly awarded_by: string;
  readonly awarded_at: string;
}

/** Awards of a study, the latest, which stands, first. */
export async function selectAwards(on: Runner, studyId: string): Promise<AwardRow[]> {
  return rows<AwardRow>(
    on,
    `SELECT id, quote_id, runner_up_id, why, per_good_part, quantity, currency, awarded_by, awarded_at
       FROM awards
      WHERE study_id = ?
      ORDER BY id DESC
      LIMIT 50`,
    [studyId],
  );
}

/** Puts an award in; one of no quote takes the one before back. */
export async function insertAward(
  on: Runner,
  a: {
    studyId: string;
    quoteId: string | null;
    runnerUpId: string | null;
    why: string;
    perGoodPart: number | null;
    quantity: number | null;
    currency: string;
    who: string;
  },
): Promise<void> {
  await change(
    on,
    `INSERT INTO awards (study_id, quote_id, runner_up_id, why, per_good_part, quantity, currency, awarded_by)
     VALUES (?, ?, ?, ?, ?, ?, ?, ?)`,
    [a.studyId, a.quoteId, a.runnerUpId, a.why, a.perGoodPart, a.quantity, a.currency, a.who],
  );
}

/** Every quote of a foundry that was not withdrawn, with its study, the latest first. */
export async function selectQuotesOfFoundry(
  on: Runner,
  foundryId: string,
  most: number,
): Promise<(QuoteRow & { readonly title: string })[]> {
  return rows<QuoteRow & { readonly title: string }>(
    on,
    `SELECT ${QUOTE}, s.title
       FROM quotes q
       JOIN studies s ON s.id = q.study_id
       LEFT JOIN foundries f ON f.id = q.foundry_id
      WHERE q.foundry_id = ? AND q.withdrawn_at IS NULL AND s.archived_at IS NULL
      ORDER BY q.received_at DESC, q.id
      LIMIT ${Math.floor(most)}`,
    [foundryId],
  );
}
