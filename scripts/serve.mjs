import console from 'node:console';
import { createServer } from 'node:http';
import process from 'node:process';
import next from 'next';
import sirv from 'sirv';

/**
 * Serves the built application: files of the build as they lie compressed on the disk, all else by the framework.
 * usage: node scripts/serve.mjs PORT
 */
const hostname = '127.0.0.1';
const port = Number(process.argv[2]);
/** A connection that is closed after a few seconds may be asked for once more at that very moment, and breaks. */
const KEEP_ALIVE_MS = 120_000;
const STATIC = '/_next/static/';

const application = next({ dev: false, hostname, port });
await application.prepare();
const answer = application.getRequestHandler();
const file = sirv('.next/static', { brotli: true, gzip: true, etag: true, immutable: true, maxAge: 31_536_000 });

const server = createServer((request, response) => {
  const asked = request.url ?? '';
  const isFile = asked.startsWith(STATIC) && (request.method === 'GET' || request.method === 'HEAD');
  if (!isFile) return void answer(request, response);
  response.setHeader('X-Content-Type-Options', 'nosniff');
  request.url = asked.slice(STATIC.length - 1);
  // What is no file of the build is answered by the framework, as it would be without this.
  file(request, response, () => {
    request.url = asked;
    void answer(request, response);
  });
});
server.keepAliveTimeout = KEEP_ALIVE_MS;

/** Answers what is under way, takes nothing more, and ends. */
function end() {
  server.close(() => process.exit(0));
  server.closeIdleConnections();
}
process.on('SIGTERM', end);
process.on('SIGINT', end);
server.on('error', (error) => {
  console.error(error.message);
  process.exit(1);
});
server.listen(port, hostname, () => console.log(`listening on http://${hostname}:${port}`));
