'use client';
import { Span, Table, Text } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import { memo } from 'react';
import type { Crossing } from '@/core/comparison/board';
import { shortName } from '@/core/catalogue/routes';
import { whole } from '../format';
import { Emblem } from '../marks/emblem';

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
        One lane leads at every quantity of the rail.
      </Text>
    );
  return (
    <Table.ScrollArea>
      <Table.Root size="sm" aria-label="Where the lead changes">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader className="num">At pieces</Table.ColumnHeader>
            <Table.ColumnHeader>From</Table.ColumnHeader>
            <Table.ColumnHeader>To</Table.ColumnHeader>
            <Table.ColumnHeader>How</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {crossings.map((c, i) => (
            <Table.Row key={`${c.first}-${c.last}`}>
              <Table.Cell className="num">
                <FigureButton onClick={() => onGo(c.last)} title="Set the rail there">
                  {c.last > c.first ? `${whole(c.first)} to ${whole(c.last)}` : whole(c.first)}
                </FigureButton>
              </Table.Cell>
              <Table.Cell>
                <Emblem laneId={c.from} /> {shortName(c.from)}
              </Table.Cell>
              <Table.Cell>
                <Emblem laneId={c.to} /> {shortName(c.to)}
              </Table.Cell>
              <Table.Cell textStyle="label">
                {how(c)}
                {i === next && <Span color="fg.muted"> · next above the chosen quantity</Span>}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
});

function how(c: Crossing): string {
  if (c.kind === 'flicker')
    return `whole pours and worn tools change the lead ${c.changes} times and leave it as it was`;
  if (c.last > c.first)
    return `whole pours and worn tools change the lead ${c.changes} times; from ${whole(c.last)} it stays`;
  return c.routeChanges ? 'at once, and it stays' : 'at once; another variant of the same route';
}
