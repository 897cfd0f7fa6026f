import { useEffectEvent, useLayoutEffect } from 'react';

/** The sheets that are open, the topmost last. */
const opened: symbol[] = [];

/**
 * Escape closes what is open, from the moment it is seen: the drawer's own listener comes a few frames later, and a quick
 * hand would not be heard. Of several the topmost closes.
 */
export function useEscape(open: boolean, onClose: () => void): void {
  const close = useEffectEvent(onClose);
  useLayoutEffect(() => {
    if (!open) return;
    const mine = Symbol('sheet');
    opened.push(mine);
    const onKey = (event: KeyboardEvent): void => {
      if (event.key !== 'Escape' || event.isComposing || opened.at(-1) !== mine) return;
      event.preventDefault();
      event.stopImmediatePropagation();
      close();
    };
    window.addEventListener('keydown', onKey, true);
    return () => {
      window.removeEventListener('keydown', onKey, true);
      opened.splice(opened.indexOf(mine), 1);
    };
  }, [open]);
}
