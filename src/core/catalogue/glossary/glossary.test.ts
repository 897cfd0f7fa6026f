import fc from 'fast-check';
import { expect, test } from 'vitest';
import { PROCESSES } from '../process-steps';
import { findTerms, GLOSSARY } from '.';

const words = (text: string): string[] => findTerms(text).map((f) => f.term.term);

test('terms are found whole, the longest first, in any case and number, each once', () => {
  expect(words('The match plate carries both halves; plates of other kinds do not.')).toEqual(['match plate']);
  expect(words('Undercuts need slides. A slide costs more than an undercut.')).toEqual(['undercut', 'slide']);
  expect(words('Core boxes and cores')).toEqual(['core box', 'core']);
  expect(words('The scorecard of a drawer')).toEqual([]);
});

test('a term found is where it is said to be', () => {
  const text = PROCESSES.flatMap((p) => p.steps.map((s) => `${s.what} ${s.why}`)).join(' ');
  const found = findTerms(text);
  expect(found.length).toBeGreaterThan(40);
  for (const { term, from, to } of found)
    expect(text.slice(from, to).toLowerCase()).toContain(term.term.replace(/ \(.*/, '').toLowerCase());
  expect(found.map((f) => f.from)).toEqual(found.map((f) => f.from).toSorted((a, b) => a - b));
});

test('every term is found by its own name, said in a sentence, and explained by another sentence', () => {
  for (const { term, meaning } of GLOSSARY) {
    expect(words(`It is the ${term.replace(/ \(.*/, '')} of it.`), term).toContain(term);
    expect(meaning, term).toMatch(/^[A-Z].{20,}\.\)?$/);
  }
});

test('any text falls into terms and what stands between them, whole and in order', () => {
  const any = fc.string({ unit: 'binary' });
  const terms = fc.constantFrom(...GLOSSARY.map((t) => t.term));
  fc.assert(
    fc.property(fc.array(fc.oneof(any, terms)), (pieces) => {
      const text = pieces.join(' ');
      let at = 0;
      for (const { from, to } of findTerms(text)) {
        expect(from).toBeGreaterThanOrEqual(at);
        expect(to).toBeGreaterThan(from);
        at = to;
      }
      expect(at).toBeLessThanOrEqual(text.length);
    }),
  );
});
