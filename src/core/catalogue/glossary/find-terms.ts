import { GLOSSARY } from './terms.data';
import type { GlossaryTerm } from './types';

/** A term where it stands in a text. */
export interface FoundTerm {
  readonly term: GlossaryTerm;
  /** Place of its first letter, and of the letter after its last. */
  readonly from: number;
  readonly to: number;
}

/** The name of a term as it may stand in a text: without what is said in brackets beside it. */
const wordOf = ({ term }: GlossaryTerm): string => term.replace(/\s*\(.*\)$/, '');
const escaped = (word: string): string => word.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const BY_WORD = new Map(GLOSSARY.map((t) => [wordOf(t).toLowerCase(), t]));
/** The longest first, so that "loose pattern" is not found as "pattern"; one letter of plural is taken along. */
const ANY = new RegExp(
  `(?<![\\p{L}\\p{N}-])(${[...BY_WORD.keys()]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')})(?:s|es)?(?![\\p{L}\\p{N}-])`,
  'giu',
);

/**
 * Terms of the glossary in a text, each where it first stands.
 *
 * @param text a sentence or more
 * @returns the terms in the order they stand
 * @example
 * findTerms('Pack sand round the loose pattern.').map((f) => f.term.term) // ['loose pattern']
 */
export function findTerms(text: string): readonly FoundTerm[] {
  const seen = new Set<GlossaryTerm>();
  return [...text.matchAll(ANY)].flatMap((match) => {
    const term = BY_WORD.get((match[1] ?? '').toLowerCase());
    if (term === undefined || seen.has(term)) return [];
    seen.add(term);
    return [{ term, from: match.index, to: match.index + match[0].length }];
  });
}
