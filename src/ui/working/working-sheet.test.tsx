import { beforeAll, describe, expect, test } from 'vitest';
import type { Working } from '@/core/equations';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { StudyWorkings } from '@/core/phased-plans';
import { bracket } from '@/core/testing/demo-briefs';
import { FIGURES, isFigure } from '@/core/study/workings';
import { significant } from '../format';
import { faultsOf, textOf } from '../testing/html-faults';
import { studyPage } from '../testing/study-page';
import { useStudyLinks } from './study-links';
import { WorkingBody } from './working-body';
import { pretty } from './pretty';

const Linked = ({ w }: { readonly w: Working }) => <WorkingBody w={w} links={useStudyLinks()} />;

describe('the sheet of a working', () => {
  const brief = bracket();
  const study = prepareStudy(brief);
  const lane = boardAt(study, 2000).leader ?? '';
  const workings = new StudyWorkings(study, 2000);
  const sheets: { readonly w: Working; readonly html: string }[] = [];
  beforeAll(async () => {
    for (const figure of FIGURES) {
      const w = workings.working(lane, figure);
      const html = await studyPage(brief, <Linked w={w} />);
      sheets.push({ w, html: html.split('data-testid="expression"')[1] ?? '' });
    }
  });

  test('says the value with its unit, and every symbol with value, unit and where it comes from', () => {
    for (const { w, html } of sheets) {
      const text = textOf(html);
      expect(text, w.figure).toContain(significant(w.value, 6));
      expect(text, w.figure).toContain(w.unit);
      const rows = html.split(/<tr[ >]/).slice(2);
      expect(rows, w.figure).toHaveLength(w.symbols.length);
      w.symbols.forEach((s, i) => {
        const row = textOf(rows[i] ?? '');
        for (const part of [pretty(s.symbol), s.meaning, significant(s.value, 6), s.unit, s.note ?? ''])
          expect(row, `${w.figure}: ${s.symbol}`).toContain(part);
      });
      expect(faultsOf(html), w.figure).toEqual([]);
    }
  });

  test('lets a reader go on from what was worked out, and to the brief and the rate set from what was not', () => {
    const ways = { deeper: 0, brief: 0, rate: 0 };
    for (const { w, html } of sheets) {
      const rows = html.split(/<tr[ >]/).slice(2);
      w.symbols.forEach((s, i) => {
        const row = rows[i] ?? '';
        const opens = s.opens !== null && isFigure(s.opens);
        expect(row.includes('<button'), `${w.figure}: ${s.symbol}`).toBe(opens);
        if (opens) ways.deeper++;
        if (s.path === null) return;
        const [to] = /href="[^"]*"/.exec(row) ?? [''];
        if (s.source === 'brief') expect(to, s.symbol).toMatch(/^href="\/studies\/s\/brief#field-/);
        if (s.source === 'rate')
          expect(to, s.symbol).toBe(`href="/rates/${study.rates.id}#${encodeURIComponent(s.path)}"`);
        if (s.source === 'brief' || s.source === 'rate') ways[s.source]++;
      });
    }
    expect(ways.deeper).toBeGreaterThan(50);
    expect(ways.brief).toBeGreaterThan(10);
    expect(ways.rate).toBeGreaterThan(50);
  });
});
