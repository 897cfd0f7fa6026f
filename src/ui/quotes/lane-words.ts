import type { AssessedQuote } from '@/core/comparison/quotes';

/** Name of the route of a quote, as it begins a line. */
export const routeLine = ({ laneName }: Pick<AssessedQuote, 'laneName'>): string =>
  laneName.replace(/^./, (x) => x.toUpperCase());
