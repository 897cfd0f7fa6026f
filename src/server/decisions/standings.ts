import 'server-only';
import { readStoredBrief } from '@/core/brief';
import { standingOf, type Standing } from '@/core/decision';
import { ratesOf, type RateRef } from '@/core/rates';
import { CORE_VERSION } from '@/core/version';
import { reading, type Runner } from '../db';
import { log } from '../log';
import { loadRates } from '../rates/repo';
import { selectDecision, selectStanding, type DecisionRecord } from './record';

/** A signed choice that stands, looked at with the rates its study uses now. */
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
}

/** Of a record that this build cannot work out again. */
const UNREADABLE: Standing = {
  state: 'weaker',
  reason: 'Its record cannot be recomputed by this build.',
  told: ['Its record cannot be recomputed by this build.'],
  causes: [],
  plans: null,
};

type Found = Standing & { readonly plan: boolean };

/** Standings by decision, rate set, its version and core version: worked out once for each. */
const known = new Map<string, Found>();
const MOST_KEPT = 2000;

/** Every signed choice of the studies at hand, recomputed where its rates have changed; the latest first. */
export async function standings(): Promise<StandingOf[]> {
  return reading(async (on) => {
    const sets = new Map<string, RateRef>();
    const out: StandingOf[] = [];
    for (const row of await selectStanding(on)) {
      const set = sets.get(row.rates_now) ?? (await loadRates(on, row.rates_now));
      sets.set(row.rates_now, set);
      out.push({
        ...(await found(on, row.id, set)),
        studyId: row.study_id,
        decisionId: row.id,
        title: row.title,
        laneId: row.lane_id,
        quantity: row.quantity,
        signedBy: row.signed_by,
        signedOn: row.signed_on,
        ratesId: set.id,
        ratesName: set.name,
      });
    }
    return out;
  });
}

async function found(on: Runner, id: string, set: RateRef): Promise<Found> {
  const key = `${id} ${set.id} ${set.version} ${CORE_VERSION}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const decision = await selectDecision(on, id);
  const standing = decision === undefined ? null : lookAgain(decision, set);
  const made: Found = {
    ...(standing ?? UNREADABLE),
    plan: decision?.frozen.plan != null,
  };
  if (known.size > MOST_KEPT) known.clear();
  known.set(key, made);
  return made;
}

/** Null for a record of an earlier build that this one cannot read: it is said, and the list still comes. */
function lookAgain(decision: DecisionRecord, set: RateRef): Standing | null {
  const { frozen } = decision;
  const { brief } = readStoredBrief(frozen.brief);
  try {
    return standingOf(
      {
        brief,
        rates: frozen.rates,
        school: decision.school,
        laneId: decision.laneId,
        quantity: decision.quantity,
        orderDate: frozen.orderDate ?? frozen.brief.quantity.orderDate ?? decision.signedOn,
        plan: frozen.plan ?? null,
        weights: frozen.weights ?? null,
      },
      ratesOf(set),
    );
  } catch (error) {
    log.warn({ decision: decision.id, error: String(error) }, 'a decision could not be looked at again');
    return null;
  }
}
