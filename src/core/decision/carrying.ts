import { exactMoney, type Board, type BoardLane } from '../comparison/board';
import { type Study } from '../study';
import { ALONE, PLAN, type StudyWorkings } from '../phased-plans';
import { shortName } from '../catalogue/routes';
import { figure, explain, type Explanation } from '../explanation';
import { fixed } from '../base/numbers';
import { differenceTo } from '../study/workings';

/** One of the figures a choice rests on. */
export interface CarryingFigure {
  readonly name: string;
  /** The figure with its unit, and what opens behind it. */
  readonly explanation: Explanation;
  /** Lane and name of the figure whose working it is. */
  readonly laneId: string;
  readonly figure: string;
}

/**
 * The five figures that carry the choice of a lane: a part, the programme, the tools, the first article, and how far
 * it is ahead of the next route (or behind the cheapest).
 * @returns fewer where a lane has no money, or no other route survives
 * @example
 * carryingFigures(study, board, lane)[0].laneId // 'green-sand/bench'
 */
export function carryingFigures(study: Study, board: Board, lane: BoardLane): CarryingFigure[] {
  const { money, dates } = lane;
  if (money === null || dates === null) return [];
  const code = study.rates.currency.code;
  const one = (name: string, text: string, of: string, after = ''): CarryingFigure => ({
    name,
    explanation: explain`${figure(text, lane.id, of)}${after}`,
    laneId: lane.id,
    figure: of,
  });
  const out = [
    one('Total cost per part', exactMoney(money.allIn, code), 'allIn', ''),
    one('Total cost', exactMoney(money.total, code), 'total', ` for all pieces`),
    one('Tooling', exactMoney(money.tooling, code), 'tooling', ' over the programme'),
    one('First article', `${fixed(dates.firstArticle_d / 7, 1)} weeks`, 'firstArticle', ' after the order'),
  ];
  const rival = rivalOf(board, lane);
  if (rival?.money != null) {
    const ahead = rival.money.allIn - money.allIn;
    const of = differenceTo('allIn', rival.id);
    const words = ahead >= 0 ? `under the next, ${shortName(rival.id)}` : `over the cheapest, ${shortName(rival.id)}`;
    out.push(one(ahead >= 0 ? 'Ahead' : 'Behind', exactMoney(Math.abs(ahead), code), of, ` per part ${words}`));
  }
  return out;
}

/**
 * The five figures that carry a plan in two steps: a part, the programme, the tools of both, the first article, and how
 * far it is under the route alone that delivers as soon, or over the cheapest where none does.
 * @param workings the study with the plan
 * @example
 * planFigures(planWorkings, board).length // 5
 */
export function planFigures(workings: StudyWorkings, board: Board): CarryingFigure[] {
  const code = workings.study.rates.currency.code;
  const value = (figure: string): number => workings.working(PLAN, figure).value;
  const one = (name: string, of: string, text: string, after: string): CarryingFigure => ({
    name,
    explanation: explain`${figure(text, PLAN, of)}${after}`,
    laneId: PLAN,
    figure: of,
  });
  const money = (name: string, of: string, after: string): CarryingFigure =>
    one(name, of, exactMoney(Math.abs(value(of)), code), after);
  const { plan } = workings;
  const alone = plan?.alone ?? null;
  const against = alone === null ? board.leader : ALONE;
  const by = against === null ? null : differenceTo('total', against);
  const other = shortName(alone?.laneId ?? board.leader ?? '');
  return [
    money('Total cost per part', 'allIn', ''),
    money('Total cost', 'total', ' for all pieces'),
    money('Tooling', 'tooling', ' for both steps'),
    one('First article', 'firstArticle', `${fixed(value('firstArticle') / 7, 1)} weeks`, ' after the order'),
    ...(by === null
      ? []
      : [
          money(
            value(by) <= 0 ? 'Ahead' : 'Behind',
            by,
            ` in total ${value(by) <= 0 ? 'under' : 'over'} ${other} alone, ${alone === null ? 'the cheapest, which delivers late' : 'the best that delivers as soon'}`,
          ),
        ]),
  ];
}

/**
 * The cheapest surviving lane of another route.
 *
 * @example
 * rivalOf(board, lane)?.id === board.second // true
 */
export function rivalOf(board: Board, lane: BoardLane): BoardLane | undefined {
  return board.lanes
    .filter((l) => l.routeId !== lane.routeId && l.status !== 'blocked' && l.money !== null && !l.passedOver)
    .toSorted((a, b) => (a.money?.total ?? 0) - (b.money?.total ?? 0))[0];
}
