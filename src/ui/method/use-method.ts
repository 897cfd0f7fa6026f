'use client';
import { useMemo, useState } from 'react';
import { methodOf, type Method } from '@/core/method';
import { useQuantity, useStudy } from '../study/study-context';

/** The method of a route at the quantity on the rail, or why there is none; and what types a value over, or lets the usual one stand again. */
export function useMethod(laneId: string): {
  readonly method: Method | string;
  readonly own: Readonly<Record<string, number>>;
  readonly put: (id: string, value: number | null) => void;
  readonly clear: () => void;
  /** Shows what a value would do while a hand moves it; null when it is let go. */
  readonly preview: (id: string, value: number) => void;
} {
  const { study, brief, setBrief } = useStudy('study', 'brief', 'setBrief');
  const { q } = useQuantity();
  const { method: all, ...rest } = brief.overrides;
  const own = useMemo(() => all?.[laneId] ?? {}, [all, laneId]);
  const [moving, setMoving] = useState<{ readonly laneId: string; readonly id: string; readonly value: number } | null>(
    null,
  );
  const method = useMemo(() => {
    try {
      const held = moving?.laneId === laneId ? { ...own, [moving.id]: moving.value } : own;
      return methodOf(study, laneId, q, held);
    } catch (error) {
      return error instanceof Error ? error.message : String(error);
    }
  }, [study, laneId, q, own, moving]);
  const keep = (next: Readonly<Record<string, number>>): void => {
    const others = Object.fromEntries(Object.entries(all ?? {}).filter(([id]) => id !== laneId));
    const methods = Object.keys(next).length === 0 ? others : { ...others, [laneId]: { ...next } };
    setBrief({ ...brief, overrides: { ...rest, ...(Object.keys(methods).length === 0 ? {} : { method: methods }) } });
  };
  return {
    ...{ method, own },
    preview: (id, value) => setMoving({ laneId, id, value }),
    put: (id, value) => {
      setMoving(null);
      const { [id]: _, ...others } = own;
      keep(value === null ? others : { ...others, [id]: value });
    },
    clear: () => keep({}),
  };
}
