import 'server-only';
import type { Standing } from '@/core/decision';
import { CORE_VERSION } from '@/core/base/version';
import { reading, transaction } from '../db';
import { selectDecision } from '../decisions/queries';
import { Busy, inPool } from '../jobs';
import { log } from '../log';
import { loadStudies, ratesOfStudy } from '../studies/repo';
import { ratesOf } from '@/core/rates';
import { quotedBy } from '../quotes/repo';
import { selectStudy } from '../studies/queries';
import { putStanding, putStudyResult, selectFacts, selectStaleStandings, selectStaleStudies } from './queries';

/** Studies and standings taken up in one go: small, so that what was asked meanwhile is not held up. */
const STUDIES_AT_ONCE = 16;
const STANDINGS_AT_ONCE = 2;
/** Pause between goes, ms. */
const PAUSE_MS = 20;
/** After a failure of the database or of the pool nothing is tried for so long, ms. */
const REST_MS = 5000;

/** Of a record that this build cannot work out again. */
const UNREADABLE: Standing = {
  state: 'weaker',
  reason: 'Its record cannot be recomputed by this build.',
  explanation: ['Its record cannot be recomputed by this build.'],
  causes: [],
  plans: null,
};

const shared = globalThis as typeof globalThis & { ninePoursRenewing?: Promise<void> | undefined };

/**
 * Sees to it that what lists tell is worked out again where it is of an older version of a study, its rates or the core:
 * in the background, a few at a time, until nothing is old. Asked again while that goes on, it goes on.
 */
export function renewSoon(): void {
  shared.ninePoursRenewing ??= renewAll()
    .catch(async (error: unknown) => {
      log.warn({ err: error }, 'what lists tell could not be renewed');
      await new Promise((done) => setTimeout(done, REST_MS));
    })
    .finally(() => {
      shared.ninePoursRenewing = undefined;
    });
}

/** Waits until nothing is old any more; for tests and for the start. */
export async function renewed(): Promise<void> {
  renewSoon();
  await shared.ninePoursRenewing;
}

async function renewAll(): Promise<void> {
  for (;;) {
    const studies = await renewStudies();
    const standings = await renewStandings();
    if (studies + standings === 0) return;
    await new Promise((done) => setTimeout(done, PAUSE_MS));
  }
}

/** Works out the leaders of some studies; how many. */
async function renewStudies(): Promise<number> {
  const stale = await reading((on) => selectStaleStudies(on, CORE_VERSION, STUDIES_AT_ONCE));
  if (stale.length === 0) return 0;
  const studies = await reading((on) =>
    loadStudies(
      on,
      stale.map((s) => s.id),
    ),
  );
  const facts = new Map(stale.map((s) => [s.id, s.facts]));
  for (const study of studies) {
    const { id: studyId, version, brief, school, rates } = study;
    // A study that cannot be worked out leads with nothing: it is not asked again until it changes.
    const found = await inPool('leader', { brief, school, rates }).catch((error: unknown) => {
      if (error instanceof Busy) throw error;
      log.warn({ study: studyId, error: String(error) }, 'the leader of a study could not be calculated');
      return { quantity: null, leader: null };
    });
    await transaction((on) =>
      putStudyResult(on, {
        studyId,
        version,
        rateSetId: rates.id,
        rateVersion: rates.version,
        facts: facts.get(studyId) ?? '',
        core: CORE_VERSION,
        ...found,
      }),
    ).catch((error: unknown) => {
      // The study was deleted meanwhile.
      if ((error as { errno?: number }).errno !== 1452) throw error;
    });
  }
  return studies.length;
}

/** Looks at some signed decisions again; how many. */
async function renewStandings(): Promise<number> {
  const stale = await reading((on) => selectStaleStandings(on, CORE_VERSION, STANDINGS_AT_ONCE));
  for (const { id, study_id } of stale) await renewStanding(id, study_id);
  return stale.length;
}

/** Looks at one signed decision again, with what its study is judged by at present. @param signal ends the work */
export async function renewStanding(decisionId: string, studyId: string, signal?: AbortSignal): Promise<void> {
  const read = await reading(async (on) => {
    const decision = await selectDecision(on, decisionId);
    const study = await selectStudy(on, studyId);
    const facts = await selectFacts(on, studyId);
    if (decision === undefined || study === undefined || facts === undefined) return undefined;
    const rates = await ratesOfStudy(on, study);
    const today = new Date().toISOString().slice(0, 10);
    return { decision, facts, rates, quoted: await quotedBy(on, studyId, ratesOf(rates).currency.code, today) };
  });
  if (read === undefined) return;
  const { decision, facts, rates, quoted } = read;
  const found = await inPool('standing', { decision, rates, quoted }, signal).catch((error: unknown) => {
    if (signal?.aborted === true || error instanceof Busy) throw error;
    log.warn({ decision: decisionId, error: String(error) }, 'a decision could not be looked at again');
    return null;
  });
  const standing = { ...(found ?? UNREADABLE), plan: decision.snapshot.plan != null };
  await transaction((on) =>
    putStanding(on, {
      decisionId,
      rateSetId: rates.id,
      rateVersion: rates.version,
      facts,
      core: CORE_VERSION,
      standing,
    }),
  );
}
