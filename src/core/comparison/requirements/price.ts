import { boardAt, type Board } from '../board';
import { prepareStudy, type Study } from '../../study';
import { effectOf, type RequirementCost } from './effect';
import { requirementsOf } from './list';
import { plainRequirement, type Requirement } from './requirement';

/** Every requirement of a brief with the study of the brief without it, readied for any quantity. */
export interface Relaxations {
  readonly study: Study;
  readonly each: readonly { readonly requirement: Requirement; readonly without: Study }[];
}

/**
 * Readies the brief of a study without each of its requirements in turn, at the same rates and tolerance policy.
 * Costs about one preparation a requirement, so that a quantity afterwards costs only boards.
 *
 * @example
 * relaxations(study).study === study // true
 */
export function relaxations(study: Study): Relaxations {
  const prepare = (r: Requirement): Study => prepareStudy(r.relax(study.brief), study.school, study.rates);
  return {
    study,
    each: requirementsOf(study.brief).map((requirement) => ({ requirement, without: prepare(requirement) })),
  };
}

/**
 * What every requirement costs at q pieces, dearest first: those without which something could be made at all, then
 * by money over the programme, then by the routes they close, then by days.
 * @param q pieces of the programme, at least 1
 * @param orderDate ISO date of the order, or null
 * @example
 * requirementCosts(relaxations(study), 500, null).length > 0 // true
 */
export function requirementCosts({ study, each }: Relaxations, q: number, orderDate: string | null): RequirementCost[] {
  const asked = boardAt(study, q, orderDate);
  return each
    .map(({ requirement, without }) =>
      requirement.id === 'quantity.firstDelivery'
        ? dateCost(requirement, asked)
        : effectOf(requirement, asked, boardAt(without, q, orderDate)),
    )
    .sort(
      (a, b) => weigh(b) - weigh(a) || b.opens.length - a.opens.length || (b.addsFirst_d ?? 0) - (a.addsFirst_d ?? 0),
    );
}

/** For ranking: a requirement that alone keeps every route out weighs more than any money. */
const weigh = (c: RequirementCost): number =>
  c.adds === null ? (c.leader === null ? 0 : Infinity) : cents(c.addsInAll ?? 0);

const cents = (x: number): number => Math.round(100 * x);

/**
 * A wanted date bars nothing, so that the board without it is the same board; what it costs is the way from the
 * cheapest route to the cheapest one that comes in time. Lanes that come late are the ones it closes.
 */
function dateCost(requirement: Requirement, asked: Board): RequirementCost {
  const running = asked.lanes.filter((l) => l.status !== 'blocked' && l.money !== null);
  const late = running.filter((l) => (l.dates?.slack_d ?? 0) < 0);
  const price = (l: (typeof running)[number]): number => l.money?.allIn ?? Infinity;
  const byPrice = running.toSorted((a, b) => price(a) - price(b));
  const cheapest = byPrice[0];
  const inTime = byPrice.find((l) => !late.includes(l));
  const adds = cheapest === undefined || inTime === undefined ? null : price(inTime) - price(cheapest);
  return {
    requirement: plainRequirement(requirement),
    lanes: asked.lanes.map((l) => ({
      laneId: l.id,
      addsAllIn: running.includes(l) ? 0 : null,
      addsFirst_d: running.includes(l) ? 0 : null,
      closes: late.includes(l),
    })),
    opens: byPrice.filter((l) => late.includes(l)).map((l) => l.id),
    leader: cheapest?.id ?? null,
    allIn: cheapest === undefined ? null : price(cheapest),
    adds,
    addsInAll: adds === null ? null : adds * asked.q,
    addsFirst_d:
      cheapest?.dates == null || inTime?.dates == null
        ? null
        : inTime.dates.firstArticle_d - cheapest.dates.firstArticle_d,
  };
}
