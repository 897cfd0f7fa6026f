import { useEffect, useState } from 'react';
import { boardAt } from '@/core/comparison/board';
import type { Study } from '@/core/study';
import { whenIdle } from '../when-idle';

const WARM_ROUNDS = 4;
const WARM_AFTER_MS = 600;
/** Quantities worked out and thrown away in each idle moment: all parts of the rail, so that every path is met. */
const WARM_QUANTITIES = [1, 7, 40, 250, 1500, 9000, 60_000, 400_000, 1_000_000];

/**
 * Counts a few idle moments after the screen is ready. In each the board is worked out over the rail, and drawn again
 * unchanged, so that the engine has met the code before a hand takes the rail: the first drag is then as quick as the
 * next.
 */
export function useWarmUp(ready: boolean, study: Study): number {
  const [round, setRound] = useState(0);
  useEffect(() => {
    if (!ready || round >= WARM_ROUNDS) return;
    let idle = (): void => undefined;
    // What an opened screen still waits for, its draws above all, goes first.
    const timer = setTimeout(
      () => {
        idle = whenIdle(() => {
          for (const q of WARM_QUANTITIES) boardAt(study, q);
          setRound((n) => n + 1);
        }, 1000);
      },
      round === 0 ? WARM_AFTER_MS : 0,
    );
    return () => {
      clearTimeout(timer);
      idle();
    };
  }, [ready, round, study]);
  return round;
}
