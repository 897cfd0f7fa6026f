import { z } from 'zod';
import { CoreError } from '@/core/base/errors';
import type { BriefIssue } from '@/core/brief';
import { log } from '../log';
import { unsound } from './sound';

/** Largest body of an ordinary request, bytes. */
export const BODY_LIMIT = 512 * 1024;
/** Largest study file, bytes. */
export const IMPORT_LIMIT = 4 * 1024 * 1024;

/** What an error answer says: one message, and each field that is wrong. */
export interface ErrorBody {
  readonly error: { readonly message: string; readonly issues: readonly BriefIssue[] };
}

/** An error a request earns: its status and what it says. */
export class RequestError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly issues: readonly BriefIssue[] = [],
  ) {
    super(message);
  }
}

/** Answers with an error; 4xx for the caller's, 5xx for ours. */
export function refused(status: number, message: string, issues: readonly BriefIssue[] = []): Response {
  const told = issues.slice(0, MOST_ISSUES).map((issue) => ({ ...issue, value: short(issue.value) }));
  return Response.json({ error: { message: message.slice(0, MOST_LETTERS), issues: told } } satisfies ErrorBody, {
    status,
  });
}

/** Issues told, letters of a message, and letters of a value that is shown back, at most. */
const MOST_ISSUES = 60;
const MOST_LETTERS = 4000;
const MOST_OF_A_VALUE = 400;

/** A value as it is shown back: what is long is cut. */
function short(value: unknown): unknown {
  if (typeof value === 'string') return value.slice(0, MOST_OF_A_VALUE);
  if (typeof value !== 'object' || value === null) return value;
  const text = JSON.stringify(value);
  return text.length <= MOST_OF_A_VALUE ? value : `${text.slice(0, MOST_OF_A_VALUE)} …`;
}

/** JSON body of a request, within the limit. Refuses other types (415), too much (413) and broken JSON (400). */
export async function jsonBody(request: Request, limit = BODY_LIMIT): Promise<unknown> {
  if (!/^application\/json\b/.test(request.headers.get('content-type') ?? '')) {
    throw new RequestError(415, 'The body must be application/json.');
  }
  const bytes = await limitedBody(request, limit);
  let body: unknown;
  try {
    body = JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch (error) {
    throw new RequestError(400, `The body is not JSON: ${error instanceof Error ? error.message : String(error)}`);
  }
  const fault = unsound(body);
  if (fault !== null) throw new RequestError(400, `The body is refused: ${fault}.`);
  return body;
}

/** Bytes of a body, cut off where they pass the limit (413), whatever length was announced. */
export async function limitedBody(request: Request, limit: number): Promise<Uint8Array> {
  const tooLarge = (): RequestError => new RequestError(413, `The body is larger than ${Math.round(limit / 1024)} KB.`);
  if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooLarge();
  if (request.body === null) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let size = 0;
  const reader = request.body.getReader();
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    const chunk = value as Uint8Array;
    size += chunk.byteLength;
    if (size > limit) {
      await reader.cancel();
      throw tooLarge();
    }
    chunks.push(chunk);
  }
  const whole = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    whole.set(chunk, at);
    at += chunk.byteLength;
  }
  return whole;
}

/** A value by a schema, or a 400 that names each field. */
export function checked<T extends z.ZodType>(schema: T, value: unknown): z.output<T> {
  const result = schema.safeParse(value);
  if (result.success) return result.data;
  const issues = result.error.issues.map((issue): BriefIssue => {
    const at = issue.path.reduce<unknown>(
      (x, key) => (x == null ? undefined : (x as Record<PropertyKey, unknown>)[key]),
      value,
    );
    return { path: issue.path.map(String).join('.'), value: at, message: issue.message };
  });
  throw new RequestError(400, `Refused: ${issues.map((i) => `${i.path || 'body'} – ${i.message}`).join('; ')}`, issues);
}

/** Errors of MariaDB for a disk or a table without room. */
const FULL_DISK = new Set([1021, 1114, 1026]);

/** Runs a handler; what it throws becomes an answer: the caller's faults as 4xx with paths, ours as 500 without details. */
export async function answering(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof RequestError) return refused(error.status, error.message, error.issues);
    if (error instanceof CoreError) {
      const { field, value, accepted, code } = error.issue;
      return refused(422, `${code}: ${field} – accepted: ${accepted}`, [{ path: field, value, message: accepted }]);
    }
    const code = (error as { code?: string }).code ?? '';
    log.error({ err: error }, 'request failed');
    if (/ER_DISK_FULL|ER_RECORD_FILE_FULL|ENOSPC/.test(code) || FULL_DISK.has((error as { errno?: number }).errno ?? 0))
      return refused(507, 'The disk of the database is full. Nothing was saved; make room and try again.');
    if (/ECONN|PROTOCOL|ER_ACCESS|ETIMEDOUT|ER_STATEMENT_TIMEOUT/.test(code))
      return refused(503, 'The database cannot be reached. Nothing was saved; try again.');
    if (/ER_DATA_TOO_LONG|ER_TRUNCATED_WRONG_VALUE|ER_WARN_DATA_OUT_OF_RANGE|ER_CONSTRAINT_FAILED/.test(code))
      return refused(400, 'The database does not take a value of this request. Nothing was saved.');
    return refused(500, 'Something failed on the server. Nothing was saved.');
  }
}
