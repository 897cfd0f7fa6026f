import type { WorkingSymbol } from '@/core/equations';

/** Where a symbol's value comes from, in words. */
export const SOURCE_WORDS = {
  brief: 'brief',
  rate: 'rate set',
  alloy: 'alloy',
  route: 'route',
  computed: 'calculated',
  choice: 'chosen',
} as const satisfies Record<WorkingSymbol['source'], string>;
