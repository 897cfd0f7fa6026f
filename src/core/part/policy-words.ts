import type { TolerancePolicy } from './features';

/** The tolerance policies in words, after “tolerances by”. */
export const POLICY_WORDS: Readonly<Record<TolerancePolicy, string>> = {
  published: 'published grades',
  shop: 'what a good shop claims',
  specialist: 'what a specialist claims',
};
