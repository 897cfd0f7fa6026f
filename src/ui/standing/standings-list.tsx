'use client';
import { PageLink, Section } from '../kit';
import { chakra, Span } from '@chakra-ui/react';
import { shortName } from '@/core/catalogue/routes';
import type { StandingsKept } from '@/server/results';
import { plainDate, whole } from '../format';
import { Reason } from './reason';
import { StandingMark } from './standing-mark';

const Rows = chakra('ul', {
  base: {
    listStyle: 'none',
    '& > li': {
      display: 'grid',
      gridTemplateColumns: '7rem 1fr',
      columnGap: '3',
      borderBottom: '1px solid {colors.border}',
      py: '1.5',
    },
  },
});

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
          checked again with today’s rates: {counts.stands} of {all} still stand
          {counts.waiting > 0 && `; ${counts.waiting} not checked yet`}
          {all > standings.length && `; the first ${standings.length} are shown`}
        </>
      }
      aria-label="Signed decisions"
      data-testid="standings"
    >
      <Rows>
        {sorted.map((s) => (
          <li key={s.decisionId} data-standing={s.state}>
            <StandingMark state={s.state} />
            <div>
              <PageLink href={`/studies/${s.studyId}/decision`}>{s.title}</PageLink>{' '}
              <Span color="fg.muted" textStyle="label">
                {s.plan ? 'two steps, then ' : ''}
                {shortName(s.laneId)} at {whole(s.quantity)} pieces, signed by {s.signedBy} on {plainDate(s.signedOn)}
                {!s.fresh && '; being checked again'}
              </Span>
              <Reason standing={s} />
            </div>
          </li>
        ))}
      </Rows>
    </Section>
  );
}
