'use client';
import { RANKING_METHODS, type RankingMethod } from '@/core/comparison/ranking';
import { Hint } from '../kit';
import { chakra } from '@chakra-ui/react';
import { RANKING_LABELS } from './words';

/** One letter a ranking method, and the sentence behind it. */
export const BEST: Readonly<Record<RankingMethod, readonly [letter: string, sentence: string]>> = {
  cost: ['C', 'Best on cost: the least total cost of the programme.'],
  soonest: ['T', 'Best on time: the soonest good parts.'],
  spare: ['M', 'Best on margin: the fewest second operations, then the widest tolerance margin.'],
  regret: ['R', 'Best on regret: over the range of demand it is never far above the cheapest.'],
  weighted: ['W', 'Best by the team’s weights.'],
};

const Letter = chakra('span', {
  base: {
    display: 'inline-flex',
    alignItems: 'center',
    justifyContent: 'center',
    width: '15px',
    height: '15px',
    ms: '1',
    fontSize: '10px',
    lineHeight: 1,
    fontWeight: 'bold',
    border: '1px solid',
    borderColor: 'fg',
    borderRadius: '50%',
    verticalAlign: '1px',
  },
});

/** The ranking methods that put a lane first, each a letter in a ring, explained on hover and focus. */
export function BestMarks({ best }: { /** Methods joined by commas; empty for none. */ readonly best: string }) {
  if (best === '') return null;
  const methods = best.split(',') as RankingMethod[];
  const words = `Best on: ${methods.map((m) => RANKING_LABELS[m]).join(', ')}`;
  return (
    <span role="img" aria-label={words} data-best={methods.join(' ')} style={{ whiteSpace: 'nowrap', marginLeft: 4 }}>
      {RANKING_METHODS.filter((m) => methods.includes(m)).map((m) => (
        <Hint key={m} text={BEST[m][1]}>
          <Letter tabIndex={-1}>{BEST[m][0]}</Letter>
        </Hint>
      ))}
    </span>
  );
}
