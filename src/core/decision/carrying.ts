import { plainMoney, type Board, type BoardLane, type Study } from '../board';
import { shortName } from '../routes';
import { figure, fixed, tell, type Telling } from '../telling';
import { differenceTo } from '../workings';

/** One of the figures a choice rests on. */
export interface CarryingFigure {
  readonly name: string;
  /** The figure with its unit, and what opens behind it. */
  readonly told: Telling;
  /** Lane and name of the figure whose working it is. */
  readonly laneId: string;
  readonly figure: string;
}

/**
 * The five figures that carry the choice of a lane: a part, the programme, the tools, the first article, and how far
 * it is ahead of the next route (or behind the cheapest).
 * @returns fewer where a lane has no money, or no other route survives
 */
export function carryingFigures(study: Study, board: Board, lane: BoardLane): CarryingFigure[] {
  const { money, dates } = lane;
  if (money === null || dates === null) return [];
  const code = study.rates.currency.code;
  const one = (name: string, text: string, of: string, after = ''): CarryingFigure => ({
    name,
    told: tell`${figure(text, lane.id, of)}${after}`,
    laneId: lane.id,
    figure: of,
  });
  const out = [
    one('All in', plainMoney(money.allIn, code), 'allIn', ' a part'),
    one('The programme', plainMoney(money.total, code), 'total', ` for all pieces`),
    one('Tools', plainMoney(money.tooling, code), 'tooling', ' over the programme'),
    one('First article', `${fixed(dates.firstArticle_d / 7, 1)} weeks`, 'firstArticle', ' after the order'),
  ];
  const rival = rivalOf(board, lane);
  if (rival?.money != null) {
    const ahead = rival.money.allIn - money.allIn;
    const of = differenceTo('allIn', rival.id);
    const words = ahead >= 0 ? `under the next, ${shortName(rival.id)}` : `over the cheapest, ${shortName(rival.id)}`;
    out.push(one(ahead >= 0 ? 'Ahead' : 'Behind', plainMoney(Math.abs(ahead), code), of, ` a part ${words}`));
  }
  return out;
}

/** The cheapest surviving lane of another route. */
export function rivalOf(board: Board, lane: BoardLane): BoardLane | undefined {
  return board.lanes
    .filter((l) => l.routeId !== lane.routeId && l.status !== 'blocked' && l.money !== null && !l.passedOver)
    .toSorted((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0))[0];
}
