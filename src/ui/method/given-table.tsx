'use client';
import { Table } from '@chakra-ui/react';
import type { MethodGiven } from '@/core/method';
import { GivenInput } from './given-input';

/** The values that go into a group of the method, each to be typed over. */
export function GivenTable({
  title,
  givens,
  onPut,
}: {
  readonly title: string;
  readonly givens: readonly MethodGiven[];
  readonly onPut: (id: string, value: number | null) => void;
}) {
  return (
    <Table.Root size="sm" aria-label={`${title}: values that go in`}>
      <Table.Body>
        {givens.map((g) => (
          <Table.Row key={g.id} data-given={g.id}>
            <Table.Cell whiteSpace="normal">{g.meaning.replace(/^./, (x) => x.toUpperCase())}</Table.Cell>
            <Table.Cell className="num">
              <GivenInput given={g} onPut={(value) => onPut(g.id, value)} />
            </Table.Cell>
          </Table.Row>
        ))}
      </Table.Body>
    </Table.Root>
  );
}
