/** Rates of every variant, keyed route/variant. */
import { GREEN_SAND_LOOSE } from './green-sand.loose.data';
import { GREEN_SAND_BENCH } from './green-sand.bench.data';
import { GREEN_SAND_MACHINE } from './green-sand.machine.data';
import { BONDED_SAND_PATTERN } from './bonded-sand.pattern.data';
import { BONDED_SAND_PRINTED } from './bonded-sand.printed.data';
import { PLASTER_RESIN } from './plaster.resin.data';
import { PLASTER_PRINTED } from './plaster.printed.data';
import { SHELL_INVESTMENT_WAX_DIE } from './shell-investment.wax-die.data';
import { SHELL_INVESTMENT_PRINTED } from './shell-investment.printed.data';
import { FLASK_INVESTMENT_RUBBER_MOULD } from './flask-investment.rubber-mould.data';
import { FLASK_INVESTMENT_PRINTED } from './flask-investment.printed.data';
import { GRAVITY_DIE_HAND } from './gravity-die.hand.data';
import { GRAVITY_DIE_OPEN } from './gravity-die.open.data';
import { PERMANENT_MOULD_TILT } from './permanent-mould.tilt.data';
import { PERMANENT_MOULD_LOW_PRESSURE } from './permanent-mould.low-pressure.data';
import { PRESSURE_DIE_COLD } from './pressure-die.cold.data';
import { PRESSURE_DIE_HOT } from './pressure-die.hot.data';
import { SPIN_ORGANIC_RUBBER } from './spin.organic-rubber.data';
import { SPIN_SILICONE_RUBBER } from './spin.silicone-rubber.data';
import type { VariantRates } from '../../types';

export const VARIANT_RATES: Readonly<Record<string, VariantRates>> = {
  'green-sand/loose': GREEN_SAND_LOOSE,
  'green-sand/bench': GREEN_SAND_BENCH,
  'green-sand/machine': GREEN_SAND_MACHINE,
  'bonded-sand/pattern': BONDED_SAND_PATTERN,
  'bonded-sand/printed': BONDED_SAND_PRINTED,
  'plaster/resin': PLASTER_RESIN,
  'plaster/printed': PLASTER_PRINTED,
  'shell-investment/wax-die': SHELL_INVESTMENT_WAX_DIE,
  'shell-investment/printed': SHELL_INVESTMENT_PRINTED,
  'flask-investment/rubber-mould': FLASK_INVESTMENT_RUBBER_MOULD,
  'flask-investment/printed': FLASK_INVESTMENT_PRINTED,
  'gravity-die/hand': GRAVITY_DIE_HAND,
  'gravity-die/open': GRAVITY_DIE_OPEN,
  'permanent-mould/tilt': PERMANENT_MOULD_TILT,
  'permanent-mould/low-pressure': PERMANENT_MOULD_LOW_PRESSURE,
  'pressure-die/cold': PRESSURE_DIE_COLD,
  'pressure-die/hot': PRESSURE_DIE_HOT,
  'spin/organic-rubber': SPIN_ORGANIC_RUBBER,
  'spin/silicone-rubber': SPIN_SILICONE_RUBBER,
};
