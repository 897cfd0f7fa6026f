import { LRUCache } from 'lru-cache';
import { CoreError } from '@/core/base/errors';
import { costCurvesOf, type CostCurves } from '@/core/comparison/board';
import { ratesOf } from '@/core/rates';
import { prepareStudy } from '@/core/study';
import type { StudyRecord } from '../studies';

/** Most studies whose curves are kept in memory: some 30 kB each. */
const MOST = 300;

const kept = new LRUCache<string, { readonly curves: CostCurves | null }>({ max: MOST });

function worked({ brief, school, rates }: StudyRecord): CostCurves | null {
  try {
    return costCurvesOf(prepareStudy(brief, school, ratesOf(rates)));
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}

/**
 * The cost curves of a study, so that its pages come whole; kept as long as nothing they are worked out from changes.
 * @returns null where the brief does not allow any: the screen says why
 */
export function curvesOf(study: StudyRecord): CostCurves | null {
  const key = JSON.stringify([study.brief, study.school, study.rates]);
  const found = kept.get(key) ?? { curves: worked(study) };
  kept.set(key, found);
  return found.curves;
}
