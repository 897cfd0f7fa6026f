'use client';
import { Box, Button, Field, Flex, Input, Span, Table, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { LINE_IDS, LINE_WORDS } from '@/core/cost';
import type { AssessedQuote } from '@/core/comparison/quotes';
import type { Mistake } from '@/core/quotes';
import { call, failureWords } from '../api';
import { fixed, perPart, plainDate, signed, whole } from '../format';
import { useChangeNote } from '../history/use-change-note';
import { FigureButton, Section, TextButton } from '../kit';
import { useUnits } from '../preferences';
import { notices } from '../shell/notices';
import { SheetPage } from '../shell/sheet';
import { useSheets } from '../working/sheets';
import { textInUnits } from '../text-in-units';
import { Implied } from './implied';
import { FLAG_WORDS, MISTAKE_WORDS, SCOPE_WORDS, STEPS, quoteName } from './quote-words';
import type { QuotesFound } from './quotes.types';

interface Props {
  readonly studyId: string;
  readonly a: AssessedQuote;
  readonly found: QuotesFound;
  readonly onFigure: (figure: string) => void;
  readonly onEdit: () => void;
  /** Opens the form with the quote as a mistake would have it read. */
  readonly onReading: (mistake: Mistake) => void;
  readonly onChanged: () => void;
}

/** One quote: what it comes to step by step, what may be wrong in it, the model beside it line by line, what became of it. */
export function QuoteDetail({ studyId, a, found, onFigure, onEdit, onReading, onChanged }: Props) {
  const [units] = useUnits();
  const { quote, simulated, withdrawn } = a.held;
  const code = found.assessed.setting.currency;
  const price = a.normalised?.price ?? null;
  const changes = found.changes.filter((c) => c.quoteId === quote.id);
  return (
    <SheetPage
      title={quoteName(a)}
      under={
        <>
          given {plainDate(quote.date)}, held for {quote.validDays} days{simulated && ', by the simulated desk'}
          {withdrawn !== null && <Span color="alarm"> · withdrawn</Span>}
        </>
      }
    >
      {a.out !== null && (
        <Text color="alarm" role="status">
          ▲ No part in the choice. {a.out}
        </Text>
      )}
      {a.barred.length > 0 && (
        <Box color="alarm" textStyle="label">
          {a.barred.map((why) => (
            <div key={why}>▲ {textInUnits(why, units)}</div>
          ))}
        </Box>
      )}
      <Flex gap="3" mt="3" flexWrap="wrap">
        <Button size="sm" variant="outline" onClick={onEdit}>
          Correct it
        </Button>
      </Flex>
      {a.mistakes.length > 0 && (
        <Section title="To ask" under="before anything is decided on it">
          {a.mistakes.map((m) => (
            <Box key={m.kind + m.reason} py="1.5" data-mistake={m.kind}>
              <strong>▲ {MISTAKE_WORDS[m.kind]}</strong>
              <Box textStyle="label">{textInUnits(m.reason, units)}</Box>
              {m.effect !== null && (
                <Box textStyle="label" color="fg.muted">
                  {STEPS.find(([key]) => key === m.effect?.figure)?.[1] ?? m.effect.figure}: {fixed(m.effect.now, 2)}{' '}
                  now, {fixed(m.effect.then, 2)} {m.reading === null ? 'if it were' : 'read so'}.
                </Box>
              )}
              {m.reading !== null && (
                <TextButton size="sm" onClick={() => onReading(m)}>
                  Read it so …
                </TextButton>
              )}
            </Box>
          ))}
        </Section>
      )}
      {price !== null && (
        <Section title="What it comes to" under={`at ${whole(found.assessed.q)} pieces; every figure opens`}>
          <Table.Root size="sm" aria-label="Steps of the comparison">
            <Table.Body>
              {STEPS.map(([key, label, kind]) => {
                const value = price[key];
                if (typeof value !== 'number') return null;
                const digits = kind === 'money' ? 2 : kind === 'days' || key === 'capacityPerWorkday' ? 1 : 0;
                return (
                  <Table.Row key={key}>
                    <Table.Cell>{label}</Table.Cell>
                    <Table.Cell className="num">
                      <FigureButton onClick={() => onFigure(key)}>
                        {key === 'perGoodPart' ? <strong>{fixed(value, digits)}</strong> : fixed(value, digits)}
                      </FigureButton>
                    </Table.Cell>
                    <Table.Cell textStyle="label" color="fg.muted">
                      {kind === 'money' ? code : kind === 'count' ? '' : kind}
                    </Table.Cell>
                  </Table.Row>
                );
              })}
            </Table.Body>
          </Table.Root>
        </Section>
      )}
      <ScopeOf a={a} code={code} />
      <Beside {...{ a, code, studyId, onFigure }} q={found.assessed.q} />
      {(a.normalised?.price?.exceptions.length ?? 0) > 0 && (
        <Section title="Tolerance exceptions">
          <Table.Root size="sm" aria-label="Tolerance exceptions">
            <Table.Body>
              {a.normalised?.price?.exceptions.map((e) => (
                <Table.Row key={e.feature}>
                  <Table.Cell>{e.name}</Table.Cell>
                  <Table.Cell>
                    {textInUnits(`${fixed(e.offers_mm, 2)} mm`, units)} offered, drawing{' '}
                    {e.drawing_mm === null ? 'has none' : textInUnits(`${fixed(e.drawing_mm, 2)} mm`, units)}
                  </Table.Cell>
                  <Table.Cell>
                    {e.looser ? (e.mayMachine ? 'may be machined' : '▲ may not be machined') : 'held'}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Section>
      )}
      <Section title="Terms">
        <Text textStyle="label">
          {[
            quote.currency === code
              ? ''
              : `in ${quote.currency}, at ${found.assessed.setting.rates[quote.currency]?.rate ?? '?'} ${code} of ${plainDateOr(found.assessed.setting.rates[quote.currency]?.date)}`,
            `tool ${quote.tooling.mode.replaceAll('-', ' ')}, belongs to the ${quote.tooling.ownedBy}`,
            quote.minOrder > 0 ? `minimum order ${whole(quote.minOrder)} pieces` : '',
            quote.clause === undefined ? '' : `${whole(100 * quote.clause.share)} % follows ${quote.clause.metal}`,
            quote.incomingBad > 0 ? `${fixed(100 * quote.incomingBad, 1)} % bad on arrival allowed for` : '',
            ...(a.normalised?.flags ?? []).map((f) => FLAG_WORDS[f]),
            quote.recommends === undefined || quote.recommends === '' ? '' : `it would choose: ${quote.recommends}`,
            quote.remarks,
          ]
            .filter(Boolean)
            .join(' · ')}
        </Text>
      </Section>
      <Withdraw {...{ studyId, onChanged }} id={quote.id} withdrawn={withdrawn} />
      <Section title="History">
        {changes.map((c) => (
          <Text key={c.id} textStyle="label">
            {plainDate(c.at)}, {c.who}: {c.what}
            {c.why !== '' && `, ${c.why}`}
          </Text>
        ))}
      </Section>
    </SheetPage>
  );
}

const plainDateOr = (date: string | undefined): string =>
  date === undefined || date === '' ? 'no date' : plainDate(date);

/** What is quoted of the work, and what is filled in for the rest. */
function ScopeOf({ a, code }: { readonly a: AssessedQuote; readonly code: string }) {
  return (
    <Section title="Work" under="as the quote stands to it">
      <Table.Root size="sm" aria-label="Work">
        <Table.Body>
          {a.scope.map((s) => (
            <Table.Row key={s.kind}>
              <Table.Cell>{s.line}</Table.Cell>
              <Table.Cell color={s.state === 'unsaid' || s.state === 'unfilled' ? 'alarm' : 'fg'}>
                {SCOPE_WORDS[s.state]}
              </Table.Cell>
              <Table.Cell className="num" textStyle="label">
                {s.model === null ? '' : `model ${perPart(s.model)} ${code}`}
              </Table.Cell>
            </Table.Row>
          ))}
          {a.fills.map((f) => (
            <Table.Row key={`fill ${f.line}`}>
              <Table.Cell>filled in: {f.line}</Table.Cell>
              <Table.Cell textStyle="label">{f.basis === 'model' ? 'by the model' : f.basis}</Table.Cell>
              <Table.Cell className="num">
                {perPart(f.price)} {code}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Section>
  );
}

/** The model’s unit price line by line, and what each line would have to be, alone, to ask what the quote asks. */
function Beside({
  a,
  code,
  studyId,
  q,
  onFigure,
}: Pick<Props, 'a' | 'studyId' | 'onFigure'> & {
  readonly code: string;
  readonly q: number;
}) {
  const { openWorking } = useSheets();
  const byModel = (figure: string, text: string) => (
    <FigureButton onClick={() => openWorking({ laneId: a.modelId, figure, q })}>{text}</FigureButton>
  );
  const price = a.normalised?.price;
  const { model } = a;
  if (price == null || model === null) return null;
  const gap = price.unitComparable - model.unit;
  // The one line of a way without a casting is its price.
  const isLane = a.modelId === a.laneId;
  const lines = LINE_IDS.filter((id) => Math.abs(model.lines[id]) > 0.005 * Math.max(model.unit, 0.01)).sort(
    (x, y) => model.lines[y] - model.lines[x],
  );
  return (
    <Section
      title="Beside the model"
      under={
        <>
          the piece without its tool:{' '}
          <FigureButton onClick={() => onFigure('unitComparable')}>{perPart(price.unitComparable)}</FigureButton> asked,{' '}
          {byModel('unit', perPart(model.unit))} by the model,{' '}
          <FigureButton onClick={() => onFigure('pieceGap')}>{signed(gap, 2)}</FigureButton> {code}
        </>
      }
    >
      <Table.Root size="sm" aria-label="Gap by line">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Line of the model</Table.ColumnHeader>
            <Table.ColumnHeader className="num">{code}</Table.ColumnHeader>
            <Table.ColumnHeader className="num">Alone it would have to be</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {lines.map((id) => {
            const then = model.lines[id] + gap;
            return (
              <Table.Row key={id}>
                <Table.Cell>{LINE_WORDS[id]}</Table.Cell>
                <Table.Cell className="num">
                  {isLane ? byModel(`line.${id}`, perPart(model.lines[id])) : perPart(model.lines[id])}
                </Table.Cell>
                <Table.Cell className="num">
                  {then <= 0 ? 'cannot' : `${perPart(then)} (${signed(100 * (then / model.lines[id] - 1), 0)} %)`}
                </Table.Cell>
              </Table.Row>
            );
          })}
          <Table.Row>
            <Table.Cell>Tooling over the programme</Table.Cell>
            <Table.Cell className="num">{byModel('tooling', whole(model.tooling))}</Table.Cell>
            <Table.Cell className="num">
              <FigureButton onClick={() => onFigure('tooling')}>{whole(price.tooling)}</FigureButton> asked
            </Table.Cell>
          </Table.Row>
        </Table.Body>
      </Table.Root>
      <Implied key={a.held.quote.id} studyId={studyId} quoteId={a.held.quote.id} q={q} />
    </Section>
  );
}

/** Withdraws the quote, or lets it stand again. */
function Withdraw({
  studyId,
  id,
  withdrawn,
  onChanged,
}: {
  readonly studyId: string;
  readonly id: string;
  readonly withdrawn: string | null;
  readonly onChanged: () => void;
}) {
  const { who, setWho, why, setWhy, saved } = useChangeNote(`quote-${id}`);
  const [problem, setProblem] = useState('');
  const send = async (): Promise<void> => {
    setProblem('');
    try {
      await call('POST', `/api/studies/${studyId}/quotes/${encodeURIComponent(id)}/withdraw`, {
        who: who.trim(),
        why: withdrawn === null ? why.trim() : null,
      });
      saved();
      notices.create({ title: withdrawn === null ? 'Withdrawn.' : 'It stands again.' });
      onChanged();
    } catch (error) {
      setProblem(failureWords(error, 'The server does not answer. Nothing was changed.'));
    }
  };
  return (
    <Section title={withdrawn === null ? 'Withdraw' : 'Withdrawn'} under={withdrawn ?? ''}>
      <Flex gap="3" align="flex-end" flexWrap="wrap">
        <Field.Root width="12rem">
          <Field.Label>Your name</Field.Label>
          <Input value={who} onChange={(e) => setWho(e.target.value)} />
        </Field.Root>
        {withdrawn === null && (
          <Field.Root width="16rem">
            <Field.Label>Why it is withdrawn</Field.Label>
            <Input value={why} onChange={(e) => setWhy(e.target.value)} />
          </Field.Root>
        )}
        <Button size="sm" variant="outline" disabled={who.trim() === ''} onClick={() => void send()}>
          {withdrawn === null ? 'Withdraw' : 'Restore'}
        </Button>
      </Flex>
      {problem !== '' && (
        <Text color="alarm" role="alert">
          {problem}
        </Text>
      )}
    </Section>
  );
}
