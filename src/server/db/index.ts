/** The database: pool, transactions that retry, migrations. */
export { migrate, readMigrations } from './migrate';
export { closePool, connectionOptions, pool } from './pool';
export { answers, change, mayRetry, reading, rows, transaction, type Bound, type Runner } from './transaction';
export { isoTime } from './iso-time';
