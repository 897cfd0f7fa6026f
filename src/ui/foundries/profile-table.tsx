'use client';
import { Box, Span, Table } from '@chakra-ui/react';
import { useUnits } from '../preferences';
import { KnownMark } from './known-mark';
import { saidText, type ProfileRow } from './profile-rows';

/** What a foundry says, value by value: in words, with how each is known and since when. */
export function ProfileTable({
  name,
  rows,
  today,
}: {
  readonly name: string;
  readonly rows: readonly ProfileRow[];
  readonly today: string;
}) {
  const [units] = useUnits();
  return (
    <Table.ScrollArea tabIndex={0}>
      <Table.Root size="sm" aria-label={name} whiteSpace="normal">
        <Table.Body>
          {rows.map(({ field, said }) => (
            <Table.Row key={field.key}>
              <Table.Cell width="18rem">{field.words}</Table.Cell>
              <Table.Cell>
                {said === undefined ? (
                  <Span color="fg.muted">not said: the book stands</Span>
                ) : (
                  <>
                    {saidText(field, said.v, units)}
                    {said.note !== undefined && said.note !== '' && (
                      <Box textStyle="label" color="fg.muted">
                        {said.note}
                      </Box>
                    )}
                  </>
                )}
              </Table.Cell>
              <Table.Cell width="16rem">
                {said !== undefined && <KnownMark known={said.basis} date={said.date} today={today} />}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
