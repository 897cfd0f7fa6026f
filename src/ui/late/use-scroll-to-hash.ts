import { useEffect } from 'react';
import { askedPlace } from '../asked-place';

/** How long a place that the address asks for is waited for, ms. */
const WAIT_MS = 10_000;

/** Scrolls to the place the address asks for as soon as it is drawn: it may stand in a part that comes later. */
export function useScrollToHash(): void {
  useEffect(() => {
    const id = askedPlace();
    if (id === '' || document.getElementById(id) !== null) return;
    const watching = new MutationObserver(() => {
      const place = document.getElementById(id);
      if (place === null) return;
      watching.disconnect();
      place.scrollIntoView({ block: 'center' });
    });
    watching.observe(document.body, { childList: true, subtree: true });
    const timer = setTimeout(() => watching.disconnect(), WAIT_MS);
    return () => {
      clearTimeout(timer);
      watching.disconnect();
    };
  }, []);
}
