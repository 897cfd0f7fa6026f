'use client';
import { Section } from '../kit';
import { Span } from '@chakra-ui/react';
import Link from 'next/link';
import { shortName } from '@/core/catalogue/routes';
import type { StandingsKept } from '@/server/results';
import { plainDate, whole } from '../format';
import { Reason } from './reason';
import { StandingMark } from './standing-mark';

const GRAVITY = ['overturned', 'weaker', 'stands'] as const;

/** The signed decisions as they stand with today's rates: those that fell first, with the reason. */
export function StandingsList({ standings, counts }: StandingsKept) {
  const all = counts.stands + counts.weaker + counts.overturned;
  if (all + counts.waiting === 0) return null;
  const sorted = standings.toSorted((a, b) => GRAVITY.indexOf(a.state) - GRAVITY.indexOf(b.state));
  return (
    <Section
      title="Signed decisions"
      under={
        <>
          looked at again with the rates as they are: {counts.stands} of {all} still stand
          {counts.waiting > 0 && `; ${counts.waiting} not looked at yet`}
          {all > standings.length && `; the first ${standings.length} are told here`}
        </>
      }
      aria-label="Signed decisions"
      data-testid="standings"
    >
      <ul className="standings">
        {sorted.map((s) => (
          <li key={s.decisionId} data-standing={s.state}>
            <StandingMark state={s.state} />
            <div>
              <Link href={`/studies/${s.studyId}/decision`}>{s.title}</Link>{' '}
              <Span color="fg.muted" textStyle="label">
                {s.plan ? 'in two steps, then ' : ''}
                {shortName(s.laneId)} at {whole(s.quantity)} pieces, signed by {s.signedBy} on {plainDate(s.signedOn)}
                {!s.fresh && '; being looked at again'}
              </Span>
              <Reason standing={s} />
            </div>
          </li>
        ))}
      </ul>
    </Section>
  );
}
