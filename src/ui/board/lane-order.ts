import { COLUMNS, type Board, type BoardLane } from '@/core/comparison/board';
import type { LaneOrder } from '../preferences';

/** The least room a lane has anywhere: its tightest cell or shape. */
export function leastSpare(lane: BoardLane): number {
  const spares = [lane.shape, ...COLUMNS.map((c) => lane.cells[c])].flatMap((cell) =>
    cell.spare === null ? [] : [cell.spare],
  );
  return spares.length === 0 ? -1 : Math.min(...spares);
}

/** Nine routes parted: survivors in the order asked for, and those ruled out in the order of the routes. */
export function orderLanes(board: Board, order: LaneOrder): { open: BoardLane[]; out: BoardLane[] } {
  const best = Object.values(board.bestOfRoute).flatMap((id) => board.lanes.filter((lane) => lane.id === id));
  const survives = (lane: BoardLane): boolean => lane.status !== 'blocked' && lane.money !== null && !lane.passedOver;
  const key: Readonly<Record<LaneOrder, (lane: BoardLane) => number>> = {
    total: (lane) => lane.money?.total ?? Infinity,
    first: (lane) => lane.dates?.firstArticle_d ?? Infinity,
    spare: (lane) => -leastSpare(lane),
  };
  return {
    open: best.filter(survives).sort((a, b) => key[order](a) - key[order](b)),
    out: best.filter((lane) => !survives(lane)),
  };
}
