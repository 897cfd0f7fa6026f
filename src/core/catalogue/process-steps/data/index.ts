import type { Process } from '../types';
import { BONDED_SAND_PROCESS } from './bonded-sand.data';
import { FLASK_INVESTMENT_PROCESS } from './flask-investment.data';
import { GRAVITY_DIE_PROCESS } from './gravity-die.data';
import { GREEN_SAND_PROCESS } from './green-sand.data';
import { MACHINED_PROCESS } from './machined.data';
import { PERMANENT_MOULD_PROCESS } from './permanent-mould.data';
import { PLASTER_PROCESS } from './plaster.data';
import { PRESSURE_DIE_PROCESS } from './pressure-die.data';
import { SHELL_INVESTMENT_PROCESS } from './shell-investment.data';
import { SPIN_PROCESS } from './spin.data';

/** How each route makes a part, and how one is machined from solid. */
export const PROCESSES: readonly Process[] = [
  GREEN_SAND_PROCESS,
  BONDED_SAND_PROCESS,
  PLASTER_PROCESS,
  SHELL_INVESTMENT_PROCESS,
  FLASK_INVESTMENT_PROCESS,
  GRAVITY_DIE_PROCESS,
  PERMANENT_MOULD_PROCESS,
  PRESSURE_DIE_PROCESS,
  SPIN_PROCESS,
  MACHINED_PROCESS,
];
