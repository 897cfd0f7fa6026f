import { rows, type Runner } from '../db';

/** Where a study stands: open, or decided for a lane on a date. */
export type DecisionState =
  | { readonly state: 'open' }
  | { readonly state: 'signed'; readonly laneId: string; readonly signedBy: string; readonly signedOn: string }
  | { readonly state: 'reopened'; readonly laneId: string };

interface Row {
  readonly study_id: string;
  readonly lane_id: string;
  readonly signed_by: string;
  readonly signed_on: string;
  readonly reopened_at: string | null;
}

/** The latest decision of every study that has one. */
export async function decisionStates(on: Runner): Promise<Map<string, DecisionState>> {
  const found = await rows<Row>(
    on,
    `SELECT d.study_id, d.lane_id, d.signed_by, d.signed_on, d.reopened_at
       FROM decisions d
       JOIN (SELECT study_id, MAX(created_at) AS latest FROM decisions GROUP BY study_id) last
         ON last.study_id = d.study_id AND last.latest = d.created_at`,
  );
  return new Map(
    found.map((r) => [
      r.study_id,
      r.reopened_at === null
        ? { state: 'signed', laneId: r.lane_id, signedBy: r.signed_by, signedOn: r.signed_on }
        : { state: 'reopened', laneId: r.lane_id },
    ]),
  );
}
