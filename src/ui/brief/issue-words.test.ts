import { expect, test } from 'vitest';
import { inspectBrief } from '@/core/brief';
import { BRACKET } from '@/core/testing/demo-briefs';
import { FIELD_NAMES, issueWords } from './issue-words';

test.each([
  ['geometry.volume_cm3', -3, 'must be above 0', 'Volume “-3”: must be above 0.'],
  ['geometry.box_mm.1', 0, 'must be above 0', 'Box “0”: must be above 0.'],
  ['features.2.tol_mm', 'wide', 'a number', 'Total tolerance “wide”: a number.'],
  ['title', '', 'a name', 'Title empty: a name.'],
  ['quantity.lot', null, 'a number', 'Lot size empty: a number.'],
  ['quantity.demand', [3, 2, 1], 'must rise', 'Demand: must rise.'],
  ['no.such.path', 7, 'nothing', 'no.such.path “7”: nothing.'],
])('%s with %j is told by its name, what was given and what is wanted', (path, value, message, words) => {
  expect(issueWords({ path, value, message })).toBe(words);
});

test('what the brief itself refuses is told by a name of the screen, never by its path', () => {
  const bad = {
    ...BRACKET,
    geometry: { ...BRACKET.geometry, volume_cm3: -1, wallMin_mm: 'thin', undercuts: 1.5 },
    quantity: { ...BRACKET.quantity, perYear: 0, years: -2 },
  };
  const { issues } = inspectBrief(bad);
  expect(issues.length).toBeGreaterThanOrEqual(4);
  const names = new Set(Object.values(FIELD_NAMES));
  for (const issue of issues) {
    const words = issueWords(issue);
    expect(
      [...names].some((name) => words.startsWith(name)),
      words,
    ).toBe(true);
    expect(words).not.toContain('_mm');
  }
});
