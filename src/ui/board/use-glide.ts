import { useLayoutEffect, useRef } from 'react';

/** Lets rows glide to a new order in 180 ms. Rows carry data-glide; only a change of `order` moves them. */
export function useGlide(order: string) {
  const root = useRef<HTMLDivElement>(null);
  const tops = useRef(new Map<string, number>());
  const last = useRef(order);
  useLayoutEffect(() => {
    const rows = root.current?.querySelectorAll<HTMLElement>('[data-glide]') ?? [];
    const moved = last.current !== order;
    last.current = order;
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    const base = root.current?.getBoundingClientRect().top ?? 0;
    for (const row of rows) {
      const id = row.dataset['glide'] ?? '';
      const top = row.getBoundingClientRect().top - base;
      const before = tops.current.get(id);
      if (moved && !still && before !== undefined && Math.abs(before - top) > 1) {
        row.animate([{ transform: `translateY(${before - top}px)` }, { transform: 'none' }], {
          duration: 180,
          easing: 'ease-out',
        });
      }
      tops.current.set(id, top);
    }
  }, [order]);
  return root;
}
