'use client';
import { Box, Button, Field, Flex, Input, Table, Text, Textarea } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import { GAP_FIGURES, negotiation, type AssessedQuote, type GapLine } from '@/core/comparison/quotes';
import { isReason, REASON_WANTED } from '@/core/decision';
import { call, failureWords } from '../api';
import { perPart, plainDate, signed, whole } from '../format';
import { useChangeNote } from '../history/use-change-note';
import { Choice, FigureButton, FormGrid, PageLink, Section, TextButton } from '../kit';
import { notices } from '../shell/notices';
import { useSheets } from '../working/sheets';
import { quoteById, quoteName } from './quote-words';
import type { QuotesFound } from './quotes.types';

/** Lines of a negotiation that are shown. */
const SHOWN = 3;

/** The award: which quote, why, and which is held in reserve; and what to talk about before it is signed. */
export function AwardSection({
  studyId,
  found,
  onFigure,
  onChanged,
}: {
  readonly studyId: string;
  readonly found: QuotesFound;
  readonly onFigure: (quoteId: string, figure: string) => void;
  readonly onChanged: () => void;
}) {
  const open = found.assessed.quotes.filter((a) => a.out === null && a.normalised?.price != null);
  const current = found.awards[0];
  const awarded = current === undefined ? undefined : quoteById(found, current.quoteId);
  const [chosen, setChosen] = useState('');
  const [reserve, setReserve] = useState('');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const { who, setWho, why, setWhy, saved } = useChangeNote(`award-${studyId}`);
  const quoteId = chosen || awarded?.held.quote.id || found.assessed.byQuotes?.quoteId || open[0]?.held.quote.id || '';
  const a = quoteById(found, quoteId);
  const rest = open.filter((o) => o.held.quote.id !== quoteId);
  const otherId = reserve || current?.runnerUpId || rest[0]?.held.quote.id || '';
  const other = otherId === quoteId ? undefined : quoteById(found, otherId);
  if (open.length === 0 && awarded === undefined) return null;
  const send = async (id: string | null): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      await call('POST', `/api/studies/${studyId}/quotes/award`, {
        ...{
          quoteId: id,
          runnerUpId: id === null ? null : (other?.held.quote.id ?? null),
          why: why.trim(),
          who: who.trim(),
        },
        perGoodPart: id === null ? null : (a?.normalised?.price?.perGoodPart ?? null),
        ...{ quantity: found.assessed.q, currency: found.assessed.setting.currency },
      });
      saved();
      notices.create({ title: id === null ? 'The award is taken back.' : 'Awarded.' });
      onChanged();
    } catch (error) {
      setProblem(failureWords(error, 'The server does not answer. Nothing was saved; what you typed is kept.'));
    }
    setBusy(false);
  };
  const ready = who.trim() !== '' && isReason(why);
  return (
    <Section title="Award" under="which quote, why, and which is held in reserve">
      {current !== undefined && current.quoteId !== null && (
        <Box py="1" data-testid="awarded">
          ✓ Awarded to <strong>{awarded === undefined ? 'a quote that is not shown' : quoteName(awarded)}</strong> at{' '}
          {current.perGoodPart === null ? '' : `${perPart(current.perGoodPart)} ${current.currency} per good part`} by{' '}
          {current.who}, {plainDate(current.at)}: {current.why}
          {awarded?.out != null && (
            <Text color="alarm" role="status">
              ▲ It has no part in the choice any more. {awarded.out} Award again, or ask for it to be held.
            </Text>
          )}
          {awarded?.normalised?.price != null &&
            current.perGoodPart !== null &&
            current.quantity === found.assessed.q &&
            Math.abs(awarded.normalised.price.perGoodPart - current.perGoodPart) > 0.005 && (
              <Text color="alarm">
                ▲ It comes to {perPart(awarded.normalised.price.perGoodPart)} {current.currency} now.
              </Text>
            )}
          <Text textStyle="label">
            The choice of the route is signed under <PageLink href={`/studies/${studyId}/decision`}>Decision</PageLink>.
          </Text>
        </Box>
      )}
      <FormGrid mt="2">
        <Field.Root>
          <Field.Label>Quote</Field.Label>
          <Choice
            options={open.map((o) => [o.held.quote.id, quoteName(o)])}
            value={quoteId}
            onChange={(e) => setChosen(e.target.value)}
          />
        </Field.Root>
        <Field.Root>
          <Field.Label>In reserve</Field.Label>
          <Choice
            empty="none"
            options={rest.map((o) => [o.held.quote.id, quoteName(o)])}
            value={other?.held.quote.id ?? ''}
            onChange={(e) => setReserve(e.target.value)}
          />
        </Field.Root>
      </FormGrid>
      {a !== undefined && <NegotiationSheet {...{ found, a, onFigure }} other={other ?? null} />}
      <FormGrid mt="3">
        <Field.Root required>
          <Field.Label>Your name</Field.Label>
          <Input value={who} onChange={(e) => setWho(e.target.value)} />
        </Field.Root>
        <Field.Root required>
          <Field.Label>Why this one</Field.Label>
          <Textarea rows={2} value={why} onChange={(e) => setWhy(e.target.value)} />
          <Field.HelperText>{REASON_WANTED}</Field.HelperText>
        </Field.Root>
      </FormGrid>
      {problem !== '' && (
        <Text color="alarm" role="alert">
          {problem}
        </Text>
      )}
      <Flex gap="3" mt="2" align="center">
        <Button size="sm" disabled={busy || !ready || quoteId === ''} onClick={() => void send(quoteId)}>
          Award
        </Button>
        {current !== undefined && current.quoteId !== null && (
          <TextButton size="sm" disabled={busy || !ready} onClick={() => void send(null)}>
            take the award back
          </TextButton>
        )}
      </Flex>
    </Section>
  );
}

/** The three largest gaps, the break that would pay, and whose the tool is. */
function NegotiationSheet({
  found,
  a,
  other,
  onFigure,
}: {
  readonly found: QuotesFound;
  readonly a: AssessedQuote;
  readonly other: AssessedQuote | null;
  readonly onFigure: (quoteId: string, figure: string) => void;
}) {
  const { openWorking } = useSheets();
  const code = found.assessed.setting.currency;
  const sheet = useMemo(() => negotiation(found.assessed, a, other), [found.assessed, a, other]);
  if (sheet === null) return null;
  const asks = (of: AssessedQuote, g: GapLine, value: number) => (
    <FigureButton onClick={() => onFigure(of.held.quote.id, GAP_FIGURES[g.id])}>{perPart(value)}</FigureButton>
  );
  const byModel = (g: GapLine) =>
    g.id === 'work' || g.id === 'tooling' ? (
      <FigureButton
        onClick={() =>
          openWorking({
            ...{ laneId: a.modelId, q: found.assessed.q },
            figure: g.id === 'work' ? 'unit' : 'tooling',
          })
        }
      >
        {perPart(g.model)}
      </FigureButton>
    ) : (
      perPart(g.model)
    );
  const paying = sheet.breaks.filter((b) => b.saved > 0);
  return (
    <Box mt="3" data-testid="negotiation">
      <strong>To talk about with {a.held.foundry}</strong>
      <Table.ScrollArea tabIndex={0}>
        <Table.Root size="sm" aria-label="To talk about">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>{code} per good part</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Asked</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Model</Table.ColumnHeader>
              <Table.ColumnHeader className="num">Gap</Table.ColumnHeader>
              <Table.ColumnHeader className="num">{other === null ? '' : other.held.foundry}</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {sheet.gaps.slice(0, SHOWN).map((g) => (
              <Table.Row key={g.id}>
                <Table.Cell>{g.words}</Table.Cell>
                <Table.Cell className="num">{asks(a, g, g.asked)}</Table.Cell>
                <Table.Cell className="num">{a.model === null ? perPart(g.model) : byModel(g)}</Table.Cell>
                <Table.Cell className="num">{signed(g.gap, 2)}</Table.Cell>
                <Table.Cell className="num">
                  {other === null || g.other === null ? '' : asks(other, g, g.other)}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Table.ScrollArea>
      <Box textStyle="label" mt="1">
        {paying.map((b) => (
          <div key={b.from}>
            In lots of {whole(b.from)} it comes to {perPart(b.perGoodPart)} {code}: {whole(b.savedInAll)} {code} less
            over the programme, with {whole(b.moreInStock)} more pieces in stock after each call.
          </div>
        ))}
        {paying.length === 0 && <div>No higher break of this quote would pay.</div>}
        {sheet.tool.map((t) => (
          <div key={t}>{t}</div>
        ))}
      </Box>
    </Box>
  );
}
