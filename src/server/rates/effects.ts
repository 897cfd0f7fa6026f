import { boardAt, prepareStudy } from '@/core/board';
import { lifetimeQuantity } from '@/core/brief';
import { ownRates, ratesOf, SHIPPED_RATES, type RateSet } from '@/core/rates';
import { reading } from '../db';
import { loadStudy, type StudyRecord } from '../studies/repo';
import { changedFigures, type RateSetChange } from './actions';
import { selectRateSet, selectStudiesOf } from './queries';
import { refOf } from './repo';

/** Who leads a study and at what price, at one rate set. Money in the set's currency. */
export interface Standing {
  /** Lane id, or null where none survives. */
  readonly leader: string | null;
  readonly allIn: number | null;
  readonly total: number | null;
}

/** What a change of a rate set does to one study that uses it, at the pieces of its whole life. */
export interface RateEffect {
  readonly studyId: string;
  readonly title: string;
  /** Null where the brief does not say how many; then nothing is compared. */
  readonly q: number | null;
  readonly before: Standing;
  readonly after: Standing;
}

/** What a change would do to every study that uses a set, without saving it; undefined when there is no such set. */
export async function rateEffects(id: string, change: RateSetChange): Promise<RateEffect[] | undefined> {
  return reading(async (on) => {
    const row = await selectRateSet(on, id);
    if (row === undefined) return undefined;
    const ref = await refOf(on, row);
    const next = changedFigures(ref, change);
    const before = ratesOf(ref);
    const after = ownRates(SHIPPED_RATES, ref.id, next.name, next.own, next.currency);
    const out: RateEffect[] = [];
    for (const { id: studyId } of await selectStudiesOf(on, id)) {
      const study = await loadStudy(on, studyId);
      if (study === undefined) continue;
      const q = lifetimeQuantity(study.brief);
      out.push({
        studyId,
        title: study.title,
        q,
        before: standing(study, before, q),
        after: standing(study, after, q),
      });
    }
    return out;
  });
}

function standing(study: StudyRecord, rates: RateSet, q: number | null): Standing {
  if (q === null) return { leader: null, allIn: null, total: null };
  const board = boardAt(prepareStudy(study.brief, study.school, rates), q);
  const money = board.lanes.find((l) => l.id === board.leader)?.money;
  return { leader: board.leader, allIn: money?.allIn ?? null, total: money?.total ?? null };
}
