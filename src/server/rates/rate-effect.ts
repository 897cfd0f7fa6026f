import { boardAt } from '@/core/comparison/board';
import { prepareStudy } from '@/core/study';
import { lifetimeQuantity, type Brief } from '@/core/brief';
import type { TolerancePolicy } from '@/core/part';
import {
  alloysAt,
  foundriesAt,
  ownRates,
  processAt,
  ratesOf,
  SHIPPED_RATES,
  type RateRef,
  type RateSet,
} from '@/core/rates';

/** Who leads a study and at what price, at one rate set. Money in the set's currency. */
export interface LeaderBefore {
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
  readonly before: LeaderBefore;
  readonly after: LeaderBefore;
  /** Currency of the study after the change. */
  readonly currency: string;
}

/** A study, and the rates before and after a change that is not saved. */
export interface EffectAsked {
  readonly studyId: string;
  readonly title: string;
  readonly brief: Brief;
  readonly school: TolerancePolicy;
  readonly before: RateRef;
  readonly after: RateRef;
}

/** What a change of rates does to one study. */
export function effectOf({ studyId, title, brief, school, before, after }: EffectAsked): RateEffect {
  const q = lifetimeQuantity(brief);
  const at = (rates: RateSet): LeaderBefore => standing(brief, school, rates, q);
  return { studyId, title, q, before: at(ratesOf(before)), after: at(unkept(after)), currency: after.currency };
}

/** Rates, process values and foundries that have no version yet are built anew and not kept under one. */
const unkept = ({ id, name, own, currency, alloys, process, foundries }: RateRef): RateSet => {
  const rates = id === SHIPPED_RATES.id ? SHIPPED_RATES : ownRates(SHIPPED_RATES, id, name, own, currency);
  return foundriesAt(processAt(alloysAt(rates, alloys, own), process), foundries);
};

function standing(brief: Brief, school: TolerancePolicy, rates: RateSet, q: number | null): LeaderBefore {
  if (q === null) return { leader: null, allIn: null, total: null };
  const board = boardAt(prepareStudy(brief, school, rates), q);
  const money = board.lanes.find((l) => l.id === board.leader)?.money;
  return { leader: board.leader, allIn: money?.allIn ?? null, total: money?.total ?? null };
}
