'use client';
import { chakra, Heading, Span, Text } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { laneWords, ROUTES } from '@/core/catalogue/routes';
import type { Board, BoardLane } from '@/core/comparison/board';
import { perPart, signed, weeks, whole } from '../format';
import { FigureButton, Unit } from '../kit';
import { Emblem } from '../marks/emblem';
import type { StudyAt } from '../working/figure-at';
import { useSheets } from '../working/sheets';

const DAYS_A_WEEK = 7;

const Root = chakra('div', {
  base: {
    borderTop: '3px solid {colors.border.emphasized}',
    pt: '1.5',
    '&[data-brief]': { borderTopColor: 'fg' },
    '& dl': {
      display: 'grid',
      gridTemplateColumns: 'auto 1fr minmax(56px, auto)',
      rowGap: '0.5',
      columnGap: '3.5',
      alignItems: 'baseline',
    },
    '&[data-brief] dl': { gridTemplateColumns: 'auto 1fr' },
    '&[data-brief] [data-gap]': { display: 'none' },
    '& dt, & [data-gap]': { color: 'fg.muted', textStyle: 'label' },
    '& dd': { textAlign: 'end' },
  },
});

/** The figures of a leading lane that what-ifs are compared by. */
interface Figure {
  readonly label: string;
  readonly figure: string;
  readonly of: (lane: BoardLane) => number | undefined;
  readonly say: (x: number) => string;
  readonly unit: (code: string) => string;
  readonly digits: number;
}

const money = (code: string): string => code;
const inWeeks = (): string => 'weeks';
const FIGURES: readonly Figure[] = [
  {
    label: 'Total cost',
    figure: 'allIn',
    of: (l) => l.money?.allIn,
    say: perPart,
    unit: (c) => `${c} per part`,
    digits: 2,
  },
  { label: 'Programme', figure: 'total', of: (l) => l.money?.total, say: whole, unit: money, digits: 0 },
  { label: 'Tooling', figure: 'tooling', of: (l) => l.money?.tooling, say: whole, unit: money, digits: 0 },
  {
    label: 'First article',
    figure: 'firstArticle',
    of: (l) => weeksOf(l.dates?.firstArticle_d),
    say: (x) => weeks(x * DAYS_A_WEEK),
    unit: inWeeks,
    digits: 1,
  },
  {
    label: 'Last part',
    figure: 'lastPart',
    of: (l) => weeksOf(l.dates?.lastPart_d),
    say: (x) => weeks(x * DAYS_A_WEEK),
    unit: inWeeks,
    digits: 1,
  },
];

const weeksOf = (days: number | undefined): number | undefined => (days === undefined ? undefined : days / DAYS_A_WEEK);

function gapWords(mine: number | undefined, theirs: number | undefined, digits: number): string {
  if (mine === undefined || theirs === undefined) return '';
  return Math.abs(mine - theirs) < 0.5 * 10 ** -digits ? 'same' : signed(mine - theirs, digits);
}

/** What leads a board and the figures it is judged by, each with its working, beside another board's. */
export function WhatIfColumn({
  title,
  board,
  against,
  studyAt,
  code,
  children,
}: {
  readonly title: string;
  readonly board: Board;
  /** What it is compared with; null for the brief itself. */
  readonly against: Board | null;
  readonly studyAt: StudyAt | undefined;
  readonly code: string;
  readonly children: ReactNode;
}) {
  const { openWorking } = useSheets();
  const lane = board.lanes.find((l) => l.id === board.leader);
  const base = against?.lanes.find((l) => l.id === against.leader);
  const left = new Set(board.lanes.filter((l) => l.status !== 'blocked' && l.money !== null).map((l) => l.routeId));
  return (
    <Root role="group" aria-label={title} data-brief={against === null || undefined}>
      <Heading as="h3">{title}</Heading>
      {lane === undefined || lane.money === null || lane.dates === null ? (
        <Text>No route is left.</Text>
      ) : (
        <dl>
          <dt>Leads</dt>
          <dd>
            <Emblem laneId={lane.id} size={20} /> {laneWords(lane.id).route}{' '}
            <Span color="fg.muted" textStyle="label">
              {laneWords(lane.id).variant}
            </Span>
          </dd>
          <dd data-gap="">{base !== undefined && base.id !== lane.id ? 'changes' : ''}</dd>
          {FIGURES.map(({ label, figure, of, say, unit, digits }) => (
            <Line
              key={figure}
              label={label}
              text={say(of(lane) ?? 0)}
              unit={unit(code)}
              gap={gapWords(of(lane), base === undefined ? undefined : of(base), digits)}
              onOpen={() => openWorking({ laneId: lane.id, figure }, studyAt)}
            />
          ))}
          <dt>Left</dt>
          <dd>
            {left.size} of {ROUTES.length} routes
          </dd>
          <dd data-gap="" />
        </dl>
      )}
      {children}
    </Root>
  );
}

function Line({
  label,
  text,
  unit,
  gap,
  onOpen,
}: {
  readonly label: string;
  readonly text: string;
  readonly unit: string;
  readonly gap: string;
  readonly onOpen: () => void;
}) {
  return (
    <>
      <dt>{label}</dt>
      <dd>
        <FigureButton onClick={onOpen}>{text}</FigureButton>
        <Unit>{unit}</Unit>
      </dd>
      <dd data-gap="">{gap}</dd>
    </>
  );
}
