'use client';
import { useMemo } from 'react';
import { firstOf, rankingsAt } from '@/core/comparison/ranking';
import { useQuantity, useStudy } from '../study/study-context';
import { useWeights } from './use-weights';

/** The lane that leads this study by its own ranking method; the cheapest where no other was picked. */
export function useLed(): string | null {
  const { study, brief } = useStudy('study', 'brief');
  const { board } = useQuantity();
  const { weights } = useWeights();
  return useMemo(() => {
    if (brief.leads === 'cost') return board.leader;
    const rankings = rankingsAt(study, board, weights);
    return rankings === null ? board.leader : firstOf(rankings, brief.leads);
  }, [study, brief.leads, board, weights]);
}
