'use client';
import Link from 'next/link';
import { shortName } from '@/core/routes';
import type { StandingOf } from '@/server/decisions';
import { plainDate, whole } from '../format';
import { Reason } from './reason';
import { StandingMark } from './standing-mark';

const GRAVITY = ['overturned', 'weaker', 'stands'] as const;

/** The signed decisions as they stand with today's rates: those that fell first, with the reason. */
export function StandingsList({ standings }: { readonly standings: readonly StandingOf[] }) {
  if (standings.length === 0) return null;
  const sorted = standings.toSorted((a, b) => GRAVITY.indexOf(a.state) - GRAVITY.indexOf(b.state));
  const standing = standings.filter((s) => s.state === 'stands').length;
  return (
    <section className="section" aria-label="Signed decisions" data-testid="standings">
      <h2>
        Signed decisions{' '}
        <span className="quiet">
          looked at again with the rates as they are: {standing} of {standings.length} still stand
        </span>
      </h2>
      <ul className="standings">
        {sorted.map((s) => (
          <li key={s.decisionId} data-standing={s.state}>
            <StandingMark state={s.state} />
            <div>
              <Link href={`/studies/${s.studyId}/decision`}>{s.title}</Link>{' '}
              <span className="quiet small">
                {s.plan ? 'in two steps, then ' : ''}
                {shortName(s.laneId)} at {whole(s.quantity)} pieces, signed by {s.signedBy} on {plainDate(s.signedOn)}
              </span>
              <Reason standing={s} />
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
