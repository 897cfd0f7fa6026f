import type { Brief } from '@/core/brief';
import type { TolerancePolicy } from '@/core/part';
import type { Study } from '@/core/study';
import { drawnOf } from '@/core/decision';
import type { RateSet } from '@/core/rates';
import type { ExplainedFigure } from '@/core/explanation';
import type { DecisionRecord } from '@/server/decisions';
import type { StandingOf } from '@/server/results';
import type { StudyAt } from '../working/figure-at';

/**
 * The two studies a standing tells of: as it was signed, and the signed brief at today's rates. Each is readied when first
 * asked for.
 * @param prepare readies a brief
 * @param rates those the study uses today
 */
export function studyAtSigning(
  prepare: (brief: Brief, school: TolerancePolicy, rates: RateSet) => Study,
  { snapshot: studyAt, school, quantity }: DecisionRecord,
  rates: RateSet,
  { plans }: StandingOf,
): (at: ExplainedFigure['at']) => StudyAt {
  const made = new Map<string, StudyAt>();
  return (at = 'today') => {
    const known = made.get(at);
    if (known !== undefined) return known;
    const plan = plans?.[at] ?? null;
    const one: StudyAt = {
      study: prepare(studyAt.brief, school, at === 'signed' ? studyAt.rates : rates),
      q: quantity,
      words: at === 'signed' ? 'as signed' : 'the signed brief at today’s rates',
      plan: plan === null ? null : drawnOf(plan),
    };
    made.set(at, one);
    return one;
  };
}
