'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { JOB_HEADER, type JobProgress } from '@/core/base/job-progress';

/** How far the server is with what was asked of it. */
export interface JobState extends JobProgress {
  /** Since it was asked, s. */
  readonly seconds: number;
}

/** What is passed on to the request of a job: its name, and the signal that ends it. */
export interface JobInit {
  readonly headers: Readonly<Record<string, string>>;
  readonly signal: AbortSignal;
}

/** Progress is asked for so often, ms. */
const ASK_EVERY_MS = 300;

/**
 * Runs work of the server that takes a while: tells how far it is, and can be stopped, which ends it there too.
 * `run` gives null where it was stopped.
 */
export function useJob() {
  const [state, setState] = useState<JobState | null>(null);
  const abort = useRef<AbortController | null>(null);
  useEffect(() => () => abort.current?.abort(), []);

  const run = useCallback(async <T>(work: (init: JobInit) => Promise<T>): Promise<T | null> => {
    abort.current?.abort();
    const controller = new AbortController();
    abort.current = controller;
    const name = crypto.randomUUID();
    const start = performance.now();
    let progress: JobProgress = { what: 'asking', share: 0 };
    const report = (): void => setState({ ...progress, seconds: Math.floor((performance.now() - start) / 1000) });
    const ask = async (): Promise<void> => {
      const answer = await fetch(`/api/jobs/${name}`, { signal: controller.signal }).catch(() => null);
      if (answer?.ok === true) progress = (await answer.json()) as JobProgress;
      if (abort.current === controller) report();
    };
    const timer = setInterval(() => void ask(), ASK_EVERY_MS);
    try {
      return await work({ headers: { [JOB_HEADER]: name }, signal: controller.signal });
    } catch (error) {
      if (controller.signal.aborted) return null;
      throw error;
    } finally {
      clearInterval(timer);
      if (abort.current === controller) {
        abort.current = null;
        setState(null);
      }
    }
  }, []);
  const stop = useCallback(() => abort.current?.abort(), []);
  return { state, run, stop };
}
