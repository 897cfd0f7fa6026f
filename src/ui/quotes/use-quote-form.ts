import { useCallback, useEffect, useMemo, useState } from 'react';
import { readReply, replyRows, type Quote, type ReplyIssue } from '@/core/quotes';
import { keepHere, keptHere } from '../browser-store';

/** What stands in the form: text by key of the reply sheet, and whose quote it is. */
export interface QuoteDraft {
  readonly foundryId: string;
  /** Name of a supplier that is not on the list. */
  readonly supplier: string;
  readonly laneId: string;
  /** The line of a request that it answers; empty for none. */
  readonly lineId?: string;
  readonly texts: Readonly<Record<string, string>>;
}

const isDraft = (x: unknown): x is QuoteDraft =>
  typeof x === 'object' && x !== null && 'texts' in x && 'laneId' in x && 'foundryId' in x;

const NOTHING: QuoteDraft = { foundryId: '', supplier: '', laneId: '', texts: {} };

/** The texts of a quote, as the reply sheet would have them. */
export const textsOfQuote = (quote: Quote): Record<string, string> =>
  Object.fromEntries(replyRows(quote).flatMap((r) => (r.value === '' ? [] : [[r.key, r.value]])));

/** A quote that is typed: kept in this browser until it is put in or dropped. @param name of the draft */
export function useQuoteForm(name: string, first: Partial<QuoteDraft>) {
  const [draft, setDraft] = useState<QuoteDraft>({ ...NOTHING, ...first });
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere(name, isDraft);
        if (kept !== null && Object.keys(first.texts ?? {}).length === 0) setDraft(kept);
      }),
    // What it begins with does not change while it is open.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [name],
  );
  const put = useCallback(
    (change: Partial<QuoteDraft>) =>
      setDraft((was) => {
        const next = { ...was, ...change };
        keepHere(name, next);
        return next;
      }),
    [name],
  );
  const read = useMemo(() => {
    const [route = '', variant = ''] = draft.laneId.split('/');
    const rows = Object.entries(draft.texts).map(([key, value]) => ({ key, value }));
    return readReply(rows, { id: 'new', foundryId: draft.foundryId || 'other', route, variant });
  }, [draft]);
  return {
    draft,
    read,
    put,
    type: useCallback(
      (key: string, text: string) =>
        setDraft((was) => {
          const next = { ...was, texts: { ...was.texts, [key]: text } };
          keepHere(name, next);
          return next;
        }),
      [name],
    ),
    drop: useCallback(() => keepHere(name, null), [name]),
  };
}

/** Issues of a reply by the words of their row. */
export const issuesByRow = (issues: readonly ReplyIssue[]): ReadonlyMap<string, ReplyIssue> =>
  new Map(issues.map((i) => [i.path, i]));
