import { describe, expect, test } from 'vitest';
import { prepareStudy } from '@/core/board';
import { planAt, singleAt, type PlanDue } from '@/core/bridge';
import { bracket } from '@/core/testing/demo-briefs';
import { bridgeVerdict, inTime, lateWords, pays, planWords } from './words';

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
    expect(lateWords(planAt(study, 2000, choice, []))).toBe('no day asked');
    expect(lateWords(planAt(study, 2000, choice, [due('lot', 5, 900)]))).toBe('every day met');
  });

  test('the verdict says what the plan saves, or that one route does better alone', () => {
    const plan = planAt(study, 2000, choice, []);
    const single = singleAt(study, 2000, 'gravity-die/hand', [], false);
    expect(pays(plan, single)).toBe(false);
    expect(bridgeVerdict(plan, single, single, 'USD')).toMatch(/^One route does better alone: gravity die/);
    const dear = singleAt(study, 2000, 'shell-investment/printed', [], false);
    expect(pays(plan, dear)).toBe(true);
    expect(bridgeVerdict(plan, dear, single, 'USD')).toMatch(/costs [\d\u202f]+ USD more\. The cheapest route alone/);
    expect(bridgeVerdict(plan, null, null, 'USD')).toContain('No route alone delivers as soon.');
    expect(bridgeVerdict(null, null, null, 'USD')).toContain('nothing to switch to');
  });
});
