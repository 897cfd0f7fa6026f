'use client';
import { Text } from '@chakra-ui/react';
import { verdictExplanation } from '@/core/comparison/board';
import { rankingExplanation } from '@/core/comparison/ranking';
import { useLed } from '../ranking/use-led';
import { Explained } from '../working/explained';
import { useQuantity, useStudy } from './study-context';

/** The sentence every study opens with, at the quantity on the rail; where another ranking method leads, what that puts first. */
export function VerdictLine() {
  const { study, curves, brief } = useStudy('study', 'curves', 'brief');
  const { board } = useQuantity();
  const led = useLed();
  const currency = study.rates.currency.code;
  return (
    <>
      <Text textStyle="verdict" maxW="46em" textWrap="pretty" data-testid="verdict" aria-live="off">
        <Explained explanation={verdictExplanation(board, curves?.crossings ?? null, currency)} />
      </Text>
      {brief.leads !== 'cost' && led !== null && (
        <Text textStyle="label" data-testid="led-by">
          <Explained explanation={rankingExplanation(board, brief.leads, led, currency)} />
        </Text>
      )}
    </>
  );
}
