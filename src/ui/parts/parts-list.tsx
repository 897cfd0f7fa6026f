'use client';
import { PageLink, TextButton } from '../kit';
import { Box, Button, chakra, Heading, Input, Span, Table, Text, VisuallyHidden } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { findAlloy } from '@/core/catalogue/alloys';
import type { BriefIssue } from '@/core/brief';
import { shortName } from '@/core/catalogue/routes';
import type { StandingsKept } from '@/server/results';
import type { ListAsked, StudyPage, StudyRecord, StudySort, StudySummary } from '@/server/studies';
import { call, Refused } from '../api';
import { plainDate, whole } from '../format';
import { Still } from '../part/still';
import { Tone } from '../marks/tone';
import { notices } from '../shell/notices';
import { StandingsList } from '../standing/standings-list';
import { StandingMark } from '../standing/standing-mark';
import { useStandings } from '../standing/use-standings';
import { NEW_BRIEF } from './new-brief';
import { useStudies } from './use-studies';

/** Rows of a page, as the server counts them. */
const PAGE_ROWS = 50;

const HEADS: readonly (readonly [key: StudySort, name: string, className: string])[] = [
  ['title', 'Part', ''],
  ['alloy', 'Alloy', 'hide-narrow'],
  ['quantity', 'Pieces', 'num'],
  ['leader', 'Leading route', ''],
  ['decision', 'Decision', ''],
  ['changedAt', 'Changed', 'hide-narrow'],
];

const decisionWords = (s: StudySummary): string =>
  s.decision.state === 'open'
    ? 'open'
    : s.decision.state === 'reopened'
      ? 'reopened'
      : `${shortName(s.decision.laneId)}, signed ${plainDate(s.decision.signedOn)}`;

/** The list of studies: search, sort, pages, new, duplicate, archive with undo, a study file taken in. */
export function PartsList({
  first,
  start,
  standings: signed,
}: {
  /** The page that came with the screen, and what was asked for it. */
  readonly first: StudyPage;
  readonly start: ListAsked;
  readonly standings: StandingsKept | null;
}) {
  const { archived } = start;
  const router = useRouter();
  const list = useStudies(first, start);
  const standings = useStandings(signed);
  const { studies: shown, found, total, page } = list.page;
  const { search, sort, up } = list.asked;
  const [refused, setRefused] = useState<{ file: string; message: string; issues: readonly BriefIssue[] } | null>(null);
  const [busy, setBusy] = useState(false);
  const file = useRef<HTMLInputElement>(null);

  const act = async (work: () => Promise<void>): Promise<void> => {
    setBusy(true);
    try {
      await work();
    } catch (error) {
      notices.create({
        title: error instanceof Refused ? error.message : 'The server does not answer. Nothing was changed.',
        type: 'error',
      });
    }
    setBusy(false);
  };
  const refresh = (): void => list.again();
  const setArchived = (s: StudySummary, away: boolean): Promise<void> =>
    act(async () => {
      await call('POST', `/api/studies/${s.id}/${away ? 'archive' : 'restore'}`);
      refresh();
      if (away)
        notices.create({
          title: `“${s.title}” archived`,
          duration: 8000,
          action: { label: 'Undo', onClick: () => void setArchived(s, false) },
        });
    });
  const create = (): Promise<void> =>
    act(async () => {
      const made = await call<StudyRecord>('POST', '/api/studies', { brief: NEW_BRIEF });
      router.push(`/studies/${made.id}/brief`);
    });
  const duplicate = (s: StudySummary): Promise<void> =>
    act(async () => {
      await call('POST', `/api/studies/${s.id}/duplicate`);
      refresh();
    });
  const takeIn = (chosen: File): Promise<void> =>
    act(async () => {
      setRefused(null);
      let raw: unknown;
      try {
        raw = JSON.parse(await chosen.text());
      } catch (error) {
        setRefused({
          file: chosen.name,
          message: `This is not JSON: ${error instanceof Error ? error.message : String(error)}`,
          issues: [],
        });
        return;
      }
      try {
        const made = await call<{ id: string; title: string; notes: string[] }>('POST', '/api/import', raw);
        notices.create({
          title: `“${made.title}” taken in${made.notes.length > 0 ? `; ${made.notes.length} unknown keys ignored` : ''}`,
        });
        router.push(`/studies/${made.id}/routes`);
      } catch (error) {
        if (!(error instanceof Refused)) throw error;
        setRefused({ file: chosen.name, message: error.message, issues: error.issues });
      }
    });

  const fallen = standings !== null && standings.counts.weaker + standings.counts.overturned > 0;
  const pages = Math.max(1, Math.ceil(found / PAGE_ROWS));
  return (
    <>
      {fallen && <StandingsList {...standings} />}
      <section className="section" style={{ marginTop: 14 }}>
        <div style={{ display: 'flex', gap: 16, alignItems: 'baseline', flexWrap: 'wrap' }}>
          <Heading as="h1" size="lg">
            {archived ? 'Archived parts' : 'Parts'}
          </Heading>
          <div className="inbox" style={{ minWidth: 220, flex: '0 1 340px' }}>
            <Input
              type="search"
              placeholder="Search part, alloy, route, decision"
              aria-label="Search"
              value={search}
              maxLength={200}
              onChange={(e) => list.ask({ search: e.target.value })}
            />
          </div>
          <Span textStyle="label" color="fg.muted" role="status">
            {list.failed
              ? 'The server does not answer; what stands here is what it said before.'
              : list.busy
                ? 'Looking …'
                : `${whole(found)} of ${whole(total)}`}
          </Span>
          <span style={{ marginLeft: 'auto', display: 'flex', gap: 8, alignItems: 'center', flexWrap: 'wrap' }}>
            <PageLink textStyle="label" href={archived ? '/' : '/?archived=1'}>
              {archived ? 'Back to the open parts' : 'Archived'}
            </PageLink>
            <input
              ref={file}
              type="file"
              accept="application/json,.json"
              hidden
              data-testid="file"
              onChange={(e) => {
                const chosen = e.target.files?.[0];
                e.target.value = '';
                if (chosen) void takeIn(chosen);
              }}
            />
            <Button size="xs" variant="outline" onClick={() => file.current?.click()} disabled={busy}>
              Take in a study file
            </Button>
            <Button size="xs" variant="solid" onClick={() => void create()} disabled={busy}>
              New part
            </Button>
          </span>
        </div>
        {refused !== null && (
          <div className="banner is-alarm" role="alert" data-testid="refused">
            <div>
              <strong>
                {refused.file}: {refused.message}
              </strong>
              <chakra.ul textStyle="label" style={{ listStyle: 'disc', paddingLeft: 18 }}>
                {refused.issues.slice(0, 12).map((issue) => (
                  <li key={`${issue.path}${issue.message}`}>
                    <Span textStyle="mono">{issue.path || 'file'}</Span>:{' '}
                    {issue.value === undefined ? 'missing' : JSON.stringify(issue.value)?.slice(0, 80)} –{' '}
                    {issue.message}
                  </li>
                ))}
              </chakra.ul>
              <Box textStyle="label">
                Nothing was written, and your other studies are as they were. Fix the file and take it in again.
              </Box>
            </div>
            <Button size="xs" variant="outline" onClick={() => setRefused(null)}>
              Close
            </Button>
          </div>
        )}
        <Table.ScrollArea>
          <Table.Root size="md" interactive style={{ marginTop: 8 }}>
            <Table.Header>
              <Table.Row>
                {HEADS.map(([key, name, className]) => (
                  <Table.ColumnHeader
                    key={key}
                    className={className}
                    aria-sort={sort === key ? (up ? 'ascending' : 'descending') : undefined}
                  >
                    <TextButton
                      size="sm"
                      onClick={() => list.ask({ sort: key, up: sort === key ? !up : key !== 'changedAt' })}
                    >
                      {name}
                      {sort === key ? (up ? ' ↑' : ' ↓') : ''}
                    </TextButton>
                  </Table.ColumnHeader>
                ))}
                <Table.ColumnHeader>
                  <VisuallyHidden>Acts</VisuallyHidden>
                </Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {shown.map((s) => (
                <Table.Row key={s.id}>
                  <Table.Cell>
                    <span className="with-still">
                      <span className="still-room">
                        <Still fileId={s.partFile} width={52} title="" />
                      </span>
                      <PageLink href={`/studies/${s.id}/routes`} style={{ fontWeight: 600 }}>
                        {s.title}
                      </PageLink>
                    </span>
                  </Table.Cell>
                  <Table.Cell className="hide-narrow">
                    {findAlloy(s.alloy)?.name ?? <Span color="fg.muted">not chosen</Span>}
                  </Table.Cell>
                  <Table.Cell className="num">
                    {s.quantity === null ? <Span color="fg.muted">not known</Span> : whole(s.quantity)}
                  </Table.Cell>
                  <Table.Cell>
                    {s.leader === null ? (
                      <Span color="fg.muted">{s.fresh ? 'none yet' : 'being worked out'}</Span>
                    ) : (
                      <span style={{ display: 'inline-flex', alignItems: 'center' }}>
                        <Tone laneId={s.leader} />
                        {shortName(s.leader)}
                        {!s.fresh && (
                          <Span
                            color="fg.muted"
                            textStyle="label"
                            title="Of an older version; it is being worked out again."
                          >
                            &nbsp;(old)
                          </Span>
                        )}
                      </span>
                    )}
                  </Table.Cell>
                  <Table.Cell className={s.decision.state === 'open' ? 'quiet' : undefined}>
                    {s.standing?.plan === true && 'in two steps, then '}
                    {decisionWords(s)}
                    {s.standing !== null && (
                      <Box textStyle="label">
                        <StandingMark state={s.standing.state} />
                        {!s.standing.fresh && <Span color="fg.muted"> (old)</Span>}
                      </Box>
                    )}
                  </Table.Cell>
                  <Table.Cell
                    className="hide-narrow"
                    textStyle="label"
                    color="fg.muted"
                    style={{ whiteSpace: 'nowrap' }}
                  >
                    {plainDate(s.changedAt)}
                  </Table.Cell>
                  <Table.Cell textStyle="label" style={{ whiteSpace: 'nowrap' }}>
                    <TextButton
                      size="sm"
                      color="fg.muted"
                      disabled={busy}
                      onClick={() => void duplicate(s)}
                      aria-label={`Duplicate ${s.title}`}
                    >
                      duplicate
                    </TextButton>{' '}
                    &nbsp;{' '}
                    <TextButton
                      size="sm"
                      color="fg.muted"
                      disabled={busy}
                      onClick={() => void setArchived(s, !archived)}
                      aria-label={`${archived ? 'Restore' : 'Archive'} ${s.title}`}
                    >
                      {archived ? 'restore' : 'archive'}
                    </TextButton>
                  </Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Table.ScrollArea>
        {pages > 1 && (
          <nav className="small" aria-label="Pages of the list" style={{ display: 'flex', gap: 14, padding: '10px 0' }}>
            <Button size="xs" variant="outline" disabled={page <= 1} onClick={() => list.ask({ page: page - 1 })}>
              Earlier
            </Button>
            <span>
              page {whole(page)} of {whole(pages)}
            </span>
            <Button size="xs" variant="outline" disabled={page >= pages} onClick={() => list.ask({ page: page + 1 })}>
              Later
            </Button>
          </nav>
        )}
        {shown.length === 0 && (
          <Text style={{ padding: '18px 0' }} color="fg.muted">
            {total === 0
              ? archived
                ? 'Nothing is archived.'
                : 'No part yet. Start one with “New part”, or take in a study file.'
              : `Nothing matches “${search}”.`}
          </Text>
        )}
      </section>
      {!fallen && standings !== null && <StandingsList {...standings} />}
    </>
  );
}
