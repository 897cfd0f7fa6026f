import { useCallback, useEffect, useRef } from 'react';
import { flushSync } from 'react-dom';

/**
 * Calls `act` once in the coming frame with the last value asked for, and has what follows from it drawn in that same
 * frame. However often a hand moves, there is one answer a frame, and none comes a frame late.
 */
export function useNextFrame<T>(act: (value: T) => void): (value: T) => void {
  const asked = useRef<{ value: T; handle: number } | null>(null);
  useEffect(
    () => () => {
      if (asked.current !== null) cancelAnimationFrame(asked.current.handle);
      asked.current = null;
    },
    [act],
  );
  return useCallback(
    (value: T) => {
      if (asked.current !== null) {
        asked.current.value = value;
        return;
      }
      const handle = requestAnimationFrame(() => {
        const last = asked.current;
        asked.current = null;
        if (last !== null) flushSync(() => act(last.value));
      });
      asked.current = { value, handle };
    },
    [act],
  );
}
