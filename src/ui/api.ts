import type { BriefIssue } from '@/core/brief';
import type { ErrorBody } from '@/server/http/answers';

/** An answer that refused: its status, message and the fields it names. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly issues: readonly BriefIssue[],
    readonly body: unknown,
  ) {
    super(message);
  }
}

/**
 * What a call that failed says, in words: the refusal with the fields it names, or that nobody answered.
 * @param silent what to say where the server does not answer
 */
export const failureWords = (error: unknown, silent: string): string =>
  error instanceof Refused ? [error.message, ...error.issues.map((i) => `${i.path}: ${i.message}.`)].join(' ') : silent;

/** Calls the server with JSON; a refusal is thrown as Refused, a dead line as a plain Error. */
export async function call<T>(
  method: 'GET' | 'POST' | 'PUT' | 'DELETE',
  path: string,
  body?: unknown,
  init: RequestInit = {},
): Promise<T> {
  const response = await fetch(path, {
    method,
    ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    ...init,
  });
  // An answer that was cut off, or given up while it was read, is no answer.
  const data: unknown = await response.json().catch((cut: unknown) => {
    if (response.ok) throw cut;
    return null;
  });
  if (response.ok) return data as T;
  const error = (data as Partial<ErrorBody> | null)?.error;
  throw new Refused(
    response.status,
    error?.message ?? `The server answered ${response.status}.`,
    error?.issues ?? [],
    data,
  );
}
