import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import { evaluate } from '@/core/comparison/board';
import { LINE_IDS } from '@/core/cost';
import { bracket } from '@/core/testing/demo-briefs';
import { demoBriefs } from '../demo/seed';
import { comparisonCsv, publishedSchemas, readStudyFile, toStudyFile } from '.';

const now = new Date('2027-01-05T10:00:00Z');
const file = (): Record<string, unknown> =>
  JSON.parse(JSON.stringify(toStudyFile({ brief: bracket(), school: 'shop' }, now, '1.0.0'))) as Record<
    string,
    unknown
  >;

describe('a study file', () => {
  test('comes back as it went out, for every demo study', () => {
    for (const brief of demoBriefs()) {
      const read = readStudyFile(JSON.parse(JSON.stringify(toStudyFile({ brief, school: 'published' }, now, '1.0.0'))));
      expect(read).toEqual({ ok: true, brief, school: 'published', notes: [] });
    }
  });
  test.each([
    ['no object', 'text', ''],
    ['another format', { ...file(), format: 'other' }, 'format'],
    ['a later version', { ...file(), version: 2 }, 'version'],
    ['no brief', { ...file(), brief: undefined }, 'brief'],
    ['an unknown school', { ...file(), school: 'night' }, 'school'],
    ['a brief without title', { ...file(), brief: {} }, 'brief.title'],
    [
      'a figure as text',
      { ...file(), brief: { title: 'x', geometry: { volume_cm3: '1' } } },
      'brief.geometry.volume_cm3',
    ],
    [
      'a contradiction',
      { ...file(), brief: { title: 'x', geometry: { wallMin_mm: 9, sectionMax_mm: 2 } } },
      'brief.geometry.wallMin_mm',
    ],
  ])('is refused with the path: %s', (_, raw, path) => {
    const read = readStudyFile(raw);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.issues.map((i) => i.path)).toContain(path);
  });
  test('unknown keys are ignored and told', () => {
    const raw = file();
    (raw['brief'] as Record<string, unknown>)['paint'] = 'green';
    const read = readStudyFile(raw);
    expect(read.ok && read.notes[0]).toContain('paint');
  });
});

describe('the comparison as CSV', () => {
  const e = evaluate(bracket({ title: '=1+1' }), { quantity: 500 });
  const rows = Papa.parse<string[]>(comparisonCsv(e).trim()).data;
  test('has a row a lane and a column a figure, with units in the head', () => {
    expect(rows).toHaveLength(2 + e.lanes.length);
    expect(rows[0]).toHaveLength(15 + LINE_IDS.length);
    expect(rows[0]?.join()).toContain('USD');
    expect(rows[1]?.[0]).toContain('quantity 500 pieces');
  });
  test('holds the figures in full', () => {
    const lane = e.lanes.find((l) => l.id === e.leader);
    const row = rows.find((r) => r[0] === e.leader) ?? [];
    expect(Number(row[5])).toBe(lane?.allIn);
    expect(Number(row[3])).toBe(lane?.tooling);
  });
  test('its lines add up to the cost of a part to the cent, for every lane of every demo study', () => {
    for (const brief of demoBriefs()) {
      const answer = evaluate(brief);
      const [head = [], , ...lanes] = Papa.parse<string[]>(comparisonCsv(answer).trim()).data;
      const at = head.findIndex((h) => h.startsWith('total cost per part'));
      for (const row of lanes) {
        if (row[at] === '' || !answer.lanes.some((l) => l.id === row[0] && l.kind === 'route')) continue;
        const sum = row.reduce((s, cell, i) => (head[i]?.startsWith('line ') === true ? s + Number(cell) : s), 0);
        expect(sum, `${brief.title} ${row[0]}`).toBeCloseTo(Number(row[at]), 6);
      }
      for (const lane of answer.lanes) {
        if (lane.unit === null || lane.tooling === null) continue;
        const add = (x: Readonly<Record<string, number>>) => Object.values(x).reduce((a, b) => a + b, 0);
        expect(add(lane.lines), lane.id).toBeCloseTo(lane.unit, 6);
        if (lane.kind === 'route') expect(add(lane.toolingLines), lane.id).toBeCloseTo(lane.tooling, 6);
      }
    }
  });
  test('no cell can be taken for a formula', () => {
    for (const row of rows) for (const cell of row) expect(/^[=+@\t]/.test(cell), cell).toBe(false);
  });
});

test('the published schemas name what is taken', () => {
  const text = JSON.stringify(publishedSchemas());
  for (const word of ['volume_cm3', 'acrossParting', 'evaluateRequest', 'studyFile', 'quantity', 'school'])
    expect(text).toContain(word);
});
