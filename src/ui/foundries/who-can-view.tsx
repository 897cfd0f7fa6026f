'use client';
import { Box, Flex, Progress, Span, Table, Text } from '@chakra-ui/react';
import { useEffect, useMemo, useState } from 'react';
import { laneWords, shortName } from '@/core/catalogue/routes';
import type { Candidate, Objection, WhoCan } from '@/core/comparison/foundries';
import { ruleText } from '@/core/screening';
import { call, Refused } from '../api';
import { findingValue } from '../board/finding-words';
import { dateAfter, perPart, weeks, whole } from '../format';
import { FigureButton, Fold, PageLink, Section, TextButton } from '../kit';
import { Emblem } from '../marks/emblem';
import { Mark } from '../marks/mark';
import { useUnits } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';
import { textInUnits } from '../text-in-units';
import { sourceWords } from './said-words';
import { useCandidateWorking } from './use-candidate-working';

/** The hand rests so long before the foundries are asked again, ms. */
const RESTS_MS = 250;

/** Who can make the part: every foundry on every route it runs, with cost and dates, or the reason of every no. */
export function WhoCanView() {
  const { id, brief, school, study, rates, setJudged } = useStudy(
    'id',
    'brief',
    'school',
    'study',
    'rates',
    'setJudged',
  );
  const { q } = useQuantity();
  const [found, setFound] = useState<WhoCan | null>(null);
  const [busy, setBusy] = useState(true);
  const [problem, setProblem] = useState<string | null>(null);
  const [again, setAgain] = useState(0);
  // The server reads the saved brief: it is asked again when that, or the quantity, has come to rest.
  const asked = JSON.stringify([brief, school, rates.id, rates.version, rates.process?.version]);
  useEffect(() => {
    const ending = new AbortController();
    const timer = setTimeout(() => {
      setBusy(true);
      setProblem(null);
      call<WhoCan>('GET', `/api/studies/${id}/who-can?q=${Math.max(1, Math.round(q))}`, undefined, {
        signal: ending.signal,
      })
        .then(setFound, (error: unknown) => {
          if (!ending.signal.aborted)
            setProblem(error instanceof Refused ? error.message : 'The server does not answer.');
        })
        .finally(() => {
          if (!ending.signal.aborted) setBusy(false);
        });
    }, RESTS_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [id, q, asked, again]);
  const groups = useMemo(() => {
    const all = found?.candidates ?? [];
    return {
      can: all.filter((c) => c.noes.length === 0 && c.allIn !== null),
      cannot: all.filter((c) => c.noes.length > 0 || c.allIn === null),
    };
  }, [found]);
  const working = useCandidateWorking(found?.q ?? q);
  const code = study.rates.currency.code;
  const one = rates.foundries?.judged === 'one' ? rates.foundries.list[0]?.id : undefined;
  return (
    <>
      <Flex align="center" gap="3" pt="3" textStyle="label" minH="8" role="status">
        {busy ? (
          <>
            <Progress.Root value={null} size="xs" width="8rem" aria-label="Asking the foundries">
              <Progress.Track>
                <Progress.Range />
              </Progress.Track>
            </Progress.Root>
            Asking every foundry …
          </>
        ) : problem !== null ? (
          <Span color="alarm">
            {problem} <TextButton onClick={() => setAgain((n) => n + 1)}>Ask again</TextButton>
          </Span>
        ) : (
          found !== null && (
            <>
              At {whole(found.q)} pieces, {new Set(groups.can.map((c) => c.foundryId)).size} of {found.foundries}{' '}
              foundries can make it.
            </>
          )
        )}
      </Flex>
      {working.problem !== null && (
        <Text color="alarm" role="alert" textStyle="label">
          {working.problem}
        </Text>
      )}
      {found !== null && (
        <>
          <Section
            title="Who can"
            under={`by total cost per part, ${code}; dates by the model with the foundry’s own figures`}
          >
            {groups.can.length === 0 ? (
              <Text>No foundry on the list can make the part as the brief asks. The nearest mends stand below.</Text>
            ) : (
              <Table.ScrollArea>
                <Table.Root size="md" interactive aria-label="Who can">
                  <Table.Header>
                    <Table.Row>
                      <Table.ColumnHeader>Foundry</Table.ColumnHeader>
                      <Table.ColumnHeader>Route</Table.ColumnHeader>
                      <Table.ColumnHeader className="num">{code} per part</Table.ColumnHeader>
                      <Table.ColumnHeader className="num">Tooling, {code}</Table.ColumnHeader>
                      <Table.ColumnHeader className="num">First article, weeks</Table.ColumnHeader>
                      <Table.ColumnHeader className="num">It says, weeks</Table.ColumnHeader>
                      <Table.ColumnHeader>To be asked</Table.ColumnHeader>
                      <Table.ColumnHeader>Judge by it</Table.ColumnHeader>
                    </Table.Row>
                  </Table.Header>
                  <Table.Body>
                    {groups.can.map((c) => (
                      <Can
                        key={`${c.foundryId} ${c.laneId}`}
                        c={c}
                        judged={one === c.foundryId}
                        onOpen={(figure) => working.open(c, figure)}
                        onJudge={() => void setJudged('one', c.foundryId)}
                      />
                    ))}
                  </Table.Body>
                </Table.Root>
              </Table.ScrollArea>
            )}
          </Section>
          <Section title="Who cannot, and the nearest mend" under="least against it first">
            {groups.cannot.map((c) => (
              <Cannot key={`${c.foundryId} ${c.laneId}`} c={c} />
            ))}
          </Section>
        </>
      )}
    </>
  );
}

function Can({
  c,
  judged,
  onOpen,
  onJudge,
}: {
  readonly c: Candidate;
  readonly judged: boolean;
  readonly onOpen: (figure: 'allIn' | 'tooling' | 'firstArticle') => void;
  readonly onJudge: () => void;
}) {
  const { orderDate } = useStudy('orderDate');
  const words = laneWords(c.laneId);
  const said = c.saidFirstArticle_d;
  return (
    <Table.Row>
      <Table.Cell>
        <Mark status={c.status} label={false} size={14} />{' '}
        <PageLink href={`/foundries/${c.foundryId}`}>{c.foundry}</PageLink>
      </Table.Cell>
      <Table.Cell whiteSpace="nowrap">
        <Emblem laneId={c.laneId} /> {words.route}
        <Box textStyle="label" color="fg.muted">
          {words.variant}
        </Box>
      </Table.Cell>
      <Table.Cell className="num">
        {c.allIn !== null && <FigureButton onClick={() => onOpen('allIn')}>{perPart(c.allIn)}</FigureButton>}
      </Table.Cell>
      <Table.Cell className="num">
        {c.tooling !== null && <FigureButton onClick={() => onOpen('tooling')}>{whole(c.tooling)}</FigureButton>}
      </Table.Cell>
      <Table.Cell className="num">
        {c.firstArticle_d !== null && (
          <FigureButton onClick={() => onOpen('firstArticle')}>{weeks(c.firstArticle_d)}</FigureButton>
        )}
        <Box textStyle="label" color="fg.muted">
          {c.firstArticle_d === null ? '' : dateAfter(orderDate, c.firstArticle_d)}
        </Box>
      </Table.Cell>
      <Table.Cell className="num">
        {said === null ? '' : `${weeks(said[0])}–${weeks(said[2])}`}
        {c.saidLot_d !== null && (
          <Box textStyle="label" color="fg.muted">
            a lot {weeks(c.saidLot_d[0])}–{weeks(c.saidLot_d[2])}
          </Box>
        )}
      </Table.Cell>
      <Table.Cell textStyle="label" maxW="26rem" whiteSpace="normal">
        {c.asks.map((o, i) => (
          <Reason key={`${o.rule}${i}`} o={o} short />
        ))}
      </Table.Cell>
      <Table.Cell>{judged ? 'judged by it' : <TextButton onClick={onJudge}>Judge</TextButton>}</Table.Cell>
    </Table.Row>
  );
}

function Cannot({ c }: { readonly c: Candidate }) {
  const [first] = c.noes;
  return (
    <Fold
      summary={
        <>
          <strong>{c.foundry}</strong>, {shortName(c.laneId)}:{' '}
          {first === undefined ? 'it cannot be costed.' : `${first.reason} `}
          {first?.mend != null && <Span color="fg.muted">→ {first.mend}.</Span>}
          {c.noes.length > 1 && <Span color="fg.muted"> And {c.noes.length - 1} more.</Span>}
        </>
      }
    >
      <Box ps="6" pb="2">
        {c.noes.map((o, i) => (
          <Reason key={`${o.rule}${i}`} o={o} />
        ))}
        {c.asks.map((o, i) => (
          <Reason key={`ask${o.rule}${i}`} o={o} />
        ))}
        <PageLink href={`/foundries/${c.foundryId}`}>Its profile</PageLink>
      </Box>
    </Fold>
  );
}

function Reason({ o, short = false }: { readonly o: Objection; readonly short?: boolean }) {
  const [units] = useUnits();
  const figures =
    typeof o.value === 'number' && typeof o.limit === 'number'
      ? `: ${findingValue(o.value, o.unit as Parameters<typeof findingValue>[1], units)} against ${findingValue(o.limit, o.unit as Parameters<typeof findingValue>[1], units)}`
      : '';
  return (
    <Box textStyle="label">
      <Mark status={o.status} label={false} size={12} />{' '}
      {short ? (ruleText(o.rule)?.name ?? o.reason) : textInUnits(o.reason, units)}
      {figures}
      {!short && o.mend !== null && <Span color="fg.muted"> → {textInUnits(o.mend, units)}</Span>}
      {o.source !== null && <Span color="fg.muted"> ({sourceWords({ ...o.source, who: '' })})</Span>}
    </Box>
  );
}
