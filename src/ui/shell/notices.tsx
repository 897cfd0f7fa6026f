'use client';
import { useSyncExternalStore } from 'react';
import { late } from '../late';

/** A short notice at the foot of the window; it may carry an act such as undo. */
export interface Notice {
  readonly title: string;
  readonly type?: 'error';
  readonly duration?: number;
  readonly action?: { readonly label: string; readonly onClick: () => void };
}

let met = false;
const listeners = new Set<() => void>();

/** Shows short notices; what shows them is fetched for the first one. */
export const notices = {
  create(notice: Notice): void {
    met = true;
    for (const listener of listeners) listener();
    void import('./toaster').then(({ toaster }) => void toaster.create(notice));
  },
};

const Toasts = late(() => import('./toaster').then((m) => m.Toasts));

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Where notices stand. */
export function Notices() {
  const shown = useSyncExternalStore(
    subscribe,
    () => met,
    () => false,
  );
  return shown ? <Toasts /> : null;
}
