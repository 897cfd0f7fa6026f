'use client';
import { chakra, Span } from '@chakra-ui/react';
import type { StretchKind } from '@/core/schedule';
import { fixed, weeks } from '../format';
import { Emblem } from '../marks/emblem';
import { KIND_WORDS, StretchRoot } from './stretch';
import type { Delivery } from './use-deliveries';

const KEY_ORDER: readonly StretchKind[] = ['queue', 'tool', 'work', 'wait', 'hand-over', 'approve', 'run'];

/** Days drawn narrower than this share of the picture still show as a hair. */
const LEAST_PERCENT = 0.15;
/** Routes that take longer than so many times the quickest run off the edge. */
const MOST_TIMES = 3;

const Key = chakra('ul', {
  base: {
    display: 'flex',
    flexWrap: 'wrap',
    rowGap: '1',
    columnGap: '4',
    listStyle: 'none',
    mb: '2',
    textStyle: 'label',
    color: 'fg.muted',
  },
});

const Row = chakra('li', {
  base: {
    display: 'grid',
    gridTemplateColumns: { base: '1fr auto', md: '15rem 1fr 10.5rem' },
    columnGap: '4',
    alignItems: 'center',
    borderBottom: '1px solid {colors.border}',
    py: '1',
    '& > button': { gridColumn: { base: '1 / -1', md: 'auto' }, gridRow: { base: 2, md: 'auto' } },
  },
});

const Line = chakra('button', {
  base: {
    position: 'relative',
    display: 'block',
    height: '22px',
    cursor: 'pointer',
    '& [data-stretch]': { position: 'absolute', top: '4px', height: '14px' },
    '& b': { position: 'absolute', top: 0, height: '22px', width: '2px', bg: 'hot' },
  },
});

/** Every route's calendar on one scale: a bar from the order to the last part, its stretches told by their pattern. */
export function Timelines({
  deliveries,
  ofPlan = false,
  onOpen,
}: {
  readonly deliveries: readonly Delivery[];
  /** Whether they are steps of a plan, not routes of their own. */
  readonly ofPlan?: boolean;
  readonly onOpen: (id: string) => void;
}) {
  const lanes = deliveries.filter((d) => d.timeline !== null);
  const lasts = lanes.map((d) => d.lastPart_d);
  const until = Math.min(Math.max(...lasts), MOST_TIMES * Math.min(...lasts), Infinity);
  return (
    <StretchRoot>
      <Key aria-label="Key">
        {KEY_ORDER.map((kind) => (
          <li key={kind}>
            <i data-stretch={kind} aria-hidden="true" /> {KIND_WORDS[kind]}
          </li>
        ))}
      </Key>
      <ol style={{ listStyle: 'none' }}>
        {lanes.map((d) => (
          <Row key={d.id}>
            <div>
              <Emblem laneId={d.id} size={20} /> {d.name}{' '}
              <Span color="fg.muted" textStyle="label">
                {d.variant}
              </Span>
            </div>
            <Line
              type="button"
              aria-label={`${ofPlan ? 'Step of the plan, ' : ''}${d.name}: first article after ${weeks(d.firstArticle_d)} weeks, last part after ${weeks(d.lastPart_d)} weeks; open the steps`}
              onClick={() => onOpen(d.id)}
            >
              {(d.timeline?.stretches ?? []).map((s) =>
                s.from_d > until ? null : (
                  <i
                    key={s.id}
                    data-stretch={s.kind}
                    style={{
                      left: `${(100 * s.from_d) / until}%`,
                      width: `${Math.max(LEAST_PERCENT, (100 * (Math.min(until, s.from_d + s.days) - s.from_d)) / until)}%`,
                    }}
                    title={`${s.name}: ${fixed(s.days, 1)} days`}
                  />
                ),
              )}
              <b style={{ left: `${Math.min(100, (100 * d.firstArticle_d) / until)}%` }} />
            </Line>
            <Span textStyle="label" textAlign="end" whiteSpace="nowrap">
              {weeks(d.firstArticle_d)} <Span color="fg.muted">first</Span> · {weeks(d.lastPart_d)}{' '}
              <Span color="fg.muted">last, weeks</Span>
            </Span>
          </Row>
        ))}
      </ol>
    </StretchRoot>
  );
}
