'use client';
import { Box, Button, Field, Flex, Input, Table, Text, Textarea } from '@chakra-ui/react';
import { useMemo, useState } from 'react';
import Papa from 'papaparse';
import { LANES, laneWords } from '@/core/catalogue/routes';
import { guessColumns, PASTE_FIELDS, pastedQuotes, type PasteNames } from '@/core/quotes';
import { call, failureWords } from '../api';
import { keepHere, keptHere } from '../browser-store';
import { perPart } from '../format';
import { useChangeNote } from '../history/use-change-note';
import { Choice, FormGrid, Section, TextButton } from '../kit';
import { notices } from '../shell/notices';
import { SheetPage } from '../shell/sheet';
import type { Askable } from './quotes.types';
import type { QuoteDraft } from './use-quote-form';

const MOST_ROWS = 100;
const isText = (x: unknown): x is string => typeof x === 'string';
/** What holds for all rows where the table has no column of it: key, label, what may be chosen. */
const FOR_ALL: readonly { readonly key: string; readonly label: string; readonly choices?: readonly string[] }[] = [
  { key: 'foundry', label: 'Foundry' },
  { key: 'date', label: 'Date of the quotes' },
  { key: 'validDays', label: 'Valid for, days' },
  { key: 'currency', label: 'Currency' },
  { key: 'unit', label: 'Price is for', choices: ['each', 'hundred', 'kg', 'lb'] },
  { key: 'tooling.mode', label: 'Tool', choices: ['separate', 'amortised', 'foundry-pays', 'none'] },
];
/** Ways without a casting that may be quoted. */
const OTHER_WAYS = [
  ['machined/machined', 'Machined from solid'],
  ['stamped/stamped', 'Stamped'],
] as const;

/** A table pasted from a spreadsheet: its columns are matched on screen, its rows read as quotes, those that read are put in. */
export function Paste({
  studyId,
  foundries,
  onRow,
  onPut,
  onDone,
}: {
  readonly studyId: string;
  readonly foundries: readonly Askable[];
  /** Opens a row in the form, to be mended by hand. */
  readonly onRow: (draft: Partial<QuoteDraft>) => void;
  /** Some were put in; the sheet stays open for the others. */
  readonly onPut: () => void;
  readonly onDone: () => void;
}) {
  const keep = `paste-${studyId}`;
  const [text, setText] = useState(() => keptHere(keep, isText) ?? '');
  const [chosen, setChosen] = useState<Readonly<Record<number, string>>>({});
  const [forAll, setForAll] = useState<Readonly<Record<string, string>>>({ unit: 'each', 'tooling.mode': 'separate' });
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const { who, setWho } = useChangeNote(keep);
  const names: PasteNames = useMemo(
    () => ({
      foundries,
      lanes: [
        ...LANES.map(({ id }) => ({ id, words: Object.values(laneWords(id)).join(', ') })),
        ...OTHER_WAYS.map(([id, words]) => ({ id, words })),
      ],
    }),
    [foundries],
  );
  const table = useMemo(() => {
    const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: 'greedy', preview: MOST_ROWS + 2 });
    const [heads = [], ...rows] = data;
    return { heads, rows: rows.slice(0, MOST_ROWS), more: rows.length > MOST_ROWS };
  }, [text]);
  const keys = useMemo(
    () => guessColumns(table.heads).map((key, i) => (chosen[i] === undefined ? key : chosen[i] || null)),
    [table.heads, chosen],
  );
  const found = useMemo(() => pastedQuotes(keys, table.rows, forAll, names), [keys, table.rows, forAll, names]);
  const good = found.filter((f) => f.quote !== null);
  const put = async (): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      await call('POST', `/api/studies/${studyId}/quotes`, {
        who: who.trim(),
        entered: 'paste',
        quotes: good.map(({ quote, foundryId, supplier }) => ({ foundryId, supplier, quote })),
      });
      // What did not read stays to be mended.
      const left = new Set(found.filter((f) => f.quote === null).map((f) => f.row));
      const kept =
        left.size === 0
          ? ''
          : Papa.unparse([table.heads, ...table.rows.filter((_, i) => left.has(i + 1))], { delimiter: '\t' });
      setText(kept);
      keepHere(keep, kept === '' ? null : kept);
      notices.create({ title: `${good.length} ${good.length === 1 ? 'quote is' : 'quotes are'} in.` });
      onPut();
      if (kept === '') onDone();
    } catch (error) {
      setProblem(failureWords(error, 'The server does not answer. Nothing was saved; what you pasted is kept.'));
    }
    setBusy(false);
  };
  return (
    <SheetPage
      title="Paste quotes from a spreadsheet"
      under="one row a quote, the first row with the heads of the columns"
    >
      <Field.Root>
        <Field.Label>Table</Field.Label>
        <Textarea
          rows={6}
          value={text}
          placeholder="Copy the rows in your spreadsheet, heads included, and paste them here"
          onChange={(e) => {
            setText(e.target.value);
            keepHere(keep, e.target.value);
          }}
        />
      </Field.Root>
      {table.heads.length > 0 && table.rows.length > 0 && (
        <>
          <Section title="Columns" under="what each stands for">
            <Table.ScrollArea tabIndex={0} maxH="22rem">
              <Table.Root size="sm" aria-label="Columns">
                <Table.Body>
                  {table.heads.map((head, i) => (
                    <Table.Row key={i}>
                      <Table.Cell>{head || `column ${i + 1}`}</Table.Cell>
                      <Table.Cell textStyle="label" color="fg.muted">
                        {(table.rows[0]?.[i] ?? '').slice(0, 40)}
                      </Table.Cell>
                      <Table.Cell>
                        <Choice
                          size="xs"
                          aria-label={`What ${head || `column ${i + 1}`} stands for`}
                          empty="left out"
                          options={PASTE_FIELDS.map((f) => [f.key, f.words])}
                          value={keys[i] ?? ''}
                          onChange={(e) => setChosen((was) => ({ ...was, [i]: e.target.value }))}
                        />
                      </Table.Cell>
                    </Table.Row>
                  ))}
                </Table.Body>
              </Table.Root>
            </Table.ScrollArea>
          </Section>
          <Section title="For all rows" under="where the table says nothing">
            <FormGrid dense>
              {FOR_ALL.filter(({ key }) => !keys.includes(key)).map(({ key, label, choices }) => (
                <Field.Root key={key}>
                  <Field.Label>{label}</Field.Label>
                  {key === 'foundry' || choices !== undefined ? (
                    <Choice
                      empty=""
                      options={
                        choices === undefined ? foundries.map((f) => [f.name, f.name]) : choices.map((c) => [c, c])
                      }
                      value={forAll[key] ?? ''}
                      onChange={(e) => setForAll((was) => ({ ...was, [key]: e.target.value }))}
                    />
                  ) : (
                    <Input
                      value={forAll[key] ?? ''}
                      placeholder={key === 'date' ? '2027-01-18' : ''}
                      onChange={(e) => setForAll((was) => ({ ...was, [key]: e.target.value }))}
                    />
                  )}
                </Field.Root>
              ))}
            </FormGrid>
          </Section>
          <Section
            title="Rows"
            under={`${good.length} of ${found.length} read as quotes${table.more ? `; only the first ${MOST_ROWS} are read` : ''}`}
          >
            <Table.ScrollArea tabIndex={0}>
              <Table.Root size="sm" aria-label="Rows">
                <Table.Body>
                  {found.map((f) => (
                    <Table.Row key={f.row}>
                      <Table.Cell className="num">{f.row}</Table.Cell>
                      <Table.Cell>
                        {f.supplier || 'nobody named'}
                        {f.foundryId === null && f.supplier !== '' && (
                          <Box as="span" textStyle="label" color="fg.muted">
                            {' '}
                            not on the list: kept by its name
                          </Box>
                        )}
                      </Table.Cell>
                      <Table.Cell>
                        {f.quote !== null ? (
                          <>
                            ● {f.quote.currency}{' '}
                            {f.quote.priceBreaks.map((b) => `${perPart(b.price)} from ${b.from}`).join(', ') ||
                              'declined'}
                          </>
                        ) : (
                          <Box color="alarm" textStyle="label">
                            {f.issues.slice(0, 4).map((i) => (
                              <div key={i.path + i.value}>
                                ▲ {i.path}
                                {i.value !== '' && ` “${i.value}”`}: {i.message}.
                              </div>
                            ))}
                            {f.issues.length > 4 && <div>and {f.issues.length - 4} more.</div>}
                            <TextButton
                              size="sm"
                              onClick={() =>
                                onRow({
                                  foundryId: f.foundryId ?? '',
                                  supplier: f.foundryId === null ? f.supplier : '',
                                  laneId: f.laneId,
                                  texts: f.texts,
                                })
                              }
                            >
                              Correct it in the form
                            </TextButton>
                          </Box>
                        )}
                      </Table.Cell>
                    </Table.Row>
                  ))}
                </Table.Body>
              </Table.Root>
            </Table.ScrollArea>
          </Section>
          <Flex gap="3" align="flex-end" mt="3" flexWrap="wrap">
            <Field.Root width="12rem" required>
              <Field.Label>Your name</Field.Label>
              <Input value={who} onChange={(e) => setWho(e.target.value)} />
            </Field.Root>
            <Button size="sm" disabled={busy || good.length === 0 || who.trim() === ''} onClick={() => void put()}>
              Put {good.length} {good.length === 1 ? 'quote' : 'quotes'} in
            </Button>
          </Flex>
          {problem !== '' && (
            <Text color="alarm" role="alert">
              {problem}
            </Text>
          )}
        </>
      )}
    </SheetPage>
  );
}
