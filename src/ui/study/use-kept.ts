import { useState } from 'react';

/** The object of an earlier rendering for as long as all its fields are the same, so that a context stays quiet. */
export function useKept<T extends object>(value: T): T {
  const [kept, setKept] = useState(value);
  const keys = Object.keys(value) as (keyof T)[];
  if (keys.every((key) => Object.is(kept[key], value[key]))) return kept;
  setKept(value);
  return value;
}
