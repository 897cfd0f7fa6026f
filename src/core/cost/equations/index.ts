import { COAT_LOT, COAT_PIECE, HELD_KG, HELD_LOT } from './coats';
import { LINES, UNIT } from './lines';
import { CASTINGS, LOT, MELTED, POURS, SHOTS } from './lot';
import {
  FINISH,
  HEAT,
  INSPECTED,
  LOOK,
  MACHINED,
  MADE,
  MEASURE,
  PRICE_FACTOR,
  SCRAP,
  SCRAP_OF_REST,
  SET_UP,
} from './piece';
import {
  CASTINGS_A_POUR,
  CLAMP,
  CORES,
  CYCLE,
  DIE_CYCLE,
  KNOCK_OUT,
  LOST_PLACES,
  MELTING,
  MOULD,
  MOULD_LOSS,
  MOULD_VOLUME,
  PER_POUR,
  POUR,
  POURED_MASS,
  POURING,
  PRINTS,
} from './pour';
import { ALL_IN, FRESH_LOTS, FULL_LOTS, REST, SETTLED_LOTS, TOTAL } from './programme';
import {
  FIRST_TOOL,
  FIRST_TOOLS,
  FIXTURES,
  GAUGES,
  PROGRAMME_SHOTS,
  REPLACEMENT_SETS,
  REPLACEMENTS,
  STORAGE,
  TOOL_HOURS,
  TOOLING,
  UPKEEP,
} from './tooling';
import { WASTE } from './waste';

export { LINE_WORDS } from './words';
export { WASTE_FIGURES } from './waste';
export type { Worth } from './programme';

/** Every equation of a lane's money, in the order of the model's sections. */
export const COST_EQUATIONS = [
  ...[SCRAP, SCRAP_OF_REST, PRICE_FACTOR],
  ...[CLAMP, POURED_MASS, MOULD_VOLUME, LOST_PLACES],
  ...[TOOL_HOURS, FIRST_TOOL, REPLACEMENT_SETS, PROGRAMME_SHOTS, UPKEEP],
  ...[FIRST_TOOLS, REPLACEMENTS, FIXTURES, GAUGES, STORAGE, TOOLING],
  ...[MOULD_LOSS, MOULD, CORES, PRINTS, POURING, CYCLE, DIE_CYCLE, KNOCK_OUT, POUR, CASTINGS_A_POUR],
  ...[FINISH, HEAT, LOOK, MEASURE, INSPECTED, MACHINED, MADE],
  ...[COAT_PIECE, COAT_LOT, HELD_LOT, HELD_KG],
  ...[CASTINGS, POURS, MELTED, SHOTS, MELTING, SET_UP, PER_POUR, LOT],
  ...[FULL_LOTS, REST, FRESH_LOTS, SETTLED_LOTS, TOTAL],
  ...Object.values(LINES),
  ...[UNIT, ALL_IN],
  ...Object.values(WASTE),
] as const;

/** Symbols that the equations of time have in common with those of money. */
export {
  a,
  brief,
  capability,
  choice,
  D,
  figure,
  mc,
  mu,
  n,
  nt,
  ofFamily,
  out,
  rate,
  timeEquation,
  variant,
  Y,
} from './symbols';
export { losesMoulds } from './pour';
export { rateKey } from './coats';
