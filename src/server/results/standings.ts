import 'server-only';
import type { Standing } from '@/core/decision';
import { CORE_VERSION } from '@/core/base/version';
import { reading } from '../db';
import { underPresentNames } from '../decisions/older-names';
import { selectDecision } from '../decisions/queries';
import { countStandings, selectKeptStanding, selectKeptStandings, type KeptStandingRow } from './queries';
import { renewSoon, renewStanding } from './renew';

/** A signed choice that stands, looked at with the rates its study uses. */
export interface StandingOf extends Standing {
  readonly studyId: string;
  readonly decisionId: string;
  readonly title: string;
  readonly laneId: string;
  readonly quantity: number;
  /** Whether a plan in two steps was signed. */
  readonly plan: boolean;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly ratesId: string;
  readonly ratesName: string;
  /** Whether it is of the rates and the core as they are now; false while it is looked at again. */
  readonly fresh: boolean;
}

/** The signed decisions worth telling, and how many there are of each state. */
export interface StandingsKept {
  readonly standings: readonly StandingOf[];
  readonly counts: {
    readonly stands: number;
    readonly weaker: number;
    readonly overturned: number;
    readonly waiting: number;
  };
}

/** Standings told on the first page, at most: the fallen first. */
const MOST_LISTED = 20;

/** The signed decisions as they were last looked at: those that fell first. What is old is renewed in the background. */
export async function listStandings(most = MOST_LISTED): Promise<StandingsKept> {
  const { kept, counts } = await reading(async (on) => ({
    kept: await selectKeptStandings(on, CORE_VERSION, most),
    counts: await countStandings(on),
  }));
  const of = (state: string | null): number => Number(counts.find((c) => c.state === state)?.n ?? 0);
  if (of(null) > 0 || kept.some((k) => !k.fresh)) renewSoon();
  return {
    standings: kept.map(standingFrom),
    counts: { stands: of('stands'), weaker: of('weaker'), overturned: of('overturned'), waiting: of(null) },
  };
}

/**
 * How one decision stands with the rates its study uses now, worked out at once where what is kept is old; undefined for
 * one that is reopened or not there.
 */
export async function standingOfDecision(decisionId: string, signal?: AbortSignal): Promise<StandingOf | undefined> {
  const kept = await reading((on) => selectKeptStanding(on, CORE_VERSION, decisionId));
  if (kept !== undefined && Boolean(kept.fresh)) return standingFrom(kept);
  const studyId = await reading(async (on) => {
    const decision = await selectDecision(on, decisionId);
    return decision === undefined || decision.reopenedAt !== null ? undefined : decision.studyId;
  });
  if (studyId === undefined) return undefined;
  await renewStanding(decisionId, studyId, signal);
  const now = await reading((on) => selectKeptStanding(on, CORE_VERSION, decisionId));
  return now === undefined ? undefined : standingFrom(now);
}

function standingFrom(r: KeptStandingRow): StandingOf {
  const standing = underPresentNames(
    typeof r.standing === 'string' ? JSON.parse(r.standing) : r.standing,
  ) as Standing & {
    plan: boolean;
  };
  return {
    ...standing,
    studyId: r.study_id,
    decisionId: r.decision_id,
    title: r.title,
    laneId: r.lane_id,
    quantity: r.quantity,
    signedBy: r.signed_by,
    signedOn: r.signed_on,
    ratesId: r.rates_id,
    ratesName: r.rates_name,
    fresh: Boolean(r.fresh),
  };
}
