import { SHIPPED_RATES } from '@/core/rates';
import type { Runner } from '../db';
import { insertShipped } from './queries';

/** Puts the shipped rate set of this build into the database, once; it is never changed afterwards. */
export const shipRates = (on: Runner): Promise<void> => insertShipped(on, SHIPPED_RATES);
