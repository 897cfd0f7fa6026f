import { evaluate } from '@/core/comparison/board';
import { shortName } from '@/core/catalogue/routes';
import type { DecisionRecord } from '@/server/decisions';
import { perPart, plainDate, whole } from '../format';
import { lifetimeQuantity, type Brief } from '@/core/brief';
import { briefChanges, resultChanges, type Change } from '@/core/decision';
import { CoreError } from '@/core/base/errors';
import type { TolerancePolicy } from '@/core/part';
import type { RateSet } from '@/core/rates';

/** Measures and file of the part, shown as one change. */
const OF_MODEL = /^model(\.|$)/;

/** What differs between two briefs, and what it does to the leading route at each one's own quantity. */
export function revisionChanges(was: Brief, is: Brief, school: TolerancePolicy, rates: RateSet): Change[] {
  const all = briefChanges(was, is);
  const own = all.filter((c) => !OF_MODEL.test(c.what));
  const model = all.length - own.length;
  const changes =
    model === 0 ? own : [...own, { what: 'the part’s file and its measures', was: '', is: `${model} changed` }];
  return [...changes, ...results(was, is, school, rates)];
}

function results(was: Brief, is: Brief, school: TolerancePolicy, rates: RateSet): Change[] {
  const [q, now] = [lifetimeQuantity(was), lifetimeQuantity(is)];
  if (q === null || now === null) return [];
  try {
    const before = evaluate(was, { school, rates, quantity: q });
    const after = evaluate(is, { school, rates, quantity: now });
    return resultChanges(before, after, after.leader ?? before.leader ?? '').map((c) => ({
      ...c,
      what: c.what.replace('chosen route', 'the leading route'),
    }));
  } catch (error) {
    if (error instanceof CoreError) return [];
    throw error;
  }
}

/** What differs between the decisions signed on two revisions; a revision without one stands as open. */
export function decisionChanges(was: DecisionRecord | undefined, is: DecisionRecord | undefined): Change[] {
  if (was === undefined && is === undefined) return [];
  const fieldsOf = (d: DecisionRecord | undefined): Readonly<Record<string, string>> => {
    if (d === undefined) return {};
    const lane = d.snapshot.evaluation.lanes.find((l) => l.id === d.laneId);
    const { plan } = d.snapshot;
    return {
      'decision: route': shortName(d.laneId),
      'decision: two-step plan': plan == null ? 'no' : `${whole(plan.pieces)} on ${shortName(plan.first)} first`,
      'decision: quantity': `${whole(d.quantity)} pieces`,
      'decision: total cost per part':
        lane?.allIn == null ? '' : `${perPart(lane.allIn)} ${d.snapshot.evaluation.currency}`,
      'decision: rates': d.snapshot.rates.name,
      'decision: why': d.why,
      'decision: signed': `${d.signedBy}, ${plainDate(d.signedOn)}`,
      'decision: reopened': d.reopenedAt === null ? 'no' : plainDate(d.reopenedAt),
    };
  };
  const [a, b] = [fieldsOf(was), fieldsOf(is)];
  return Object.keys({ ...a, ...b })
    .map((what) => ({ what, was: a[what] ?? 'not decided', is: b[what] ?? 'not decided' }))
    .filter((c) => c.was !== c.is);
}
