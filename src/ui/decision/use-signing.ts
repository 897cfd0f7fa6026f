import { useState } from 'react';
import type { Action, DrawnBy } from '@/core/decision';
import type { DecisionRecord } from '@/server/decisions';
import { call, Refused } from '../api';
import { useJob } from '../progress';
import { ownName, setOwnName } from '../study/autosave';
import { useQuantity, useStudy } from '../study/study-context';

/** What is written to sign. */
export interface Signing {
  readonly why: string;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly actions: Action[];
  readonly against: string;
  readonly dissenter: string;
}

/** What is signed beside the words. */
export interface SignedChoice {
  readonly laneId: string;
  /** Whether the adopted plan in two steps is signed. */
  readonly plan: boolean;
  readonly drawn: DrawnBy;
}

/** Sends a decision to be signed: saves what is typed first, tells how far it is, can be stopped. */
export function useSigning({ laneId, plan, drawn }: SignedChoice) {
  const { id, orderDate, decisions, setDecisions, flush, adopt } = useStudy(
    'id',
    'orderDate',
    'decisions',
    'setDecisions',
    'flush',
    'adopt',
  );
  const { q } = useQuantity();
  const [problem, setProblem] = useState<string | null>(null);
  const { state, run, stop } = useJob();
  const sign = async ({ against, dissenter, ...input }: Signing): Promise<void> => {
    setProblem(null);
    try {
      const version = await flush();
      const signed = {
        ...input,
        actions: input.actions.filter((a) => a.what.trim() !== ''),
        ...(against.trim() === '' ? {} : { dissent: { who: dissenter, words: against } }),
        laneId,
        plan,
        drawn,
        orderDate,
        quantity: q,
        version,
      };
      const decision = await run((init) =>
        call<DecisionRecord>('POST', `/api/studies/${id}/decisions`, signed, {
          ...init,
          headers: { ...init.headers, 'content-type': 'application/json' },
        }),
      );
      if (decision === null) {
        // It may have been written in the moment it was stopped in: the server knows.
        const now = await call<DecisionRecord[]>('GET', `/api/studies/${id}/decisions`);
        if (now.length > decisions.length) {
          adopt(version + 1);
          setDecisions(now);
        } else setProblem('Stopped. Nothing was signed; your text is still here.');
        return;
      }
      if (ownName() === '') setOwnName(input.signedBy);
      adopt(version + 1);
      setDecisions([decision, ...decisions]);
      // The record stands where the board of routes stood: at the top, not where the hand signed.
      requestAnimationFrame(() => window.scrollTo({ top: 0 }));
    } catch (error) {
      setProblem(
        error instanceof Refused
          ? error.message
          : 'The server does not answer. Nothing was signed; your text is still here.',
      );
    }
  };
  return { sign, problem, state, stop };
}
