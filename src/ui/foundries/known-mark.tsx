'use client';
import { Span } from '@chakra-ui/react';
import type { Known } from '@/core/base/figures';
import { plainDate } from '../format';
import { isOld, KNOWN } from './said-words';

/** How a value is known, drawn: full for measured, half for claimed, empty for assumed; with its date, and a word where it is old. */
export function KnownMark({
  known,
  date,
  today,
}: {
  readonly known: Known;
  readonly date: string | null;
  readonly today: string;
}) {
  const old = isOld(date, today);
  return (
    <Span textStyle="label" color="fg.muted" whiteSpace="nowrap">
      <svg
        width="10"
        height="10"
        viewBox="0 0 10 10"
        aria-hidden="true"
        style={{ display: 'inline-block', marginInlineEnd: 4 }}
      >
        <circle cx="5" cy="5" r="4" fill={known === 'measured' ? 'currentColor' : 'none'} stroke="currentColor" />
        {known === 'claimed' && <path d="M5 1 A4 4 0 0 1 5 9 Z" fill="currentColor" />}
      </svg>
      {KNOWN[known]}
      {date !== null && `, ${plainDate(date)}`}
      {old && (
        <Span color="alarm" fontWeight="medium">
          {' '}
          · over a year old
        </Span>
      )}
    </Span>
  );
}
