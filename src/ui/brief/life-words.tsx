'use client';
import { lifetimeQuantity } from '@/core/brief';
import { whole } from '../format';
import { FigureButton } from '../kit';
import { useQuantity, useStudy } from '../study/study-context';

/** Pieces over the programme, and the way to set the rail there. */
export function LifeWords() {
  const { brief } = useStudy('brief');
  const { setQ } = useQuantity();
  const life = lifetimeQuantity(brief);
  if (life === null) return 'pieces a year times years gives the programme';
  return (
    <>
      {whole(life)} pieces in the programme{' '}
      <FigureButton onClick={() => setQ(life)}>set the rail to this quantity</FigureButton>
    </>
  );
}
