'use client';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { shortName } from '@/core/catalogue/routes';
import type { RateEffect, RateSetChange } from '@/server/rates';
import { call, Refused } from '../api';
import { perPart, signed, whole } from '../format';
import { Tone } from '../marks/tone';

/** A change is asked about this long after the last key. */
const DELAY_MS = 350;

/** What the studies that use a set would come to with a change of it. */
export interface Moves {
  readonly effects: readonly RateEffect[] | null;
  /** Studies that use the set, of which the first are shown. */
  readonly of: number;
  readonly busy: boolean;
  readonly problem: string | null;
}

/** Asks the server what a change would do; a newer question ends the one before it. */
export function useMoves(id: string, change: RateSetChange, version: number): Moves {
  const [moves, setMoves] = useState<Moves>({ effects: null, of: 0, busy: true, problem: null });
  const asked = JSON.stringify(change);
  useEffect(() => {
    const ending = new AbortController();
    const timer = setTimeout(() => {
      setMoves((m) => ({ ...m, busy: true }));
      call<{ effects: RateEffect[]; of: number }>('POST', `/api/rates/${id}/effect`, JSON.parse(asked), {
        signal: ending.signal,
      }).then(
        ({ effects, of }) => setMoves({ effects, of, busy: false, problem: null }),
        (error: unknown) => {
          if (ending.signal.aborted) return;
          const problem = error instanceof Refused ? error.message : 'The server does not answer.';
          setMoves((m) => ({ ...m, busy: false, problem }));
        },
      );
    }, DELAY_MS);
    return () => {
      clearTimeout(timer);
      ending.abort();
    };
  }, [id, asked, version]);
  return moves;
}

/** Whether a study's leader or its price moves. */
export const isMoved = (e: RateEffect): boolean =>
  e.before.leader !== e.after.leader || Math.abs((e.before.allIn ?? 0) - (e.after.allIn ?? 0)) >= 0.005;

/** How many studies a change moves, in a few words. @param of studies that use the set, of which the latest are looked at */
export function movesWords(effects: readonly RateEffect[], of = effects.length): string {
  if (effects.length === 0) return 'No study uses this set yet.';
  const moved = effects.filter(isMoved);
  const led = moved.filter((e) => e.before.leader !== e.after.leader).length;
  const leaders = led === 0 ? 'none has a new leader' : led === 1 ? '1 has a new leader' : `${led} have new leaders`;
  const looked =
    of > effects.length ? `the ${effects.length} changed last, of ${whole(of)},` : `${effects.length} studies`;
  return `${moved.length} of ${looked} move, ${leaders}.`;
}

/** The studies that use a set: who leads each and at what price, now and with the changes. */
export function MovedStudies({
  effects,
  of,
  currency,
  pending,
}: {
  readonly effects: readonly RateEffect[];
  /** Studies that use the set, of which the latest are shown. */
  readonly of: number;
  readonly currency: string;
  readonly pending: boolean;
}) {
  if (effects.length === 0) return <p>No study uses this set. A study takes it under its board, in the Routes view.</p>;
  return (
    <div className="scroll-x">
      {of > effects.length && (
        <p className="small quiet">
          The {effects.length} studies changed last are looked at, of {whole(of)} that use this set.
        </p>
      )}
      <table className="sheet-table moved" aria-label="Studies that use this set">
        <thead>
          <tr>
            <th>Study</th>
            <th className="num">Pieces</th>
            <th>Leads now</th>
            <th className="num">{currency} a part</th>
            {pending && (
              <>
                <th>Leads with the changes</th>
                <th className="num">{currency} a part</th>
                <th className="num">Moves</th>
              </>
            )}
          </tr>
        </thead>
        <tbody>
          {effects.map((e) => (
            <tr key={e.studyId} data-moved={isMoved(e) || undefined}>
              <td>
                <Link className="plain-link" href={`/studies/${e.studyId}/routes`}>
                  {e.title}
                </Link>
              </td>
              <td className="num">{e.q === null ? 'not known' : whole(e.q)}</td>
              <Leader standing={e.before} />
              {pending && (
                <>
                  <Leader standing={e.after} changed={e.before.leader !== e.after.leader} />
                  <td className="num">{difference(e)}</td>
                </>
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Leader({
  standing,
  changed = false,
}: {
  readonly standing: RateEffect['before'];
  readonly changed?: boolean;
}) {
  return (
    <>
      <td>
        {standing.leader === null ? (
          <span className="quiet">none</span>
        ) : (
          <>
            <Tone laneId={standing.leader} />{' '}
            {changed ? <strong>{shortName(standing.leader)}</strong> : shortName(standing.leader)}
            {changed && <span className="small quiet"> · new leader</span>}
          </>
        )}
      </td>
      <td className="num">{standing.allIn === null ? '' : perPart(standing.allIn)}</td>
    </>
  );
}

function difference({ before, after }: RateEffect): string {
  if (before.allIn === null || after.allIn === null) return '';
  const share = 100 * (after.allIn / before.allIn - 1);
  return Math.abs(share) < 0.005 ? 'no' : `${signed(share, Math.abs(share) < 1 ? 2 : 1)} %`;
}
