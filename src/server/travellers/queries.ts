import { change, rows, type Runner } from '../db';

/** A row of `travellers`. */
export interface TravellerRow {
  readonly id: string;
  readonly study_id: string;
  readonly number: number;
  readonly body: unknown;
  readonly issued_at: string;
  readonly issued_by: string;
}

/** A row of `traveller_ticks`. */
export interface TickRow {
  readonly item: string;
  readonly done: number;
  readonly note: string;
  readonly who: string;
  readonly ticked_at: string;
}

const TRAVELLER = 'id, study_id, number, body, issued_at, issued_by';

export async function selectTraveller(on: Runner, id: string): Promise<TravellerRow | undefined> {
  const found = await rows<TravellerRow>(on, `SELECT ${TRAVELLER} FROM travellers WHERE id = ?`, [id]);
  return found[0];
}

/** Locks a traveller until the transaction ends, so that ticks are taken one batch after the other. */
export async function lockTraveller(on: Runner, id: string): Promise<TravellerRow | undefined> {
  const found = await rows<TravellerRow>(on, `SELECT ${TRAVELLER} FROM travellers WHERE id = ? FOR UPDATE`, [id]);
  return found[0];
}

/** Travellers of a study, newest first, without their bodies. */
export async function selectTravellers(
  on: Runner,
  studyId: string,
): Promise<
  {
    id: string;
    number: number;
    lane_id: string;
    good: number;
    start_date: string;
    issued_at: string;
    issued_by: string;
    ticks: number;
  }[]
> {
  return rows(
    on,
    `SELECT t.id, t.number, JSON_VALUE(t.body, '$.laneId') AS lane_id, JSON_VALUE(t.body, '$.quantity.good') AS good,
            JSON_VALUE(t.body, '$.startDate') AS start_date, t.issued_at, t.issued_by,
            (SELECT COUNT(*) FROM traveller_ticks k WHERE k.traveller_id = t.id AND k.done = 1) AS ticks
       FROM travellers t
      WHERE t.study_id = ?
      ORDER BY t.number DESC
      LIMIT 200`,
    [studyId],
  );
}

export async function nextTravellerNumber(on: Runner, studyId: string): Promise<number> {
  const found = await rows<{ n: number | null }>(on, 'SELECT MAX(number) AS n FROM travellers WHERE study_id = ?', [
    studyId,
  ]);
  return Number(found[0]?.n ?? 0) + 1;
}

/** Locks the study until the transaction ends, so that two travellers do not take the same number. */
export async function lockStudyOf(on: Runner, studyId: string): Promise<boolean> {
  return (await rows<{ id: string }>(on, 'SELECT id FROM studies WHERE id = ? FOR UPDATE', [studyId])).length > 0;
}

export async function insertTraveller(
  on: Runner,
  t: { id: string; studyId: string; number: number; body: unknown; who: string },
): Promise<void> {
  await change(on, 'INSERT INTO travellers (id, study_id, number, body, issued_by) VALUES (?, ?, ?, ?, ?)', [
    ...[t.id, t.studyId, t.number, JSON.stringify(t.body), t.who],
  ]);
}

export async function selectTicks(on: Runner, travellerId: string): Promise<TickRow[]> {
  return rows<TickRow>(
    on,
    'SELECT item, done, note, who, ticked_at FROM traveller_ticks WHERE traveller_id = ? ORDER BY item',
    [travellerId],
  );
}

/** Puts a tick in; an older word than the one that is there changes nothing. */
export async function putTick(
  on: Runner,
  t: { travellerId: string; item: string; done: boolean; note: string; who: string; at: string },
): Promise<void> {
  await change(
    on,
    `INSERT INTO traveller_ticks (traveller_id, item, done, note, who, ticked_at) VALUES (?, ?, ?, ?, ?, ?)
     ON DUPLICATE KEY UPDATE
       done = IF(VALUES(ticked_at) >= ticked_at, VALUES(done), done),
       note = IF(VALUES(ticked_at) >= ticked_at, VALUES(note), note),
       who = IF(VALUES(ticked_at) >= ticked_at, VALUES(who), who),
       ticked_at = GREATEST(ticked_at, VALUES(ticked_at))`,
    [t.travellerId, t.item, t.done ? 1 : 0, t.note, t.who, t.at],
  );
}
