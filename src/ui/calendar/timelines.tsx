'use client';
import { Box, Span } from '@chakra-ui/react';
import type { StretchKind } from '@/core/schedule';
import { fixed, weeks } from '../format';
import { Emblem } from '../marks/emblem';
import type { Delivery } from './use-deliveries';

/** What each kind of stretch is called in the key. */
export const KIND_WORDS: Readonly<Record<StretchKind, string>> = {
  queue: 'standing in a queue',
  tool: 'tool, bought parts, sampling',
  'set-up': 'first-off check',
  work: 'hands at work',
  'hand-over': 'handing on',
  wait: 'drying, cooling, oven',
  approve: 'approval',
  run: 'pouring the rest',
};

const KEY_ORDER: readonly StretchKind[] = ['queue', 'tool', 'work', 'wait', 'hand-over', 'approve', 'run'];

/** Days drawn narrower than this share of the picture still show as a hair. */
const LEAST_PERCENT = 0.15;

/** Every lane's calendar on one scale: a bar from the order to the last part, its stretches named by their pattern. */
export function Timelines({
  deliveries,
  ofPlan = false,
  onOpen,
}: {
  readonly deliveries: readonly Delivery[];
  /** Whether they are steps of a plan, not lanes of their own. */
  readonly ofPlan?: boolean;
  readonly onOpen: (id: string) => void;
}) {
  const lanes = deliveries.filter((d) => d.timeline !== null);
  const lasts = lanes.map((d) => d.lastPart_d);
  const until = Math.min(Math.max(...lasts), 3 * Math.min(...lasts), Infinity);
  return (
    <>
      <ul className="stretch-key" aria-label="Key">
        {KEY_ORDER.map((kind) => (
          <li key={kind}>
            <i className={`stretch is-${kind}`} aria-hidden="true" /> {KIND_WORDS[kind]}
          </li>
        ))}
      </ul>
      <ol className="timelines">
        {lanes.map((d) => (
          <li key={d.id}>
            <div className="timeline-name">
              <Emblem laneId={d.id} /> {d.name}{' '}
              <Span color="fg.muted" textStyle="label">
                {d.variant}
              </Span>
            </div>
            <button
              type="button"
              className="timeline"
              aria-label={`${ofPlan ? 'Step of the plan, ' : ''}${d.name}: first article after ${weeks(d.firstArticle_d)} weeks, last part after ${weeks(d.lastPart_d)} weeks; open the steps`}
              onClick={() => onOpen(d.id)}
            >
              {(d.timeline?.stretches ?? []).map((s) =>
                s.from_d > until ? null : (
                  <i
                    key={s.id}
                    className={`stretch is-${s.kind}`}
                    style={{
                      left: `${(100 * s.from_d) / until}%`,
                      width: `${Math.max(LEAST_PERCENT, (100 * (Math.min(until, s.from_d + s.days) - s.from_d)) / until)}%`,
                    }}
                    title={`${s.name}: ${fixed(s.days, 1)} days`}
                  />
                ),
              )}
              <b className="first-article" style={{ left: `${Math.min(100, (100 * d.firstArticle_d) / until)}%` }} />
            </button>
            <Box className="timeline-days num" textStyle="label">
              {weeks(d.firstArticle_d)} <Span color="fg.muted">first</Span> · {weeks(d.lastPart_d)}{' '}
              <Span color="fg.muted">last, weeks</Span>
            </Box>
          </li>
        ))}
      </ol>
    </>
  );
}
