import { writeFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { lifetimeQuantity } from '../src/core/brief';
import { demoFile } from '../src/server/demo/part-models';
import { demoBriefs } from '../src/server/demo/seed';
import { recordPdf } from '../src/server/record/pdf/document';
import { recordSheet, type RecordSheet } from '../src/server/record/sheet';
import { madeDecision } from '../src/server/testing/made-decision';

const GEAR = { first: 'gravity-die/hand', then: 'permanent-mould/tilt', pieces: 300 };

function sheetOf(title: string, planned: boolean): RecordSheet {
  const found = demoBriefs().find((b) => b.title.startsWith(title));
  if (found === undefined) throw new Error(title);
  const brief = planned ? { ...found, plan: GEAR } : found;
  const sheet = recordSheet(
    madeDecision(brief, lifetimeQuantity(brief) ?? 100, planned ? { plan: true, laneId: GEAR.then } : {}),
  );
  if (sheet === null) throw new Error('not readable');
  return sheet;
}

const latin = (bytes: Uint8Array): string => Buffer.from(bytes).toString('latin1');
const pagesOf = (pdf: string): number => (pdf.match(/\/Type \/Page\b/g) ?? []).length;

describe('the record on paper', () => {
  test.each([
    ['Gear head', true, 'A4', /\/MediaBox \[0 0 595\.\d+ 841\.\d+\]/],
    ['Pier foot', false, 'LETTER', /\/MediaBox \[0 0 612 792\]/],
    ['Setting-scale', false, 'A4', /\/MediaBox \[0 0 595\.\d+ 841\.\d+\]/],
  ] as const)('%s: two to four pages, its fonts and its picture in it', async (title, planned, paper, box) => {
    const sheet = sheetOf(title, planned);
    const still = demoFile(sheet.decision.frozen.brief.title)?.still ?? null;
    expect(still).not.toBeNull();
    const bytes = await recordPdf(sheet, { paper, still });
    const out = process.env['RECORD_OUT'];
    if (out !== undefined) writeFileSync(`${out}/${title.replace(' ', '-')}.pdf`, bytes);
    const pdf = latin(bytes);
    expect(pdf.startsWith('%PDF-')).toBe(true);
    expect(pagesOf(pdf)).toBeGreaterThanOrEqual(2);
    expect(pagesOf(pdf)).toBeLessThanOrEqual(4);
    expect(pdf).toMatch(box);
    expect(pdf).toContain('Archivo');
    expect(pdf).toMatch(/\/Subtype \/Image/);
    const bare = latin(await recordPdf(sheet, { paper, still: null }));
    expect(bare.length).toBeLessThan(pdf.length);
    expect(bare).not.toMatch(/\/Subtype \/Image/);
  });
});
