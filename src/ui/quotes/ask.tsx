'use client';
import { Box, Button, Field, Flex, Input, Progress, Table, Text } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { Candidate, WhoCan } from '@/core/comparison/foundries';
import { isPlainDate } from '@/core/base/plain-date';
import { call, failureWords } from '../api';
import { DateInput } from '../fields/date-input';
import { perPart } from '../format';
import { useChangeNote } from '../history/use-change-note';
import { CheckBox, Section } from '../kit';
import { Emblem } from '../marks/emblem';
import { notices } from '../shell/notices';
import { SheetPage } from '../shell/sheet';
import { useQuantity } from '../study/study-context';

/** Foundries that are ticked to begin with: the best of them, at most. */
const TICKED = 3;

const keyOf = (c: Candidate): string => `${c.foundryId} ${c.laneId}`;

/** A request to be sent: who is asked on which route, until when, and whether the simulated desk answers for them. */
export function Ask({
  studyId,
  desk,
  currency,
  onSent,
}: {
  readonly studyId: string;
  readonly desk: boolean;
  readonly currency: string;
  readonly onSent: () => void;
}) {
  const { q } = useQuantity();
  const [found, setFound] = useState<WhoCan | null>(null);
  const [problem, setProblem] = useState('');
  const [ticked, setTicked] = useState<ReadonlySet<string>>(new Set());
  const [byDesk, setByDesk] = useState(desk);
  const [answerBy, setAnswerBy] = useState('');
  const [busy, setBusy] = useState(false);
  const { who, setWho } = useChangeNote(`ask-${studyId}`);
  const pieces = Math.max(1, Math.round(q));
  useEffect(() => {
    const ending = new AbortController();
    call<WhoCan>('GET', `/api/studies/${studyId}/who-can?q=${pieces}`, undefined, { signal: ending.signal }).then(
      (w) => {
        setFound(w);
        setTicked(new Set(w.candidates.filter(canIt).slice(0, TICKED).map(keyOf)));
      },
      (error: unknown) => {
        if (!ending.signal.aborted)
          setProblem(failureWords(error, 'The server does not answer: nobody can be asked yet.'));
      },
    );
    return () => ending.abort();
  }, [studyId, pieces]);
  const rows = useMemo(() => found?.candidates ?? [], [found]);
  const wrong =
    ticked.size === 0
      ? 'Tick at least one foundry.'
      : answerBy !== '' && !isPlainDate(answerBy)
        ? `Answer by “${answerBy}”: a date such as 15 Feb 2027 is wanted, or nothing.`
        : '';
  const send = async (): Promise<void> => {
    setBusy(true);
    setProblem('');
    try {
      const sent = await call<{ number: number }>('POST', `/api/studies/${studyId}/requests`, {
        who: who.trim(),
        answerBy: answerBy === '' ? null : answerBy,
        byDesk,
        q: pieces,
        lines: rows.filter((c) => ticked.has(keyOf(c))).map(({ foundryId, laneId }) => ({ foundryId, laneId })),
      });
      notices.create({ title: `Request ${sent.number} is kept${byDesk ? ' and with the simulated desk' : ''}.` });
      onSent();
    } catch (error) {
      setProblem(failureWords(error, 'The server does not answer. Nothing was sent.'));
    }
    setBusy(false);
  };
  return (
    <SheetPage
      title="Ask foundries for quotes"
      under={`at ${pieces} pieces; the pack goes out with the part, the tolerances, the questions that decide and a reply sheet`}
    >
      {problem !== '' && (
        <Text color="alarm" role="alert">
          {problem}
        </Text>
      )}
      {found === null ? (
        problem === '' && (
          <Box py="4" role="status">
            <Progress.Root value={null} size="xs" width="8rem" aria-label="Asking who can make it">
              <Progress.Track>
                <Progress.Range />
              </Progress.Track>
            </Progress.Root>
          </Box>
        )
      ) : (
        <Section title="Who" under="those that can make it by the book and their profile first">
          <Table.ScrollArea tabIndex={0} maxH="24rem">
            <Table.Root size="sm" aria-label="Who is asked">
              <Table.Body>
                {rows.map((c) => (
                  <Table.Row key={keyOf(c)}>
                    <Table.Cell>
                      <CheckBox
                        checked={ticked.has(keyOf(c))}
                        onChange={(on) =>
                          setTicked((was) => {
                            const next = new Set(was);
                            if (on) next.add(keyOf(c));
                            else next.delete(keyOf(c));
                            return next;
                          })
                        }
                      >
                        <Emblem laneId={c.laneId} size={16} /> {c.foundry}, {shortName(c.laneId)}
                      </CheckBox>
                      {!canIt(c) && (
                        <Box textStyle="label" color="alarm">
                          ▲ {c.noes[0]?.reason ?? 'cannot be costed'}
                        </Box>
                      )}
                    </Table.Cell>
                    <Table.Cell className="num" textStyle="label">
                      {c.allIn === null ? '' : `model ${perPart(c.allIn)} ${currency}`}
                    </Table.Cell>
                  </Table.Row>
                ))}
              </Table.Body>
            </Table.Root>
          </Table.ScrollArea>
        </Section>
      )}
      <Section title="Send">
        <Flex gap="4" flexWrap="wrap" align="flex-end">
          <Field.Root width="12rem" required>
            <Field.Label>Your name</Field.Label>
            <Input value={who} onChange={(e) => setWho(e.target.value)} />
          </Field.Root>
          <Field.Root width="12rem">
            <Field.Label>Answer by</Field.Label>
            <DateInput label="Answer by" value={answerBy} onTake={setAnswerBy} />
          </Field.Root>
        </Flex>
        {desk && (
          <Box py="2">
            <CheckBox checked={byDesk} onChange={setByDesk}>
              The simulated desk answers for them: replies are made up from each profile and the model, and say so
              wherever they show
            </CheckBox>
          </Box>
        )}
        {!byDesk && (
          <Text textStyle="label">
            The request is kept here with its pack and reply sheets, to be sent by your own mail; replies are read in
            from their sheets.
          </Text>
        )}
        <Flex gap="3" align="center" mt="2">
          <Button size="sm" disabled={busy || who.trim() === '' || wrong !== ''} onClick={() => void send()}>
            {byDesk ? 'Send to the desk' : 'Keep the request'}
          </Button>
          {wrong !== '' && found !== null && (
            <Text textStyle="label" color="alarm">
              {wrong}
            </Text>
          )}
        </Flex>
      </Section>
    </SheetPage>
  );
}

const canIt = (c: Candidate): boolean => c.noes.length === 0 && c.allIn !== null;
