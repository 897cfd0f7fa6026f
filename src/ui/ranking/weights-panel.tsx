'use client';
import { Grid, Heading, Slider, Span, Text } from '@chakra-ui/react';
import { useMemo } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { MOST_WEIGHT, WEIGHED, weightTurns, type Rankings, type Weighed } from '@/core/comparison/ranking';
import { fixed, plainDate } from '../format';
import { ScoreList } from './score-list';
import { TeamWeights } from './team-weights';
import type { UsedWeights } from './use-weights';
import { WEIGHED_WORDS } from './words';

const STEP = 0.5;

/** Weights as sliders, the scores they give at once, what each of them turns, and a warning where a loser decides. */
export function WeightsPanel({ rankings, used }: { readonly rankings: Rankings; readonly used: UsedWeights }) {
  const { weights, setWeights, team } = used;
  const turns = useMemo(() => weightTurns(rankings, weights), [rankings, weights]);
  const whole = WEIGHED.reduce((sum, key) => sum + weights[key], 0);
  const set = (key: Weighed, value: number): void => {
    const next = { ...weights, [key]: value };
    if (WEIGHED.some((k) => next[k] > 0)) setWeights(next);
  };
  return (
    <>
      <Heading as="h3" mt="3.5">
        Team weights{' '}
        <Span color="fg.muted" textStyle="label" fontWeight="normal">
          {team?.changedBy == null ? 'not set yet' : `set by ${team.changedBy} on ${plainDate(team.changedAt ?? '')}`}
        </Span>
      </Heading>
      <Grid templateColumns={{ base: '1fr', md: '1.3fr 1fr' }} columnGap="8" rowGap="2.5">
        <div>
          {WEIGHED.map((key) => (
            <Slider.Root
              key={key}
              min={0}
              max={MOST_WEIGHT}
              step={STEP}
              value={[weights[key]]}
              onValueChange={(e) => set(key, e.value[0] ?? 0)}
              aria-label={[WEIGHED_WORDS[key]]}
              getAriaValueText={(e) => `${fixed(e.value, 1)} of ${MOST_WEIGHT}`}
            >
              <Grid
                templateColumns={{ base: '1fr 6rem 2rem', sm: '9.5rem 8rem 2rem 1fr' }}
                columnGap="2.5"
                alignItems="center"
              >
                <Slider.Label>{WEIGHED_WORDS[key]}</Slider.Label>
                <Slider.Control>
                  <Slider.Track>
                    <Slider.Range />
                  </Slider.Track>
                  <Slider.Thumb index={0}>
                    <Slider.HiddenInput />
                  </Slider.Thumb>
                </Slider.Control>
                <span style={{ textAlign: 'right' }}>{fixed(weights[key], 1)}</span>
                <Span textStyle="label" color="fg.muted">
                  {fixed((100 * weights[key]) / whole, 0)} %
                  {turns
                    .filter((t) => t.key === key)
                    .map((t) => ` · ${t.at < weights[key] ? 'below' : 'above'} ${fixed(t.at, 1)}: ${shortName(t.to)}`)
                    .join('')}
                </Span>
              </Grid>
            </Slider.Root>
          ))}
        </div>
        <ScoreList rankings={rankings} weights={weights} />
      </Grid>
      {rankings.reversals.length > 0 && (
        <Text textStyle="label" color="alarm" role="status" data-testid="reversal">
          The order depends on a route nobody would choose:{' '}
          {rankings.reversals
            .map((r) => `without ${shortName(r.dropped)}, ${shortName(r.newWinner)} would be first`)
            .join('; ')}
          . Each weight counts against the worst of its column.
        </Text>
      )}
      <TeamWeights used={used} />
    </>
  );
}
