'use client';
import { useSyncExternalStore } from 'react';
import type { UnitSystem } from '@/core/base/units';

/** A choice kept in this browser, the same in every tab and component that reads it. */
function preference<T extends string>(key: string, words: readonly T[], fallback: T) {
  const listeners = new Set<() => void>();
  const read = (): T => {
    try {
      const value = localStorage.getItem(key) as T | null;
      return value !== null && words.includes(value) ? value : fallback;
    } catch {
      return fallback;
    }
  };
  const subscribe = (listener: () => void): (() => void) => {
    listeners.add(listener);
    window.addEventListener('storage', listener);
    return () => {
      listeners.delete(listener);
      window.removeEventListener('storage', listener);
    };
  };
  const set = (value: T): void => {
    try {
      localStorage.setItem(key, value);
    } catch {
      // A browser that keeps nothing still shows the choice until it is closed.
    }
    listeners.forEach((listener) => listener());
  };
  const use = (): [T, (value: T) => void] => [useSyncExternalStore(subscribe, read, () => fallback), set];
  return Object.assign(use, { read, subscribe });
}

/** Units shown and typed: SI or inch. */
export const useUnits = preference<UnitSystem>('nine-pours-units', ['si', 'inch'], 'si');

/** Whether the board shows how sure its figures are. */
export const useSpreadShown = preference<'shown' | 'hidden'>('nine-pours-spread', ['shown', 'hidden'], 'shown');

/** How lanes are ordered on the board. */
export type LaneOrder = 'total' | 'first' | 'spare';
export const useLaneOrder = preference<LaneOrder>('nine-pours-order', ['total', 'first', 'spare'], 'total');

/** How much of a lane the board shows: figure, bar and a line below, or one line a lane. */
export type Density = 'full' | 'compact';
export const useDensity = preference<Density>('nine-pours-density', ['full', 'compact'], 'full');
