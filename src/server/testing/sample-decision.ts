import { evaluate } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import type { Brief } from '@/core/brief';
import { FIRST_WEIGHTS } from '@/core/comparison/ranking';
import type { Action } from '@/core/decision';
import { SHIPPED_RATES, type RateSet } from '@/core/rates';
import { CORE_VERSION } from '@/core/base/version';
import { frozenOf, type Signing } from '../decisions/snapshot';
import type { DecisionRecord } from '../decisions/record';

/** A decision as signing makes it, without a database: for tests of what is made from one. */
export function sampleDecision(
  brief: Brief,
  quantity: number,
  options: { readonly laneId?: string; readonly plan?: boolean; readonly rates?: RateSet } = {},
): DecisionRecord {
  const { plan = false, rates = SHIPPED_RATES } = options;
  const evaluation = evaluate(brief, { quantity, rates });
  const laneId = options.laneId ?? evaluation.leader ?? '';
  const actions: Action[] = [{ what: 'Ask two foundries for quotes', owner: 'Vesna', by: '2027-01-11' }];
  const signing: Signing = {
    laneId,
    quantity,
    why: 'Least money that still comes in time.',
    signedBy: 'Ilse Quill',
    signedOn: '2027-01-05',
    version: 1,
    plan,
    drawn: { seed: 1, spread: 'pert', demand: false },
    actions,
  };
  const orderDate = brief.quantity.orderDate ?? '2027-01-04';
  const snapshot = frozenOf(prepareStudy(brief, 'published', rates), evaluation, signing, orderDate, FIRST_WEIGHTS);
  if ('barred' in snapshot) throw new Error(snapshot.barred);
  return {
    id: 'made',
    studyId: 'study',
    revision: 1,
    laneId,
    quantity,
    school: 'published',
    rateSetId: rates.id,
    coreVersion: CORE_VERSION,
    why: signing.why,
    signedBy: signing.signedBy,
    signedOn: signing.signedOn,
    createdAt: '2027-01-05T09:00:00Z',
    reopenedAt: null,
    actions,
    dissents: [{ id: 'd', who: 'Bram', words: '=Sand would do.', writtenAt: '2027-01-05T10:00:00Z' }],
    snapshot,
  };
}
