import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import { CoreError } from '@/core/base/errors';
import { Desk, deskRequestSchema } from './desk';

/**
 * The simulated quote desk: a small service on this machine that stands in for the mailboxes of foundries.
 * usage: node desk.mjs PORT [SEED] [LONGEST_WAIT_S]
 *
 *   POST /requests            a request; answered 202, or 400 with why it cannot be read
 *   GET  /requests/ID         {"state":"waiting"} or {"state":"replied", rows of the reply sheet, a letter}; 404 for none
 *   GET  /health              {"simulated":true}
 */
const [port = '3990', seed = 'quillmere', longest = '20'] = process.argv.slice(2);
const BODY_LIMIT = 2_000_000;
const MS = 1000;
const desk = new Desk(seed, Number(longest) * MS, () => Date.now());

function say(response: ServerResponse, status: number, body: object): void {
  response.writeHead(status, { 'content-type': 'application/json; charset=utf-8' });
  response.end(JSON.stringify(body));
}

async function bodyOf(request: IncomingMessage): Promise<unknown> {
  const pieces: Buffer[] = [];
  let size = 0;
  for await (const piece of request as AsyncIterable<Buffer>) {
    size += piece.length;
    if (size > BODY_LIMIT) throw new Error(`at most ${BODY_LIMIT} bytes are wanted`);
    pieces.push(piece);
  }
  return JSON.parse(Buffer.concat(pieces).toString('utf8')) as unknown;
}

async function take(request: IncomingMessage, response: ServerResponse): Promise<void> {
  try {
    const read = deskRequestSchema.safeParse(await bodyOf(request));
    if (!read.success) return say(response, 400, { message: read.error.issues[0]?.message ?? 'a request is wanted' });
    const refusal = desk.take(read.data);
    say(response, refusal === null ? 202 : 400, refusal === null ? { taken: true } : { message: refusal });
  } catch (error) {
    const known = error instanceof CoreError || error instanceof SyntaxError;
    say(response, known ? 400 : 500, { message: error instanceof Error ? error.message : 'it failed' });
  }
}

const server = createServer((request, response) => {
  const path = request.url ?? '';
  if (request.method === 'GET' && path === '/health') return say(response, 200, { simulated: true });
  if (request.method === 'POST' && path === '/requests') return void take(request, response);
  const [, id] = /^\/requests\/([0-9a-f-]{36})$/.exec(path) ?? [];
  const answer = request.method === 'GET' && id !== undefined ? desk.answer(id) : undefined;
  say(response, answer === undefined ? 404 : 200, answer ?? { message: 'No such request.' });
});
const end = (): void => void server.close(() => process.exit(0));
// Who started it may be killed: then there is nobody left to ask.
const starter = process.ppid;
const LOOK_MS = 2000;
setInterval(() => {
  if (process.ppid !== starter) process.exit(0);
}, LOOK_MS).unref();
process.on('SIGTERM', end);
process.on('SIGINT', end);
server.listen(Number(port), '127.0.0.1');
