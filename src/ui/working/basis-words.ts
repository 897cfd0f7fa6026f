import type { Basis } from '@/core/base/figures';

/** Where a figure comes from, in words. */
export const BASIS_WORDS: Readonly<Record<Basis, string>> = {
  standard: 'published standard',
  handbook: 'handbook',
  rule: 'rule of the trade',
  assumed: 'assumed, replace by your own',
  shop: 'the shop’s own figure',
};
