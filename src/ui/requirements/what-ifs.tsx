'use client';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { requirementsOf, withoutAll } from '@/core/comparison/requirements';
import type { Brief } from '@/core/brief';
import { useStudy } from '../study/study-context';

/** How many what-ifs may stand beside the brief. */
export const MOST_WHAT_IFS = 3;

/** The ids of the requirements given up in one what-if. */
export type WhatIf = readonly string[];

interface WhatIfs {
  readonly list: readonly WhatIf[];
  /** Stands a what-if beside the brief; nothing happens when there are three or one gives up just the same. */
  readonly add: (ids: WhatIf) => void;
  readonly change: (at: number, ids: WhatIf) => void;
  readonly drop: (at: number) => void;
  /** Makes a what-if the brief; it and those that no longer give anything up are dropped. */
  readonly adopt: (at: number) => void;
  /** The brief before the last adoption, until it is taken back or the brief is changed by hand. */
  readonly before: Brief | null;
  readonly takeBack: () => void;
}

const Context = createContext<WhatIfs | null>(null);

/** The what-ifs of the study around. */
export function useWhatIfs(): WhatIfs {
  const state = useContext(Context);
  if (state === null) throw new Error('useWhatIfs outside a WhatIfsProvider');
  return state;
}

const key = (id: string): string => `nine-pours-what-ifs-${id}`;

function kept(id: string): readonly WhatIf[] {
  try {
    const raw: unknown = JSON.parse(sessionStorage.getItem(key(id)) ?? '[]');
    const isIds = (x: unknown): x is string[] => Array.isArray(x) && x.every((y) => typeof y === 'string');
    return Array.isArray(raw) ? raw.filter(isIds).slice(0, MOST_WHAT_IFS) : [];
  } catch {
    return [];
  }
}

const same = (a: WhatIf, b: WhatIf): boolean => a.length === b.length && a.every((id) => b.includes(id));

/** Keeps the what-ifs of a study while its views change, and in this browser's session. */
export function WhatIfsProvider({ children }: { readonly children: ReactNode }) {
  const { id, brief, setBrief } = useStudy('id', 'brief', 'setBrief');
  const [held, setHeld] = useState<readonly WhatIf[]>([]);
  const [adopted, setAdopted] = useState<{ readonly from: Brief; readonly to: Brief } | null>(null);
  // The server knows nothing of this browser's session: what is kept there comes in after the first drawing.
  useEffect(() => queueMicrotask(() => setHeld(kept(id))), [id]);
  const known = useMemo(() => new Set(requirementsOf(brief).map((r) => r.id)), [brief]);
  const list = useMemo(
    () => held.map((ids) => ids.filter((x) => known.has(x))).filter((ids) => ids.length > 0),
    [held, known],
  );
  const keep = useCallback(
    (next: readonly WhatIf[]) => {
      setHeld(next);
      try {
        sessionStorage.setItem(key(id), JSON.stringify(next));
      } catch {
        // Without browser storage they live on this screen only.
      }
    },
    [id],
  );
  const state = useMemo<WhatIfs>(
    () => ({
      list,
      add: (ids) => {
        if (list.length < MOST_WHAT_IFS && !list.some((other) => same(other, ids))) keep([...list, ids]);
      },
      change: (at, ids) => keep(list.map((other, i) => (i === at ? ids : other)).filter((other) => other.length > 0)),
      drop: (at) => keep(list.filter((_, i) => i !== at)),
      adopt: (at) => {
        const next = withoutAll(brief, list[at] ?? []);
        setAdopted({ from: brief, to: next });
        keep(list.filter((_, i) => i !== at));
        setBrief(next);
      },
      before: adopted !== null && adopted.to === brief ? adopted.from : null,
      takeBack: () => {
        if (adopted !== null) setBrief(adopted.from);
        setAdopted(null);
      },
    }),
    [list, keep, brief, setBrief, adopted],
  );
  return <Context.Provider value={state}>{children}</Context.Provider>;
}
