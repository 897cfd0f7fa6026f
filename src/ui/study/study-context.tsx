'use client';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, type ReactNode } from 'react';
import { useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { lifetimeQuantity } from '@/core/brief';
import type { Board } from '@/core/comparison/board';
import { boardOf, onRail } from './prepared';
import { createStudyStore, type StudyActions, type StudyOpened, type StudyState, type StudyStore } from './study-store';
import { useWarmUp } from './use-warm-up';

/** The chosen quantity and the board at it; `failed` says why that board is not the study's. */
export interface Quantity {
  readonly q: number;
  readonly setQ: (q: number) => void;
  readonly board: Board;
  readonly failed: string | null;
}

const StudyContext = createContext<StudyStore | null>(null);
const QuantityContext = createContext<Quantity | null>(null);

type Of = StudyState & StudyActions;

/**
 * The named parts of the study of the screens below: what draws them is drawn again when one of them changes, and not
 * when anything else does.
 */
export function useStudy<K extends keyof Of>(...parts: readonly K[]): Pick<Of, K> {
  const store = useContext(StudyContext);
  if (store === null) throw new Error('useStudy outside a StudyProvider');
  return useStore(
    store,
    useShallow((state) => Object.fromEntries(parts.map((part) => [part, state[part]])) as Pick<Of, K>),
  );
}

/** The chosen quantity and the board at it. */
export function useQuantity(): Quantity {
  const state = useContext(QuantityContext);
  if (state === null) throw new Error('useQuantity outside a StudyProvider');
  return state;
}

/** Opens a study for the screens below: saved as it is typed, and followed by its curves. */
export function StudyProvider({ children, ...opened }: StudyOpened & { readonly children: ReactNode }) {
  const [store] = useState(() => createStudyStore(opened));
  useEffect(() => {
    const close = store.open();
    window.addEventListener('pagehide', store.leave);
    return () => {
      window.removeEventListener('pagehide', store.leave);
      close();
    };
  }, [store]);
  return (
    <StudyContext.Provider value={store}>
      <QuantityProvider today={opened.today}>{children}</QuantityProvider>
    </StudyContext.Provider>
  );
}

function QuantityProvider({ today, children }: { readonly today: string; readonly children: ReactNode }) {
  const { study, curves, orderDate, brief } = useStudy('study', 'curves', 'orderDate', 'brief');
  const [q, setQState] = useState(() => onRail(lifetimeQuantity(brief) ?? 100));
  const warm = useWarmUp(curves !== null, study);
  // `warm` changes nothing but the identity of the board: it has the whole path walked before the first touch.
  // eslint-disable-next-line react-hooks/exhaustive-deps
  const worked = useMemo(() => boardOf(study, q, orderDate, today), [study, q, orderDate, today, warm]);
  const setQ = useCallback((next: number) => setQState(onRail(next)), []);
  const { board, failed } = worked;
  const quantity = useMemo(() => ({ q, setQ, board, failed }), [q, setQ, board, failed]);
  return <QuantityContext.Provider value={quantity}>{children}</QuantityContext.Provider>;
}
