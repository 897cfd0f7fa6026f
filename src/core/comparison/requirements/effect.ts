import type { Board, BoardLane } from '../board';
import { plainRequirement, type PlainRequirement, type Requirement } from './requirement';

/** What one requirement does to one lane at one quantity. */
export interface LaneEffect {
  readonly laneId: string;
  /** Money a part the requirement adds, in the currency of the rates; null where the lane is barred either way. */
  readonly addsAllIn: number | null;
  /** Calendar days it adds to the first article; null likewise. */
  readonly addsFirst_d: number | null;
  /** It alone keeps the lane out. */
  readonly closes: boolean;
}

/** What one requirement costs at one quantity. */
export interface RequirementCost {
  readonly requirement: PlainRequirement;
  readonly lanes: readonly LaneEffect[];
  /** Lanes it alone closes, cheapest first as they would be without it. */
  readonly opens: readonly string[];
  /** Leader and its money a part without the requirement; null when none survives even so. */
  readonly leader: string | null;
  readonly allIn: number | null;
  /** What the cheapest route is dearer a part for it; null when nothing survives with it, or nothing even without. */
  readonly adds: number | null;
  /** The same over the programme at this quantity. */
  readonly addsInAll: number | null;
  /** Days the leader's first article comes later for it, the route changing with it where it does; may be negative. */
  readonly addsFirst_d: number | null;
}

const open = (lane: BoardLane | undefined): lane is BoardLane & { money: NonNullable<BoardLane['money']> } =>
  lane !== undefined && lane.status !== 'blocked' && lane.money !== null;

/**
 * Compares the board with a requirement to the board without it, at the same quantity and the same rates.
 * @param asked board of the brief as it stands
 * @param without board of the relaxed brief
 * @example
 * effectOf(requirements[0], board, board).adds // 0
 */
export function effectOf(requirement: Requirement, asked: Board, without: Board): RequirementCost {
  const lanes = asked.lanes.map((lane): LaneEffect => {
    const free = without.lanes.find((l) => l.id === lane.id);
    const closes = !open(lane) && open(free);
    const both = open(lane) && open(free);
    return {
      laneId: lane.id,
      addsAllIn: both ? lane.money.allIn - free.money.allIn : null,
      addsFirst_d:
        both && lane.dates !== null && free.dates !== null
          ? lane.dates.firstArticle_d - free.dates.firstArticle_d
          : null,
      closes,
    };
  });
  const price = (id: string): number => without.lanes.find((l) => l.id === id)?.money?.allIn ?? Infinity;
  const leads = asked.lanes.find((l) => l.id === asked.leader);
  const would = without.lanes.find((l) => l.id === without.leader);
  const adds = open(leads) && open(would) ? leads.money.allIn - would.money.allIn : null;
  return {
    requirement: plainRequirement(requirement),
    lanes,
    opens: lanes
      .filter((l) => l.closes)
      .map((l) => l.laneId)
      .sort((a, b) => price(a) - price(b)),
    leader: would?.id ?? null,
    allIn: open(would) ? would.money.allIn : null,
    adds,
    addsInAll: adds === null ? null : adds * asked.q,
    addsFirst_d:
      leads?.dates != null && would?.dates != null ? leads.dates.firstArticle_d - would.dates.firstArticle_d : null,
  };
}
