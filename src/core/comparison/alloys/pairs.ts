import { bestLayout, prepareStudy, survives, type StudyLane } from '../../study';
import type { Brief } from '../../brief';
import { daysWithHolidays } from '../../schedule';
import type { ProgrammeCost } from '../../cost';
import type { TolerancePolicy } from '../../part';
import { everyAlloy, type RateSet } from '../../rates';
import { ROUTES } from '../../catalogue/routes';

/** One alloy on one route: its best lane there and what a part costs. */
export interface AlloyOnRoute {
  readonly routeId: string;
  /** Best surviving lane, or null where the route is ruled out for this alloy. */
  readonly laneId: string | null;
  /** Money a part, in the currency of the rates; null where ruled out. */
  readonly allIn: number | null;
  /** The first reason that rules the route out; empty where it survives. */
  readonly why: string;
}

/** A brief poured in one alloy: the leader and every route. */
export interface AlloyPair {
  readonly alloyId: string;
  readonly leader: string | null;
  readonly allIn: number | null;
  readonly firstArticle_d: number | null;
  /** Mass of the part, kg; null where the brief lacks the volume. */
  readonly mass_kg: number | null;
  readonly routes: readonly AlloyOnRoute[];
}

/**
 * The brief in one other alloy at q pieces. Heat treatment is asked as the brief says, also of alloys that take none.
 * @param q pieces of the programme, at least 1
 * @example
 * alloyPair(brief, 'zn-za8', 'published', rates, 500).routes.length // 9
 */
export function alloyPair(
  brief: Brief,
  alloyId: string,
  school: TolerancePolicy,
  rates: RateSet,
  q: number,
): AlloyPair {
  const study = prepareStudy({ ...brief, alloy: alloyId }, school, rates);
  const fx = rates.currency.perUnit;
  let lead: { readonly entry: StudyLane; readonly cost: ProgrammeCost; readonly total: number } | null = null;
  const routes = ROUTES.map((route): AlloyOnRoute => {
    let best: { readonly id: string; readonly total: number } | null = null;
    let why = '';
    for (const entry of study.lanes) {
      if (entry.lane.route.id !== route.id) continue;
      const found = survives(entry) ? bestLayout(entry, q) : null;
      if (found === null) {
        if (why === '')
          why = entry.screening?.findings.find((f) => f.status === 'blocked')?.reason ?? entry.uncosted ?? '';
        continue;
      }
      if (best === null || found.total < best.total) best = { id: entry.lane.id, total: found.total };
      if (lead === null || found.total < lead.total) lead = { entry, ...found };
    }
    return {
      routeId: route.id,
      laneId: best?.id ?? null,
      allIn: best === null ? null : (best.total * fx) / q,
      why: best === null ? why : '',
    };
  });
  const leading = lead as { readonly entry: StudyLane; readonly cost: ProgrammeCost; readonly total: number } | null;
  return {
    alloyId,
    leader: leading?.entry.lane.id ?? null,
    allIn: leading === null ? null : (leading.total * fx) / q,
    firstArticle_d:
      leading === null
        ? null
        : daysWithHolidays(
            brief.quantity.orderDate,
            study.timeOf(leading.cost.model, leading.cost.plan).firstArticle_d,
            rates.calendar,
          ),
    mass_kg: study.facts?.m ?? null,
    routes,
  };
}

/**
 * The brief in every alloy of the table and of the team, cheapest part first; alloys that no route pours come last, in table order.
 * Costs about one preparation of a study an alloy.
 *
 * @example
 * alloyPairs(brief, 'published', rates, 500)[0].routes.length // 9
 */
export function alloyPairs(brief: Brief, school: TolerancePolicy, rates: RateSet, q: number): AlloyPair[] {
  return everyAlloy(rates)
    .map((alloy) => alloyPair(brief, alloy.id, school, rates, q))
    .sort((a, b) => (a.allIn ?? Infinity) - (b.allIn ?? Infinity));
}
