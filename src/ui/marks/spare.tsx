'use client';
import { chakra } from '@chakra-ui/react';
import { INK } from '../theme/ink';

/** Margin as whole per cents of the limit, −100 … 100; null where it has no meaning. @param spare −1 … 1 */
export const roomPercent = (spare: number | null | undefined): number | null =>
  spare == null ? null : Math.round(100 * Math.max(-1, Math.min(1, spare)));

const Root = chakra('span', {
  base: {
    display: 'block',
    position: 'relative',
    my: '0.5',
    height: '5px',
    width: '100%',
    maxW: '96px',
    contain: 'strict',
    printColorAdjust: 'exact',
    background: `linear-gradient(${INK.hair}, ${INK.hair}) no-repeat center / 100% 1px`,
    '& > i': { position: 'absolute', top: 0, left: '50%', height: '5px', bg: 'currentColor' },
    '&[data-lack] > i': {
      left: 'auto',
      right: '50%',
      background: 'repeating-linear-gradient(90deg, currentColor 0 2px, transparent 2px 4px)',
    },
    '&::after': {
      content: '""',
      position: 'absolute',
      left: 'calc(50% - 0.5px)',
      width: '1.2px',
      height: '5px',
      bg: 'currentColor',
    },
  },
});

/**
 * The margin to a limit: a bar to the right of the middle where there is one, hatched to the left where it is missed.
 * @param percent whole per cents of the limit, −100 … 100
 */
export function Spare({ percent }: { readonly percent: number | null }) {
  if (percent === null) return null;
  const words = percent < 0 ? `${-percent} % over the limit` : `${percent} % margin to the limit`;
  return (
    <Root role="img" aria-label={words} title={words} data-lack={percent < 0 || undefined}>
      <i style={{ width: `${Math.max(1, Math.abs(percent) / 2)}%` }} />
    </Root>
  );
}
