import { useEffect, useState } from 'react';

/** A value once it has not changed for a while: what need not follow every step of the rail hangs on it. */
export function useRested<T>(value: T, rest_ms: number): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    if (rested === value) return;
    const timer = setTimeout(() => setRested(value), rest_ms);
    return () => clearTimeout(timer);
  }, [value, rested, rest_ms]);
  return rested;
}
