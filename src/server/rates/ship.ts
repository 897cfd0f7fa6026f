import { SHIPPED_RATES } from '@/core/rates';
import { change, type Runner } from '../db';

/** Puts the shipped rate set of this build into the database, once; it is never changed afterwards. */
export async function shipRates(on: Runner): Promise<void> {
  await change(
    on,
    `INSERT INTO rate_sets (id, name, shipped, currency, figures) VALUES (?, ?, TRUE, ?, ?)
     ON DUPLICATE KEY UPDATE id = id`,
    [SHIPPED_RATES.id, SHIPPED_RATES.name, SHIPPED_RATES.currency.code, JSON.stringify(SHIPPED_RATES)],
  );
}
