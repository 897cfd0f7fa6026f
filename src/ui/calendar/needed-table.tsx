'use client';
import { Box, Span, Table } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import type { Needed } from '@/core/brief';
import { dayNumber } from '@/core/base/day';
import { dayOfThe } from '@/core/schedule';
import { spareWorking } from '@/core/study/workings';
import { type Working } from '@/core/equations';
import { dateAfter, plainDate, whole } from '../format';
import { Mark } from '../marks/mark';
import { Emblem } from '../marks/emblem';
import { useSheets } from '../working/sheets';
import type { Delivery } from './use-deliveries';

/** When each way has the pieces that are wanted, and whether that is in time. */
export function NeededTable({
  deliveries,
  needed,
  orderDate,
  onOpen,
}: {
  readonly deliveries: readonly Delivery[];
  readonly needed: readonly Needed[];
  readonly orderDate: string;
  readonly onOpen: (id: string) => void;
}) {
  const { openWorking } = useSheets();
  const open = ({ id, studyAt }: Delivery, figure: string, made?: Working): void =>
    openWorking({ laneId: id, figure, working: made }, studyAt);
  return (
    <Table.ScrollArea>
      <Table.Root size="md" interactive aria-label="Deliveries">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Route</Table.ColumnHeader>
            <Table.ColumnHeader className="num">First article</Table.ColumnHeader>
            {needed.map((n) => (
              <Table.ColumnHeader key={n.id} className="num">
                {whole(n.pieces)} {n.name}
                <Box color="fg.muted">{n.by === null ? 'no date set' : `by ${plainDate(n.by)}`}</Box>
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {deliveries.map((d) => (
            <Table.Row key={d.id} data-delivery={d.id}>
              <Table.Cell>
                <Emblem laneId={d.id} size={20} /> {d.name}{' '}
                <Span color="fg.muted" textStyle="label">
                  {d.variant}
                </Span>
              </Table.Cell>
              <Table.Cell className="num">
                {d.timeline === null ? (
                  <FigureButton onClick={() => open(d, 'firstArticle')}>
                    {dateAfter(orderDate, d.firstArticle_d)}
                  </FigureButton>
                ) : (
                  <FigureButton onClick={() => onOpen(d.id)}>{dateAfter(orderDate, d.firstArticle_d)}</FigureButton>
                )}
              </Table.Cell>
              {needed.map((n) => (
                <Table.Cell key={n.id} className="num">
                  <When
                    day={d.when(n.pieces)}
                    need={n}
                    orderDate={orderDate}
                    onOpen={(figure, made) => open(d, figure, made)}
                  />
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}

function When({
  day,
  need,
  orderDate,
  onOpen,
}: {
  readonly day: number | null;
  readonly need: Needed;
  readonly orderDate: string;
  readonly onOpen: (figure: string, made?: Working) => void;
}) {
  if (day === null) return <Span color="fg.muted">more than the quantity</Span>;
  const date = <FigureButton onClick={() => onOpen(dayOfThe(need.pieces))}>{dateAfter(orderDate, day)}</FigureButton>;
  if (need.by === null) return date;
  const asked = dayNumber('by', need.by) - dayNumber('orderDate', orderDate);
  const made = spareWorking(need, day, asked);
  const days = `${whole(Math.abs(made.value))} ${Math.abs(made.value) === 1 ? 'day' : 'days'}`;
  return (
    <>
      <Mark status={made.value < 0 ? 'tight' : 'fits'} label={false} /> {date}
      <Box textStyle="label" color="fg.muted">
        <FigureButton onClick={() => onOpen(made.figure, made)}>
          {made.value < 0 ? `${days} late` : made.value === 0 ? 'on time' : `${days} early`}
        </FigureButton>
      </Box>
    </>
  );
}
