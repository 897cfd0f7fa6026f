import 'server-only';
import type { EditionEffect } from '../jobs/jobs';
import { reading } from '../db';
import { inPool } from '../jobs';
import { loadStudies } from '../studies/repo';
import { selectBefore, selectSignedBefore, type SignedBeforeRow } from './queries';

/** Studies that are told of, at most: the latest changed. */
const MOST_LISTED = 200;
/** Studies worked out at once. */
const AT_ONCE = 2;

/** What edition 2 did to one study. */
export interface Edition2Line extends EditionEffect {
  readonly studyId: string;
  readonly title: string;
  readonly currency: string;
  readonly quantity: number;
  /** What led before, by which core. */
  readonly before: string | null;
  readonly coreBefore: string;
  /** A decision in force that an earlier core worked out: it keeps its figures. */
  readonly signed: {
    readonly laneId: string;
    readonly by: string;
    readonly on: string;
    readonly core: string;
    readonly state: SignedBeforeRow['state'];
    readonly reason: string | null;
  } | null;
}

/** What edition 2 did, study by study. */
export interface Edition2Report {
  readonly lines: readonly Edition2Line[];
}

/**
 * Study by study what edition 2 of the tables changed and why: of the studies that an earlier edition worked out in this
 * database. Empty where there is none.
 * @param signal ends the work when the one who asked is gone
 */
export async function edition2Report(signal?: AbortSignal): Promise<Edition2Report> {
  const read = await reading(async (on) => {
    const before = await selectBefore(on, MOST_LISTED);
    const ids = before.map((b) => b.study_id);
    return { before, studies: await loadStudies(on, ids), signed: await selectSignedBefore(on, ids) };
  });
  const lines: Edition2Line[] = [];
  for (let i = 0; i < read.before.length; i += AT_ONCE)
    lines.push(
      ...(
        await Promise.all(
          read.before.slice(i, i + AT_ONCE).map(async (row): Promise<Edition2Line[]> => {
            const study = read.studies.find((s) => s.id === row.study_id);
            if (study === undefined || row.quantity === null) return [];
            const { brief, school, rates } = study;
            const quantity = Number(row.quantity);
            const effect = await inPool('edition2', { brief, school, rates, quantity, before: row.leader }, signal);
            const signed = read.signed.find((d) => d.study_id === row.study_id);
            return [
              {
                ...effect,
                studyId: row.study_id,
                title: row.title,
                currency: rates.currency,
                quantity,
                before: row.leader,
                coreBefore: row.core_version,
                signed:
                  signed === undefined
                    ? null
                    : {
                        laneId: signed.lane_id,
                        by: signed.signed_by,
                        on: signed.signed_on,
                        core: signed.core_version,
                        state: signed.state,
                        reason: signed.reason,
                      },
              },
            ];
          }),
        )
      ).flat(),
    );
  return { lines };
}
