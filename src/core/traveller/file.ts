import type { Traveller } from './types';

const quoted = (x: string | number): string => {
  const text = String(x);
  // A cell that a spreadsheet would take for a formula is written as text.
  const safe = typeof x === 'string' && /^[=+\-@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
};

/**
 * A traveller as CSV: a row for each stop, step, value and check.
 *
 * @example
 * travellerCsv(traveller).startsWith('kind,') // true
 */
export function travellerCsv(traveller: Traveller): string {
  const rows: (string | number)[][] = [['kind', 'step', 'name', 'what', 'value', 'low', 'high', 'unit']];
  const { quantity: q } = traveller;
  for (const [what, value, unit] of [
    ['good pieces promised', q.good, 'pieces'],
    ['castings to start', q.castings, 'pieces'],
    [`${traveller.unit}s`, q.pours, traveller.unit],
    ['metal to melt', Number(q.melt_kg.toPrecision(5)), 'kg'],
    ['of it returns', Number(q.returns_kg.toPrecision(5)), 'kg'],
  ] as const)
    rows.push(['lot', '', traveller.title, what, value, '', '', unit]);
  for (const s of traveller.stops) rows.push(['stop', '', 'before the pour', s.text, '', '', '', '']);
  for (const s of traveller.steps) {
    rows.push(['step', s.n, s.name, s.what, '', '', '', '']);
    for (const v of s.values)
      rows.push([
        'value',
        s.n,
        s.name,
        v.what,
        Number(v.value.toPrecision(6)),
        v.range?.[0] ?? '',
        v.range?.[1] ?? '',
        v.unit,
      ]);
    for (const c of s.checks) rows.push(['check', s.n, s.name, c.what, '', c.low ?? '', c.high ?? '', c.unit]);
  }
  return `${rows.map((row) => row.map(quoted).join(',')).join('\r\n')}\r\n`;
}
