import { useEffect, useRef, useState } from 'react';
import type { PartOfSet } from './rate-search';
import { askedPlace } from '../asked-place';

/** The coefficient that the address names: its part is opened, its row marked, and its first figure takes the focus. */
export function useMarkedRate(parts: readonly PartOfSet[], partId: string, open: (partId: string) => void) {
  const [marked, setMarked] = useState<string | null>(null);
  const opening = useRef(open);
  useEffect(() => {
    opening.current = open;
  }, [open]);
  useEffect(() => {
    const follow = (): void => {
      const path = askedPlace();
      const part =
        parts.find((p) => p.entries.some((e) => e.path === path)) ??
        (path === 'calendar.holidays' ? parts.find((p) => p.id === 'calendar') : undefined);
      if (part === undefined) return;
      opening.current(part.id);
      setMarked(path);
    };
    queueMicrotask(follow);
    window.addEventListener('hashchange', follow);
    return () => window.removeEventListener('hashchange', follow);
  }, [parts]);
  const seen = useRef<string | null>(null);
  useEffect(() => {
    if (marked === null || seen.current === marked) return;
    const row = document.getElementById(marked);
    if (row === null) return;
    seen.current = marked;
    row.scrollIntoView({ block: 'center' });
    row.querySelector('input')?.focus({ preventScroll: true });
  }, [marked, partId]);
  return { marked, forget: () => setMarked(null) };
}
