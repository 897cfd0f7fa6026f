import { useEffect, useRef, useState } from 'react';
import type { RequirementCost } from '@/core/requirements';
import { Cancelled, SurveyClient } from '@/workers/survey.client';
import { useQuantity, useStudy } from '../study/study-context';

/** What the requirements cost, and whether that is of the brief and the quantity on the screen. */
export interface RequirementCosts {
  /** Null until the first answer. */
  readonly costs: readonly RequirementCost[] | null;
  /** Pieces the figures are of. */
  readonly q: number;
  readonly busy: boolean;
  readonly error: string | null;
}

/**
 * Asks a worker of its own what each requirement costs. While the hand moves only one question is under way and only
 * the latest waits, so that the figures follow without a queue.
 */
export function useRequirementCosts(): RequirementCosts {
  const { brief, school, orderDate } = useStudy();
  const { q } = useQuantity();
  const [state, setState] = useState<RequirementCosts>({ costs: null, q, busy: true, error: null });
  const client = useRef<SurveyClient | null>(null);
  const running = useRef(false);
  const wanted = useRef({ brief, school, q, orderDate });
  useEffect(() => {
    wanted.current = { brief, school, q, orderDate };
    let live = true;
    const ask = async (): Promise<void> => {
      if (running.current) return;
      running.current = true;
      for (;;) {
        const now = wanted.current;
        try {
          client.current ??= new SurveyClient();
          const answer = await client.current.requirements(now.brief, now.school, now.q, now.orderDate);
          const done = wanted.current === now;
          setState({ costs: answer.costs, q: answer.q, busy: !done, error: null });
          if (done) break;
        } catch (error) {
          if (error instanceof Cancelled) break;
          setState((s) => ({ ...s, busy: false, error: error instanceof Error ? error.message : String(error) }));
          break;
        }
      }
      running.current = false;
    };
    // Only what lasts is shown as work under way.
    const late = setTimeout(() => live && running.current && setState((s) => ({ ...s, busy: true })), 300);
    void ask();
    return () => {
      live = false;
      clearTimeout(late);
    };
  }, [brief, school, q, orderDate]);
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
