import {
  CAST_MASS,
  MACHINE_MINUTES,
  MACHINING,
  OPERATION_METAL,
  OPERATION_TIME,
  SETUPS,
  STOCK,
  TAKEN,
} from './machining';
import { HELD_WIDTH } from './widths';
import { COMPLEXITY, DIFFICULTY, ENVELOPE, MASS, PLAN, SURFACE_INDEX } from './shape';

/** Every equation of the part: its shape, and what is machined on it. */
export const PART_EQUATIONS = [
  ...[MASS, SURFACE_INDEX, COMPLEXITY, DIFFICULTY, PLAN, ENVELOPE],
  HELD_WIDTH,
  ...[TAKEN, OPERATION_METAL, OPERATION_TIME, SETUPS, MACHINE_MINUTES, MACHINING, STOCK, CAST_MASS],
] as const;

/** Symbols that other equations of the part's alloy and rates have in common with these. */
export { ofAlloy, rate, rho, type OfPart } from './symbols';
