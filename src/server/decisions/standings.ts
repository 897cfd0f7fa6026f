import 'server-only';
import { standingOf, type Standing } from '@/core/decision';
import { ratesOf, type RateRef } from '@/core/rates';
import { CORE_VERSION } from '@/core/version';
import { reading } from '../db';
import { log } from '../log';
import { loadRates } from '../rates/repo';
import { selectStanding } from './record';

/** A signed choice that stands, looked at with the rates its study uses now. */
export interface StandingOf extends Standing {
  readonly studyId: string;
  readonly decisionId: string;
  readonly title: string;
  readonly laneId: string;
  readonly quantity: number;
  readonly plan: boolean;
  readonly signedBy: string;
  readonly signedOn: string;
  readonly ratesName: string;
}

/** Standings by decision, rate set version and core version: worked out once for each. */
const known = new Map<string, Standing>();
const MOST_KEPT = 2000;

/** Every signed choice of the studies at hand, recomputed where its rates have changed; the latest first. */
export async function standings(): Promise<StandingOf[]> {
  return reading(async (on) => {
    const sets = new Map<string, RateRef>();
    const out: StandingOf[] = [];
    for (const { decision, ratesNow, title } of await selectStanding(on)) {
      let set = sets.get(ratesNow);
      if (set === undefined) sets.set(ratesNow, (set = await loadRates(on, ratesNow)));
      const key = `${decision.id} ${set.id} ${set.version} ${CORE_VERSION}`;
      let standing = known.get(key);
      if (standing === undefined) {
        const { frozen } = decision;
        try {
          standing = standingOf(
            {
              brief: frozen.brief,
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
          // A record of an earlier build that this one cannot read: it is said, and the list still comes.
          log.warn({ decision: decision.id, error: String(error) }, 'a decision could not be looked at again');
          standing = {
            state: 'weaker',
            reason: `Signed with core ${decision.coreVersion}, whose record this one cannot recompute.`,
            causes: [],
          };
        }
        if (known.size > MOST_KEPT) known.clear();
        known.set(key, standing);
      }
      out.push({
        ...standing,
        studyId: decision.studyId,
        decisionId: decision.id,
        title,
        laneId: decision.laneId,
        quantity: decision.quantity,
        plan: frozen(decision.frozen.plan),
        signedBy: decision.signedBy,
        signedOn: decision.signedOn,
        ratesName: set.name,
      });
    }
    return out;
  });
}

const frozen = (plan: unknown): boolean => plan !== null && plan !== undefined;
