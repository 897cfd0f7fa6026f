'use client';
import { Span, Table, Text } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import { memo } from 'react';
import type { Crossing } from '@/core/comparison/board';
import { whole } from '../format';
import { RouteName } from '../marks/route-name';

/** Every change of the lead over the rail in words: clean ones at one quantity, bands of flicker as bands. */
export const LeadChanges = memo(function LeadChanges({
  crossings,
  next,
  onGo,
}: {
  crossings: readonly Crossing[];
  /** Index of the first change above the chosen quantity; −1 when there is none. */
  next: number;
  onGo: (q: number) => void;
}) {
  if (crossings.length === 0)
    return (
      <Text textStyle="label" color="fg.muted">
        One route leads at every quantity.
      </Text>
    );
  return (
    <Table.ScrollArea>
      <Table.Root size="sm" aria-label="Where the lead changes">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader className="num">Quantity</Table.ColumnHeader>
            <Table.ColumnHeader>From</Table.ColumnHeader>
            <Table.ColumnHeader>To</Table.ColumnHeader>
            <Table.ColumnHeader>Change</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {crossings.map((c, i) => (
            <Table.Row key={`${c.first}-${c.last}`}>
              <Table.Cell className="num">
                <FigureButton onClick={() => onGo(c.last)} title="Set the rail there">
                  {c.last > c.first ? `${whole(c.first)}–${whole(c.last)}` : whole(c.first)}
                </FigureButton>
              </Table.Cell>
              <Table.Cell>
                <RouteName laneId={c.from} />
              </Table.Cell>
              <Table.Cell>
                <RouteName laneId={c.to} />
              </Table.Cell>
              <Table.Cell textStyle="label">
                {how(c)}
                {i === next && <Span color="fg.muted"> · next above this quantity</Span>}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
});

function how(c: Crossing): string {
  if (c.kind === 'flicker') return `the lead changes ${c.changes} times with whole pours and new tools, then returns`;
  if (c.last > c.first)
    return `the lead changes ${c.changes} times with whole pours and new tools; final from ${whole(c.last)}`;
  return c.routeChanges ? 'once' : 'once; another variant of the same route';
}
