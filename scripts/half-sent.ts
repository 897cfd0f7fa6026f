import mysql from 'mysql2/promise';
import { connectionOptions } from '../src/server/db/pool';
import { env } from '../src/server/env';

/**
 * After a run that was killed: part files of which not every piece came are put away and told by name. What was whole is
 * left alone; a browser that still has such a file sends it again.
 */
async function main(): Promise<void> {
  const on = await mysql.createConnection(connectionOptions(env().DATABASE_URL));
  try {
    const [rows] = await on.query<mysql.RowDataPacket[]>('SELECT name FROM part_files WHERE whole = FALSE');
    if (rows.length === 0) return;
    await on.query('DELETE FROM part_files WHERE whole = FALSE');
    const names = rows.map((r) => `“${String(r['name'])}”`);
    const told = names.length > 5 ? `${names.slice(0, 5).join(', ')} and ${names.length - 5} more` : names.join(', ');
    console.log(`Lost: ${names.length === 1 ? 'a part file' : `${names.length} part files`} half sent: ${told}.`);
  } finally {
    await on.end();
  }
}

void main();
