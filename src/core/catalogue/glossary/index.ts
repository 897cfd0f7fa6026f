/** Words of the trade, explained. */
export { GLOSSARY } from './terms.data';
export { findTerms, type FoundTerm } from './find-terms';
export type { GlossaryTerm } from './types';
