import { writeFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { lifetimeQuantity } from '../src/core/brief';
import { WHO_DECIDES } from '../src/core/catalogue/cautions';
import { planExplanation } from '../src/core/decision';
import { plain } from '../src/core/explanation';
import { significant } from '../src/core/base/numbers';
import { demoFile } from '../src/server/demo/part-models';
import { demoBriefs } from '../src/server/demo/seed';
import { recordPdf } from '../src/server/record/pdf/document';
import { recordSheet, type RecordSheet } from '../src/server/record/sheet';
import { assumptions } from '../src/server/record/words';
import { sampleDecision } from '../src/server/testing/sample-decision';
import { wordsOf } from './pdf-words';

const GEAR = { first: 'gravity-die/hand', then: 'permanent-mould/tilt', pieces: 300 };

function sheetOf(title: string, planned: boolean): RecordSheet {
  const found = demoBriefs().find((b) => b.title.startsWith(title));
  if (found === undefined) throw new Error(title);
  const brief = planned ? { ...found, plan: GEAR } : found;
  const sheet = recordSheet(
    sampleDecision(brief, lifetimeQuantity(brief) ?? 100, planned ? { plan: true, laneId: GEAR.then } : {}),
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
    const still = demoFile(sheet.decision.snapshot.brief.title)?.still ?? null;
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
    // No page holds the last few lines alone: cautions and signatures come together.
    const last = (await wordsOf(bytes)).at(-1) ?? '';
    expect(last).toContain(WHO_DECIDES.slice(0, 40));
    expect(last).toContain('Cautions that come with it');
    expect(last).toContain('Foundry');
    const bare = latin(await recordPdf(sheet, { paper, still: null }));
    expect(bare.length).toBeLessThan(pdf.length);
    expect(bare).not.toMatch(/\/Subtype \/Image/);
  });
});

describe('what is written on it', () => {
  const said = (pages: readonly string[], words: string): void =>
    expect(pages.join(' ').replace(/\s/g, ''), words).toContain(words.replace(/\s/g, ''));

  test('the two-step plan: its five figures, the case, the draws and the workings are its own', async () => {
    const sheet = sheetOf('Gear head', true);
    const { decision, workings } = sheet;
    const { figures = [], plan, simulation, evaluation } = decision.snapshot;
    const pages = await wordsOf(await recordPdf(sheet, { paper: 'A4', still: null }));
    said(pages.slice(0, 1), evaluation.verdict);
    expect(figures).toHaveLength(5);
    for (const f of figures) {
      expect(f.laneId).toBe('plan');
      said(pages.slice(0, 1), plain(f.explanation));
      // The working on a later page comes to the figure of the first.
      const w = workings.working(f.laneId, f.figure);
      said(pages.slice(1), `${f.name}: ${significant(w.value, 6)} ${w.unit}`);
      for (const s of w.symbols) said(pages.slice(1), s.meaning);
    }
    for (const id of ['plan.1', 'plan.2'])
      for (const s of workings.working(id, 'total').symbols) said(pages.slice(1), s.meaning);
    for (const told of planExplanation(plan!, 'USD', sheet.orderDate)) said(pages, plain(told));
    for (const a of [...decision.snapshot.case.for, ...decision.snapshot.case.against]) said(pages, a.text);
    for (const flip of simulation!.flips) said(pages, flip);
    said(pages, 'Every delivery asked is met');
    said(pages, 'seed 1');
  });

  test('why, who, what is to be done, who disagrees, what it rests on, and what can hurt', async () => {
    const sheet = sheetOf('Pier foot', false);
    const { decision } = sheet;
    const pages = await wordsOf(await recordPdf(sheet, { paper: 'LETTER', still: null }));
    said(pages, decision.why);
    said(pages, `Signed: ${decision.signedBy}, 5 Jan 2027`);
    for (const a of decision.actions) said(pages, `${a.what}${a.owner}`);
    for (const d of decision.dissents) said(pages, d.words);
    for (const line of assumptions(sheet)) said(pages, line);
    said(pages, WHO_DECIDES);
    said(pages, 'Water and molten metal');
    const { lanes, leader, second } = decision.snapshot.evaluation;
    for (const lane of lanes.filter((l) => l.id === leader || l.id === second)) said(pages, lane.allIn!.toFixed(2));
    pages.forEach((page, i) => said([page], `page ${i + 1} of ${pages.length}`));
  });

  test('a long reason and a long dissent are printed to their end', async () => {
    const sheet = sheetOf('Pier foot', false);
    const long = `${'The foundry asked for a wider parting and we agreed to it. '.repeat(30)}The last word.`;
    const longer = {
      ...sheet.decision,
      why: long,
      dissents: [{ ...sheet.decision.dissents[0]!, words: `${long} No.` }],
    };
    const pages = await wordsOf(await recordPdf({ ...sheet, decision: longer }, { paper: 'A4', still: null }));
    said(pages, 'The last word. No.');
    expect(pages.length).toBeLessThanOrEqual(5);
  });

  test.each([
    ['thousands of soft hyphens', '\u00ad'.repeat(4000)],
    ['one word of thousands of letters', 'x'.repeat(4000)],
    ['thousands of marks over one letter', `e${'\u0301'.repeat(3999)}`],
    ['signs no font here has', '\u{1f9ea}\u4e00\u0600'.repeat(900)],
  ])('%s in the reason: a record all the same', async (_, why) => {
    const sheet = sheetOf('Pier foot', false);
    const pages = await wordsOf(
      await recordPdf({ ...sheet, decision: { ...sheet.decision, why } }, { paper: 'A4', still: null }),
    );
    said(pages, 'Cautions that come with it');
  });
});
