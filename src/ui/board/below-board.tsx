'use client';
import { Span, Text } from '@chakra-ui/react';
import { FigureButton, Section } from '../kit';
import { memo, useMemo, useRef, useState } from 'react';
import type { Board, Curve } from '@/core/comparison/board';
import { CostChart } from '../charts/cost-charts';
import type { LaneOrder } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';
import { CostStack } from './cost-stack';
import { LineTable } from './line-table';
import { orderLanes } from './lane-order';
import type { LaneActs } from './lane-acts';
import { LeadChanges } from './lead-changes';
import { useFollowed } from './use-followed';

const NO_CURVES: readonly Curve[] = [];

/** What stands under the lanes: changes of the lead, cost stack, charts. The lanes never wait for it. */
export function BelowBoard({ order, onOpen }: { readonly order: LaneOrder } & Pick<LaneActs, 'onOpen'>) {
  const { curves } = useStudy('curves');
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
        title="What a part is made of"
        under="all in, at the chosen quantity; a stretch opens its working"
        className="is-below"
        ref={stack}
      >
        <Stack board={stacked} order={order} onOpen={onOpen} />
      </Section>
      <Section
        title="Cost against quantity"
        under="both axes logarithmic; each route by its best variant at each quantity"
        className="is-below"
        ref={charts}
      >
        <Charts q={charted.q} />
      </Section>
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
        {figures ? 'without the figures' : 'the lines as figures'}
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
        Working out the curves …
      </Text>
    );
  return (
    <div className="charts">
      <CostChart curves={curves} what="allIn" q={q} currency={currency} title="All-in cost of a part" />
      <CostChart curves={curves} what="total" q={q} currency={currency} title="Total cost of the programme" />
    </div>
  );
});
