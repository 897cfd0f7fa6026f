import { useEffect, useRef, useState } from 'react';
import { Cancelled, CostCurvesClient } from '@/workers/cost-curves.client';

/** An answer of a worker, and whether it is of what is wanted now. */
export interface Asked<A> {
  /** Null until the first answer. */
  readonly answer: A | null;
  readonly busy: boolean;
  readonly error: string | null;
}

/** Work that lasts no longer is not shown as under way. */
const SHOWN_AFTER_MS = 300;

/**
 * Asks a worker of its own. While the hand moves only one question is under way and only the latest waits, so that
 * figures follow without a queue.
 * @param wanted what is asked; kept by identity, so memoize it
 * @param ask puts the question; the same function at every rendering
 */
export function useAsked<W, A>(wanted: W, ask: (client: CostCurvesClient, wanted: W) => Promise<A>): Asked<A> {
  const [state, setState] = useState<Asked<A>>({ answer: null, busy: true, error: null });
  const client = useRef<CostCurvesClient | null>(null);
  const running = useRef(false);
  const latest = useRef(wanted);
  useEffect(() => {
    latest.current = wanted;
    let live = true;
    const run = async (): Promise<void> => {
      if (running.current) return;
      running.current = true;
      for (let done = false; !done;) {
        const now = latest.current;
        try {
          client.current ??= new CostCurvesClient();
          const answer = await ask(client.current, now);
          done = latest.current === now;
          setState({ answer, busy: !done, error: null });
        } catch (error) {
          done = true;
          if (!(error instanceof Cancelled))
            setState((s) => ({ ...s, busy: false, error: error instanceof Error ? error.message : String(error) }));
        }
      }
      running.current = false;
    };
    const late = setTimeout(() => live && running.current && setState((s) => ({ ...s, busy: true })), SHOWN_AFTER_MS);
    void run();
    return () => {
      live = false;
      clearTimeout(late);
    };
  }, [wanted, ask]);
  useEffect(
    () => () => {
      client.current?.close();
      client.current = null;
      running.current = false;
    },
    [],
  );
  return state;
}
