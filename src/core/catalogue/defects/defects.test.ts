import { expect, test } from 'vitest';
import { ALLOYS, findAlloy } from '../alloys';
import { PROCESSES } from '../process-steps';
import { ROUTES } from '../routes';
import { DEFECTS, findDefects } from '.';

test('every defect names routes, alloys and steps that there are, and what to do', () => {
  expect(DEFECTS.length).toBeGreaterThan(30);
  expect(new Set(DEFECTS.map((d) => d.id)).size).toBe(DEFECTS.length);
  const steps = new Set(PROCESSES.flatMap(({ steps: list }) => list.map((step) => step.id)));
  for (const d of DEFECTS) {
    for (const id of d.routes)
      expect(
        ROUTES.some((r) => r.id === id),
        `${d.id} ${id}`,
      ).toBe(true);
    for (const id of d.alloysMostProne) expect(findAlloy(id), `${d.id} ${id}`).toBeDefined();
    for (const id of d.steps) expect([...steps], `${d.id} ${id}`).toContain(id);
    expect(d.causes.length * d.checkFirst.length * d.mends.length, d.id).toBeGreaterThan(0);
    const [low, likely, high] = d.effect.scrap_pct;
    expect(low <= likely && likely <= high && high <= 100, d.id).toBe(true);
  }
});

test('are found by route, metal and words; those an alloy shows most stand first', () => {
  expect(findDefects(null, null, '')).toHaveLength(DEFECTS.length);
  const alloy = findAlloy('ss-cf8m') ?? null;
  const misrun = findDefects('shell-investment', alloy, 'rounded edge');
  expect(misrun.map((d) => d.id)).toContain('df-misrun');
  for (const a of ALLOYS) {
    const list = findDefects(null, a, '');
    const prone = list.map((d) => d.alloysMostProne.includes(a.id));
    expect(prone.lastIndexOf(true)).toBeLessThan(prone.includes(false) ? prone.indexOf(false) : list.length);
    expect(list.every((d) => d.families === 'all' || d.families.includes(a.family))).toBe(true);
  }
  expect(findDefects('spin', null, 'no such word')).toEqual([]);
});
