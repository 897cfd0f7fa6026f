'use client';
import { Button } from '@chakra-ui/react';
import Link from 'next/link';
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
          <h1>{archived ? 'Archived parts' : 'Parts'}</h1>
          <div className="inbox" style={{ minWidth: 220, flex: '0 1 340px' }}>
            <input
              type="search"
              placeholder="Search part, alloy, route, decision"
              aria-label="Search"
              value={search}
              maxLength={200}
              onChange={(e) => list.ask({ search: e.target.value })}
            />
          </div>
          <span className="small quiet" role="status">
            {list.failed
              ? 'The server does not answer; what stands here is what it said before.'
              : list.busy
                ? 'Looking …'
                : `${whole(found)} of ${whole(total)}`}
          </span>
          <span style={{ marginLeft: 'auto', display: 'flex', gap: 8, alignItems: 'center', flexWrap: 'wrap' }}>
            <Link className="plain-link small" href={archived ? '/' : '/?archived=1'}>
              {archived ? 'Back to the open parts' : 'Archived'}
            </Link>
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
            <Button size="xs" colorPalette="hot" onClick={() => void create()} disabled={busy}>
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
              <ul className="small" style={{ listStyle: 'disc', paddingLeft: 18 }}>
                {refused.issues.slice(0, 12).map((issue) => (
                  <li key={`${issue.path}${issue.message}`}>
                    <span className="mono">{issue.path || 'file'}</span>:{' '}
                    {issue.value === undefined ? 'missing' : JSON.stringify(issue.value)?.slice(0, 80)} –{' '}
                    {issue.message}
                  </li>
                ))}
              </ul>
              <div className="small">
                Nothing was written, and your other studies are as they were. Fix the file and take it in again.
              </div>
            </div>
            <Button size="xs" variant="outline" onClick={() => setRefused(null)}>
              Close
            </Button>
          </div>
        )}
        <div className="scroll-x">
          <table className="list" style={{ marginTop: 8 }}>
            <thead>
              <tr>
                {HEADS.map(([key, name, className]) => (
                  <th
                    key={key}
                    className={className}
                    aria-sort={sort === key ? (up ? 'ascending' : 'descending') : undefined}
                  >
                    <button
                      type="button"
                      className="textbtn"
                      onClick={() => list.ask({ sort: key, up: sort === key ? !up : key !== 'changedAt' })}
                    >
                      {name}
                      {sort === key ? (up ? ' ↑' : ' ↓') : ''}
                    </button>
                  </th>
                ))}
                <th>
                  <span className="sr">Acts</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {shown.map((s) => (
                <tr key={s.id}>
                  <td>
                    <span className="with-still">
                      <span className="still-room">
                        <Still fileId={s.partFile} width={52} title="" />
                      </span>
                      <Link href={`/studies/${s.id}/routes`} className="plain-link" style={{ fontWeight: 600 }}>
                        {s.title}
                      </Link>
                    </span>
                  </td>
                  <td className="hide-narrow">
                    {findAlloy(s.alloy)?.name ?? <span className="quiet">not chosen</span>}
                  </td>
                  <td className="num">
                    {s.quantity === null ? <span className="quiet">not known</span> : whole(s.quantity)}
                  </td>
                  <td>
                    {s.leader === null ? (
                      <span className="quiet">{s.fresh ? 'none yet' : 'being worked out'}</span>
                    ) : (
                      <span style={{ display: 'inline-flex', alignItems: 'center' }}>
                        <Tone laneId={s.leader} />
                        {shortName(s.leader)}
                        {!s.fresh && (
                          <span className="quiet small" title="Of an older version; it is being worked out again.">
                            &nbsp;(old)
                          </span>
                        )}
                      </span>
                    )}
                  </td>
                  <td className={s.decision.state === 'open' ? 'quiet' : undefined}>
                    {s.standing?.plan === true && 'in two steps, then '}
                    {decisionWords(s)}
                    {s.standing !== null && (
                      <div className="small">
                        <StandingMark state={s.standing.state} />
                        {!s.standing.fresh && <span className="quiet"> (old)</span>}
                      </div>
                    )}
                  </td>
                  <td className="hide-narrow small quiet" style={{ whiteSpace: 'nowrap' }}>
                    {plainDate(s.changedAt)}
                  </td>
                  <td className="small" style={{ whiteSpace: 'nowrap' }}>
                    <button
                      type="button"
                      className="textbtn quiet"
                      disabled={busy}
                      onClick={() => void duplicate(s)}
                      aria-label={`Duplicate ${s.title}`}
                    >
                      duplicate
                    </button>{' '}
                    &nbsp;{' '}
                    <button
                      type="button"
                      className="textbtn quiet"
                      disabled={busy}
                      onClick={() => void setArchived(s, !archived)}
                      aria-label={`${archived ? 'Restore' : 'Archive'} ${s.title}`}
                    >
                      {archived ? 'restore' : 'archive'}
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
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
          <p style={{ padding: '18px 0' }} className="quiet">
            {total === 0
              ? archived
                ? 'Nothing is archived.'
                : 'No part yet. Start one with “New part”, or take in a study file.'
              : `Nothing matches “${search}”.`}
          </p>
        )}
      </section>
      {!fallen && standings !== null && <StandingsList {...standings} />}
    </>
  );
}
