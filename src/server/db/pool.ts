import mysql, { type Pool } from 'mysql2/promise';
import { env } from '../env';

const shared = globalThis as typeof globalThis & { ninePoursPool?: Pool };

/** Connection options for a database URL: UTC, utf8mb4, dates as text, no implicit number changes. */
export function connectionOptions(url: string): mysql.ConnectionOptions {
  const u = new URL(url);
  return {
    host: u.hostname,
    port: Number(u.port || 3306),
    user: decodeURIComponent(u.username),
    password: decodeURIComponent(u.password),
    database: decodeURIComponent(u.pathname.slice(1)),
    timezone: 'Z',
    charset: 'utf8mb4',
    dateStrings: true,
    supportBigNumbers: true,
    connectTimeout: 5000,
  };
}

/** The pool, one a process, kept over reloads while developing. */
export function pool(): Pool {
  if (shared.ninePoursPool !== undefined) return shared.ninePoursPool;
  const made = mysql.createPool({
    ...connectionOptions(env().DATABASE_URL),
    connectionLimit: 10,
    enableKeepAlive: true,
    maxIdle: 4,
    idleTimeout: 60_000,
  });
  // Another server than our own may keep local time: every connection works in UTC.
  made.pool.on('connection', (on) => on.query("SET time_zone = '+00:00'"));
  return (shared.ninePoursPool = made);
}

/** Ends the pool; the next use makes a new one. */
export async function closePool(): Promise<void> {
  const old = shared.ninePoursPool;
  delete shared.ninePoursPool;
  await old?.end();
}
