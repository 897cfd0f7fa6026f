import { Server, type IncomingMessage, type ServerResponse } from 'node:http';

/** Methods that some handler takes. */
export const METHODS: ReadonlySet<string> = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);

/** What a method that no handler takes is answered. */
export const methodRefused = (method: string): { readonly error: { message: string; issues: never[] } } => ({
  error: { message: `${method} is not answered here.`, issues: [] },
});

let set = false;

/** Answers methods that the framework cannot make a request of (TRACE) before it sees them: 405, not a fault of ours. */
export function refuseStrangeMethods(): void {
  if (set) return;
  set = true;
  // eslint-disable-next-line @typescript-eslint/unbound-method -- called below with the server it belongs to
  const emit = Server.prototype.emit as (this: Server, event: string, ...rest: unknown[]) => boolean;
  Server.prototype.emit = function (this: Server, event: string, ...rest: unknown[]): boolean {
    const [request, response] = rest as [IncomingMessage, ServerResponse];
    if (event !== 'request' || METHODS.has(request.method ?? '')) return emit.call(this, event, ...rest);
    request.resume();
    response.writeHead(405, { 'content-type': 'application/json', allow: [...METHODS].join(', ') });
    response.end(JSON.stringify(methodRefused(request.method ?? '')));
    return true;
  } as typeof Server.prototype.emit;
}
