'use client';
import { Box, Heading, Input, Span, Text } from '@chakra-ui/react';
import { FigureButton, Section } from '../kit';
import { memo } from 'react';
import { shortName } from '@/core/catalogue/routes';
import { significant, weeks, whole } from '../format';
import { useStudy } from '../study/study-context';
import { DifferenceChart } from './difference-chart';
import { FlipsList } from './flips-list';
import { MoversTable } from './movers-table';
import { DRAWN_AGAIN, type SimulationState } from './simulation-state';
import type { SimulationChoice, LiveSimulation } from './use-simulation';
import { DRAWS, drawsParts, percent, rough, sentence, type DrawnFigure, type Share } from '@/core/simulation';

/** How firm the leader is: shares of the draws, the difference to the next, what moves it and what would turn it. */
export const SimulationSection = memo(function DoubtSection({
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
  /** Opens what the draws say of a figure of a lane. */
  readonly onSpread: (laneId: string, drawn: DrawnFigure) => void;
}) {
  const { study } = useStudy('study');
  const currency = study.rates.currency.code;
  const { summary, depth, nothing, error, done } = simulation;
  if (nothing) return null;
  return (
    <Section
      title="How sure"
      under={<>every figure drawn between its low and high, {whole(DRAWS)} times, all routes by the same draws</>}
      aria-label="How sure"
      aria-busy={simulation.behind}
    >
      {error !== null && (
        <Text color="alarm" role="alert">
          Not drawn: {error}
        </Text>
      )}
      {summary === null && error === null && (
        <Text textStyle="label" color="fg.muted" role="status">
          Drawing …
        </Text>
      )}
      {summary !== null && <Verdict simulation={simulation} onSpread={onSpread} />}
      {summary?.difference != null && (
        <DifferenceChart
          difference={summary.difference}
          currency={currency}
          how={{ ...choice, draws: summary.draws }}
          q={simulation.q}
        />
      )}
      <Heading as="h3" mt="2.5">
        What would overturn it
      </Heading>
      {depth === null ? <Waiting /> : <FlipsList depth={depth} q={simulation.q} onGo={onGo} />}
      <Heading as="h3" mt="2.5">
        What moves the choice
      </Heading>
      {depth === null ? <Waiting /> : <MoversTable depth={depth} q={simulation.q} currency={currency} />}
      <Box className="board-tools simulation-tools" textStyle="label">
        <div className="toggle" role="group" aria-label="Spread of a figure over its range">
          {(['pert', 'triangle'] as const).map((spread) => (
            <button
              key={spread}
              type="button"
              aria-pressed={choice.spread === spread}
              onClick={() => onChoice({ ...choice, spread })}
            >
              {spread === 'pert' ? 'beta-PERT' : 'triangle'}
            </button>
          ))}
        </div>
        <label>
          <input
            type="checkbox"
            checked={choice.demand}
            disabled={study.brief.quantity.demand === null}
            onChange={(e) => onChoice({ ...choice, demand: e.target.checked })}
          />{' '}
          the quantity too{study.brief.quantity.demand === null ? ' (the brief gives no demand band)' : ''}
        </label>
        <label>
          Seed{' '}
          <Input
            variant="flushed"
            textAlign="end"
            type="number"
            min={1}
            max={999_999}
            style={{ width: 80 }}
            value={choice.seed}
            onChange={(e) => {
              const seed = Math.round(Number(e.target.value));
              if (seed >= 1 && seed <= 999_999) onChoice({ ...choice, seed });
            }}
          />
        </label>
        <Span color="fg.muted" role="status">
          {summary !== null &&
            (simulation.behind
              ? DRAWN_AGAIN
              : `${whole(summary.draws)} draws in ${significant(simulation.ms, 2)} ms${done ? '' : ' …'}`)}
        </Span>
      </Box>
    </Section>
  );
});

const Waiting = () => (
  <Text textStyle="label" color="fg.muted" role="status">
    Looking …
  </Text>
);

function Verdict({
  simulation,
  onSpread,
}: {
  readonly simulation: SimulationState;
  readonly onSpread: (laneId: string, drawn: DrawnFigure) => void;
}) {
  const { study } = useStudy('study');
  const currency = study.rates.currency.code;
  const lanes = simulation.summary?.lanes ?? [];
  const race = lanes
    .filter((l) => l.cheapest !== null)
    .sort((a, b) => (b.cheapest?.share ?? 0) - (a.cheapest?.share ?? 0));
  const [first, next] = race;
  if (first?.cheapest == null) return null;
  const close = next?.cheapest != null && next.cheapest.high >= first.cheapest.low;
  const opening = (laneId: string, drawn: DrawnFigure, text: string) => (
    <FigureButton title="Open the working" onClick={() => onSpread(laneId, drawn)}>
      {text}
    </FigureButton>
  );
  const share = (laneId: string, drawn: DrawnFigure, of: Share) => {
    const [lead, text, limits] = drawsParts(of);
    return (
      <>
        {lead}
        {opening(laneId, drawn, text)}
        {limits}
      </>
    );
  };
  return (
    <p data-testid="simulation-verdict">
      <strong>{sentence(shortName(first.id))}</strong> is the cheapest of {race.length}{' '}
      {race.length === 1 ? 'route' : 'routes'} {share(first.id, 'allIn', first.cheapest)}
      {next?.cheapest != null && next.cheapest.share > 0 && (
        <>
          , {shortName(next.id)} in {opening(next.id, 'allIn', `${percent(next.cheapest.share)} %`)}
        </>
      )}
      .{close && ' Too close to call.'}
      {first.inTime !== null && <> Its first article comes in time {share(first.id, 'first', first.inTime)}.</>} In
      eight draws of ten a part costs{' '}
      {opening(first.id, 'allIn', `${rough(first.allIn.p10)} to ${rough(first.allIn.p90)} ${currency}`)} all in, the
      programme {opening(first.id, 'total', `${rough(first.total.p10)} to ${rough(first.total.p90)} ${currency}`)}, and
      the first article comes in{' '}
      {opening(first.id, 'first', `${weeks(first.first.p10)} to ${weeks(first.first.p90)} weeks`)}.
    </p>
  );
}
