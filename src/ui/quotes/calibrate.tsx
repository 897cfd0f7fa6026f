'use client';
import { Box, Button, Field, Flex, Input, Progress, Table, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import type { FoundryCalibration, MovableRate } from '@/core/comparison/quotes';
import { call, failureWords } from '../api';
import { fixed, perPart, significant } from '../format';
import { useChangeNote } from '../history/use-change-note';
import { CheckBox, Choice, Section } from '../kit';
import { notices } from '../shell/notices';
import { SheetPage } from '../shell/sheet';
import { useStudy } from '../study/study-context';
import type { QuotesFound } from './quotes.types';

type Found = FoundryCalibration & { readonly movable: readonly MovableRate[] };

const MOST_RATES = 6;

/** Rates fitted to what one foundry asked in all studies: what would change, how well it fits, how sure it is; adopted only by hand. */
export function Calibrate({ studyId, found }: { readonly studyId: string; readonly found: QuotesFound }) {
  const foundries = [
    ...new Map(found.quotes.flatMap((q) => (q.foundryId === null ? [] : [[q.foundryId, q.foundry] as const]))),
  ];
  const [foundry, setFoundry] = useState(foundries[0]?.[0] ?? '');
  const [paths, setPaths] = useState<readonly string[] | null>(null);
  const [result, setResult] = useState<{ of: string; found: Found | string } | null>(null);
  const asked = `${foundry} ${paths?.join(',') ?? ''}`;
  useEffect(() => {
    if (foundry === '') return;
    const ending = new AbortController();
    const query = new URLSearchParams({ foundry, ...(paths === null ? {} : { paths: paths.join(',') }) });
    call<Found>('GET', `/api/studies/${studyId}/quotes/calibration?${query.toString()}`, undefined, {
      signal: ending.signal,
    }).then(
      (f) => setResult({ of: asked, found: f }),
      (error: unknown) => {
        if (!ending.signal.aborted) setResult({ of: asked, found: failureWords(error, 'The server does not answer.') });
      },
    );
    return () => ending.abort();
  }, [studyId, foundry, paths, asked]);
  const fresh = result?.of === asked ? result.found : null;
  const known = typeof result?.found === 'object' ? result.found : null;
  const name = foundries.find(([id]) => id === foundry)?.[1] ?? '';
  return (
    <SheetPage
      title="Rates fitted to the quotes"
      under="the few rates that explain what a foundry asks, held back by their ranges; nothing is changed until you adopt it"
    >
      {foundries.length === 0 ? (
        <Text>No foundry of the list has quoted this study.</Text>
      ) : (
        <>
          <Field.Root maxW="20rem">
            <Field.Label>Foundry</Field.Label>
            <Choice
              options={foundries.map(([id, words]) => [id, words])}
              value={foundry}
              onChange={(e) => {
                setFoundry(e.target.value);
                setPaths(null);
              }}
            />
          </Field.Root>
          {known !== null && (
            <Section title="Rates that may move" under={`up to ${MOST_RATES}`}>
              {known.movable.map((r) => {
                const on = (paths ?? known.paths).includes(r.path);
                return (
                  <Box key={r.path}>
                    <CheckBox
                      checked={on}
                      disabled={!on && (paths ?? known.paths).length >= MOST_RATES}
                      onChange={(tick) => {
                        const now = paths ?? known.paths;
                        setPaths(tick ? [...now, r.path] : now.filter((p) => p !== r.path));
                      }}
                    >
                      {r.words}
                    </CheckBox>
                  </Box>
                );
              })}
            </Section>
          )}
          {fresh === null ? (
            <Flex py="4" gap="3" role="status" textStyle="label" align="center">
              <Progress.Root value={null} size="xs" width="8rem" aria-label="Fitting the rates">
                <Progress.Track>
                  <Progress.Range />
                </Progress.Track>
              </Progress.Root>
              Fitting the rates … close the sheet to stop.
            </Flex>
          ) : typeof fresh === 'string' ? (
            <Text color="alarm" role="alert">
              {fresh}
            </Text>
          ) : (
            <Outcome studyId={studyId} of={fresh} foundry={name} code={found.assessed.setting.currency} />
          )}
        </>
      )}
    </SheetPage>
  );
}

const percent = (x: number): string => `${fixed(100 * x, 1)} %`;

function Outcome({
  studyId,
  of,
  foundry,
  code,
}: {
  readonly studyId: string;
  readonly of: Found;
  readonly foundry: string;
  readonly code: string;
}) {
  const { calibration: c, left } = of;
  return (
    <>
      {c === null ? (
        <Text py="3">No price of this foundry can be held against the model.</Text>
      ) : (
        <>
          <Section
            title="What the rates would be"
            under={`the model is off by ${percent(c.before)} today, ${percent(c.after)} then${c.leftOut === null ? '; too few quotes to leave one out' : `, ${percent(c.leftOut)} for a quote left out of the fit`}`}
          >
            <Table.Root size="sm" aria-label="Fitted rates">
              <Table.Header>
                <Table.Row>
                  <Table.ColumnHeader>Rate</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">Today</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">Fitted</Table.ColumnHeader>
                  <Table.ColumnHeader className="num">±</Table.ColumnHeader>
                  <Table.ColumnHeader>Unit</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {c.rates.map((r) => (
                  <Table.Row key={r.path}>
                    <Table.Cell>{[r.of, r.words].filter(Boolean).join(': ')}</Table.Cell>
                    <Table.Cell className="num">{significant(r.before, 4)}</Table.Cell>
                    <Table.Cell className="num">
                      <strong>{significant(r.after, 4)}</strong>
                    </Table.Cell>
                    <Table.Cell className="num">{significant(r.error, 2)}</Table.Cell>
                    <Table.Cell textStyle="label">{r.unit}</Table.Cell>
                  </Table.Row>
                ))}
              </Table.Body>
            </Table.Root>
            <Text textStyle="label" color="fg.muted" mt="1">
              The sum of the squared ratios of model to price, in logarithms, is least here, with each rate held back by
              its range. “Off” is the root of the mean of those squares. ± is one standard error, from how steeply the
              prices move with the rate and how far they stay off.
            </Text>
          </Section>
          <Section title="Each price" under="how far the model was and would be off, and how much it pulls on the fit">
            <Table.ScrollArea tabIndex={0}>
              <Table.Root size="sm" aria-label="Prices fitted">
                <Table.Header>
                  <Table.Row>
                    <Table.ColumnHeader>Quote</Table.ColumnHeader>
                    <Table.ColumnHeader className="num">Asked, {code}</Table.ColumnHeader>
                    <Table.ColumnHeader className="num">Model today</Table.ColumnHeader>
                    <Table.ColumnHeader className="num">Then</Table.ColumnHeader>
                    <Table.ColumnHeader className="num">Pull</Table.ColumnHeader>
                  </Table.Row>
                </Table.Header>
                <Table.Body>
                  {c.prices.map((p) => (
                    <Table.Row key={`${p.id} ${p.of}`}>
                      <Table.Cell>
                        {of.words[p.id]}
                        {p.of === 'tooling' && ' (tooling)'}
                      </Table.Cell>
                      <Table.Cell className="num">{perPart(p.asked)}</Table.Cell>
                      <Table.Cell className="num">{perPart(p.before)}</Table.Cell>
                      <Table.Cell className="num">{perPart(p.after)}</Table.Cell>
                      <Table.Cell className="num">{percent(p.pull)}</Table.Cell>
                    </Table.Row>
                  ))}
                </Table.Body>
              </Table.Root>
            </Table.ScrollArea>
          </Section>
        </>
      )}
      {left.length > 0 && (
        <Text textStyle="label" color="fg.muted">
          Left out: {left.map((l) => `${l.words} (${l.why})`).join('; ')}.
        </Text>
      )}
      {c !== null && <Adopt studyId={studyId} of={of} foundry={foundry} />}
    </>
  );
}

/** Makes a rate set of the fitted rates, a copy of the study’s; the study takes it where that is ticked. */
function Adopt({ studyId, of, foundry }: { readonly studyId: string; readonly of: Found; readonly foundry: string }) {
  const { rates, setRates } = useStudy('rates', 'setRates');
  const router = useRouter();
  const { who, setWho } = useChangeNote(`calibrate-${studyId}`);
  const [name, setName] = useState(`${foundry}, by its quotes`);
  const [use, setUse] = useState(false);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const adopt = async (): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      const made = await call<{ id: string; version: number }>('POST', '/api/rates', {
        ...{ from: rates.id, name: name.trim(), who: who.trim() },
      });
      const quotes = new Set(of.calibration?.prices.map((p) => p.id)).size;
      await call('PUT', `/api/rates/${made.id}`, {
        change: { figures: Object.fromEntries((of.calibration?.rates ?? []).map((r) => [r.path, r.figure])) },
        version: made.version,
        who: who.trim(),
        why: `fitted to ${quotes} ${quotes === 1 ? 'quote' : 'quotes'} of ${foundry}`,
      });
      if (use) await setRates(made.id);
      notices.create({ title: `“${name.trim()}” is kept${use ? ' and this study uses it' : ''}.` });
      router.refresh();
    } catch (error) {
      setProblem(failureWords(error, 'The server does not answer. Look under Rates whether the set was made.'));
    }
    setBusy(false);
  };
  return (
    <Section title="Adopt" under="as a rate set of this foundry, with its history; the rates of today stay as they are">
      <Flex gap="4" flexWrap="wrap" align="flex-end">
        <Field.Root width="18rem">
          <Field.Label>Name of the rate set</Field.Label>
          <Input value={name} onChange={(e) => setName(e.target.value)} />
        </Field.Root>
        <Field.Root width="12rem" required>
          <Field.Label>Your name</Field.Label>
          <Input value={who} onChange={(e) => setWho(e.target.value)} />
        </Field.Root>
      </Flex>
      <Box py="2">
        <CheckBox checked={use} onChange={setUse}>
          this study uses it from now on
        </CheckBox>
      </Box>
      {problem !== '' && (
        <Text color="alarm" role="alert">
          {problem}
        </Text>
      )}
      <Button size="sm" disabled={busy || who.trim() === '' || name.trim() === ''} onClick={() => void adopt()}>
        Keep the rate set
      </Button>
    </Section>
  );
}
