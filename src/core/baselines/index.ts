/** Ways without a casting: cut from solid, stamped from strip, today's assembly. Their equations of money and time. */
import { ALL_IN, PRICE_FACTOR } from './equations/any';
import * as A from './equations/assembly';
import * as D from './equations/damage';
import { TODAY } from './equations/damage-today';
import { DETAIL, DETAILS } from './equations/details';
import * as J from './equations/joining';
import * as M from './equations/machined';
import * as S from './equations/stamped';

export { damageWorking, isDamageFigure, MOST_ENDS, MOST_SERVICE_YEARS, oneForMany, type OneForMany } from './damage';
export { damageFigure } from './equations/damage';
export { fabricatedBaseline, joiningOf } from './assembly';
export { machinedBaseline } from './machined';
export { stampedBaseline } from './stamped';
export type { Baseline, BaselineId, Joining } from './types';

/** Every equation of a baseline's money, in the order of the model's sections. */
export const BASELINE_EQUATIONS = [
  ...[M.STOCK, M.STOCK_MASS, M.REMOVAL, M.SETUPS, DETAIL, DETAILS, M.CUTTING, M.MINUTES],
  ...[M.METAL, M.MACHINING, M.FINISHING, M.HEAT_TREATMENT, M.INSPECTION, M.PIECE],
  ...[M.PROGRAMMING, M.TOOLING, M.SET_UP, M.UNIT, M.TOTAL],
  ...[S.BENDS, S.HOURS, S.TOOLING, S.METAL, S.STROKES, S.FINISHING, S.PIECE, S.SET_UP, S.UNIT, S.TOTAL],
  ...[S.STRIP.HOURS, S.STRIP.STROKES, S.STRIP.SET_UP],
  ...[J.JOINT_MINUTES, J.JOINT_HARDWARE, J.JOINING_MINUTES, J.JOINING, J.HARDWARE, J.STOCKING],
  ...[A.OF_KIND, A.PIECES, A.METAL, A.FLOOR, A.RETURNS, A.UNIT, A.TOOLING, A.TOTAL],
  ...[PRICE_FACTOR, ALL_IN],
  ...[D.OUT, D.ONCE, D.YEAR, D.END, D.ENDS_YEAR, D.FITTING, D.WORTH, D.PAYS_FROM, TODAY],
] as const;

/** Every equation of a baseline's time. */
export const BASELINE_TIME_EQUATIONS = [
  ...[M.UNITS, M.SHIFTS, M.MACHINES, M.DAY],
  ...[S.UNITS, S.SHIFTS, S.MACHINES, S.DAY],
  ...[S.STRIP.UNITS, S.STRIP.SHIFTS, S.STRIP.MACHINES, S.STRIP.DAY],
  ...[A.UNITS, A.SHIFTS, A.MACHINES, A.DAY],
] as const;
