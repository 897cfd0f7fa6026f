import { useCallback, useEffect, useState } from 'react';
import { keepHere, keptHere } from '../browser-store';

const isText = (x: unknown): x is string => typeof x === 'string';
/** Who changes things at this browser is the same on every page. */
const WHO = 'rates-who';

/**
 * Who changes something and why, kept in this browser: the name for good, the reason until it is saved.
 * @param name of what is changed
 */
export function useChangeNote(name: string): {
  readonly who: string;
  readonly why: string;
  readonly setWho: (text: string) => void;
  readonly setWhy: (text: string) => void;
  readonly saved: () => void;
} {
  const [who, setWhoNow] = useState('');
  const [why, setWhyNow] = useState('');
  useEffect(
    () =>
      queueMicrotask(() => {
        setWhoNow(keptHere(WHO, isText) ?? '');
        setWhyNow(keptHere(`${name}-why`, isText) ?? '');
      }),
    [name],
  );
  const setWho = useCallback((text: string) => {
    setWhoNow(text);
    keepHere(WHO, text.trim());
  }, []);
  const setWhy = useCallback(
    (text: string) => {
      setWhyNow(text);
      keepHere(`${name}-why`, text);
    },
    [name],
  );
  const saved = useCallback(() => {
    setWhyNow('');
    keepHere(`${name}-why`, null);
  }, [name]);
  return { who, why, setWho, setWhy, saved };
}
