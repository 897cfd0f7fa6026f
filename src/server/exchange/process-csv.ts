import Papa from 'papaparse';
import type { BriefIssue } from '@/core/brief';
import {
  entryAt,
  ownEntries,
  refusedValue,
  type OwnValue,
  type ProcessEntry,
  type ProcessValue,
} from '@/core/process-values';
import type { ProcessRef } from '@/core/rates';
import { isPlainDate } from '@/core/base/plain-date';
import { plain } from './plain-cell';

const COLUMNS = [
  'path',
  'part',
  'of',
  'what',
  'low',
  'likely',
  'high',
  'unit',
  'known',
  'source',
  'date',
  'basis',
  'note',
] as const;

const MOST_LETTERS = 2_000_000;
const MOST_LINES = 20_000;

/** A set of process values as CSV: one line a value; a word, a list or a single figure stands under `likely`, with its range
 * beside it where it has one. */
export function processCsv({ own }: ProcessRef): string {
  const data = ownEntries(own).map((e) => {
    const mine = own[e.path];
    const [low, likely, high] =
      typeof e.value === 'object' ? e.value : [e.range?.[0] ?? null, e.value, e.range?.[1] ?? null];
    return [
      e.path,
      e.part,
      plain(e.of),
      plain(e.words),
      low,
      typeof likely === 'string' ? plain(likely) : likely,
      high,
      plain(e.unit),
      mine?.known ?? '',
      plain(mine?.source ?? ''),
      mine?.date ?? '',
      e.basis,
      plain(e.note),
    ];
  });
  return `${Papa.unparse({ fields: [...COLUMNS], data }, { newline: '\r\n' })}\r\n`;
}

/** Values of a CSV that differ from a set, and what is wrong with it. */
export interface ProcessCsvResult {
  readonly values: Readonly<Record<string, OwnValue>>;
  readonly unchanged: number;
  readonly issues: readonly BriefIssue[];
}

/** What a set has without an own value; nothing where the book has none. */
const standing = (entry: ProcessEntry | undefined): ProcessValue | undefined =>
  entry?.absent === true ? undefined : entry?.value;

const KNOWN: ReadonlySet<string> = new Set(['claimed', 'measured', 'assumed']);

/**
 * Reads a CSV of process values against a set: columns `path` and `likely`, for bands also `low` and `high` (for
 * a single figure where it has a range), and where given `known`, `source` and `date`. What is wrong is named by line, column and value; the right lines are read all the
 * same.
 */
export function readProcessCsv(text: string, { own }: ProcessRef): ProcessCsvResult {
  if (/[^\r\n]{20000}/.test(text) || text.length > MOST_LETTERS)
    return {
      values: {},
      unchanged: 0,
      issues: [
        {
          path: 'file',
          value: `${text.length} letters`,
          message: 'a table of process values is wanted: lines below 20 000 letters, 2 million in all',
        },
      ],
    };
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    preview: MOST_LINES,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
  });
  const heads = parsed.meta.fields ?? [];
  const missing = ['path', 'likely'].filter((head) => !heads.includes(head));
  if (missing.length > 0)
    return {
      values: {},
      unchanged: 0,
      issues: [
        { path: 'line 1', value: heads.join(', '), message: `a column named ${missing.join(' and ')} is wanted` },
      ],
    };
  const values: Record<string, OwnValue> = {};
  const issues: BriefIssue[] = [];
  let unchanged = 0;
  parsed.data.forEach((row, i) => {
    const line = `line ${i + 2}`;
    const cell = (column: string): string => (row[column] ?? '').trim();
    const path = cell('path');
    const entry = entryAt(path);
    if (entry === undefined)
      return void issues.push({ path: `${line}, path`, value: path, message: 'a process value of the book is wanted' });
    const number = (column: string): number => (cell(column) === '' ? Number.NaN : Number(cell(column)));
    const v: ProcessValue =
      typeof entry.value === 'string'
        ? cell('likely')
        : typeof entry.value === 'number'
          ? cell('low') === '' && cell('high') === ''
            ? number('likely')
            : [number('low'), number('likely'), number('high')]
          : [number('low'), number('likely'), number('high')];
    const refusal = refusedValue(entry, v);
    if (refusal !== null) {
      const given = typeof v === 'object' ? [row['low'], row['likely'], row['high']].join(' · ') : row['likely'];
      return void issues.push({ path: `${line}, ${path}`, value: given ?? '', message: refusal });
    }
    const date = cell('date');
    if (date !== '' && !isPlainDate(date))
      return void issues.push({ path: `${line}, date`, value: date, message: 'a date such as 2026-12-07 is wanted' });
    const known = cell('known');
    if (known !== '' && !KNOWN.has(known))
      return void issues.push({
        path: `${line}, known`,
        value: known,
        message: 'one of claimed, measured, assumed is wanted',
      });
    const mine = own[path];
    if (JSON.stringify(v) === JSON.stringify(mine?.v ?? standing(entry))) return void unchanged++;
    values[path] = {
      v,
      known: known === '' ? 'assumed' : (known as OwnValue['known']),
      source: cell('source').slice(0, 400),
      date: date === '' ? null : date,
    };
  });
  return { values, unchanged, issues };
}

/**
 * Reads a set of process values as it is given out in JSON, or another team's file of it, against a set. What is wrong is
 * named by its path and value; the right values are read all the same.
 */
export function readProcessJson(text: string, { own }: ProcessRef): ProcessCsvResult {
  const none = (value: string, message: string): ProcessCsvResult => ({
    values: {},
    unchanged: 0,
    issues: [{ path: 'file', value, message }],
  });
  if (text.length > MOST_LETTERS) return none(`${text.length} letters`, `at most ${MOST_LETTERS} letters are wanted`);
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return none(text.slice(0, 60), 'JSON of a set of process values is wanted');
  }
  const at = (node: unknown, key: string): unknown =>
    typeof node === 'object' && node !== null ? (node as Readonly<Record<string, unknown>>)[key] : undefined;
  const list = at(at(raw, 'ref'), 'own') ?? at(raw, 'own');
  if (typeof list !== 'object' || list === null || Array.isArray(list))
    return none(text.slice(0, 60), 'an object `own` with values by path is wanted, as the set gives out');
  const values: Record<string, OwnValue> = {};
  const issues: BriefIssue[] = [];
  let unchanged = 0;
  for (const [path, said] of Object.entries(list).slice(0, MOST_LINES)) {
    const entry = entryAt(path);
    const v = at(said, 'v');
    const [known, source, date] = [at(said, 'known'), at(said, 'source'), at(said, 'date')];
    const refusal = entry === undefined ? 'a process value of the book is wanted' : refusedValue(entry, v);
    if (refusal !== null) issues.push({ path, value: JSON.stringify(v ?? null), message: refusal });
    else if (typeof known !== 'string' || !KNOWN.has(known))
      issues.push({
        path: `${path}, known`,
        value: String(known),
        message: 'one of claimed, measured, assumed is wanted',
      });
    else if (date !== null && date !== undefined && !isPlainDate(date))
      issues.push({
        path: `${path}, date`,
        value: JSON.stringify(date),
        message: 'a date such as 2026-12-07 is wanted',
      });
    else if (JSON.stringify(v) === JSON.stringify(own[path]?.v ?? standing(entry))) unchanged++;
    else
      values[path] = {
        v: v as ProcessValue,
        known: known as OwnValue['known'],
        source: typeof source === 'string' ? source.slice(0, 400) : '',
        date: typeof date === 'string' ? date : null,
      };
  }
  return { values, unchanged, issues };
}
