import 'server-only';
import { randomUUID } from 'node:crypto';
import { readReply, type ReplyIssue } from '@/core/quotes';
import type { QuoteRequest } from '@/core/comparison/quotes';
import { isoTime, reading, transaction } from '../db';
import { foundryOf } from '../foundries';
import type { StudyRecord } from '../studies';
import { deskSays, hasDesk, sendToDesk } from './desk-client';
import { addQuoteOn } from './repo';
import {
  insertRequest,
  insertRequestLine,
  nextRequestNumber,
  selectDeskLines,
  selectOpenRequests,
  selectRequest,
  selectRequestLine,
  selectRequestLines,
  selectRequests,
  settleOpenLine,
  updateRequestLine,
  type LineState,
  type RequestLineRow,
  type RequestRow,
} from './request-queries';

/** One foundry asked on one route. */
export interface RequestLine {
  readonly id: string;
  readonly foundryId: string;
  readonly foundry: string;
  readonly laneId: string;
  readonly state: LineState;
  readonly byDesk: boolean;
  /** What the desk said last, in words. */
  readonly deskState: string;
  /** A reply that could not be read as a quote: its rows, and what is wrong with them. */
  readonly reply: { readonly rows: readonly { key: string; value: string }[]; readonly letter: string } | null;
  readonly changedAt: string;
}

/** A request of a study, with everyone who was asked. */
export interface RequestRecord {
  readonly id: string;
  readonly studyId: string;
  readonly number: number;
  readonly asked: QuoteRequest;
  readonly answerBy: string | null;
  readonly sentAt: string;
  readonly sentBy: string;
  readonly lines: readonly RequestLine[];
}

const parsed = <T>(x: unknown): T => (typeof x === 'string' ? (JSON.parse(x) as T) : (x as T));

const lineOf = (l: RequestLineRow): RequestLine => ({
  ...{ id: l.id, foundryId: l.foundry_id, foundry: l.foundry, laneId: `${l.route}/${l.variant}`, state: l.state },
  ...{ byDesk: Boolean(l.by_desk), deskState: l.desk_state, changedAt: isoTime(l.changed_at) },
  reply: l.reply === null ? null : parsed(l.reply),
});

const recordOf = (r: RequestRow, lines: readonly RequestLineRow[]): RequestRecord => ({
  ...{ id: r.id, studyId: r.study_id, number: r.number, asked: parsed<QuoteRequest>(r.asked) },
  ...{ answerBy: r.answer_by, sentAt: isoTime(r.sent_at), sentBy: r.sent_by },
  lines: lines.filter((l) => l.request_id === r.id).map(lineOf),
});

/** Every request of a study, the first one first. */
export async function listRequests(studyId: string): Promise<RequestRecord[]> {
  return reading(async (on) => {
    const lines = await selectRequestLines(on, studyId);
    return (await selectRequests(on, studyId)).map((r) => recordOf(r, lines));
  });
}

/** A request by its id; undefined where there is none. */
export async function getRequest(id: string): Promise<RequestRecord | undefined> {
  return reading(async (on) => {
    const row = await selectRequest(on, id);
    return row === undefined ? undefined : recordOf(row, await selectRequestLines(on, row.study_id));
  });
}

/** Where a reply sheet belongs: the line of a request; undefined where there is none of that id. */
export async function getRequestLine(
  id: string,
): Promise<{ readonly line: RequestLine; readonly requestId: string; readonly studyId: string } | undefined> {
  return reading(async (on) => {
    const row = await selectRequestLine(on, id);
    const request = row === undefined ? undefined : await selectRequest(on, row.request_id);
    return row === undefined || request === undefined
      ? undefined
      : { line: lineOf(row), requestId: request.id, studyId: request.study_id };
  });
}

/** Who is to be asked. */
export interface SendAsked {
  readonly asked: QuoteRequest;
  readonly lines: readonly { readonly foundryId: string; readonly laneId: string }[];
  readonly answerBy: string | null;
  readonly byDesk: boolean;
  readonly who: string;
}

/** Keeps a request as sent. @returns its id, or null for a foundry that is not there */
export async function sendRequest(
  studyId: string,
  { asked, lines, answerBy, byDesk, who }: SendAsked,
): Promise<string | null> {
  return transaction(async (on) => {
    for (const { foundryId } of lines) if ((await foundryOf(on, foundryId)) === undefined) return null;
    const id = randomUUID();
    const number = await nextRequestNumber(on, studyId);
    await insertRequest(on, { id, studyId, number, asked, answerBy, who });
    for (const { foundryId, laneId } of lines) {
      const [route = '', variant = ''] = laneId.split('/');
      await insertRequestLine(on, { id: randomUUID(), requestId: id, foundryId, route, variant, byDesk });
    }
    return id;
  });
}

/** Hands the lines of a request to the desk; what it refuses is told in the line. */
export async function handToDesk(request: RequestRecord, study: StudyRecord, on: string): Promise<void> {
  const { foundries: _judged, ...rates } = study.rates;
  for (const line of request.lines) {
    if (!line.byDesk || line.state !== 'open') continue;
    const foundry = await reading((runner) => foundryOf(runner, line.foundryId));
    if (foundry === undefined) continue;
    const { brief, school: policy } = study;
    const { id, name, profile } = foundry;
    const refusal = await sendToDesk({
      ...{ id: line.id, foundry: { id, name, profile }, laneId: line.laneId, brief, policy, rates, on },
      q: request.asked.asked.need,
    });
    await transaction((runner) =>
      updateRequestLine(runner, { id: line.id, state: 'open', deskState: refusal ?? 'sent', reply: null }),
    );
  }
}

/** What came in when the desk was asked. */
export interface Collected {
  readonly quotes: number;
  readonly declined: number;
  /** Replies that a person must read. */
  readonly unread: number;
  readonly waiting: number;
}

/**
 * Fetches what the desk has by now: replies that read as quotes are put in, marked as simulated; others keep their rows
 * for a person to read. A desk that has forgotten a request is handed it again.
 */
export async function collectReplies(study: StudyRecord, today: string): Promise<Collected> {
  const out = { quotes: 0, declined: 0, unread: 0, waiting: 0 };
  if (!hasDesk()) return out;
  const open = await reading((on) => selectDeskLines(on, study.id));
  let forgotten = false;
  for (const { id } of open) {
    const says = await deskSays(id);
    if (says === null || says.state === 'waiting') {
      out.waiting++;
      continue;
    }
    if (says.state === 'unknown') {
      forgotten = true;
      out.waiting++;
      continue;
    }
    const at = await getRequestLine(id);
    if (at === undefined) continue;
    const [route = '', variant = ''] = at.line.laneId.split('/');
    const read = readReply(says.rows, { id: 'desk', foundryId: at.line.foundryId, route, variant });
    const { quote } = read;
    if (quote === null) {
      out.unread++;
      await transaction((on) =>
        updateRequestLine(on, {
          id,
          state: 'open',
          deskState: `A reply came that cannot be read whole: ${issueWords(read.issues)}`.slice(0, 200),
          reply: { rows: says.rows, letter: says.letter },
        }),
      );
      continue;
    }
    const state = quote.decline === null ? 'answered' : 'declined';
    // Two pages may ask the desk at once: who settles the line puts the quote in.
    const mine = await transaction(async (on) => {
      if (!(await settleOpenLine(on, { id, state, deskState: says.letter.slice(0, 200) }))) return false;
      await addQuoteOn(on, study.id, {
        ...{ quote, foundryId: at.line.foundryId, supplier: at.line.foundry, entered: 'desk', simulated: true },
        ...{ requestId: at.requestId, who: 'simulated desk', why: says.letter.slice(0, 400) },
      });
      return true;
    });
    if (!mine) continue;
    if (state === 'answered') out.quotes++;
    else out.declined++;
  }
  if (forgotten)
    for (const request of await listRequests(study.id))
      await handToDesk(
        { ...request, lines: request.lines.filter((l) => open.some((o) => o.id === l.id) && l.reply === null) },
        study,
        today,
      );
  return out;
}

const issueWords = (issues: readonly ReplyIssue[]): string =>
  issues
    .slice(0, 2)
    .map((i) => `${i.path} “${i.value}”`)
    .join(', ');

/** Closes a line that will not be answered, or that was answered by hand. */
export async function settleLine(id: string, state: LineState, deskState: string): Promise<boolean> {
  return transaction(async (on) => (await updateRequestLine(on, { id, state, deskState, reply: null })) > 0);
}

/** A request that waits, for the first page. */
export interface OpenRequest {
  readonly studyId: string;
  readonly title: string;
  readonly number: number;
  readonly answerBy: string | null;
  readonly sentAt: string;
  readonly open: number;
  readonly asked: number;
}

/** Requests with an answer still open, those that are due first. */
export async function openRequests(most = 20): Promise<OpenRequest[]> {
  return reading(async (on) =>
    (await selectOpenRequests(on, most)).map((r) => ({
      ...{ studyId: r.study_id, title: r.title, number: r.number, answerBy: r.answer_by, sentAt: isoTime(r.sent_at) },
      ...{ open: Number(r.open), asked: Number(r.asked) },
    })),
  );
}
