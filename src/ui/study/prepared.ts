import { CoreError } from '@/core/base/errors';
import { emptyBrief, type Brief } from '@/core/brief';
import { boardAt, RAIL_MAX, type Board } from '@/core/comparison/board';
import type { TolerancePolicy } from '@/core/part';
import type { RateSet } from '@/core/rates';
import { prepareFrom, type Study } from '@/core/study';

/** Readies a brief. */
type Prepare = (brief: Brief, school: TolerancePolicy, rates: RateSet) => Study;

const refusalOf = (error: unknown): string => {
  if (!(error instanceof CoreError)) throw error;
  return error.message;
};

/** The study of a brief that says nothing but its title. */
const bareStudy = (brief: Brief, school: TolerancePolicy, rates: RateSet): Study =>
  prepareFrom(() => undefined, emptyBrief(brief.title), school, rates);

/** A study of a brief; where the core refuses it, that of a brief that says nothing but its title, and why. */
export function prepared(
  prepare: Prepare,
  brief: Brief,
  school: TolerancePolicy,
  rates: RateSet,
): { readonly study: Study; readonly failed: string | null } {
  try {
    return { study: prepare(brief, school, rates), failed: null };
  } catch (error) {
    const failed = refusalOf(error);
    return { study: bareStudy(brief, school, rates), failed };
  }
}

/** The board of a study; where the core refuses it, that of the same study ordered today without dates, and why. */
export function boardOf(
  study: Study,
  q: number,
  orderDate: string,
  today: string,
): { readonly board: Board; readonly failed: string | null } {
  try {
    return { board: boardAt(study, q, orderDate), failed: null };
  } catch (error) {
    const failed = refusalOf(error);
    return { board: boardAt(bareStudy(study.brief, study.school, study.rates), q, today), failed };
  }
}

/** Whole quantity on the rail. */
export const onRail = (q: number): number => Math.min(RAIL_MAX, Math.max(1, Math.round(q)));
