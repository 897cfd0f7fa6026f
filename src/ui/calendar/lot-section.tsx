'use client';
import { Choice, FigureButton, PageLink, Section } from '../kit';
import { Button, Field, SimpleGrid, Table, Text } from '@chakra-ui/react';
import { useDeferredValue, useMemo, useState } from 'react';
import type { StudyLane } from '@/core/study';
import { bestLot, lotSizes, type LotSize } from '@/core/comparison/lot-sizes';
import { laneWords } from '@/core/catalogue/routes';
import { fixed, perPart, whole } from '../format';
import { useQuantity, useStudy } from '../study/study-context';
import { useSheets } from '../working/sheets';
import { LotChart, type LotLine } from './lot-chart';
import type { Delivery } from './use-deliveries';

const COST: readonly LotLine[] = [
  { name: 'total and stock', of: (s) => s.together, dash: [] },
  { name: 'total', of: (s) => s.allIn, dash: [6, 3] },
  { name: 'stock', of: (s) => s.stock, dash: [2, 3] },
];
const DAYS: readonly LotLine[] = [{ name: 'the lot', of: (s) => s.days, dash: [] }];

/** Cost and calendar against the lot size of one lane, the best lot marked. */
export function LotSection({ deliveries }: { readonly deliveries: readonly Delivery[] }) {
  const { study } = useStudy('study');
  const board = useDeferredValue(useQuantity().board);
  const lanes = deliveries.filter((d) => d.timeline !== null);
  const [chosen, setChosen] = useState<string | null>(null);
  const laneId = lanes.some((d) => d.id === chosen) ? chosen : (board.leader ?? lanes[0]?.id ?? null);
  const entry = study.lanes.find((e) => e.lane.id === laneId);
  return entry === undefined ? null : (
    <LotsOf entry={entry} q={board.q} laneIds={lanes.map((d) => d.id)} onLane={setChosen} />
  );
}

function LotsOf({
  entry,
  q,
  laneIds,
  onLane,
}: {
  readonly entry: StudyLane;
  readonly q: number;
  readonly laneIds: readonly string[];
  readonly onLane: (id: string) => void;
}) {
  const { brief, study, school, setBrief, prepare, rates } = useStudy(
    ...(['brief', 'study', 'school', 'setBrief', 'prepare', 'rates'] as const),
  );
  const { openWorking } = useSheets();
  const sizes = useMemo(() => lotSizes(study, entry, q), [study, entry, q]);
  const laneId = entry.lane.id;
  const best = bestLot(sizes);
  if (best === null) return null;
  const { lot: asked, perYear } = brief.quantity;
  const own = asked === null ? null : (sizes.find((s) => s.lot === asked) ?? null);
  const currency = study.rates.currency.code;
  const name = (id: string): string => `${laneWords(id).route}, ${laneWords(id).variant}`;
  const open = (s: LotSize): void => {
    const tried = { ...brief, quantity: { ...brief.quantity, lot: s.lot } };
    openWorking(
      { laneId, figure: 'allIn' },
      { study: prepare(tried, school, study.rates), q, words: `in lots of ${whole(s.lot)}` },
    );
  };
  return (
    <Section
      title="Lot size"
      under={
        <>
          every lot pays a set-up; half a lot is in stock
          {perYear === null ? ', not counted while the pieces a year are unknown' : ''}
        </>
      }
      data-testid="lots"
    >
      <Field.Root maxW="20rem">
        <Field.Label>Route</Field.Label>
        <Choice options={laneIds.map((id) => [id, name(id)])} value={laneId} onChange={(e) => onLane(e.target.value)} />
      </Field.Root>
      <SimpleGrid columns={{ base: 1, md: 2 }} columnGap="8" rowGap="2" py="2">
        <LotChart
          sizes={sizes}
          lines={COST}
          unit={`${currency} per part`}
          title={`Cost per part at ${whole(q)} pieces`}
          best={best.lot}
          own={asked}
        />
        <LotChart
          sizes={sizes}
          lines={DAYS}
          unit="calendar days"
          title="Days from a repeat order to its last piece"
          best={best.lot}
          own={asked}
        />
      </SimpleGrid>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="Lots compared">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Lot</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Pieces</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Lots a year</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Total, {currency} per part</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Stock, {currency} per part</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Total and stock</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Days per lot</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Per pour</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {(
              [
                ['in the brief', own],
                ['best', best],
              ] as const
            ).map(([what, s]) =>
              s === null ? null : (
                <Table.Row key={what}>
                  <Table.Cell>{what}</Table.Cell>
                  <Table.Cell className="num">{whole(s.lot)}</Table.Cell>
                  <Table.Cell className="num">{s.lotsAYear === null ? 'not known' : fixed(s.lotsAYear, 1)}</Table.Cell>
                  <Table.Cell className="num">
                    <FigureButton onClick={() => open(s)}>{perPart(s.allIn)}</FigureButton>
                  </Table.Cell>
                  <Table.Cell className="num">{perPart(s.stock)}</Table.Cell>
                  <Table.Cell className="num">{perPart(s.together)}</Table.Cell>
                  <Table.Cell className="num">{fixed(s.days, 1)}</Table.Cell>
                  <Table.Cell className="num">{s.positions}</Table.Cell>
                </Table.Row>
              ),
            )}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Text textStyle="label" color="fg.muted">
        Stock: half the lot × price of a part without tools ×{' '}
        <PageLink href={`/rates/${rates.id}#global.hold`}>stock-keeping rate</PageLink> a year ÷ pieces a year. Not
        included in the totals of the board.{' '}
        {best.lot !== asked && (
          <Button size="xs" onClick={() => setBrief({ ...brief, quantity: { ...brief.quantity, lot: best.lot } })}>
            Use lots of {whole(best.lot)} in the brief
          </Button>
        )}
      </Text>
    </Section>
  );
}
