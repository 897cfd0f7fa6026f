'use client';
import { Box, Heading, Skeleton, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { DRAWS, type DrawnFigure } from '@/core/simulation';
import { boardAt } from '@/core/comparison/board';
import { whole } from '../format';
import { Section } from '../kit';
import { useStudy } from '../study/study-context';
import { DifferenceChart } from './difference-chart';
import { FlipLadder } from './flip-ladder';
import { MoversChart } from './movers-chart';
import { SimulationSettings } from './simulation-settings';
import { SimulationVerdict } from './simulation-verdict';
import type { LiveSimulation, SimulationChoice } from './use-simulation';

/** How firm the lead is: the shares of the simulations, the difference to the next, what moves it and what would change it. */
export const SimulationSection = memo(function SimulationSection({
  simulation,
  choice,
  onChoice,
  onGo,
  onSpread,
}: {
  readonly simulation: LiveSimulation;
  readonly choice: SimulationChoice;
  readonly onChoice: (choice: SimulationChoice) => void;
  /** Sets the rail. */
  readonly onGo: (q: number) => void;
  /** Opens what the simulation says of a figure of a lane. */
  readonly onSpread: (laneId: string, drawn: DrawnFigure) => void;
}) {
  const { study } = useStudy('study');
  const currency = study.rates.currency.code;
  const { summary, depth, nothing, error, q } = simulation;
  if (nothing) return null;
  return (
    <Section
      title="Uncertainty"
      under={`${whole(DRAWS)} simulations: every input varies over its range, all routes by the same draws`}
      aria-label="Uncertainty"
      aria-busy={simulation.behind}
    >
      {error !== null && (
        <Text color="alarm" role="alert">
          Not simulated: {error}
        </Text>
      )}
      {summary === null && error === null && <Waiting height="10rem" words="Simulating …" />}
      {summary !== null && <SimulationVerdict simulation={simulation} onSpread={onSpread} />}
      {summary?.difference != null && (
        <DifferenceChart
          difference={summary.difference}
          currency={currency}
          how={{ ...choice, draws: summary.draws }}
          q={q}
        />
      )}
      <Heading as="h3" mt="3.5">
        What would change the choice
      </Heading>
      {depth === null ? <Waiting height="14rem" words="Searching …" /> : <FlipLadder depth={depth} q={q} onGo={onGo} />}
      <Heading as="h3" mt="3.5">
        What moves the choice
      </Heading>
      {depth === null ? (
        <Waiting height="14rem" words="Searching …" />
      ) : (
        <MoversChart depth={depth} q={q} likely={likelyOf(boardAt(study, q), depth)} currency={currency} />
      )}
      <SimulationSettings simulation={simulation} choice={choice} onChoice={onChoice} />
    </Section>
  );
});

/** The second's likely total less the first's. */
function likelyOf(
  { lanes }: ReturnType<typeof boardAt>,
  { leader, second }: { readonly leader: string; readonly second: string | null },
): number {
  const total = (id: string | null): number => lanes.find((l) => l.id === id)?.money?.total ?? 0;
  return total(second) - total(leader);
}

/** Holds the height of what is on its way. */
const Waiting = ({ height, words }: { readonly height: string; readonly words: string }) => (
  <Box role="status">
    <Text textStyle="label" color="fg.muted">
      {words}
    </Text>
    <Skeleton height={height} />
  </Box>
);
