import { useEffect, useState } from 'react';
import type { StandingsKept } from '@/server/results';
import { call } from '../api';

/** While some are looked at again they are asked for after so long. */
const AGAIN_MS = 1200;

/** The signed decisions as they stand; asked for again while the server looks at some of them anew. Null stays null. */
export function useStandings(first: StandingsKept | null): StandingsKept | null {
  const [kept, setKept] = useState(first);
  const old = kept !== null && (kept.counts.waiting > 0 || kept.standings.some((s) => !s.fresh));
  useEffect(() => {
    if (!old) return;
    let live = true;
    const timer = setTimeout(() => {
      call<StandingsKept>('GET', '/api/standings').then(
        (next) => live && setKept(next),
        // Asked again in a while: what stands is what the server said last.
        () => live && setKept((k) => (k === null ? null : { ...k })),
      );
    }, AGAIN_MS);
    return () => {
      live = false;
      clearTimeout(timer);
    };
  }, [old, kept]);
  return kept;
}
