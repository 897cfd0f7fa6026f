'use client';
import { chakra } from '@chakra-ui/react';
import { INK } from '../theme/ink';

/** A rung reaches from a quarter of today's value to four times it; what lies beyond stands at the end. */
const REACH = 4;

/** Place of a ratio on a rung, per cent; today's value stands in the middle. */
export const rungPlace = (ratio: number): number =>
  ratio <= 0 ? 0 : Math.round(10 * Math.min(100, Math.max(0, 50 + (50 * Math.log(ratio)) / Math.log(REACH)))) / 10;

const Root = chakra('span', {
  base: {
    display: 'block',
    position: 'relative',
    height: '16px',
    minW: '7rem',
    printColorAdjust: 'exact',
    background: `linear-gradient(${INK.hair}, ${INK.hair}) no-repeat center / 100% 1px`,
    '& i': { position: 'absolute' },
    '& [data-range]': { top: '6px', height: '4px', bg: 'border.emphasized' },
    '& [data-now]': { top: '3px', height: '10px', left: 'calc(50% - 0.75px)', width: '1.5px', bg: 'fg' },
    '& [data-flip]': {
      top: '4px',
      width: '8px',
      height: '8px',
      ms: '-4px',
      rotate: '45deg',
      border: `1.5px solid ${INK.ink}`,
      bg: 'bg',
    },
    '& [data-flip][data-within]': { bg: 'hot', borderColor: 'hot' },
  },
});

/** One input on its rung: the range it may have, today's value in the middle, and where it would flip the choice. */
export function FlipRung({
  range,
  at,
  within,
}: {
  readonly range: readonly [number, number] | null;
  readonly at: readonly number[];
  readonly within: boolean;
}) {
  return (
    <Root aria-hidden="true">
      {range !== null && (
        <i
          data-range=""
          style={{ left: `${rungPlace(range[0])}%`, width: `${rungPlace(range[1]) - rungPlace(range[0])}%` }}
        />
      )}
      <i data-now="" />
      {at.map((ratio) => (
        <i key={ratio} data-flip="" data-within={within || undefined} style={{ left: `${rungPlace(ratio)}%` }} />
      ))}
    </Root>
  );
}
