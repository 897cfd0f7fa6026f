'use client';
import { useSyncExternalStore } from 'react';

const subscribe = (report: () => void): (() => void) => {
  window.addEventListener('hashchange', report);
  return () => window.removeEventListener('hashchange', report);
};

/** The place a link asks for: what stands after #show= in the address; null where nothing does. */
export function useHashPlace(): string | null {
  return useSyncExternalStore(
    subscribe,
    () => /^#show=([\w.-]+)$/.exec(window.location.hash)?.[1] ?? null,
    () => null,
  );
}
