import { useEffect, useLayoutEffect, useRef } from 'react';

/** Lets rows glide to a new order in 180 ms. Rows carry data-glide; only a change of `order` moves them. */
export function useGlide(order: string) {
  const root = useRef<HTMLDivElement>(null);
  const tops = useRef(new Map<string, number>());
  const last = useRef(order);
  // Where the rows first stand is read once the page is painted: read sooner, the whole page is laid out for it.
  useEffect(() => {
    const timer = setTimeout(() => {
      if (root.current !== null && tops.current.size === 0) tops.current = topsOf(root.current);
    }, SETTLED_MS);
    return () => clearTimeout(timer);
  }, []);
  useLayoutEffect(() => {
    if (last.current === order || root.current === null) return;
    last.current = order;
    const before = tops.current;
    tops.current = topsOf(root.current);
    if (window.matchMedia('(prefers-reduced-motion: reduce)').matches) return;
    for (const row of rowsOf(root.current)) {
      const id = row.dataset['glide'] ?? '';
      const [from, to] = [before.get(id), tops.current.get(id)];
      if (from === undefined || to === undefined || Math.abs(from - to) <= 1) continue;
      row.animate([{ transform: `translateY(${from - to}px)` }, { transform: 'none' }], {
        duration: 180,
        easing: 'ease-out',
      });
    }
  }, [order]);
  return root;
}

/** After so long an opened page stands still. */
const SETTLED_MS = 600;

const rowsOf = (root: HTMLElement): NodeListOf<HTMLElement> => root.querySelectorAll<HTMLElement>('[data-glide]');

/** Tops of the rows within their list, px. */
function topsOf(root: HTMLElement): Map<string, number> {
  const base = root.getBoundingClientRect().top;
  return new Map([...rowsOf(root)].map((row) => [row.dataset['glide'] ?? '', row.getBoundingClientRect().top - base]));
}
