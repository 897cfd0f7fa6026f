import { expect, test } from 'vitest';
import { inspectBrief } from '@/core/brief';
import { bracket } from '@/core/testing/demo-briefs';
import { issueWords } from './issue-words';
import { salvage } from './salvage';

const good = bracket();

function typed(change: (raw: Record<string, object>) => void) {
  const raw = structuredClone(good) as unknown as Record<string, object>;
  change(raw);
  return { raw, ...inspectBrief(raw) };
}

test('an unreadable figure keeps its last good value, the rest is taken', () => {
  const { raw, brief, issues } = typed((r) => {
    Object.assign(r['geometry'] ?? {}, { volume_cm3: 'about 60', wallMin_mm: 7 });
  });
  expect(brief).toBeNull();
  const saved = salvage(raw, good, issues);
  expect(saved?.geometry.volume_cm3).toBe(60);
  expect(saved?.geometry.wallMin_mm).toBe(7);
  expect(issues.map(issueWords)).toEqual(['Volume “about 60”: a number is wanted.']);
});

test('a half typed row waits until it is whole', () => {
  const { raw, issues } = typed((r) => {
    Object.assign(r, {
      features: [
        { id: 'a', name: 'x', kind: 'dim', nominal_mm: 10, tol_mm: 1 },
        { id: 'b', name: 'y', kind: 'dim', nominal_mm: null, tol_mm: null },
      ],
    });
  });
  expect(salvage(raw, good, issues)?.features.map((f) => f.id)).toEqual(['a']);
});

test('a list with one bad member goes back whole', () => {
  const { raw, issues } = typed((r) => {
    Object.assign(r['geometry'] ?? {}, { box_mm: [90, 'x', 40] });
  });
  expect(salvage(raw, good, issues)?.geometry.box_mm).toEqual([90, 60, 40]);
});
