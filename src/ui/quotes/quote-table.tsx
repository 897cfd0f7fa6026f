'use client';
import { Box, Flex, Span, Table } from '@chakra-ui/react';
import { routeLine } from './lane-words';
import type { AssessedQuote } from '@/core/comparison/quotes';
import { perPart, plainDate, signed, weeks, whole } from '../format';
import { FigureButton, TextButton } from '../kit';
import { Emblem } from '../marks/emblem';
import { QuoteBar, ScopeMarks } from './quote-bar';
import { FLAG_WORDS } from './quote-words';
import type { QuotesFound } from './quotes.types';

export interface QuoteActs {
  readonly onOpen: (quoteId: string) => void;
  readonly onFigure: (quoteId: string, figure: string) => void;
}

/** Flags that are told in the row; the rest stand with the quote. */
const TOLD = new Set([
  'currency',
  'unit-hundred',
  'unit-kg',
  'unit-lb',
  'metal-clause',
  'tool-amortised',
  'tool-owned-by-foundry',
  'order-over-lot',
  'least-quantity-not-met',
  'exceptions',
]);

/** Every quote of the study in one table, the cheapest first; those that have no part in the choice below. */
export function QuoteTable({ found, onOpen, onFigure }: QuoteActs & { readonly found: QuotesFound }) {
  const { assessed, awards } = found;
  const code = assessed.setting.currency;
  const open = assessed.quotes.filter((a) => a.out === null);
  const most = Math.max(
    0,
    ...open.flatMap((a) => [a.normalised?.price?.perGoodPart ?? 0, a.model?.allIn ?? 0]).filter(Number.isFinite),
  );
  const scale = most === 0 ? 1 : most * 1.02;
  const awarded = awards[0]?.quoteId ?? null;
  return (
    <>
      <Table.ScrollArea tabIndex={0}>
        <Table.Root size="md" interactive aria-label="Quotes compared">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Foundry and route</Table.ColumnHeader>
              <Table.ColumnHeader className="num">{code} per good part</Table.ColumnHeader>
              <Table.ColumnHeader minW="11rem">
                Cost breakdown
                <Legend />
              </Table.ColumnHeader>
              <Table.ColumnHeader className="num">Against the model</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Tooling, {code}</Table.ColumnHeader>
              <Table.ColumnHeader className="num">First article, weeks</Table.ColumnHeader>
              <Table.ColumnHeader hideBelow="md">Work</Table.ColumnHeader>
              <Table.ColumnHeader hideBelow="md">Open questions</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {open.map((a) => (
              <Row
                key={a.held.quote.id}
                a={a}
                {...{ scale, onOpen, onFigure }}
                currency={code}
                leads={a.held.quote.id === assessed.byQuotes?.quoteId}
                awarded={a.held.quote.id === awarded}
              />
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <OutOfTheChoice found={found} onOpen={onOpen} />
    </>
  );
}

function Legend() {
  return (
    <Box textStyle="label" color="fg.muted" fontWeight="normal" whiteSpace="nowrap">
      work · <Span textDecoration="underline dotted">filled in</Span> · tools · <Span fontWeight="bold">|</Span> the
      model
    </Box>
  );
}

function Row({
  a,
  scale,
  currency,
  leads,
  awarded,
  onOpen,
  onFigure,
}: QuoteActs & {
  readonly a: AssessedQuote;
  readonly scale: number;
  readonly currency: string;
  readonly leads: boolean;
  readonly awarded: boolean;
}) {
  const { quote, foundry, simulated } = a.held;
  const price = a.normalised?.price ?? null;
  const figure = (name: string, text: string) => (
    <FigureButton onClick={() => onFigure(quote.id, name)}>{text}</FigureButton>
  );
  return (
    <Table.Row data-quote={quote.id} data-leader={leads || undefined} verticalAlign="middle">
      <Table.Cell minW={{ base: '11rem', md: '13rem' }} whiteSpace="normal">
        <Flex gap="2" align="center" minW={{ base: '11rem', md: '16rem' }}>
          <Emblem laneId={a.laneId} size={26} />
          <Box>
            <TextButton onClick={() => onOpen(quote.id)}>{foundry}</TextButton>
            {leads && (
              <Span color="hot" fontWeight="bold">
                {' '}
                leads
              </Span>
            )}
            {awarded && <Span fontWeight="bold"> ✓ awarded</Span>}
            <Box textStyle="label" color="fg.muted">
              {routeLine(a)}
              {simulated && ' · simulated desk'}
            </Box>
            <Box textStyle="label" color="fg.muted">
              {plainDate(quote.date)}, until {a.normalised === null ? '?' : plainDate(a.normalised.validUntil)}
            </Box>
            <Box hideFrom="md" whiteSpace="normal">
              <ScopeMarks a={a} />
              <ToClear a={a} onOpen={onOpen} />
            </Box>
          </Box>
        </Flex>
      </Table.Cell>
      <Table.Cell className="num" textStyle="lead" fontWeight="bold">
        {price === null ? '' : figure('perGoodPart', perPart(price.perGoodPart))}
      </Table.Cell>
      <Table.Cell>
        <QuoteBar a={a} scale={scale} currency={currency} />
      </Table.Cell>
      <Table.Cell className="num">
        {price === null || a.model === null ? (
          ''
        ) : (
          <>
            {figure('againstShare', `${signed(100 * (price.perGoodPart / a.model.allIn - 1), 0)} %`)}
            <Box textStyle="label" color="fg.muted">
              {figure('againstModel', signed(price.perGoodPart - a.model.allIn, 2))}
            </Box>
          </>
        )}
      </Table.Cell>
      <Table.Cell className="num">{price === null ? '' : figure('tooling', whole(price.tooling))}</Table.Cell>
      <Table.Cell className="num">
        {price?.leadFirst_d == null ? 'not said' : figure('leadFirst_d', weeks(price.leadFirst_d))}
      </Table.Cell>
      <Table.Cell minW="11rem" maxW="14rem" whiteSpace="normal" hideBelow="md">
        <ScopeMarks a={a} />
      </Table.Cell>
      <Table.Cell minW="9rem" maxW="12rem" textStyle="label" whiteSpace="normal" hideBelow="md">
        <ToClear a={a} onOpen={onOpen} />
      </Table.Cell>
    </Table.Row>
  );
}

function ToClear({ a, onOpen }: { readonly a: AssessedQuote; readonly onOpen: (id: string) => void }) {
  const flags = (a.normalised?.flags ?? []).filter((f) => TOLD.has(f));
  return (
    <>
      {a.barred.length > 0 && (
        <Box color="alarm">
          ▲ The book bars this route ({a.barred.length} {a.barred.length === 1 ? 'rule' : 'rules'}): it does not lead.
        </Box>
      )}
      {a.mistakes.length > 0 && (
        <TextButton onClick={() => onOpen(a.held.quote.id)}>
          ▲ {a.mistakes.length} {a.mistakes.length === 1 ? 'thing' : 'things'} to ask
        </TextButton>
      )}
      {flags.length > 0 && <Box color="fg.muted">{flags.map((f) => FLAG_WORDS[f]).join(', ')}</Box>}
    </>
  );
}

/** Quotes that were declined, withdrawn, have expired or are for something else. */
function OutOfTheChoice({ found, onOpen }: { readonly found: QuotesFound; readonly onOpen: (id: string) => void }) {
  const out = found.assessed.quotes.filter((a) => a.out !== null);
  if (out.length === 0) return null;
  return (
    <Table.ScrollArea mt="3" tabIndex={0}>
      <Table.Root size="sm" aria-label="Quotes without a part in the choice">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>No part in the choice</Table.ColumnHeader>
            <Table.ColumnHeader>Why</Table.ColumnHeader>
            <Table.ColumnHeader className="num">{found.assessed.setting.currency} per good part</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {out.map((a) => (
            <Table.Row key={a.held.quote.id} data-quote={a.held.quote.id}>
              <Table.Cell whiteSpace="normal" minW="10rem">
                <Emblem laneId={a.laneId} size={18} />{' '}
                <TextButton onClick={() => onOpen(a.held.quote.id)}>{a.held.foundry}</TextButton>
                <Box as="span" textStyle="label" color="fg.muted">
                  {' '}
                  {routeLine(a)}
                  {a.held.simulated && ' · simulated desk'}
                </Box>
              </Table.Cell>
              <Table.Cell whiteSpace="normal" minW="10rem">
                {a.out}
                {a.normalised?.counter != null && (
                  <Box textStyle="label">Instead: {a.normalised.counter.why || 'see the quote'}</Box>
                )}
              </Table.Cell>
              <Table.Cell className="num">
                {a.normalised?.price == null ? '' : perPart(a.normalised.price.perGoodPart)}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Table.ScrollArea>
  );
}
