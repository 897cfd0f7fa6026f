import Papa from 'papaparse';
import type { BriefIssue } from '@/core/brief';
import { rateEntries, refusedFigure, type OwnFigure, type RateSet } from '@/core/rates';
import { plain } from './plain-cell';

const COLUMNS = ['path', 'part', 'of', 'what', 'low', 'likely', 'high', 'unit', 'basis', 'note'] as const;

/** Letters and lines that are read, at most: a whole set has some two thousand lines. */
const MOST_LETTERS = 2_000_000;
const MOST_LINES = 20_000;

/** A rate set as CSV: one line a coefficient, figures in full. A choice has its likely value only. */
export function ratesCsv(rates: RateSet): string {
  const data = rateEntries(rates).map((e) => {
    const [low, likely, high] = typeof e.value === 'number' ? [null, e.value, null] : e.value;
    return [e.path, e.part, e.of, plain(e.words), low, likely, high, plain(e.unit), e.basis, plain(e.note)];
  });
  return `${Papa.unparse({ fields: [...COLUMNS], data }, { newline: '\r\n' })}\r\n`;
}

/** Figures of a CSV that differ from a set, and what is wrong with it. */
export interface RatesCsvResult {
  readonly figures: Readonly<Record<string, OwnFigure>>;
  readonly unchanged: number;
  readonly issues: readonly BriefIssue[];
}

/**
 * Reads a CSV of rates against a set: columns `path` and `likely`, for uncertain coefficients also `low` and `high`;
 * other columns are not read. What is wrong is named by line, column and value; the right lines are read all the same.
 */
export function readRatesCsv(text: string, rates: RateSet): RatesCsvResult {
  const commas = /[^\r\n]{20000}/.test(text);
  if (commas || text.length > MOST_LETTERS)
    return {
      figures: {},
      unchanged: 0,
      issues: [
        {
          path: 'file',
          value: `${text.length} letters`,
          message: 'a table of rates is wanted: lines below 20 000 letters, 2 million in all',
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
      figures: {},
      unchanged: 0,
      issues: [
        { path: 'line 1', value: heads.join(', '), message: `a column named ${missing.join(' and ')} is wanted` },
      ],
    };
  const entries = new Map(rateEntries(rates).map((e) => [e.path, e]));
  const figures: Record<string, OwnFigure> = {};
  const issues: BriefIssue[] = [];
  let unchanged = 0;
  parsed.data.forEach((row, i) => {
    const line = `line ${i + 2}`;
    const path = (row['path'] ?? '').trim();
    const entry = entries.get(path);
    if (entry === undefined)
      return void issues.push({ path: `${line}, path`, value: path, message: 'a coefficient of the set is wanted' });
    const number = (column: string): number => {
      const cell = (row[column] ?? '').trim();
      return cell === '' ? Number.NaN : Number(cell);
    };
    const value: OwnFigure =
      typeof entry.value === 'number' ? number('likely') : [number('low'), number('likely'), number('high')];
    const refusal = refusedFigure(entry, value);
    if (refusal !== null) {
      const given = typeof value === 'number' ? row['likely'] : [row['low'], row['likely'], row['high']].join(' · ');
      return void issues.push({ path: `${line}, ${path}`, value: given ?? '', message: refusal });
    }
    if (JSON.stringify(value) === JSON.stringify(entry.value)) unchanged++;
    else figures[path] = value;
  });
  return { figures, unchanged, issues };
}
