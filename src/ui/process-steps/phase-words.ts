import type { Phase } from '@/core/catalogue/process-steps';

/** What each stretch of the making is called. */
export const PHASE_WORDS: Readonly<Record<Phase, string>> = {
  design: 'Preparation',
  tooling: 'Tooling',
  mould: 'Moulding',
  melt: 'Melting',
  pour: 'Pouring',
  clean: 'Cleaning',
  treat: 'Heat treatment',
  finish: 'Finishing',
  inspect: 'Inspection',
  ship: 'Shipping',
};
