import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { REFUSALS, type CoreIssue } from '@/core/base/errors';
import { FILE_HELP } from './file-kinds';
import { doneWords, offerWords, refusalWords } from './words';

describe('repairing, in words', () => {
  const holes = (pieces: number) => ({ repair: 'holes-filled', pieces, filled_mm2: 64_516 }) as const;
  test('says how many holes and how much of the surface, in either units', () => {
    expect(offerWords(holes(1), 'si')).toContain('filling 1 flat hole, 645 cm² in all');
    expect(offerWords(holes(3), 'inch')).toContain('filling 3 flat holes, 100 in² in all');
    expect(doneWords(holes(2), 'si')).toContain('It was closed here by filling 2 flat holes');
  });
  test('says into how many bodies, one or more', () => {
    const parted = (pieces: number) => ({ repair: 'bodies-parted', pieces, filled_mm2: 0 }) as const;
    expect(offerWords(parted(1), 'si')).toContain('into 1 body, each closed');
    expect(doneWords(parted(4), 'si')).toContain('into 4 bodies');
  });
  test('every repair says afterwards what its offer promised: that figures are of the repaired surface', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 99 }), (pieces) => {
        expect(offerWords(holes(pieces), 'si')).toMatch(/Every figure then says/);
        expect(doneWords(holes(pieces), 'si')).toMatch(/all below is of the repaired surface/);
      }),
    );
  });
});

describe('a file that is refused', () => {
  const codes = Object.keys(REFUSALS) as CoreIssue['code'][];
  test('is named, with what is wrong, what was met and what would be accepted, for every reason there is', () => {
    expect(codes.length).toBeGreaterThan(10);
    for (const code of codes) {
      const words = refusalWords('hub.stl', { code, field: 'file', value: 12, accepted: 'a whole file' }, 'not used');
      expect(words).toBe(`hub.stl was not read: ${REFUSALS[code]} (file: 12). Accepted: a whole file.`);
    }
  });
  test('keeps what is no word or number out of the sentence', () => {
    const [code] = codes;
    const words = refusalWords('hub.stl', { code: code!, field: 'file', value: { a: 1 }, accepted: 'x' }, '');
    expect(words).not.toContain('object');
    expect(words).not.toContain('(file');
  });
  test('for a reason without a code, says it as it was told', () => {
    expect(refusalWords('hub.stl', null, 'the worker ended')).toBe('hub.stl: the worker ended');
  });
  test('the limits told beforehand are those of the core', () => {
    expect(FILE_HELP).toMatch(/up to \d+ MB or \d+ million facets/);
  });
});
