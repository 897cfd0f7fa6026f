'use client';
import { chakra } from '@chakra-ui/react';

/** Where a chart is drawn: its height is held from the start, so that nothing moves when the chart comes. */
export const ChartBox = chakra('div', {
  base: {
    position: 'relative',
    breakInside: 'avoid',
    '& [data-hand]': {
      position: 'absolute',
      left: 0,
      top: 0,
      width: '2px',
      bg: 'hot',
      willChange: 'transform',
      printColorAdjust: 'exact',
    },
  },
  variants: {
    height: {
      tall: { height: '340px' },
      full: { height: '300px' },
      lot: { height: '220px' },
      low: { height: '150px', my: '2' },
    },
  },
  defaultVariants: { height: 'full' },
});
