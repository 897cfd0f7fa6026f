import { ALLOYS } from '../alloys';
import { bestLayout, boardAt, prepareStudy, survives } from '../board';
import type { Brief } from '../brief';
import type { School } from '../part';
import type { RateSet } from '../rates';
import { ROUTES } from '../routes';

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
 */
export function alloyPair(brief: Brief, alloyId: string, school: School, rates: RateSet, q: number): AlloyPair {
  const study = prepareStudy({ ...brief, alloy: alloyId }, school, rates);
  const board = boardAt(study, q);
  const routes = ROUTES.map((route): AlloyOnRoute => {
    let best: { readonly id: string; readonly total: number } | null = null;
    let why = '';
    for (const entry of study.lanes) {
      if (entry.lane.route.id !== route.id) continue;
      const total = survives(entry) ? bestLayout(entry, q)?.total : undefined;
      if (total !== undefined && (best === null || total < best.total)) best = { id: entry.lane.id, total };
      if (total === undefined && why === '')
        why = entry.screening?.findings.find((f) => f.status === 'blocked')?.reason ?? entry.uncosted ?? '';
    }
    const lane = best === null ? undefined : board.lanes.find((l) => l.id === best.id);
    return {
      routeId: route.id,
      laneId: lane?.id ?? null,
      allIn: lane?.money?.allIn ?? null,
      why: lane === undefined ? why : '',
    };
  });
  const leader = board.lanes.find((l) => l.id === board.leader);
  return {
    alloyId,
    leader: board.leader,
    allIn: leader?.money?.allIn ?? null,
    firstArticle_d: leader?.dates?.firstArticle_d ?? null,
    mass_kg: study.facts?.m ?? null,
    routes,
  };
}

/**
 * The brief in every alloy of the table, cheapest part first; alloys that no route pours come last, in table order.
 * Costs about one preparation of a study an alloy.
 */
export function alloyPairs(brief: Brief, school: School, rates: RateSet, q: number): AlloyPair[] {
  return ALLOYS.map((alloy) => alloyPair(brief, alloy.id, school, rates, q)).sort(
    (a, b) => (a.allIn ?? Infinity) - (b.allIn ?? Infinity),
  );
}
