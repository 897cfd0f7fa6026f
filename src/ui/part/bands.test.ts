import fc from 'fast-check';
import { expect, test } from 'vitest';
import { byDraft, byRelease, byWall, plain, type Painting } from './bands';

const sums = (p: Painting): number => p.bands.reduce((sum, b) => sum + b.share, 0);

test('every facet has a band that is told, and the shares add to all of the surface', () => {
  const walls = fc.array(fc.double({ min: 0.1, max: 60, noNaN: false }), { minLength: 1, maxLength: 50 });
  fc.assert(
    fc.property(walls, fc.constantFrom<'si' | 'inch'>('si', 'inch'), (list, units) => {
      const values = Float32Array.from(list);
      const areas = Float32Array.from(list, (_, i) => 1 + (i % 5));
      const known = list.filter(Number.isFinite);
      for (const p of [
        byWall(values, areas, Math.min(...known, 60), Math.max(...known, 0.1), units),
        byDraft(values, areas),
        plain(list.length),
      ]) {
        expect(sums(p)).toBeCloseTo(1, 6);
        for (const b of p.bandOf) expect(p.bands[b]).toBeDefined();
        expect(p.bands.length).toBeLessThanOrEqual(8);
      }
    }),
  );
});

test('a thinner wall never has a later band, and what is thinner than thin is hatched', () => {
  const values = Float32Array.of(1, 2, 3, 4, 6, 9, 12, NaN);
  const p = byWall(values, new Float32Array(8).fill(1), 2, 12, 'si');
  expect([...p.bandOf].slice(0, 7)).toEqual([...p.bandOf].slice(0, 7).sort((a, b) => a - b));
  expect(p.bandOf[0]).toBe(0);
  expect(p.bands[0]).toMatchObject({ hatched: true, words: 'under 2 mm' });
  expect(p.bands[p.bandOf[7] ?? 0]?.words).toBe('no face opposite');
});

test('walls are told in the units of the screen', () => {
  expect(byWall(Float32Array.of(3), Float32Array.of(1), 2.54, 25.4, 'inch').bands[0]?.words).toBe('under 0.1 in');
});

test('what neither half releases is hot and hatched', () => {
  const p = byRelease(Int8Array.of(1, -1, 0, 2), Float32Array.of(1, 1, 1, 1));
  expect([...p.bandOf]).toEqual([0, 1, 2, 3]);
  expect(p.bands[3]).toMatchObject({ hatched: true, share: 0.25 });
});
