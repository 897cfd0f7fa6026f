'use client';
import { Button } from '@chakra-ui/react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useRef, useState, useTransition } from 'react';
import { findAlloy } from '@/core/alloys';
import type { BriefIssue } from '@/core/brief';
import { shortName } from '@/core/routes';
import type { StandingOf } from '@/server/decisions';
import type { StudyRecord, StudySummary } from '@/server/studies';
import { call, Refused } from '../api';
import { plainDate, whole } from '../format';
import { Still } from '../part/still';
import { Tone } from '../marks/tone';
import { notices } from '../shell/notices';
import { StandingsList } from '../standing/standings-list';
import { StandingMark } from '../standing/standing-mark';
import { NEW_BRIEF } from './new-brief';

type SortKey = 'title' | 'alloy' | 'quantity' | 'leader' | 'decision' | 'changedAt';

const HEADS: readonly (readonly [key: SortKey, name: string, className: string])[] = [
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

const sortValue: Readonly<Record<SortKey, (s: StudySummary) => string | number>> = {
  title: (s) => s.title.toLowerCase(),
  alloy: (s) => findAlloy(s.alloy)?.name ?? '',
  quantity: (s) => s.quantity ?? 0,
  leader: (s) => (s.leader === null ? '~' : shortName(s.leader)),
  decision: decisionWords,
  changedAt: (s) => s.changedAt,
};

/** The list of studies: search, sort, new, duplicate, archive with undo, a study file taken in. */
export function PartsList({
  studies,
  standings,
  archived,
}: {
  readonly studies: readonly StudySummary[];
  readonly standings: readonly StandingOf[];
  readonly archived: boolean;
}) {
  const router = useRouter();
  const [search, setSearch] = useState('');
  const [sort, setSort] = useState<{ key: SortKey; up: boolean }>({ key: 'changedAt', up: false });
  const [pending, start] = useTransition();
  const [refused, setRefused] = useState<{ file: string; message: string; issues: readonly BriefIssue[] } | null>(null);
  const [busy, setBusy] = useState(false);
  const file = useRef<HTMLInputElement>(null);

  const shown = useMemo(() => {
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    const text = (s: StudySummary): string =>
      `${s.title} ${findAlloy(s.alloy)?.name ?? ''} ${s.leader === null ? '' : shortName(s.leader)} ${decisionWords(s)}`.toLowerCase();
    const value = sortValue[sort.key];
    const order = (a: StudySummary, b: StudySummary): number => {
      const [x, y] = [value(a), value(b)];
      return x < y ? -1 : x > y ? 1 : a.title.localeCompare(b.title);
    };
    return studies
      .filter((s) => words.every((w) => text(s).includes(w)))
      .sort((a, b) => (sort.up ? order(a, b) : order(b, a)));
  }, [studies, search, sort]);

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
  const refresh = (): void => start(() => router.refresh());
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

  const fallen = standings.some((s) => s.state !== 'stands');
  const standingOf = new Map(standings.map((s) => [s.studyId, s]));
  return (
    <>
      {fallen && <StandingsList standings={standings} />}
      <section className="section" style={{ marginTop: 14 }}>
        <div style={{ display: 'flex', gap: 16, alignItems: 'baseline', flexWrap: 'wrap' }}>
          <h1>{archived ? 'Archived parts' : 'Parts'}</h1>
          <div className="inbox" style={{ minWidth: 220, flex: '0 1 340px' }}>
            <input
              type="search"
              placeholder="Search part, alloy, route, decision"
              aria-label="Search"
              value={search}
              onChange={(e) => setSearch(e.target.value)}
            />
          </div>
          <span className="small quiet" role="status">
            {pending ? 'Loading …' : `${shown.length} of ${studies.length}`}
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
                Nothing was written, and your other studies are as they were. Mend the file and take it in again.
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
                    aria-sort={sort.key === key ? (sort.up ? 'ascending' : 'descending') : undefined}
                  >
                    <button
                      type="button"
                      className="textbtn"
                      onClick={() => setSort({ key, up: sort.key === key ? !sort.up : key !== 'changedAt' })}
                    >
                      {name}
                      {sort.key === key ? (sort.up ? ' ↑' : ' ↓') : ''}
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
                      <span className="quiet">none yet</span>
                    ) : (
                      <span style={{ display: 'inline-flex', alignItems: 'center' }}>
                        <Tone laneId={s.leader} />
                        {shortName(s.leader)}
                      </span>
                    )}
                  </td>
                  <td className={s.decision.state === 'open' ? 'quiet' : undefined}>
                    {s.decision.state === 'signed' && standingOf.get(s.id)?.plan === true && 'in two steps, then '}
                    {decisionWords(s)}
                    {s.decision.state === 'signed' && standingOf.has(s.id) && (
                      <div className="small">
                        <StandingMark state={standingOf.get(s.id)?.state ?? 'stands'} />
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
        {shown.length === 0 && (
          <p style={{ padding: '18px 0' }} className="quiet">
            {studies.length === 0
              ? archived
                ? 'Nothing is archived.'
                : 'No part yet. Start one with “New part”, or take in a study file.'
              : `Nothing matches “${search}”.`}
          </p>
        )}
      </section>
      {!fallen && <StandingsList standings={standings} />}
    </>
  );
}
