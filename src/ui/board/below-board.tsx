'use client';
import { SimpleGrid, Text } from '@chakra-ui/react';
import { FigureButton, Section } from '../kit';
import { memo, useMemo, useRef, useState } from 'react';
import type { Board, Curve } from '@/core/comparison/board';
import { CostChart } from '../charts/cost-charts';
import { late, Near } from '../late';
import type { LaneOrder } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';
import { CostStack } from './cost-stack';
import { LineTable } from './line-table';
import { orderLanes } from './lane-order';
import type { LaneActs } from './lane-acts';
import { LeadChanges } from './lead-changes';
import { useFollowed } from './use-followed';

const OneForMany = late(() => import('./one-for-many').then((m) => m.OneForMany));

const NO_CURVES: readonly Curve[] = [];

/** What stands under the lanes: changes of the lead, cost stack, charts. The lanes never wait for it. */
export function BelowBoard({ order, onOpen }: { readonly order: LaneOrder } & Pick<LaneActs, 'onOpen'>) {
  const { curves, brief } = useStudy('curves', 'brief');
  const parts = brief.today.parts ?? 1;
  const { board, setQ } = useQuantity();
  const stack = useRef<HTMLElement>(null);
  const charts = useRef<HTMLElement>(null);
  const stacked = useFollowed(board, stack);
  const charted = useFollowed(board, charts);
  if (board.leader === null) return null;
  return (
    <>
      {curves !== null && (
        <Section title="Where the lead changes" under="exact for every whole quantity from 1 to 1 000 000">
          <LeadChanges
            crossings={curves.crossings}
            next={curves.crossings.findIndex((c) => c.first > board.q)}
            onGo={setQ}
          />
        </Section>
      )}
      <Section
        title="Cost breakdown per part"
        under="total with tools, at the chosen quantity; each segment opens its working"
        contentVisibility="auto"
        containIntrinsicSize="auto 320px"
        ref={stack}
      >
        <Stack board={stacked} order={order} onOpen={onOpen} />
      </Section>
      <Section
        title="Cost against quantity"
        under="both axes logarithmic; each route in its best variant at each quantity"
        contentVisibility="auto"
        containIntrinsicSize="auto 320px"
        ref={charts}
      >
        <Charts q={charted.q} />
      </Section>
      {parts > 1 && (
        <Near height="20rem">
          <OneForMany />
        </Near>
      )}
    </>
  );
}

const Stack = memo(function Stack({
  board,
  order,
  onOpen,
}: { readonly board: Board; readonly order: LaneOrder } & Pick<LaneActs, 'onOpen'>) {
  const { study } = useStudy('study');
  const { open } = useMemo(() => orderLanes(board, order), [board, order]);
  const [figures, setFigures] = useState(false);
  const shown = { q: board.q, lanes: open, currency: study.rates.currency.code, onOpen };
  return (
    <>
      <CostStack {...shown} />
      <FigureButton textStyle="label" aria-expanded={figures} onClick={() => setFigures((x) => !x)}>
        {figures ? 'Hide the table' : 'Show as a table'}
      </FigureButton>
      {figures && <LineTable {...shown} />}
    </>
  );
});

const Charts = memo(function Charts({ q }: { readonly q: number }) {
  const { study, curves: computed } = useStudy('study', 'curves');
  const currency = study.rates.currency.code;
  const curves = computed?.curves ?? NO_CURVES;
  if (curves === null)
    return (
      <Text textStyle="label" color="fg.muted" role="status">
        Calculating the curves …
      </Text>
    );
  return (
    <SimpleGrid columns={{ base: 1, md: 2 }} gap="7">
      <CostChart curves={curves} what="allIn" q={q} currency={currency} title="Total cost per part" />
      <CostChart curves={curves} what="total" q={q} currency={currency} title="Total cost of the programme" />
    </SimpleGrid>
  );
});
