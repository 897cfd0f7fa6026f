import mysql from 'mysql2/promise';
import { goal, pace } from './goals';

/**
 * How long a list of ten thousand studies takes: its first page, others, a search, sorting. Copies studies in the database
 * until there are so many. usage: tsx scripts/bench/lists.ts URL DATABASE_URL
 */
const [url = 'http://127.0.0.1:3900', database = ''] = process.argv.slice(2);
const MANY = 10_000;
const ROUNDS = 7;

/** Fills the database with copies of the studies that are there: each its own study with the newest of its briefs. */
async function fill(): Promise<number> {
  const on = await mysql.createConnection(database);
  const count = async (): Promise<number> =>
    ((await on.query<mysql.RowDataPacket[]>('SELECT COUNT(*) AS n FROM studies'))[0][0] as { n: number }).n;
  const have = await count();
  const each = Math.ceil((MANY - have) / have);
  if (each > 0) {
    const id = `INSERT(INSERT(INSERT(INSERT(MD5(CONCAT(s.id, n.seq)), 21, 0, '-'), 17, 0, '-'), 13, 0, '-'), 9, 0, '-')`;
    const title = `CONCAT(LEFT(s.title, 100), ' ', n.seq)`;
    const columns = async (table: string): Promise<string[]> =>
      (await on.query<mysql.RowDataPacket[]>(`SHOW COLUMNS FROM ${table}`))[0].map((c) => String(c['Field']));
    const copy = async (table: string, swap: Readonly<Record<string, string>>, from: string): Promise<void> => {
      const names = await columns(table);
      await on.query(
        `INSERT INTO ${table} (${names.join(', ')}) SELECT ${names.map((c) => swap[c] ?? `t.${c}`).join(', ')} ${from}`,
      );
    };
    const copies = `seq_1_to_${each} n`;
    await on.query('CREATE TEMPORARY TABLE first AS SELECT * FROM studies');
    await copy('studies', { id, title }, `FROM first t JOIN first s USING (id) JOIN ${copies}`);
    await copy(
      'briefs',
      { study_id: id, title },
      `FROM first s JOIN briefs t ON t.study_id = s.id AND t.revision = s.revision JOIN ${copies}`,
    );
  }
  const now = await count();
  await on.end();
  return now;
}

async function least(path: string): Promise<{ ms: number; bytes: number }> {
  let ms = Infinity;
  let bytes = 0;
  for (let i = 0; i < ROUNDS; i++) {
    const start = performance.now();
    const response = await fetch(url + path);
    const body = await response.arrayBuffer();
    if (!response.ok) throw new Error(`${path}: ${response.status}`);
    ms = Math.min(ms, performance.now() - start);
    bytes = body.byteLength;
  }
  return { ms, bytes };
}

async function main(): Promise<void> {
  const many = await fill();
  const slower = pace();
  for (const [label, path] of [
    ['first page', '/api/studies'],
    ['page 200', '/api/studies?page=200'],
    ['search of two words', '/api/studies?search=hub%20tripod'],
    ['by title', '/api/studies?sort=title&up=1'],
    ['by quantity', '/api/studies?sort=quantity'],
    ['the page itself', '/'],
  ] as const) {
    const { ms, bytes } = await least(path);
    goal(`${many} studies, ${label} (${(bytes / 1024).toFixed(0)} kB)`, ms, 100, 'ms', slower);
  }
}

void main();
