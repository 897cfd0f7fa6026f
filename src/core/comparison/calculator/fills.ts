import { bestLayout, type Study } from '../../study';
import { type Board } from '../board';
import { likely } from '../../base/figures';
import type { Link } from './chain';

/** Rates of a lane of a study, as chains can be filled with them. */
export interface LaneRates {
  readonly laneId: string;
  /** Kilograms a crew may pour in a shift, times its share of the shop. */
  readonly kgAShift: number;
  /** Castings a kilogram of poured metal makes. */
  readonly castingsAKg: number;
  /** Castings started for each good piece. */
  readonly castingsAPiece: number;
  /** Kilograms melted for each kilogram poured. */
  readonly meltedAPoured: number;
  readonly goodADay: number;
  readonly firstArticle_d: number;
  readonly calendarAWorkday: number;
  /** Share of castings started that come out good. */
  readonly yield: number;
}

/**
 * The rates of a lane at q pieces, at the layout its money chose; null for a lane without money or dates.
 *
 * @example
 * laneRates(study, board, 'no such lane') // null
 */
export function laneRates(study: Study, board: Board, laneId: string): LaneRates | null {
  const entry = study.lanes.find((e) => e.lane.id === laneId);
  const lane = board.lanes.find((l) => l.id === laneId);
  const best = entry === undefined ? null : bestLayout(entry, board.q);
  if (entry?.model == null || lane?.dates == null || best === null) return null;
  const { model } = entry;
  const { time } = lane.dates;
  const { v } = model;
  const poured = model.part.mc / model.Y;
  return {
    laneId,
    kgAShift: likely(v.time.capKg) * likely(v.time.share),
    castingsAKg: (1 - model.lambda) / poured,
    castingsAPiece: model.settled.nB,
    meltedAPoured: 1 + model.meltLoss,
    goodADay: time.goodPerDay,
    firstArticle_d: lane.dates.firstArticle_d,
    calendarAWorkday: time.calendarPerWorkday,
    yield: 1 / model.settled.nB,
  };
}

/**
 * Pieces a shift by the metal a crew can pour.
 *
 * @example
 * piecesAShift(laneRates(study, board, board.leader)).length > 0 // true
 */
export const piecesAShift = (r: LaneRates): readonly Link[] => [
  { name: 'metal a crew pours', value: r.kgAShift, unit: 'kg/shift', by: 'times' },
  { name: 'castings a kilogram', value: r.castingsAKg, unit: 'casting/kg', by: 'times' },
  { name: 'castings a good piece', value: r.castingsAPiece, unit: 'casting/piece', by: 'over' },
];

/**
 * Metal to melt for a lot. @param lot good pieces
 * @example
 * metalToMelt(laneRates(study, board, board.leader), 100).length > 0 // true
 */
export const metalToMelt = (r: LaneRates, lot: number): readonly Link[] => [
  { name: 'good pieces', value: lot, unit: 'piece/lot', by: 'times' },
  { name: 'castings a good piece', value: r.castingsAPiece, unit: 'casting/piece', by: 'times' },
  { name: 'castings a kilogram', value: r.castingsAKg, unit: 'casting/kg', by: 'over' },
  { name: 'melted a kilogram poured', value: r.meltedAPoured, unit: '1', by: 'times' },
];

/**
 * Calendar days of the run of an order, without tools and first article. @param pieces good pieces
 * @example
 * daysForOrder(laneRates(study, board, board.leader), 500).length > 0 // true
 */
export const daysForOrder = (r: LaneRates, pieces: number): readonly Link[] => [
  { name: 'good pieces', value: pieces, unit: 'piece', by: 'times' },
  { name: 'good pieces a day', value: r.goodADay, unit: 'piece/workday', by: 'over' },
  { name: 'days a working day', value: r.calendarAWorkday, unit: 'day/workday', by: 'times' },
];
