import type { PoolConnection, ResultSetHeader, RowDataPacket } from 'mysql2/promise';
import { pool } from './pool';

/** A value bound to a statement. */
export type Bound = string | number | boolean | Buffer | null;

/** What statements run on: a connection inside a transaction, or the pool. */
export interface Runner {
  execute(statement: { readonly sql: string; readonly timeout: number }, values?: Bound[]): Promise<[unknown, unknown]>;
}

/** Rows of a SELECT. */
export async function rows<T>(on: Runner, sql: string, values: Bound[] = []): Promise<T[]> {
  const [result] = await on.execute({ sql, timeout: ANSWER_MS }, values);
  return result as (T & RowDataPacket)[];
}

/** Rows changed by an INSERT, UPDATE or DELETE. */
export async function change(on: Runner, sql: string, values: Bound[] = []): Promise<number> {
  const [result] = await on.execute({ sql, timeout: ANSWER_MS }, values);
  return (result as ResultSetHeader).affectedRows;
}

/**
 * Errors after which the whole transaction may be tried again: deadlock and certification failure of a
 * replicated cluster (1213), lock wait (1205), row changed under a snapshot (1020).
 */
const RETRIED = new Set([1213, 1205, 1020]);
/** Errors that end a SELECT on a connection that died while idle; nothing was written. */
const LOST = new Set(['PROTOCOL_CONNECTION_LOST', 'ECONNRESET', 'EPIPE']);
const TRIES = 5;

interface DbError {
  readonly errno?: number;
  readonly code?: string;
}

/** Longest that a database is waited for in one statement, and in a mere sign of life, ms. */
const ANSWER_MS = 20_000;
const PING_MS = 5000;

const SILENT = 'PROTOCOL_SEQUENCE_TIMEOUT';
/** True for a statement that was given up because the database did not answer. */
const isSilent = (error: unknown): boolean => (error as DbError).code === SILENT;

/** A promise that is given up after so long, ms, with the error of a silent database. */
async function within<T>(ms: number, work: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(Object.assign(new Error('the database does not answer'), { code: SILENT })), ms);
  });
  try {
    return await Promise.race([work, late]);
  } finally {
    clearTimeout(timer);
  }
}

/** True when a transaction that failed with this error may be repeated whole. */
export function mayRetry(error: unknown): boolean {
  return RETRIED.has((error as DbError).errno ?? 0);
}

/**
 * Runs work in one transaction. Deadlocks and certification failures repeat it, with a growing pause;
 * any other failure rolls back and is passed on.
 */
export async function transaction<T>(work: (on: PoolConnection) => Promise<T>, tries = TRIES): Promise<T> {
  for (let turn = 1; ; turn++) {
    const on = await connection();
    try {
      await on.query({ sql: 'START TRANSACTION', timeout: ANSWER_MS });
      const result = await work(on);
      await on.query({ sql: 'COMMIT', timeout: ANSWER_MS });
      return result;
    } catch (error) {
      // A database that holds the line and says nothing is hung up on: what was begun is undone by itself.
      if (isSilent(error)) on.destroy();
      else await on.rollback().catch(() => undefined);
      if (turn >= tries || !mayRetry(error)) throw error;
      await new Promise((done) => setTimeout(done, 2 ** turn * 5));
    } finally {
      try {
        on.release();
      } catch {
        // It was hung up on.
      }
    }
  }
}

/** A connection that answers: idle ones may have died with a restarted server. */
async function connection(): Promise<PoolConnection> {
  for (let turn = 1; ; turn++) {
    const on = await pool().getConnection();
    try {
      await within(PING_MS, on.ping());
      return on;
    } catch (error) {
      on.destroy();
      if (turn >= 12 || !LOST.has((error as DbError).code ?? '')) throw error;
    }
  }
}

/** Runs a read; repeats it once when an idle connection turns out to be dead. */
export async function reading<T>(work: (on: Runner) => Promise<T>): Promise<T> {
  try {
    return await work(pool());
  } catch (error) {
    if (!LOST.has((error as DbError).code ?? '')) throw error;
    return work(pool());
  }
}

/** Asks the database for an answer; throws where none comes. */
export async function answers(): Promise<void> {
  await reading((on) => rows(on, 'SELECT 1 AS one'));
}
