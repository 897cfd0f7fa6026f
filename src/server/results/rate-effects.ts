import type { RateRef } from '@/core/rates';
import { reading } from '../db';
import { inPool } from '../jobs';
import { loadStudies } from '../studies/repo';
import { changedFigures, type RateSetChange } from '../rates/actions';
import type { RateEffect } from '../rates/rate-effect';
import { selectRateSet, selectStudiesOf } from '../rates/queries';
import { refOf } from '../rates/repo';

/** Studies whose change is shown, at most: the latest changed. */
const MOST_LISTED = 200;
/** Studies worked out at once. */
const AT_ONCE = 2;

/**
 * What a change would do to the studies that use a set, without saving it: the latest changed of them, and how many there
 * are; undefined when there is no such set.
 * @param signal ends the work when the one who asked is gone
 */
export async function rateEffects(
  id: string,
  change: RateSetChange,
  signal?: AbortSignal,
): Promise<{ readonly effects: RateEffect[]; readonly of: number } | undefined> {
  const read = await reading(async (on) => {
    const row = await selectRateSet(on, id);
    if (row === undefined) return undefined;
    const ids = (await selectStudiesOf(on, id)).map((s) => s.id);
    return { ref: await refOf(on, row), studies: await loadStudies(on, ids.slice(0, MOST_LISTED)), of: ids.length };
  });
  if (read === undefined) return undefined;
  const { ref: before, studies, of } = read;
  const after: RateRef = changedFigures(before, change);
  const effects: RateEffect[] = [];
  for (let i = 0; i < studies.length; i += AT_ONCE) {
    const part = studies.slice(i, i + AT_ONCE);
    effects.push(
      ...(await Promise.all(
        part.map(({ id: studyId, title, brief, school }) =>
          inPool('rateEffect', { studyId, title, brief, school, before, after }, signal),
        ),
      )),
    );
  }
  return { effects, of };
}
