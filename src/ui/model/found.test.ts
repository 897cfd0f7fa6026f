import { describe, expect, test } from 'vitest';
import { modelDocument } from '@/core/reference/model-document';
import { found } from './found';

const subjects = modelDocument();
const titles = (asked: string): string[] => found(subjects, asked).flatMap((s) => s.equations.map((e) => e.title));

describe('equations are found', () => {
  test('all of them where nothing is asked', () => {
    expect(found(subjects, '  ')).toBe(subjects);
  });

  test.each([
    ['tool hours', 'Tool hours'],
    ['TOOL  HOURS', 'Tool hours'],
    ['5.1', 'Tool hours'],
    ['global.pE', 'Melting a kilogram'],
    ['T10', 'Samples that come with the first article'],
    ['kappa', 'Difficulty of the shape'],
  ])('“%s” finds %s', (asked, title) => {
    expect(titles(asked)).toContain(title);
  });

  test('every word must be there, and subjects without any are left out', () => {
    expect(titles('tool zebra')).toEqual([]);
    expect(found(subjects, 'zebra')).toEqual([]);
    expect(found(subjects, 'surface index').map((s) => s.id)).toContain('part');
    for (const s of found(subjects, 'holiday')) expect(s.id).toBe('time');
  });
});
