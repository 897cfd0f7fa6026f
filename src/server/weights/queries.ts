import { change, rows, type Runner } from '../db';

/** A row of `team_weights`. */
export interface WeightRow {
  readonly criterion: string;
  readonly weight: number;
  readonly changed_by: string;
  readonly changed_at: string;
}

export const selectWeights = (on: Runner): Promise<WeightRow[]> =>
  rows<WeightRow>(on, 'SELECT criterion, weight, changed_by, changed_at FROM team_weights');

/** Puts one criterion's weight in place of the one before. */
export async function putWeight(on: Runner, criterion: string, weight: number, who: string): Promise<void> {
  await change(
    on,
    `INSERT INTO team_weights (criterion, weight, changed_by) VALUES (?, ?, ?)
     ON DUPLICATE KEY UPDATE weight = VALUES(weight), changed_by = VALUES(changed_by), changed_at = CURRENT_TIMESTAMP(3)`,
    [criterion, weight, who],
  );
}
