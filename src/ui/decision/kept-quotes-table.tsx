'use client';
import { Box, Table, Text } from '@chakra-ui/react';
import { quotesWords, type KeptQuotes } from '@/core/decision';
import { perPart, plainDate } from '../format';
import { Emblem } from '../marks/emblem';
import { useUnits } from '../preferences';
import { textInUnits } from '../text-in-units';

/** The quotes that stood beside a choice, and what they did to it. */
export function KeptQuotesTable({ quotes, laneId }: { readonly quotes: KeptQuotes; readonly laneId: string }) {
  const [units] = useUnits();
  return (
    <>
      <Text my="2" data-testid="quotes-words">
        {quotesWords(quotes, laneId)}
      </Text>
      <Table.ScrollArea tabIndex={0}>
        <Table.Root size="sm" aria-label="Quotes when signed">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Foundry and route</Table.ColumnHeader>
              <Table.ColumnHeader className="num">{quotes.currency} per good part</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Model</Table.ColumnHeader>
              <Table.ColumnHeader>As of {plainDate(quotes.asOf)}</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {quotes.quotes.map((k) => (
              <Table.Row key={k.id}>
                <Table.Cell>
                  <Emblem laneId={k.laneId} size={16} /> {k.foundry}, {k.laneName}
                  {k.simulated && (
                    <Box as="span" color="fg.muted">
                      {' '}
                      · simulated desk
                    </Box>
                  )}
                </Table.Cell>
                <Table.Cell className="num">{k.perGoodPart === null ? '' : perPart(k.perGoodPart)}</Table.Cell>
                <Table.Cell className="num">{k.model === null ? '' : perPart(k.model)}</Table.Cell>
                <Table.Cell textStyle="label">
                  {k.out ?? (k.toAsk.length === 0 ? 'held' : `held; ${k.toAsk.length} to ask`)}
                  {k.out === null &&
                    k.toAsk.map((why) => (
                      <Box key={why} color="fg.muted">
                        ▲ {textInUnits(why, units)}
                      </Box>
                    ))}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </>
  );
}
