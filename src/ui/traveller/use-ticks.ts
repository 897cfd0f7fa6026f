'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Tick, TravellerRecord } from '@/server/travellers';
import { call, Refused } from '../api';
import { keepHere, keptHere } from '../browser-store';

/** How long until what was not sent is tried again, ms. */
const AGAIN_MS = 4000;

const isTick = (x: unknown): x is Tick =>
  typeof x === 'object' && x !== null && 'item' in x && 'done' in x && 'at' in x;
const isTicks = (x: unknown): x is Tick[] => Array.isArray(x) && x.every(isTick);

/** Ticks as this page shows them: what the server keeps, and over it what was said here and is not sent yet. */
export interface Ticks {
  readonly of: ReadonlyMap<string, Tick>;
  /** How many were said here and not sent yet. */
  readonly waiting: number;
  /** Why the server did not take one, in words; empty where it took all. */
  readonly refused: string;
  readonly say: (item: string, done: boolean, note: string, who: string) => void;
}

/** The later of two words on an item. */
const over = (was: Tick | undefined, tick: Tick): Tick => (was === undefined || tick.at >= was.at ? tick : was);

/**
 * What is ticked on a traveller. What is said is kept in this browser at once and sent when the server answers: a lost connection, a closed
 * page or an empty battery loses nothing.
 */
export function useTicks({ id, ticks: first }: TravellerRecord): Ticks {
  const name = `traveller-${id}`;
  const [kept, setKept] = useState(first);
  const [queue, setQueue] = useState<readonly Tick[]>([]);
  const [refused, setRefused] = useState('');
  const [again, setAgain] = useState(0);
  const sending = useRef(false);
  const queued = useRef<readonly Tick[]>([]);
  const hold = useCallback(
    (next: readonly Tick[]) => {
      queued.current = next;
      setQueue(next);
      keepHere(name, next);
    },
    [name],
  );
  useEffect(() => {
    // What an earlier visit could not send: read once the page is on the screen, so that the server’s page and this one agree.
    const left = keptHere(name, isTicks) ?? [];
    if (left.length > 0) queueMicrotask(() => hold([...left, ...queued.current]));
  }, [name, hold]);
  useEffect(() => {
    if (queue.length === 0 || sending.current) return;
    const now = queue;
    sending.current = true;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const later = (): void => setAgain((n) => n + 1);
    call<{ ticks: Tick[] }>('PUT', `/api/travellers/${id}/ticks`, { ticks: now })
      .then(
        ({ ticks }) => {
          sending.current = false;
          setKept(ticks);
          setRefused('');
          hold(queued.current.filter((t) => !now.includes(t)));
        },
        (error: unknown) => {
          sending.current = false;
          if (error instanceof Refused && error.status < 500) {
            // What the server will never take is told and let go; what was said beside it is sent again.
            const bad = error.issues[0]?.value;
            setRefused(error.message);
            hold(
              queued.current.filter((t) => (typeof bad === 'string' && bad !== '' ? t.item !== bad : !now.includes(t))),
            );
          } else timer = setTimeout(later, AGAIN_MS);
        },
      )
      .catch(() => undefined);
    addEventListener('online', later);
    return () => {
      removeEventListener('online', later);
      clearTimeout(timer);
    };
  }, [id, queue, again, hold]);
  const of = new Map<string, Tick>();
  for (const tick of [...kept, ...queue]) of.set(tick.item, over(of.get(tick.item), tick));
  const say = (item: string, done: boolean, note: string, who: string): void => {
    setRefused('');
    hold([...queued.current.filter((t) => t.item !== item), { item, done, note, who, at: new Date().toISOString() }]);
  };
  return { of, waiting: queue.length, refused, say };
}
