'use client';
import { Span } from '@chakra-ui/react';
import { TextButton } from '../kit';
import { lifetimeQuantity } from '@/core/brief';
import { whole } from '../format';
import { useQuantity, useStudy } from '../study/study-context';

/** The pieces over the life, as a year's pieces and the years give them, and the way to set the rail there. */
export function LifeWords() {
  const { brief } = useStudy('brief');
  const { setQ } = useQuantity();
  const life = lifetimeQuantity(brief);
  if (life === null) return <Span color="fg.muted">pieces a year and years give the programme</Span>;
  return (
    <Span color="fg.muted">
      {whole(life)} pieces over the life{' '}
      <TextButton size="xs" style={{ borderBottom: '1px solid var(--hair-2)' }} onClick={() => setQ(life)}>
        set the rail there
      </TextButton>
    </Span>
  );
}
