import { useMemo } from 'react';
import { useStudy } from '../study/study-context';
import type { WorkingLinks } from './working-body';

/** Field of the brief screen that a brief path lives in. */
const briefAnchor = (path: string): string => {
  const table = /^(features|holes)\b/.exec(path)?.[1];
  return `field-${table ?? path.replaceAll('.', '-')}`;
};

/** Where the values of the study around are kept. */
export function useStudyLinks(): WorkingLinks {
  const { id, rates } = useStudy('id', 'rates');
  return useMemo(
    () => ({
      brief: (path: string) => `/studies/${id}/brief#${briefAnchor(path)}`,
      rates: (path: string) => `/rates/${rates.id}#${encodeURIComponent(path)}`,
    }),
    [id, rates.id],
  );
}
