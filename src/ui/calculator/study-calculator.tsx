'use client';
import { useMemo } from 'react';
import { laneRates } from '@/core/comparison/calculator';
import { lotSize } from '@/core/brief';
import { useQuantity, useStudy } from '../study/study-context';
import { CalculatorView, type CalculatorFill } from './calculator-view';

/** The calculator, ready to be filled from the lanes of the open study, cheapest first. */
export function StudyCalculator() {
  const { study, brief } = useStudy('study', 'brief');
  const { board, q } = useQuantity();
  const fill = useMemo<CalculatorFill>(() => {
    const open = Object.values(board.bestOfRoute)
      .flatMap((id) => board.lanes.filter((l) => l.id === id && l.status !== 'blocked' && l.money !== null))
      .sort((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0));
    return {
      title: brief.title,
      lanes: open.flatMap((l) => laneRates(study, board, l.id) ?? []),
      lot: Math.min(q, lotSize(brief, q)),
      pieces: q,
    };
  }, [study, brief, board, q]);
  return <CalculatorView fill={fill} />;
}
