import { expect, test } from 'vitest';
import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { RANKING_METHODS, FIRST_WEIGHTS, firstOf, rankingsAt, type Rankings } from '@/core/comparison/ranking';
import { bracket } from '@/core/testing/demo-briefs';
import { agreement, firstBy, scoreWords, whyFirst } from './words';

const study = prepareStudy(bracket());
const schools = rankingsAt(study, boardAt(study, 1500), FIRST_WEIGHTS) as Rankings;

test('where the ranking methods agree it is said in one sentence, else who says what', () => {
  const one = Object.fromEntries(
    RANKING_METHODS.map((s) => [s, ['green-sand/machine']]),
  ) as unknown as Rankings['first'];
  expect(agreement({ ...schools, first: one })).toMatch(/^All five ranking methods put green sand.* first\.$/);
  const two = { ...one, soonest: ['plaster/printed'] };
  expect(agreement({ ...schools, first: two })).toMatch(
    /^The ranking methods do not agree: green sand.* by least programme cost, .*; plaster.* by soonest good parts\.$/,
  );
});

test('a lane says in few words which ranking methods put it first', () => {
  expect(firstBy(null, 'x')).toBe('');
  expect(firstBy(schools, firstOf(schools, 'cost') ?? '')).toContain('cost');
  expect(firstBy(schools, 'no such lane')).toBe('');
});

test('every school tells why in its own figures, with their units', () => {
  const units = {
    cost: /USD$/,
    soonest: /weeks$/,
    spare: /operations?, .* % reserve$/,
    regret: /USD over the best, at .* pieces$/,
    weighted: /of 1$/,
  };
  for (const school of RANKING_METHODS)
    expect(whyFirst(schools, school, firstOf(schools, school) ?? '', 'USD')).toMatch(units[school]);
  expect(scoreWords(schools.options[0]!, 'scrap', 'USD')).toMatch(/% scrap$/);
});
