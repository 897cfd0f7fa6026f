import { z } from 'zod';
import { env } from '../env';
import { log } from '../log';

const answerSchema = z.discriminatedUnion('state', [
  z.object({ state: z.literal('waiting'), seconds: z.number() }),
  z.object({
    state: z.literal('replied'),
    declined: z.boolean(),
    rows: z.array(z.object({ key: z.string().max(200), value: z.string().max(4000) })).max(2000),
    letter: z.string().max(4000),
  }),
]);

/** What a desk says of a request; `unknown` where it was never asked, or has forgotten. */
export type DeskSays = z.output<typeof answerSchema> | { readonly state: 'unknown' };

const ANSWER_MS = 8000;

/** Whether a desk is there to be asked; it is a simulated one where none other is named. */
export const hasDesk = (): boolean => env().QUOTE_DESK_URL !== undefined;

async function ask(path: string, init: RequestInit): Promise<Response | null> {
  const base = env().QUOTE_DESK_URL;
  if (base === undefined) return null;
  try {
    return await fetch(new URL(path, base), { ...init, signal: AbortSignal.timeout(ANSWER_MS) });
  } catch (error) {
    log.warn({ err: error }, 'the quote desk does not answer');
    return null;
  }
}

/** Sends a request to the desk. @returns null when it was taken, or why not */
export async function sendToDesk(body: object): Promise<string | null> {
  const response = await ask('/requests', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (response === null) return 'The desk does not answer.';
  if (response.status === 202) return null;
  const said = (await response.json().catch(() => ({}))) as { message?: string };
  return `The desk refused it: ${(said.message ?? `status ${response.status}`).slice(0, 150)}`;
}

/** What the desk says of a request by now; null where it does not answer. */
export async function deskSays(id: string): Promise<DeskSays | null> {
  const response = await ask(`/requests/${id}`, { method: 'GET' });
  if (response === null) return null;
  if (response.status === 404) return { state: 'unknown' };
  const read = answerSchema.safeParse(await response.json().catch(() => null));
  return read.success ? read.data : null;
}
