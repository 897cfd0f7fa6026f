import { useState } from 'react';
import type { Quote } from '@/core/quotes';
import { call, failureWords, Refused } from '../api';
import { notices } from '../shell/notices';
import type { QuoteDraft } from './use-quote-form';

/** What is wanted of whose quote it is, in words; empty where all is there. */
export const whoseProblem = ({ foundryId, supplier, laneId }: QuoteDraft): string =>
  foundryId === '' && supplier.trim() === ''
    ? 'Foundry: one of the list, or the name of another supplier, is wanted.'
    : laneId === ''
      ? 'Route: the one it is for is wanted.'
      : '';

/** What a quote is saved with. */
interface Saved {
  readonly studyId: string;
  readonly draft: QuoteDraft;
  /** The quote as it reads; null where anything is wrong with it. */
  readonly read: Quote | null;
  readonly entered: 'typed' | 'sheet' | 'paste';
  readonly correcting: { readonly id: string; readonly version: number } | undefined;
  readonly who: string;
  readonly why: string;
  readonly onDone: () => void;
}

const wordsOf = (error: unknown): string => {
  if (error instanceof Refused && error.status === 409)
    return 'Somebody saved this quote in between. Close the form, look, and correct it again; what you typed is kept.';
  return failureWords(error, 'The server does not answer. Nothing was saved; what you typed is kept.');
};

/** Puts a typed quote in, or saves its correction; what is refused is told, and stays as it was typed. */
export function useQuoteSaving({ studyId, draft, read, entered, correcting, who, why, onDone }: Saved) {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const send = async (): Promise<void> => {
    if (read === null) return;
    setBusy(true);
    setProblem('');
    const { id: _id, foundryId: _foundry, ...quote } = read;
    const by = { who: who.trim(), why: why.trim() };
    try {
      if (correcting === undefined)
        await call('POST', `/api/studies/${studyId}/quotes`, {
          ...by,
          entered,
          quotes: [
            {
              ...{ foundryId: draft.foundryId || null, supplier: draft.supplier.trim(), quote },
              lineId: draft.lineId === undefined || draft.lineId === '' ? null : draft.lineId,
            },
          ],
        });
      else
        await call('PUT', `/api/studies/${studyId}/quotes/${encodeURIComponent(correcting.id)}`, {
          ...{ quote, version: correcting.version },
          ...by,
        });
      notices.create({ title: correcting === undefined ? 'The quote is in.' : 'Corrected.' });
      onDone();
    } catch (error) {
      setProblem(wordsOf(error));
    }
    setBusy(false);
  };
  return { busy, problem, save: (): void => void send() };
}
