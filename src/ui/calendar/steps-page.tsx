'use client';
import { Box, Heading, Span, Table, Text } from '@chakra-ui/react';
import { FigureButton, Unit } from '../kit';
import { useMemo } from 'react';
import { dateAfter, fixed, significant, whole } from '../format';
import { SheetPage } from '../shell/sheet';
import { useQuantity, useStudy } from '../study/study-context';
import type { PlanStep } from '@/core/phased-plans';
import { useSheets } from '../working/sheets';
import { stepStudy } from '../phased-plans/step-study';
import { KIND_WORDS, StretchRoot } from './stretch';
import { resourceWords, span } from './resource-words';
import type { Delivery } from './use-deliveries';

/** The steps of one lane: how long each takes, who or what it holds, what runs meanwhile; then what limits the rate. */
export function StepsPage({
  delivery,
  step,
}: {
  readonly delivery: Delivery;
  /** Where the lane is a step of a plan: its own pieces and layout are shown. */
  readonly step?: PlanStep | undefined;
}) {
  const { study, orderDate } = useStudy('study', 'orderDate');
  const { board, q: onRail } = useQuantity();
  const { openWorking } = useSheets();
  const { timeline } = delivery;
  const q = step?.pieces ?? onRail;
  const time = step?.layout.time ?? board.lanes.find((l) => l.id === delivery.id)?.dates?.time;
  const studyAt = useMemo(
    () => (step === undefined ? undefined : stepStudy(study, step, 'as a step of the plan')),
    [study, step],
  );
  if (timeline === null || time === undefined) return null;
  const nameOf = (id: string): string => time.steps.find((s) => s.id === id)?.name ?? id;
  const figure = (name: string, text: string) => (
    <FigureButton onClick={() => openWorking({ laneId: delivery.id, figure: name }, studyAt)}>{text}</FigureButton>
  );
  return (
    <SheetPage title={`${delivery.name}, ${delivery.variant}`} under={`From the order to ${whole(q)} good pieces`}>
      <Text>
        First article {figure('firstArticle', dateAfter(orderDate, timeline.firstArticle_d))}, last part{' '}
        {figure('lastPart', dateAfter(orderDate, timeline.lastPart_d))}.{' '}
        {figure('goodPerDay', fixed(time.goodPerDay, 1))} good parts per working day; bottleneck:{' '}
        {resourceWords(time.bottleneck)}.
      </Text>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="Steps on the calendar">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Step</Table.ColumnHeader>
              <Table.ColumnHeader>Kind</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Duration</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Start</Table.ColumnHeader>
              <Table.ColumnHeader>Needs</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {timeline.stretches.map((s) => (
              <Table.Row key={s.id}>
                <Table.Cell>
                  {s.name}
                  {s.overlaps.length > 0 && (
                    <Box textStyle="label" color="fg.muted">
                      at the same time: {s.overlaps.map(nameOf).join(', ')}
                    </Box>
                  )}
                </Table.Cell>
                <Table.Cell textStyle="label">
                  <StretchRoot>
                    <i data-stretch={s.kind} aria-hidden="true" /> {KIND_WORDS[s.kind]}
                  </StretchRoot>
                </Table.Cell>
                <Table.Cell className="num" data-days={s.days}>
                  {significant(span(s.days).value, 3)}
                  <Unit>{span(s.days).unit}</Unit>
                </Table.Cell>
                <Table.Cell className="num">{dateAfter(orderDate, s.from_d)}</Table.Cell>
                <Table.Cell textStyle="label">{s.resource === null ? '' : resourceWords(s.resource)}</Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Heading as="h3" mt="4">
        Capacity
      </Heading>
      <Table.ScrollArea>
        <Table.Root size="sm" aria-label="Capacity">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Resource</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Hours per casting</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Castings per working day</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {time.resources
              .toSorted((a, b) => a.startsPerDay - b.startsPerDay)
              .map((r) => (
                <Table.Row key={r.id}>
                  <Table.Cell>
                    {resourceWords(r.id)}
                    {r.id === time.bottleneck && <Span color="fg.muted"> · the bottleneck</Span>}
                  </Table.Cell>
                  <Table.Cell className="num">{r.load_h === null ? 'limit' : significant(r.load_h, 3)}</Table.Cell>
                  <Table.Cell className="num">{significant(r.startsPerDay, 4)}</Table.Cell>
                </Table.Row>
              ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Text textStyle="label" color="fg.muted">
        Calendar time, including nights and days off; waiting continues overnight. Limits for heat and lifting are for
        planning only: local codes and those responsible for the shop decide.
      </Text>
    </SheetPage>
  );
}
