'use client';
import { Box, chakra, Span } from '@chakra-ui/react';
import { Fold, PageLink, Section } from '../kit';
import { useMemo } from 'react';
import { adviceFor, adviceText, consolidationAdvice } from '@/core/screening/advice';
import type { Finding } from '@/core/screening';
import { Mark } from '../marks/mark';
import { useUnits } from '../preferences';
import { useQuantity, useStudy } from '../study/study-context';
import { textInUnits } from '../text-in-units';
import { findingFigures, sentence } from './finding-words';
import { ruleName } from './rule-names';

/** Advice of the trade for a lane: what stands against it, what the drawing has not been read for, what is kept. */
export function Advice({ laneId }: { readonly laneId: string }) {
  const { id, study } = useStudy('id', 'study');
  const drawn = useMemo(() => {
    const entry = study.lanes.find((e) => e.lane.id === laneId);
    if (study.facts === null || entry === undefined || entry.part === null) return [];
    return adviceFor(study.facts, entry.lane, entry.part);
  }, [study, laneId]);
  const board = useQuantity().board;
  const today = board.baselines.find((b) => b.id === 'fabricated')?.allIn;
  const allIn = board.lanes.find((l) => l.id === laneId)?.money?.allIn;
  const advice = today === undefined || allIn === undefined ? drawn : [...drawn, consolidationAdvice(allIn, today)];
  const against = advice.filter((f) => f.status === 'tight' || f.status === 'blocked');
  const unread = advice.filter((f) => f.status === 'not-known');
  const kept = advice.filter((f) => f.status === 'fits');
  if (advice.length === 0) return null;
  return (
    <Section title="Advice for the drawing" under="rules nothing out and is in no total" data-testid="advice">
      <Points list={against} />
      {unread.length > 0 && (
        <Fold summary={`${unread.length} to check on the drawing`}>
          <PageLink textStyle="label" href={`/studies/${id}/brief#drawing`}>
            Enter them in the brief
          </PageLink>
          <Points list={unread} />
        </Fold>
      )}
      {kept.length > 0 && (
        <Fold summary={`${kept.length} kept`}>
          <Points list={kept} />
        </Fold>
      )}
    </Section>
  );
}

const Rows = chakra('ul', {
  base: {
    listStyle: 'none',
    '& li': {
      display: 'grid',
      gridTemplateColumns: '18px 1fr',
      columnGap: '2',
      py: '1',
      borderBottom: '1px solid {colors.border}',
    },
  },
});

function Points({ list }: { readonly list: readonly Finding[] }) {
  if (list.length === 0) return null;
  return (
    <Rows>
      {list.map((f, i) => (
        <li key={`${f.rule}${i}`}>
          <Point f={f} />
        </li>
      ))}
    </Rows>
  );
}

function Point({ f }: { readonly f: Finding }) {
  const [units] = useUnits();
  const text = adviceText(f.rule);
  const figures = findingFigures(f, units);
  return (
    <>
      <Mark status={f.status} />
      <div>
        <strong>
          {text?.name ?? ruleName(f.rule)}
          {f.subject && `: ${textInUnits(f.subject, units)}`}
        </strong>
        {figures !== '' && <Span color="fg.muted"> {figures}</Span>}
        <Box textStyle="label">{sentence(textInUnits(f.reason, units))}</Box>
        {f.status !== 'fits' && f.status !== 'not-known' && f.fixes.length > 0 && (
          <Box textStyle="label">→ {textInUnits(f.fixes.slice(0, 3).join('; '), units)}.</Box>
        )}
        {text !== undefined && f.status !== 'fits' && (
          <Box textStyle="label" color="fg.muted">
            {text.costEffect}
          </Box>
        )}
      </div>
    </>
  );
}
