'use client';
import { Box, DataList, Text } from '@chakra-ui/react';
import { shortName } from '@/core/catalogue/routes';
import { drawsParts, percent, rough, sentence, type Band, type DrawnFigure, type Share } from '@/core/simulation';
import { weeks } from '../format';
import { FigureButton } from '../kit';
import { useStudy } from '../study/study-context';
import type { SimulationState } from './simulation-state';

/** How firm the lead is, in a sentence, and the ranges eight simulations in ten lie in. */
export function SimulationVerdict({
  simulation,
  onSpread,
}: {
  readonly simulation: SimulationState;
  readonly onSpread: (laneId: string, drawn: DrawnFigure) => void;
}) {
  const { study } = useStudy('study');
  const currency = study.rates.currency.code;
  const { summary } = simulation;
  if (summary === null) return null;
  const race = summary.lanes
    .filter((l) => l.cheapest !== null)
    .sort((a, b) => (b.cheapest?.share ?? 0) - (a.cheapest?.share ?? 0));
  const [first, next] = race;
  if (first?.cheapest == null) return null;
  const close = next?.cheapest != null && next.cheapest.high >= first.cheapest.low;
  const opening = (laneId: string, drawn: DrawnFigure, text: string, title = 'Open the working') => (
    <FigureButton title={title} onClick={() => onSpread(laneId, drawn)}>
      {text}
    </FigureButton>
  );
  const share = (laneId: string, drawn: DrawnFigure, of: Share) => {
    const [lead, text, limits] = drawsParts(of, summary.draws);
    return (
      <>
        {lead}
        {opening(laneId, drawn, text, limits)}
      </>
    );
  };
  const range = (drawn: DrawnFigure, { p10, p90 }: Band, say: (x: number) => string, unit: string) =>
    opening(first.id, drawn, `${say(p10)}–${say(p90)} ${unit}`);
  return (
    <Box data-testid="simulation-verdict">
      <Text>
        <strong>{sentence(shortName(first.id))}</strong> is the cheapest of {race.length}{' '}
        {race.length === 1 ? 'route' : 'routes'} {share(first.id, 'allIn', first.cheapest)}
        {next?.cheapest != null && next.cheapest.share > 0 && (
          <>
            , {shortName(next.id)} in {opening(next.id, 'allIn', `${percent(next.cheapest.share)} %`)}
          </>
        )}
        .{close && ' Too close to call.'}
        {first.inTime !== null && <> Its first article is on time {share(first.id, 'first', first.inTime)}.</>}
      </Text>
      <DataList.Root orientation="vertical" mt="2" maxW="48rem">
        {(
          [
            ['Cost per part, 80 % range', range('allIn', first.allIn, rough, currency)],
            ['Total cost, 80 % range', range('total', first.total, rough, currency)],
            ['First article, 80 % range', range('first', first.first, weeks, 'weeks')],
          ] as const
        ).map(([label, value]) => (
          <DataList.Item key={label}>
            <DataList.ItemLabel>{label}</DataList.ItemLabel>
            <DataList.ItemValue>{value}</DataList.ItemValue>
          </DataList.Item>
        ))}
      </DataList.Root>
    </Box>
  );
}
