import { evaluate } from '@/core/board';
import { lifetimeQuantity, type Brief } from '@/core/brief';
import { briefChanges, resultChanges, type Change } from '@/core/decision';
import { CoreError } from '@/core/errors';
import type { School } from '@/core/part';
import type { RateSet } from '@/core/rates';

/** Measures and file of the part, told as one change. */
const OF_MODEL = /^model(\.|$)/;

/** What differs between two briefs, and what it does to the leading route at each one's own quantity. */
export function revisionChanges(was: Brief, is: Brief, school: School, rates: RateSet): Change[] {
  const all = briefChanges(was, is);
  const own = all.filter((c) => !OF_MODEL.test(c.what));
  const model = all.length - own.length;
  const told =
    model === 0 ? own : [...own, { what: 'the part’s file and its measures', was: '', is: `${model} changed` }];
  return [...told, ...results(was, is, school, rates)];
}

function results(was: Brief, is: Brief, school: School, rates: RateSet): Change[] {
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
