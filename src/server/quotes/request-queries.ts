import { change, rows, type Runner } from '../db';

/** A row of `quote_requests`. */
export interface RequestRow {
  readonly id: string;
  readonly study_id: string;
  readonly number: number;
  readonly asked: unknown;
  readonly answer_by: string | null;
  readonly sent_at: string;
  readonly sent_by: string;
}

/** What came of asking one foundry on one route. */
export type LineState = 'open' | 'answered' | 'declined' | 'closed';

/** A row of `quote_request_lines`, with the name of its foundry. */
export interface RequestLineRow {
  readonly id: string;
  readonly request_id: string;
  readonly foundry_id: string;
  readonly foundry: string;
  readonly route: string;
  readonly variant: string;
  readonly state: LineState;
  readonly by_desk: number;
  readonly desk_state: string;
  readonly reply: unknown;
  readonly changed_at: string;
}

const REQUEST = `id, study_id, number, asked, DATE_FORMAT(answer_by, '%Y-%m-%d') AS answer_by, sent_at, sent_by`;
const LINE = `l.id, l.request_id, l.foundry_id, f.name AS foundry, l.route, l.variant, l.state, l.by_desk, l.desk_state,
       l.reply, l.changed_at`;

export async function selectRequests(on: Runner, studyId: string): Promise<RequestRow[]> {
  return rows<RequestRow>(on, `SELECT ${REQUEST} FROM quote_requests WHERE study_id = ? ORDER BY number`, [studyId]);
}

export async function selectRequest(on: Runner, id: string): Promise<RequestRow | undefined> {
  return (await rows<RequestRow>(on, `SELECT ${REQUEST} FROM quote_requests WHERE id = ?`, [id]))[0];
}

export async function selectRequestLines(on: Runner, studyId: string): Promise<RequestLineRow[]> {
  return rows<RequestLineRow>(
    on,
    `SELECT ${LINE}
       FROM quote_request_lines l
       JOIN quote_requests r ON r.id = l.request_id
       JOIN foundries f ON f.id = l.foundry_id
      WHERE r.study_id = ?
      ORDER BY r.number, f.name, l.id`,
    [studyId],
  );
}

export async function selectRequestLine(on: Runner, id: string): Promise<RequestLineRow | undefined> {
  const found = await rows<RequestLineRow>(
    on,
    `SELECT ${LINE} FROM quote_request_lines l JOIN foundries f ON f.id = l.foundry_id WHERE l.id = ?`,
    [id],
  );
  return found[0];
}

/** The next number of a request of a study; the study's row must be locked. */
export async function nextRequestNumber(on: Runner, studyId: string): Promise<number> {
  await rows(on, 'SELECT id FROM studies WHERE id = ? FOR UPDATE', [studyId]);
  const found = await rows<{ n: number | null }>(on, 'SELECT MAX(number) AS n FROM quote_requests WHERE study_id = ?', [
    studyId,
  ]);
  return Number(found[0]?.n ?? 0) + 1;
}

export async function insertRequest(
  on: Runner,
  r: { id: string; studyId: string; number: number; asked: unknown; answerBy: string | null; who: string },
): Promise<void> {
  await change(
    on,
    'INSERT INTO quote_requests (id, study_id, number, asked, answer_by, sent_by) VALUES (?, ?, ?, ?, ?, ?)',
    [r.id, r.studyId, r.number, JSON.stringify(r.asked), r.answerBy, r.who],
  );
}

export async function insertRequestLine(
  on: Runner,
  l: { id: string; requestId: string; foundryId: string; route: string; variant: string; byDesk: boolean },
): Promise<void> {
  await change(
    on,
    `INSERT INTO quote_request_lines (id, request_id, foundry_id, route, variant, by_desk)
     VALUES (?, ?, ?, ?, ?, ?)`,
    [l.id, l.requestId, l.foundryId, l.route, l.variant, l.byDesk],
  );
}

export async function updateRequestLine(
  on: Runner,
  l: { id: string; state: LineState; deskState: string; reply: unknown },
): Promise<number> {
  return change(
    on,
    `UPDATE quote_request_lines
        SET state = ?, desk_state = ?, reply = ?, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ?`,
    [l.state, l.deskState, l.reply === null ? null : JSON.stringify(l.reply), l.id],
  );
}

/** Settles a line that is still open. @returns false where somebody did so before */
export async function settleOpenLine(
  on: Runner,
  l: { id: string; state: LineState; deskState: string },
): Promise<boolean> {
  const changed = await change(
    on,
    `UPDATE quote_request_lines
        SET state = ?, desk_state = ?, reply = NULL, changed_at = CURRENT_TIMESTAMP(3)
      WHERE id = ? AND state = 'open'`,
    [l.state, l.deskState, l.id],
  );
  return changed > 0;
}

/** Lines that the desk has not answered yet. */
export async function selectDeskLines(on: Runner, studyId: string): Promise<{ id: string }[]> {
  return rows<{ id: string }>(
    on,
    `SELECT l.id
       FROM quote_request_lines l JOIN quote_requests r ON r.id = l.request_id
      WHERE r.study_id = ? AND l.by_desk AND l.state = 'open' AND l.reply IS NULL`,
    [studyId],
  );
}

/** A request that waits for answers. */
export interface OpenRequestRow {
  readonly study_id: string;
  readonly title: string;
  readonly number: number;
  readonly answer_by: string | null;
  readonly sent_at: string;
  readonly open: number;
  readonly asked: number;
}

/** Requests with an answer still open, those that are due first. */
export async function selectOpenRequests(on: Runner, most: number): Promise<OpenRequestRow[]> {
  return rows<OpenRequestRow>(
    on,
    `SELECT r.study_id, s.title, r.number, DATE_FORMAT(r.answer_by, '%Y-%m-%d') AS answer_by, r.sent_at,
            SUM(l.state = 'open') AS open, COUNT(*) AS asked
       FROM quote_requests r
       JOIN quote_request_lines l ON l.request_id = r.id
       JOIN studies s ON s.id = r.study_id
      WHERE s.archived_at IS NULL
      GROUP BY r.id, r.study_id, s.title, r.number, r.answer_by, r.sent_at
     HAVING open > 0
      ORDER BY r.answer_by IS NULL, r.answer_by, r.sent_at
      LIMIT ${Math.floor(most)}`,
  );
}
