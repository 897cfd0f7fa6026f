import { useCallback, useEffect, useMemo, useState } from 'react';
import { keepHere, keptHere } from './browser-store';

/** Values by path, as they are typed; what is absent is not said. */
export type Flat = Readonly<Record<string, unknown>>;

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Paths at which two states differ. */
export const changedPaths = (was: Flat, now: Flat): readonly string[] =>
  [...new Set([...Object.keys(was), ...Object.keys(now)])].filter((path) => !same(was[path], now[path]));

/**
 * What was typed, put onto what somebody else saved in between: every value that was typed stays as typed, all others are
 * theirs.
 * @param base what the typing began with
 */
export function mergedOnto(base: Flat, mine: Flat, theirs: Flat): Flat {
  const out: Record<string, unknown> = { ...theirs };
  for (const path of changedPaths(base, mine)) {
    if (mine[path] === undefined) Reflect.deleteProperty(out, path);
    else out[path] = mine[path];
  }
  return out;
}

interface Kept {
  readonly base: Flat;
  readonly draft: Flat;
}

const isFlat = (x: unknown): x is Flat => typeof x === 'object' && x !== null && !Array.isArray(x);
const isKept = (x: unknown): x is Kept => isFlat(x) && isFlat(x['base']) && isFlat(x['draft']);

/** Values that are typed over and not saved. */
export interface KeptDraft {
  readonly draft: Flat;
  readonly setDraft: (to: (was: Flat) => Flat) => void;
  /** Paths that differ from what is saved. */
  readonly changed: readonly string[];
  /** Somebody saved a newer state while this was typed; it stands on theirs now. */
  readonly behind: boolean;
  readonly drop: () => void;
}

/**
 * Values that are typed over, kept in this browser until they are saved or dropped.
 * @param name of what is typed over
 * @param saved its values as they are saved; the component is made anew when they change
 */
export function useKeptDraft(name: string, saved: Flat): KeptDraft {
  const [start] = useState(saved);
  const [draft, setNow] = useState<Flat>(start);
  const [behind, setBehind] = useState(false);
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere(name, isKept);
        if (kept === null) return;
        const next = mergedOnto(kept.base, kept.draft, start);
        if (changedPaths(start, next).length === 0) return keepHere(name, null);
        setBehind(!same(kept.base, start));
        setNow(next);
      }),
    [name, start],
  );
  const setDraft = useCallback(
    (to: (was: Flat) => Flat) =>
      setNow((was) => {
        const next = to(was);
        keepHere(name, changedPaths(start, next).length === 0 ? null : { base: start, draft: next });
        return next;
      }),
    [name, start],
  );
  const drop = useCallback(() => {
    keepHere(name, null);
    setBehind(false);
    setNow(start);
  }, [name, start]);
  const changed = useMemo(() => changedPaths(start, draft), [start, draft]);
  return { draft, setDraft, changed, behind, drop };
}
