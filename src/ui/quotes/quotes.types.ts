import type { QuotesAssessed } from '@/core/comparison/quotes';
import type { RequestRecord, StudyQuotes } from '@/server/quotes';

/** Everything the view of quotes shows: what is held, and what it comes to. */
export type QuotesFound = StudyQuotes & {
  readonly assessed: QuotesAssessed;
  readonly requests: readonly RequestRecord[];
  /** Whether there is a desk that answers for foundries. */
  readonly desk: boolean;
};

/** A foundry that may be asked, with the lanes it runs. */
export interface Askable {
  readonly id: string;
  readonly name: string;
  readonly lanes: readonly string[];
}
