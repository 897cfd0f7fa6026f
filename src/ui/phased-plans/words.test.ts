import { describe, expect, test } from 'vitest';
import { prepareStudy } from '@/core/study';
import { openPlan, planAt, singleAt, StudyWorkings, type PlanDue } from '@/core/phased-plans';
import { plain } from '@/core/explanation';
import { bracket } from '@/core/testing/demo-briefs';
import { whole } from '../format';
import { planVerdict, inTime, lateWords, pays, planWords } from './words';

const study = prepareStudy(bracket());
const due = (name: string, pieces: number, day: number): PlanDue => ({ name, pieces, asked_d: day, day_d: day });
const choice = { first: 'plaster/printed', then: 'gravity-die/hand', pieces: 12 };

describe('plans in words', () => {
  test('which pieces are made how', () => {
    expect(planWords(planAt(study, 2000, choice, []))).toBe(
      '12 on plaster, printed pattern, then 1\u202f988 on gravity die, ladled by hand',
    );
    expect(planWords(singleAt(study, 2000, 'gravity-die/hand', [], false))).toBe('all on gravity die, ladled by hand');
  });

  test('what comes late, the worst first', () => {
    const plan = planAt(study, 2000, choice, [
      due('prototypes', 5, 3),
      due('first lot', 100, 10),
      due('lot 9', 900, 900),
    ]);
    expect(inTime(plan)).toBe(false);
    expect(lateWords(plan)).toMatch(/^(prototypes|first lot) \d+ days late, 1 more late$/);
    expect(lateWords(planAt(study, 2000, choice, []))).toBe('no date set');
    expect(lateWords(planAt(study, 2000, choice, [due('lot', 5, 900)]))).toBe('every date met');
  });

  test('the verdict says what the plan saves, or that one route does better alone; its money is what it opens', () => {
    const plan = planAt(study, 2000, choice, []);
    const single = singleAt(study, 2000, 'gravity-die/hand', [], false);
    const dear = singleAt(study, 2000, 'shell-investment/printed', [], false);
    const said = (alone: typeof single | null, least: typeof single | null): string => {
      const dateText = planVerdict(plan, alone, least, 'USD');
      const book = new StudyWorkings(study, 2000, openPlan(plan, alone), []);
      for (const f of dateText.filter((piece) => typeof piece !== 'string')) {
        const { value } = book.working(f.laneId, f.figure ?? '');
        expect(f.text).toBe(`${whole(Math.abs(value))} USD`);
      }
      return plain(dateText);
    };
    expect(pays(plan, single)).toBe(false);
    expect(said(single, single)).toMatch(/^A single route is better: gravity die/);
    expect(pays(plan, dear)).toBe(true);
    expect(said(dear, single)).toMatch(/costs [\d\u202f]+ USD more\. The cheapest single route/);
    expect(said(null, null)).toContain('No single route delivers as soon.');
    expect(plain(planVerdict(null, null, null, 'USD'))).toContain('nothing to switch to');
  });
});
