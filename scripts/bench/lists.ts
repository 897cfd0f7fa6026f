import mysql from 'mysql2/promise';
import { goal, pace } from './goals';

/**
 * How long a list of ten thousand studies takes, with two thousand quotes of them: its first page, others, a search, sorting,
 * the quotes, and the board beside them. Copies studies and their quotes in the database until there are so many. usage: tsx scripts/bench/lists.ts URL DATABASE_URL
 */
const [url = 'http://127.0.0.1:3900', database = ''] = process.argv.slice(2);
const MANY = 10_000;
const MANY_QUOTES = 2000;
const ROUNDS = 7;

/** How many studies and quotes there are, and a study with quotes of its own. */
interface Filled {
  readonly studies: number;
  readonly quotes: number;
  readonly quoted: string;
}

/** Fills the database with copies of the studies that are there: each its own study with the newest of its briefs. */
async function fill(): Promise<Filled> {
  const on = await mysql.createConnection(database);
  const count = async (table: 'studies' | 'quotes'): Promise<number> =>
    ((await on.query<mysql.RowDataPacket[]>(`SELECT COUNT(*) AS n FROM ${table}`))[0][0] as { n: number }).n;
  const have = await count('studies');
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
    const quotes = await count('quotes');
    const others = Math.min(each, Math.ceil((MANY_QUOTES - quotes) / quotes));
    const quote = `CONCAT(t.id, '-', n.seq)`;
    await on.query('CREATE TEMPORARY TABLE asked AS SELECT * FROM quotes');
    await copy(
      'quotes',
      { id: quote, study_id: id, request_id: 'NULL', body: `JSON_SET(t.body, '$.id', ${quote})` },
      `FROM asked t JOIN first s ON s.id = t.study_id JOIN seq_1_to_${others} n`,
    );
  }
  const [most] = (
    await on.query<mysql.RowDataPacket[]>(
      'SELECT study_id AS id FROM quotes GROUP BY study_id ORDER BY COUNT(*) DESC, study_id LIMIT 1',
    )
  )[0];
  const filled = { studies: await count('studies'), quotes: await count('quotes'), quoted: String(most?.['id']) };
  await on.end();
  return filled;
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
  const { studies: many, quotes, quoted } = await fill();
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
  for (const [label, path] of [
    ['list of quotes', '/api/quotes'],
    ['quotes of a study', `/api/studies/${quoted}/quotes`],
    ['its board', `/studies/${quoted}`],
  ] as const) {
    const { ms, bytes } = await least(path);
    goal(`${quotes} quotes, ${label} (${(bytes / 1024).toFixed(0)} kB)`, ms, 150, 'ms', slower);
  }
}

void main();
