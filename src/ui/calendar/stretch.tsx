'use client';
import { chakra } from '@chakra-ui/react';
import type { StretchKind } from '@/core/schedule';
import { INK } from '../theme/ink';

/** Stretches of time, each kind by its own pattern, so that grey print and every eye tell them apart. */
export const StretchRoot = chakra('div', {
  base: {
    '& [data-stretch]': {
      display: 'inline-block',
      boxSizing: 'border-box',
      height: '12px',
      width: '22px',
      verticalAlign: '-2px',
      color: 'fg',
      printColorAdjust: 'exact',
    },
    '& [data-stretch=tool]': {
      background: 'repeating-linear-gradient(135deg, currentColor 0 1.5px, transparent 1.5px 5px)',
      border: '1px solid currentColor',
    },
    '& [data-stretch=queue]': { border: `1px dotted ${INK.quiet}` },
    '& [data-stretch=set-up], & [data-stretch=work]': { bg: 'hot' },
    '& [data-stretch=wait]': {
      background: `repeating-linear-gradient(90deg, ${INK.quiet} 0 1px, transparent 1px 4px)`,
    },
    '& [data-stretch=hand-over]': { borderBottom: `2px solid ${INK.quiet}` },
    '& [data-stretch=approve]': { border: '1px solid currentColor' },
    '& [data-stretch=run]': { bg: 'fg' },
  },
});

/** What each kind of stretch is called. */
export const KIND_WORDS: Readonly<Record<StretchKind, string>> = {
  queue: 'queue',
  tool: 'tooling, bought parts, sampling',
  'set-up': 'first-off check',
  work: 'work',
  'hand-over': 'hand-over',
  wait: 'drying, cooling, oven',
  approve: 'approval',
  run: 'series production',
};
