'use client';
import { Box, Button, Field, Flex, Input, Table, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { isPlainDate } from '@/core/base/plain-date';
import { call, failureWords } from '../api';
import { DateInput } from '../fields/date-input';
import { readFigure } from '../fields/numbers';
import { perPart, plainDate, significant } from '../format';
import { useChangeNote } from '../history/use-change-note';
import { Section, TextButton, TwoColumns, Unit } from '../kit';
import type { QuotesFound } from './quotes.types';

/** What quotes are compared by: the day, rates of exchange with their dates, and what is taken for work left out. */
export function CompareOn({
  studyId,
  found,
  onChanged,
}: {
  readonly studyId: string;
  readonly found: QuotesFound;
  readonly onChanged: () => void;
}) {
  const { who, setWho } = useChangeNote(`quotes-${studyId}`);
  const [problem, setProblem] = useState('');
  const { setting } = found.assessed;
  const send = async (body: object): Promise<boolean> => {
    setProblem('');
    try {
      await call('PUT', `/api/studies/${studyId}/quotes/setting`, { who: who.trim(), ...body });
      onChanged();
      return true;
    } catch (error) {
      setProblem(failureWords(error, 'The server does not answer. Nothing was saved; what you typed is kept.'));
      return false;
    }
  };
  return (
    <Section title="Compared by" under="the day, the currencies, and what is taken for work that a quote leaves out">
      <Flex gap="4" align="flex-end" flexWrap="wrap">
        <Field.Root width="12rem">
          <Field.Label>Your name</Field.Label>
          <Input value={who} onChange={(e) => setWho(e.target.value)} />
        </Field.Root>
        <Field.Root width="12rem">
          <Field.Label>Compared on</Field.Label>
          <DateInput
            label="Compared on"
            value={setting.asOf}
            onTake={(day) => void send({ asOf: day === '' ? null : day })}
          />
          <Field.HelperText>{found.asOf === null ? 'today' : 'chosen; empty for today'}</Field.HelperText>
        </Field.Root>
      </Flex>
      {problem !== '' && (
        <Text color="alarm" role="alert">
          {problem}
        </Text>
      )}
      <TwoColumns>
        <Rates found={found} nameless={who.trim() === ''} send={send} />
        <Prices found={found} nameless={who.trim() === ''} send={send} />
      </TwoColumns>
    </Section>
  );
}

interface Part {
  readonly found: QuotesFound;
  /** Whether nobody is named yet who changes it. */
  readonly nameless: boolean;
  readonly send: (body: object) => Promise<boolean>;
}

function Rates({ found, nameless, send }: Part) {
  const { rates, currency } = found.assessed.setting;
  const [of, setOf] = useState('');
  const [rate, setRate] = useState('');
  const [date, setDate] = useState('');
  const [tried, setTried] = useState(false);
  const value = readFigure(rate, null, 'si');
  const wrong = !/^[A-Z]{3}$/.test(of.trim().toUpperCase())
    ? `Currency “${of}”: three letters such as EUR are wanted.`
    : typeof value !== 'number' || value <= 0
      ? `Rate “${rate}”: a number above 0 is wanted.`
      : !isPlainDate(date)
        ? `Day “${date}”: a date such as 15 Feb 2027 is wanted.`
        : '';
  return (
    <Box>
      <Table.Root size="sm" aria-label="Exchange rates">
        <Table.Body>
          {Object.entries(rates)
            .filter(([code]) => code !== currency)
            .map(([code, r]) => (
              <Table.Row key={code}>
                <Table.Cell>1 {code}</Table.Cell>
                <Table.Cell className="num">
                  {significant(r.rate, 6)} {currency}
                </Table.Cell>
                <Table.Cell textStyle="label">{r.date === '' ? 'no date' : plainDate(r.date)}</Table.Cell>
              </Table.Row>
            ))}
        </Table.Body>
      </Table.Root>
      <Flex gap="2" align="flex-end" flexWrap="wrap" mt="2">
        <Field.Root width="5rem">
          <Field.Label>Currency</Field.Label>
          <Input value={of} onChange={(e) => setOf(e.target.value)} />
        </Field.Root>
        <Field.Root width="7rem">
          <Field.Label>
            One of it
            <Unit>{currency}</Unit>
          </Field.Label>
          <Input inputMode="decimal" value={rate} onChange={(e) => setRate(e.target.value)} />
        </Field.Root>
        <Field.Root width="9rem">
          <Field.Label>On</Field.Label>
          <DateInput label="Day of the rate" value={date} onTake={setDate} />
        </Field.Root>
        <Button
          size="sm"
          variant="outline"
          disabled={nameless}
          onClick={() => {
            setTried(true);
            if (wrong !== '') return;
            void send({ rate: { currency: of.trim().toUpperCase(), rate: value, date } }).then((done) => {
              if (!done) return;
              setTried(false);
              setOf('');
              setRate('');
            });
          }}
        >
          Enter the rate
        </Button>
      </Flex>
      {tried && wrong !== '' && (
        <Text color="alarm" role="alert" textStyle="label">
          {wrong}
        </Text>
      )}
    </Box>
  );
}

/** Lines that any quote of the study leaves out, with what is taken for each. */
function Prices({ found, nameless, send }: Part) {
  const code = found.assessed.setting.currency;
  const lines = new Map<string, { line: string; price: number; basis: string }>();
  for (const a of found.assessed.quotes) for (const f of a.fills) lines.set(f.line.toLowerCase(), f);
  const [texts, setTexts] = useState<Readonly<Record<string, string>>>({});
  const own = new Set(found.given.map((g) => g.line.toLowerCase()));
  if (lines.size === 0) return <Text textStyle="label">No quote leaves out any work.</Text>;
  return (
    <Table.Root size="sm" aria-label="Work left out">
      <Table.Header>
        <Table.Row>
          <Table.ColumnHeader>Work left out</Table.ColumnHeader>
          <Table.ColumnHeader className="num">{code} a piece</Table.ColumnHeader>
          <Table.ColumnHeader>From</Table.ColumnHeader>
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {[...lines].map(([line, { line: words, price, basis }]) => {
          const text = texts[line] ?? perPart(price);
          const value = readFigure(text, null, 'si');
          const changed = texts[line] !== undefined && texts[line] !== perPart(price);
          return (
            <Table.Row key={line}>
              <Table.Cell>{words}</Table.Cell>
              <Table.Cell className="num">
                <Input
                  variant="flushed"
                  textAlign="end"
                  width="20"
                  inputMode="decimal"
                  aria-label={`What is taken for ${line}, ${code} a piece`}
                  aria-invalid={typeof value !== 'number' || value < 0}
                  value={text}
                  onChange={(e) => setTexts((was) => ({ ...was, [line]: e.target.value }))}
                />
              </Table.Cell>
              <Table.Cell textStyle="label">
                {changed ? (
                  <TextButton
                    size="sm"
                    disabled={nameless || typeof value !== 'number' || value < 0}
                    onClick={() =>
                      void send({ scope: { line: words, price: value, basis: 'ours' } }).then((done) => {
                        if (done)
                          setTexts((was) => Object.fromEntries(Object.entries(was).filter(([l]) => l !== line)));
                      })
                    }
                  >
                    take it
                  </TextButton>
                ) : own.has(line) ? (
                  <>
                    {basis}{' '}
                    <TextButton
                      size="sm"
                      disabled={nameless}
                      onClick={() => void send({ scope: { line: words, price: null } })}
                    >
                      use the model’s
                    </TextButton>
                  </>
                ) : (
                  'the model'
                )}
              </Table.Cell>
            </Table.Row>
          );
        })}
      </Table.Body>
    </Table.Root>
  );
}
