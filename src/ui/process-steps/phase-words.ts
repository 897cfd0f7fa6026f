import type { Phase } from '@/core/catalogue/process-steps';

/** What each stretch of the making is called for somebody outside the trade. */
export const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  design: 'Before anything is made',
  tooling: 'The tool',
  mould: 'The mould',
  melt: 'The metal',
  pour: 'The pour',
  clean: 'Out of the mould',
  treat: 'Heat',
  finish: 'To size and finish',
  inspect: 'Looked at and measured',
  ship: 'On its way',
};
