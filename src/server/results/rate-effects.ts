import type { RateRef } from '@/core/rates';
import type { Foundry } from '@/core/foundries';
import type { Alloy } from '@/core/catalogue/alloys';
import { reading, type Runner } from '../db';
import { selectStudiesOfFoundry } from '../foundries/queries';
import { inPool } from '../jobs';
import { changedValues, type ProcessSetChange } from '../process-sets';
import { selectProcessSet, selectStudiesOfProcess } from '../process-sets/queries';
import { selectStudiesByAll } from '../studies/queries';
import { loadStudies } from '../studies/repo';
import { selectStudiesOfAlloy } from '../team-alloys/queries';
import { changedFigures, type RateSetChange } from '../rates/actions';
import type { RateEffect } from '../rates/rate-effect';
import { selectRateSet, selectStudiesOf } from '../rates/queries';

/** Studies whose change is shown, at most: the latest changed. */
const MOST_LISTED = 200;
/** Studies worked out at once. */
const AT_ONCE = 2;

/** Effects on the studies looked at, and how many there are in all. */
export interface Effects {
  readonly effects: RateEffect[];
  readonly of: number;
}

/** What a change does to some studies, without saving it: the latest changed of them, and how many there are. */
async function effectsOn(
  ids: (on: Runner) => Promise<readonly string[] | undefined>,
  changed: (before: RateRef) => RateRef,
  signal: AbortSignal | undefined,
): Promise<Effects | undefined> {
  const read = await reading(async (on) => {
    const all = await ids(on);
    return all === undefined
      ? undefined
      : { studies: await loadStudies(on, all.slice(0, MOST_LISTED)), of: all.length };
  });
  if (read === undefined) return undefined;
  const effects: RateEffect[] = [];
  for (let i = 0; i < read.studies.length; i += AT_ONCE) {
    const part = read.studies.slice(i, i + AT_ONCE);
    effects.push(
      ...(await Promise.all(
        part.map(({ id: studyId, title, brief, school, rates: before }) =>
          inPool('rateEffect', { studyId, title, brief, school, before, after: changed(before) }, signal),
        ),
      )),
    );
  }
  return { effects, of: read.of };
}

const idsOf = (list: readonly { readonly id: string }[]): string[] => list.map((s) => s.id);

/**
 * What a change would do to the studies that use a rate set; undefined when there is no such set.
 * @param signal ends the work when the one who asked is gone
 */
export const rateEffects = (id: string, change: RateSetChange, signal?: AbortSignal): Promise<Effects | undefined> =>
  effectsOn(
    async (on) => ((await selectRateSet(on, id)) === undefined ? undefined : idsOf(await selectStudiesOf(on, id))),
    (before) => ({ ...before, ...changedFigures(before, change) }),
    signal,
  );

/** What a change would do to the studies that use a set of process values; undefined when there is no such set. */
export const processEffects = (
  id: string,
  change: ProcessSetChange,
  signal?: AbortSignal,
): Promise<Effects | undefined> =>
  effectsOn(
    async (on) =>
      (await selectProcessSet(on, id)) === undefined ? undefined : idsOf(await selectStudiesOfProcess(on, id)),
    (before) => (before.process === undefined ? before : { ...before, process: changedValues(before.process, change) }),
    signal,
  );

/** What a changed profile would do to the studies judged by the foundry, or by all of them. */
export const foundryEffects = (foundry: Foundry, signal?: AbortSignal): Promise<Effects | undefined> =>
  effectsOn(
    async (on) => [...idsOf(await selectStudiesOfFoundry(on, foundry.id)), ...idsOf(await selectStudiesByAll(on))],
    (before) =>
      before.foundries === undefined
        ? before
        : {
            ...before,
            foundries: {
              ...before.foundries,
              list: before.foundries.list.map((one) => (one.id === foundry.id ? foundry : one)),
            },
          },
    signal,
  );

/** What a changed alloy of the team's own would do to the studies that are of it. */
export const alloyEffects = (alloy: Alloy, signal?: AbortSignal): Promise<Effects | undefined> =>
  effectsOn(
    async (on) => idsOf(await selectStudiesOfAlloy(on, alloy.id)),
    (before) =>
      before.alloys === undefined
        ? before
        : {
            ...before,
            alloys: { ...before.alloys, list: before.alloys.list.map((one) => (one.id === alloy.id ? alloy : one)) },
          },
    signal,
  );
