import type { Mistake } from '@/core/quotes';
import type { QuotesFound } from './quotes.types';
import { textsOfQuote, type QuoteDraft } from './use-quote-form';

/** What stands in the sheet. */
export type Opened =
  | { readonly page: 'quote'; readonly id: string }
  | {
      readonly page: 'working';
      readonly id: string;
      readonly trail: readonly string[];
      readonly from: 'quote' | 'table';
    }
  | { readonly page: 'paste' | 'ask' | 'calibrate' }
  | {
      readonly page: 'form';
      readonly first: Partial<QuoteDraft>;
      readonly correcting?: { id: string; version: number };
      readonly entered?: 'sheet' | 'paste';
    };

/** The form with a quote in it, as it is or as a mistake would have it read. */
export function correctionOf(found: QuotesFound, id: string, mistake?: Mistake): Opened | null {
  const record = found.quotes.find((r) => r.quote.id === id);
  if (record === undefined) return null;
  const quote = mistake?.reading ?? record.quote;
  return {
    page: 'form',
    correcting: { id, version: record.version },
    first: {
      foundryId: record.foundryId ?? '',
      supplier: record.foundryId === null ? record.foundry : '',
      laneId: `${quote.route}/${quote.variant}`,
      texts: textsOfQuote(quote),
    },
  };
}
