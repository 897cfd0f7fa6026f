/** The nine routes, in the order of their kin: sands, burnt-out moulds, metal dies, rubber. */
import { GREEN_SAND } from './green-sand.data';
import { BONDED_SAND } from './bonded-sand.data';
import { PLASTER } from './plaster.data';
import { SHELL_INVESTMENT } from './shell-investment.data';
import { FLASK_INVESTMENT } from './flask-investment.data';
import { GRAVITY_DIE } from './gravity-die.data';
import { PERMANENT_MOULD } from './permanent-mould.data';
import { PRESSURE_DIE } from './pressure-die.data';
import { SPIN } from './spin.data';
import type { Route } from '../types';

export const ROUTES: readonly Route[] = [
  GREEN_SAND,
  BONDED_SAND,
  PLASTER,
  SHELL_INVESTMENT,
  FLASK_INVESTMENT,
  GRAVITY_DIE,
  PERMANENT_MOULD,
  PRESSURE_DIE,
  SPIN,
];
