import Papa from 'papaparse';
import { OPERATION_WORDS } from '@/core/brief';

type Cell = string;

const yes = (cell: Cell | undefined): boolean => /^(y|yes|true|1|x|ja|oui)$/i.test((cell ?? '').trim());

/** A figure in a pasted cell; unreadable text is kept so that it can be repaired in place. */
function figure(cell: Cell | undefined, toStored: (x: number) => number): number | string | undefined {
  const text = (cell ?? '').trim();
  if (text === '') return undefined;
  const n = Number(text.replace(/\s/g, '').replace(/^([^.,]*),([^.,]*)$/, '$1.$2'));
  return Number.isFinite(n) ? toStored(n) : text;
}

/** Rows of a pasted block; a head row (no figure in its third column) is left out. Null when it is no block. */
export function pastedRows(text: string): Cell[][] | null {
  if (!/[\t\n]/.test(text.trim())) return null;
  const { data } = Papa.parse<Cell[]>(text.trim(), { delimiter: text.includes('\t') ? '\t' : '' });
  const rows = data.filter((row) => row.some((cell) => cell.trim() !== ''));
  return rows.length === 0 ? null : rows;
}

/** Head row: none of its cells is a figure. */
const isHead = (row: Cell[]): boolean =>
  row.every((cell) => cell.trim() === '' || !/^[-+]?[\d.,\s]+$/.test(cell.trim()));

/** Pasted columns: name, kind, nominal, total tolerance, across parting, may cut, must cut, area, depth, count. */
export function pastedFeatures(
  text: string,
  length: (x: number) => number,
  area: (x: number) => number,
): Record<string, unknown>[] | null {
  const rows = pastedRows(text);
  if (rows === null) return null;
  return rows
    .filter((row, i) => !(i === 0 && isHead(row)))
    .map((row) => {
      const kind = (row[1] ?? '').trim().toLowerCase();
      return {
        name: (row[0] ?? '').trim().slice(0, 80),
        kind: (OPERATION_WORDS as readonly string[]).includes(kind) ? kind : 'dim',
        nominal_mm: figure(row[2], length) ?? null,
        tol_mm: figure(row[3], length) ?? null,
        acrossParting: yes(row[4]),
        mayMachine: row[5] === undefined || row[5].trim() === '' ? true : yes(row[5]),
        mustMachine: yes(row[6]),
        area_cm2: figure(row[7], area),
        depth_mm: figure(row[8], length),
        count: figure(row[9], (x) => x),
      };
    });
}

/** Pasted columns: diameter, depth, count, threaded, through, tolerance. */
export function pastedHoles(text: string, length: (x: number) => number): Record<string, unknown>[] | null {
  const rows = pastedRows(text);
  if (rows === null) return null;
  return rows
    .filter((row, i) => !(i === 0 && isHead(row)))
    .map((row) => ({
      dia_mm: figure(row[0], length) ?? null,
      depth_mm: figure(row[1], length) ?? null,
      count: figure(row[2], (x) => x) ?? 1,
      thread: yes(row[3]),
      through: row[4] === undefined || row[4].trim() === '' ? true : yes(row[4]),
      tol_mm: figure(row[5], length),
    }));
}

/** The next free letter (then letter and number) for a feature's id. */
export function nextId(used: readonly string[]): string {
  const taken = new Set(used);
  for (let i = 0; ; i++) {
    const id = `${'abcdefghijklmnopqrstuvwxyz'[i % 26] ?? 'a'}${i < 26 ? '' : Math.floor(i / 26)}`;
    if (!taken.has(id)) return id;
  }
}
