'use client';
import { Table } from '@chakra-ui/react';
import { FigureButton } from '../kit';
import { useMemo } from 'react';
import { centsThatAdd } from '@/core/base/cents';
import { shortName } from '@/core/catalogue/routes';
import { perPart } from '../format';
import { figureOf, isShown, lineValues, SEGMENTS, type LinesProps } from './cost-stack';

/** The lines of every survivor's part cost as figures that add up to the cent; each opens its working. */
export function LineTable({ q, lanes, currency, onOpen }: LinesProps) {
  const columns = useMemo(
    () =>
      lanes.flatMap((lane) =>
        lane.money === null
          ? []
          : [
              {
                id: lane.id,
                allIn: lane.money.allIn,
                cents: centsThatAdd(lineValues(lane.money, q), lane.money.allIn),
              },
            ],
      ),
    [lanes, q],
  );
  return (
    <Table.ScrollArea>
      <Table.Root size="sm" aria-label="Cost lines as figures">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>{currency} per part</Table.ColumnHeader>
            {columns.map((c) => (
              <Table.ColumnHeader key={c.id} className="num">
                {shortName(c.id)}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {SEGMENTS.map(([id, name], i) =>
            !isShown(id, lanes) ? null : (
              <Table.Row key={id}>
                <Table.Cell>{name}</Table.Cell>
                {columns.map((c) => (
                  <Table.Cell key={c.id} className="num">
                    <FigureButton onClick={() => onOpen(c.id, figureOf(id))}>{perPart(c.cents[i] ?? 0)}</FigureButton>
                  </Table.Cell>
                ))}
              </Table.Row>
            ),
          )}
          <Table.Row>
            <Table.Cell>
              <strong>total</strong>
            </Table.Cell>
            {columns.map((c) => (
              <Table.Cell key={c.id} className="num">
                <FigureButton onClick={() => onOpen(c.id, 'allIn')}>
                  <strong>{perPart(c.allIn)}</strong>
                </FigureButton>
              </Table.Cell>
            ))}
          </Table.Row>
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
