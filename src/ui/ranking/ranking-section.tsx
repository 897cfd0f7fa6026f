'use client';
import { Span, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { Rankings } from '@/core/comparison/ranking';
import { Section } from '../kit';
import { RankingMatrix } from './ranking-matrix';
import type { UsedWeights } from './use-weights';
import { WeightsPanel } from './weights-panel';
import { agreement } from './words';

/** Five ways to choose side by side, where they part, and which of them leads this study. */
export const RankingSection = memo(function RankingSection({
  rankings,
  used,
}: {
  readonly rankings: Rankings;
  readonly used: UsedWeights;
}) {
  const beaten = Object.entries(rankings.beatenBy);
  return (
    <Section
      title="Ranking methods"
      under="every route variant left; ● marks the best by each method; choose the one that leads this study"
      aria-label="Ranking methods"
    >
      <Text data-testid="ranking-agreement">{agreement(rankings)}</Text>
      <RankingMatrix rankings={rankings} used={used} />
      <Text textStyle="label" data-testid="pareto" mt="1">
        <Span color="fg.muted">Not beaten on all of cost, time, operations, margin and scrap:</Span>{' '}
        {rankings.pareto.map(shortName).join('; ')}.{' '}
        {beaten.length > 0 && (
          <Span color="fg.muted">
            Beaten on all: {beaten.map(([id, by]) => `${shortName(id)} by ${shortName(by)}`).join('; ')}.
          </Span>
        )}
      </Text>
      <WeightsPanel rankings={rankings} used={used} />
    </Section>
  );
});
