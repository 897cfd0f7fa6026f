import { expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { RANKING_METHODS, FIRST_WEIGHTS, firstOf, rankingsAt, type Rankings } from '@/core/comparison/ranking';
import { bracket } from '@/core/testing/demo-briefs';
import { agreement, bestOn, scoreWords, whyFirst } from './words';

const study = prepareStudy(bracket());
const schools = rankingsAt(study, boardAt(study, 1500), FIRST_WEIGHTS) as Rankings;

test('where the ranking methods agree it is said in one sentence, else who says what', () => {
  const one = Object.fromEntries(
    RANKING_METHODS.map((s) => [s, ['green-sand/machine']]),
  ) as unknown as Rankings['first'];
  expect(agreement({ ...schools, first: one })).toMatch(/^All five ranking methods put green sand.* first\.$/);
  const two = { ...one, soonest: ['plaster/printed'] };
  expect(agreement({ ...schools, first: two })).toMatch(
    /^The ranking methods differ: green sand.* by least total cost, .*; plaster.* by soonest good parts\.$/,
  );
});

test('a lane says in few words which ranking methods put it first', () => {
  expect(bestOn(null, 'x')).toBe('');
  expect(bestOn(schools, firstOf(schools, 'cost') ?? '')).toContain('cost');
  expect(bestOn(schools, 'no such lane')).toBe('');
});

test('every school tells why in its own figures, with their units', () => {
  const units = {
    cost: /USD$/,
    soonest: /weeks$/,
    spare: /operations?, .* % margin$/,
    regret: /USD above the cheapest, at .* pieces$/,
    weighted: /of 1$/,
  };
  for (const school of RANKING_METHODS)
    expect(whyFirst(schools, school, firstOf(schools, school) ?? '', 'USD')).toMatch(units[school]);
  expect(scoreWords(schools.options[0]!, 'scrap', 'USD')).toMatch(/% scrap$/);
});
