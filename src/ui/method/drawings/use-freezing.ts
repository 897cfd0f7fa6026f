'use client';
import { startTransition, useEffect, useState } from 'react';
import type { Drawing } from '@/core/drawing';
import { freezingRun, type Method } from '@/core/method';
import { freezingWorker } from '@/workers/solidification.client';
import type { FreezingAnswer, FreezingSaid } from '@/workers/solidification.protocol';

/** Stillness of the hand after which it is run, ms; cells and bands of a run. */
const REST_MS = 250;
const CELLS = 40_000;
const BANDS = 6;

/** Where a run of freezing stands. */
export interface FreezingState {
  readonly share: number;
  readonly found: FreezingSaid | null;
  readonly ms: number;
  readonly why: string;
  readonly running: boolean;
}

const NOT_YET: FreezingState = { share: 0, found: null, ms: 0, why: '', running: false };

/** Runs the freezing of a section in a worker while it is wanted; a newer section ends the run before. */
export function useFreezing(wanted: boolean, method: Method, section: Drawing | undefined): FreezingState {
  const [state, setState] = useState<FreezingState & { readonly of: Method | null }>({ ...NOT_YET, of: null });
  useEffect(() => {
    if (!wanted) return;
    const run = freezingRun(method);
    const hear = (answer: FreezingAnswer): void =>
      startTransition(() =>
        setState((s) =>
          answer.kind === 'progress'
            ? { ...s, of: method, running: true, share: answer.share }
            : answer.kind === 'found'
              ? { of: method, share: 1, found: answer.found, ms: answer.ms, why: '', running: false }
              : { ...NOT_YET, of: method, why: answer.message },
        ),
      );
    if (run === null || section?.metal === undefined) {
      hear({
        id: 0,
        kind: 'refused',
        issue: null,
        message: 'The method stops before its freezing time: mend what is refused first.',
      });
      return;
    }
    const bodies = section.metal;
    const timer = setTimeout(() => freezingWorker.ask({ ...run, bodies, cells: CELLS, bands: BANDS }, hear), REST_MS);
    return () => {
      clearTimeout(timer);
      freezingWorker.stop(hear);
    };
  }, [wanted, method, section]);
  if (!wanted) return NOT_YET;
  return state.of === method ? state : { ...NOT_YET, running: true };
}
