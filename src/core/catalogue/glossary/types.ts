/** A word of the trade and what it means, in a sentence. */
export interface GlossaryTerm {
  readonly term: string;
  readonly meaning: string;
}
