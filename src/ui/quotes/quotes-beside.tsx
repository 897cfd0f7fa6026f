'use client';
import { Box, Table, Text } from '@chakra-ui/react';
import { dateAfter, perPart, plainDate, weeks, whole } from '../format';
import { PageLink, Section } from '../kit';
import { Emblem } from '../marks/emblem';
import { useStudy } from '../study/study-context';
import { routeLine } from './lane-words';
import { QuotesOutcome } from './quotes-outcome';
import { useQuotes } from './use-quotes';

/**
 * Quotes beside what a view shows: with the decision what they do to the choice, with the calendar when they would deliver.
 */
export function QuotesBeside({ show }: { readonly show: 'choice' | 'dates' }) {
  const { id, found, problem } = useQuotes();
  const { orderDate, brief } = useStudy('orderDate', 'brief');
  if (problem !== null)
    return (
      <Text color="alarm" role="alert" textStyle="label">
        Quotes: {problem}
      </Text>
    );
  if (found === null) return null;
  const open = found.assessed.quotes.filter((a) => a.out === null && a.normalised?.price != null);
  if (open.length === 0) return null;
  const code = found.assessed.setting.currency;
  const due = brief.quantity.firstDelivery;
  return (
    <Section
      title="Quotes"
      under={
        show === 'dates'
          ? 'when each would deliver, as it says, from the day of the order'
          : 'what foundries really ask, and what it does to the choice'
      }
    >
      {show === 'choice' && <QuotesOutcome found={found} />}
      <Table.ScrollArea tabIndex={0}>
        <Table.Root size="sm" aria-label={show === 'dates' ? 'Quoted dates' : 'Quotes of the study'}>
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Foundry and route</Table.ColumnHeader>
              {show === 'choice' ? (
                <>
                  <Table.ColumnHeader className="num">{code} per good part</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">Model</Table.ColumnHeader>
                  <Table.ColumnHeader>To ask</Table.ColumnHeader>
                </>
              ) : (
                <>
                  <Table.ColumnHeader className="num">First article, weeks</Table.ColumnHeader>
                  <Table.ColumnHeader>On</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">Model, weeks</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">A lot, weeks</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">A year’s parts, working days</Table.ColumnHeader>
                </>
              )}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {open.map((a) => {
              const price = a.normalised?.price;
              const first = price?.leadFirst_d ?? null;
              const day = first === null ? null : dateAfter(orderDate, Math.ceil(first));
              return (
                <Table.Row key={a.held.quote.id}>
                  <Table.Cell>
                    <Emblem laneId={a.laneId} size={16} />{' '}
                    <PageLink href={`/studies/${id}/quotes#quote=${encodeURIComponent(a.held.quote.id)}`}>
                      {a.held.foundry}
                    </PageLink>
                    , {routeLine(a)}
                    {a.held.simulated && (
                      <Box as="span" color="fg.muted">
                        {' '}
                        · simulated desk
                      </Box>
                    )}
                  </Table.Cell>
                  {show === 'choice' ? (
                    <>
                      <Table.Cell className="num">{price == null ? '' : perPart(price.perGoodPart)}</Table.Cell>
                      <Table.Cell className="num">{a.model === null ? '' : perPart(a.model.allIn)}</Table.Cell>
                      <Table.Cell textStyle="label">
                        {a.barred.length > 0
                          ? '▲ barred by the book'
                          : a.mistakes.length > 0 && `▲ ${a.mistakes.length}`}
                      </Table.Cell>
                    </>
                  ) : (
                    <>
                      <Table.Cell className="num">{first === null ? 'not said' : weeks(first)}</Table.Cell>
                      <Table.Cell>
                        {day === null ? '' : day}
                        {first !== null && due !== null && isAfter(orderDate, first, due) && (
                          <Box as="span" color="alarm">
                            {' '}
                            ▲ after {plainDate(due)}
                          </Box>
                        )}
                      </Table.Cell>
                      <Table.Cell className="num">
                        {a.model?.firstArticle_d == null ? '' : weeks(a.model.firstArticle_d)}
                      </Table.Cell>
                      <Table.Cell className="num">{price?.leadLot_d == null ? '' : weeks(price.leadLot_d)}</Table.Cell>
                      <Table.Cell className="num">
                        {price?.workdaysForAYear == null ? '' : whole(price.workdaysForAYear)}
                      </Table.Cell>
                    </>
                  )}
                </Table.Row>
              );
            })}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
    </Section>
  );
}

const DAY_MS = 86_400_000;
const isAfter = (from: string, days: number, due: string): boolean =>
  Date.parse(from) + Math.ceil(days) * DAY_MS > Date.parse(due);
