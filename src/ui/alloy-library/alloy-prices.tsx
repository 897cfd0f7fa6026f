'use client';
import { Box, Button, Field, Flex, Input, Span, Table, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useEffect, useId, useState } from 'react';
import { isPlainDate } from '@/core/base/plain-date';
import type { Alloy } from '@/core/catalogue/alloys';
import type { PriceEntered } from '@/server/team-alloys';
import { call, Refused } from '../api';
import { keepHere, keptHere } from '../browser-store';
import { DateInput } from '../fields/date-input';
import { readFigure, unitIn } from '../fields/numbers';
import { WithUnit } from '../fields/with-unit';
import { plainDate } from '../format';
import { FigureButton, FormGrid, Section } from '../kit';
import { useUnits } from '../preferences';
import { notices } from '../shell/notices';
import { priceInForce, priceWords } from './alloy-words';

const isText = (x: unknown): x is string => typeof x === 'string';
const EMPTY = { low: '', likely: '', high: '', date: '', source: '' };
type Texts = typeof EMPTY;
const isTexts = (x: unknown): x is Texts => typeof x === 'object' && x !== null && 'likely' in x && 'source' in x;

/** What the metal cost, day by day: the latest is in force wherever a rate set does not say otherwise. */
export function AlloyPrices({
  alloy,
  prices,
  today,
}: {
  readonly alloy: Alloy;
  readonly prices: readonly PriceEntered[];
  readonly today: string;
}) {
  const [units] = useUnits();
  const router = useRouter();
  const [problem, setProblem] = useState<string | null>(null);
  const latest = prices.find((p) => p.withdrawnBy === null);
  const { band, of, old } = priceInForce(alloy, latest, today);
  const withdraw = async (price: PriceEntered): Promise<void> => {
    setProblem(null);
    try {
      const who = keptHere('rates-who', isText) ?? '';
      if (who === '') return setProblem('Enter who you are below first: the list keeps who withdrew a price.');
      await call('POST', `/api/alloys/${alloy.id}/prices`, { withdraw: price.id, who });
      notices.create({ title: `The price of ${plainDate(price.date)} is withdrawn.` });
      router.refresh();
    } catch (error) {
      setProblem(error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.');
    }
  };
  return (
    <Section title="Price of ingot" id="price">
      <Text>
        <Span fontWeight="medium">{priceWords(band, units)}</Span>, {of}
        {old && <Span color="alarm"> ▲ over a year old: ask again</Span>}
      </Text>
      <Text textStyle="label" color="fg.muted">
        In force wherever a rate set does not give this metal a price of its own.
      </Text>
      <PriceForm key={alloy.id} alloyId={alloy.id} today={today} />
      {problem !== null && (
        <Box color="alarm" role="alert" textStyle="label">
          {problem}
        </Box>
      )}
      {prices.length > 0 && (
        <Table.ScrollArea>
          <Table.Root size="sm" aria-label="Prices entered" mt="2">
            <Table.Header>
              <Table.Row>
                <Table.ColumnHeader>Day</Table.ColumnHeader>
                <Table.ColumnHeader className="num">Price</Table.ColumnHeader>
                <Table.ColumnHeader>Read from</Table.ColumnHeader>
                <Table.ColumnHeader>Entered</Table.ColumnHeader>
                <Table.ColumnHeader />
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {prices.map((p) => (
                <Table.Row key={p.id} color={p.withdrawnBy === null ? 'fg' : 'fg.muted'}>
                  <Table.Cell>
                    {plainDate(p.date)}
                    {p === latest && <Span textStyle="label"> in force</Span>}
                  </Table.Cell>
                  <Table.Cell className="num">{priceWords([p.low, p.likely, p.high], units)}</Table.Cell>
                  <Table.Cell>{p.source}</Table.Cell>
                  <Table.Cell textStyle="label">
                    {plainDate(p.at)}, {p.who}
                  </Table.Cell>
                  <Table.Cell textStyle="label">
                    {p.withdrawnBy === null ? (
                      <FigureButton
                        aria-label={`Withdraw the price of ${plainDate(p.date)}`}
                        onClick={() => void withdraw(p)}
                      >
                        withdraw
                      </FigureButton>
                    ) : (
                      `withdrawn by ${p.withdrawnBy}`
                    )}
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
      )}
    </Section>
  );
}

const BOXES = [
  ['low', 'Low'],
  ['likely', 'Likely'],
  ['high', 'High'],
] as const;

/** A price to be entered: what is typed is kept in this browser until it is entered. */
function PriceForm({ alloyId, today }: { readonly alloyId: string; readonly today: string }) {
  const [units] = useUnits();
  const router = useRouter();
  const id = useId();
  const name = `alloy-price-${alloyId}`;
  const [texts, setTexts] = useState<Texts>({ ...EMPTY, date: today });
  const [who, setWho] = useState('');
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(
    () =>
      queueMicrotask(() => {
        const kept = keptHere(name, isTexts);
        if (kept !== null) setTexts(kept);
        setWho(keptHere('rates-who', isText) ?? '');
      }),
    [name],
  );
  const type = (key: keyof Texts, text: string): void =>
    setTexts((was) => {
      const next = { ...was, [key]: text };
      keepHere(name, next);
      return next;
    });
  const unit = unitIn('USD/kg', units);
  /** What is wrong, in the words of the form; null where it can be entered. */
  const read = (): { readonly price: object } | string => {
    const figures: Record<string, number> = {};
    for (const [key, words] of BOXES) {
      // One figure alone stands for all three.
      const [text, said] = texts[key].trim() === '' ? [texts.likely, 'Likely'] : [texts[key], words];
      const value = readFigure(text, 'metalPrice', units);
      if (typeof value !== 'number' || !(value > 0))
        return text.trim() === ''
          ? `${said}: a price above 0 ${unit} is wanted.`
          : `${said} “${text}”: a price above 0 ${unit} is wanted.`;
      figures[key] = value;
    }
    if (!((figures['low'] ?? 0) <= (figures['likely'] ?? 0) && (figures['likely'] ?? 0) <= (figures['high'] ?? 0)))
      return 'Price: low ≤ likely ≤ high is wanted.';
    if (!isPlainDate(texts.date)) return `Day “${texts.date}”: a date such as 4 Jan 2027 is wanted.`;
    if (texts.date > today) return `Day “${plainDate(texts.date)}”: a day not after today is wanted.`;
    if (texts.source.trim() === '') return 'Read from: where the price was read is wanted.';
    if (who.trim() === '') return 'Entered by: a name is wanted.';
    return { price: { ...figures, date: texts.date, source: texts.source.trim() } };
  };
  const enter = async (): Promise<void> => {
    const found = read();
    if (typeof found === 'string') return setProblem(found);
    setBusy(true);
    setProblem(null);
    try {
      await call('POST', `/api/alloys/${alloyId}/prices`, { ...found, who: who.trim() });
      keepHere('rates-who', who.trim());
      keepHere(name, null);
      setTexts({ ...EMPTY, date: today });
      notices.create({ title: 'The price is entered; the studies of this alloy follow it.' });
      router.refresh();
    } catch (error) {
      setProblem(
        error instanceof Refused
          ? error.message
          : 'The server does not answer. Nothing was entered; what you typed is kept.',
      );
    }
    setBusy(false);
  };
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        void enter();
      }}
    >
      <FormGrid dense role="group" aria-label="Enter a price">
        {BOXES.map(([key, words]) => (
          <Field.Root key={key}>
            <Field.Label>{words}</Field.Label>
            <WithUnit unit={unit}>
              <Input
                textAlign="end"
                inputMode="decimal"
                autoComplete="off"
                placeholder={key === 'likely' ? '' : 'as likely'}
                value={texts[key]}
                onChange={(e) => type(key, e.target.value)}
              />
            </WithUnit>
          </Field.Root>
        ))}
        <Field.Root ids={{ control: `${id}-day` }}>
          <Field.Label>Day</Field.Label>
          <DateInput id={`${id}-day`} label="Day" value={texts.date} onTake={(date) => type('date', date)} />
        </Field.Root>
        <Field.Root>
          <Field.Label>Read from</Field.Label>
          <Input
            value={texts.source}
            maxLength={400}
            placeholder="offer, invoice, exchange"
            onChange={(e) => type('source', e.target.value)}
          />
        </Field.Root>
        <Field.Root>
          <Field.Label>Entered by</Field.Label>
          <Input
            value={who}
            maxLength={80}
            onChange={(e) => {
              setWho(e.target.value);
              keepHere('rates-who', e.target.value);
            }}
          />
        </Field.Root>
      </FormGrid>
      <Flex gap="3" align="center" mt="2">
        <Button type="submit" size="xs" loading={busy}>
          Enter the price
        </Button>
        {problem !== null && (
          <Box color="alarm" role="alert" textStyle="label">
            {problem}
          </Box>
        )}
      </Flex>
    </form>
  );
}
