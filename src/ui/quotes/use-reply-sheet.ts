import { useState } from 'react';
import type { QuoteDraft } from './use-quote-form';

interface Read {
  readonly rows: readonly { readonly key: string; readonly value: string }[];
  readonly issues: readonly { readonly path: string; readonly value: string; readonly message: string }[];
  readonly of: { lineId: string; studyId: string; foundryId: string; laneId: string } | null;
}

/** Reads a reply sheet that came back; its rows open in the form, whatever is wrong with them. */
export function useReplySheet(studyId: string, onRows: (draft: Partial<QuoteDraft>) => void) {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const take = async (file: File): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      const response = await fetch('/api/quotes/read', { method: 'POST', body: file });
      const body = (await response.json()) as Read & { error?: { message: string } };
      if (!response.ok) setProblem(body.error?.message ?? `The server answered ${response.status}.`);
      else if (body.issues.length > 0)
        setProblem(
          `${file.name}: ${body.issues.map((i) => `${i.value === '' ? '' : `“${i.value}” `}${i.message}`).join('; ')}.`,
        );
      else {
        const { of } = body;
        if (of !== null && of.studyId !== studyId)
          setProblem('This sheet answers a request of another study: check whose it is before you put it in.');
        const mine = of?.studyId === studyId ? of : null;
        onRows({
          ...{ foundryId: mine?.foundryId ?? '', laneId: mine?.laneId ?? '', lineId: mine?.lineId ?? '' },
          texts: Object.fromEntries(body.rows.map((r) => [r.key, r.value])),
        });
      }
    } catch {
      setProblem('The server does not answer. Nothing was read.');
    }
    setBusy(false);
  };
  return { busy, problem, read: (file: File): void => void take(file) };
}
