'use client';
import { useMemo } from 'react';
import { methodOf, type Method } from '@/core/method';
import { useQuantity, useStudy } from '../study/study-context';

/** The method of a route at the quantity on the rail, or why there is none; and what types a value over, or lets the usual one stand again. */
export function useMethod(laneId: string): {
  readonly method: Method | string;
  readonly own: Readonly<Record<string, number>>;
  readonly put: (id: string, value: number | null) => void;
  readonly clear: () => void;
} {
  const { study, brief, setBrief } = useStudy('study', 'brief', 'setBrief');
  const { q } = useQuantity();
  const { method: all, ...rest } = brief.overrides;
  const own = useMemo(() => all?.[laneId] ?? {}, [all, laneId]);
  const method = useMemo(() => {
    try {
      return methodOf(study, laneId, q, own);
    } catch (error) {
      return error instanceof Error ? error.message : String(error);
    }
  }, [study, laneId, q, own]);
  const keep = (next: Readonly<Record<string, number>>): void => {
    const others = Object.fromEntries(Object.entries(all ?? {}).filter(([id]) => id !== laneId));
    const methods = Object.keys(next).length === 0 ? others : { ...others, [laneId]: { ...next } };
    setBrief({ ...brief, overrides: { ...rest, ...(Object.keys(methods).length === 0 ? {} : { method: methods }) } });
  };
  return {
    ...{ method, own },
    put: (id, value) => {
      const { [id]: _, ...others } = own;
      keep(value === null ? others : { ...others, [id]: value });
    },
    clear: () => keep({}),
  };
}
